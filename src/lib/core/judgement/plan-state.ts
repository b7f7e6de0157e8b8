import type { CivilDate } from '../calendar';
import { latest, type PersonFile } from './file';
import type { Thing } from './vocabulary';

/** Where one thing of the plan stands. */
export interface ThingState {
	readonly thing: Thing;
	/** When it was last carried out; null where it never was. */
	readonly done: { readonly seq: number; readonly on: CivilDate } | null;
	/** The day since which it no longer stands; null while it does, and where it was never carried out. */
	readonly undone: CivilDate | null;
	readonly stands: boolean;
}

/** The things of the plan, each with what check-ins say of it. */
export function thingStates({ plan, checkIns }: Pick<PersonFile, 'plan' | 'checkIns'>): ThingState[] {
	return (plan?.things ?? []).map(({ thing, done, undone }) => {
		if (done === null) return { thing, done, undone: null, stands: false };
		const named = checkIns.filter((c) => c.undone.includes(thing));
		const since = latest([...named, ...(undone ? [undone] : [])].filter(({ seq }) => seq > done.seq));
		return { thing, done, undone: since?.on ?? null, stands: since === null };
	});
}
