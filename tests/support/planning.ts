import type { Corner } from '$lib/core/workstation/corner/corner';
import { plannerHere as solveHere, type Planner } from '$lib/server/plan/planning/planning';

/** Remembers what was worked out of a document: tests answer with the same few corners over and over. */
function remembered<T>(work: (of: T) => unknown): (of: T) => unknown {
	const known = new Map<string, unknown>();
	return (of) => {
		const key = JSON.stringify(of);
		if (!known.has(key)) known.set(key, work(of));
		// A copy each: nobody changes what others are given.
		return Promise.resolve(known.get(key)).then(structuredClone);
	};
}

/** Plans solved in this thread, each corner once. */
export const planHere: Planner = {
	...solveHere,
	advise: remembered(solveHere.advise) as Planner['advise'],
	share: remembered((spots: readonly Corner[]) => solveHere.share(spots)) as Planner['share']
};
