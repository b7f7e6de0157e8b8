import { newThingFields, THING_CHOICES } from '../src/lib/core/questionnaire/answers/household-things';
import { DEMO_PEOPLE } from '../seed/people';
import { NO_SIGNS } from '../seed/profiles';
import { print, quantile, rounded } from './measure';
import { startWithOneLink } from './one-link';

/** Submits of one link at once, and things in its household. */
const [SUBMITS, THINGS] = [14, 40] as const;

/** Rounds of asking before anything is counted. */
const WARM_UP = 20;

/** A household of forty things that all could go somewhere. */
function fullHouse(): Record<string, string> {
	const things = Array.from({ length: THINGS }, (_, i) => {
		const thing = THING_CHOICES[i % THING_CHOICES.length]!;
		return newThingFields(i, { ...thing, label: `${thing.kind} ${i}` }, 'cm');
	});
	return Object.assign({}, ...things) as Record<string, string>;
}

/**
 * One link is submitted many times at once with forty items, each time with different answers, while others request health and the day
 * sheet: their waiting time over HTTP.
 */
export async function benchSubmits(): Promise<void> {
	const { app, cookie, link, stop } = await startWithOneLink();
	const put = (fields: object) =>
		fetch(`${link}/draft`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ fields })
		});
	const waits: Record<'health' | 'day sheet', number[]> = { health: [], 'day sheet': [] };
	let isOver = false;
	async function ask(what: keyof typeof waits, path: string): Promise<void> {
		while (!isOver) {
			const began = performance.now();
			const response = await fetch(`${app.address}${path}`, {
				headers: { cookie }
			});
			await response.arrayBuffer();
			waits[what].push(performance.now() - began);
		}
	}
	try {
		const answers = DEMO_PEOPLE.find(({ name }) => name.startsWith('Mirela'))?.answers ?? {};
		await put({ ...NO_SIGNS, ...answers, ...fullHouse() });
		// A process that has just started compiles what it runs: nothing is counted before.
		for (let i = 0; i < WARM_UP; i += 1)
			for (const path of ['/health', '/desk'])
				await (await fetch(`${app.address}${path}`, { headers: { cookie } })).arrayBuffer();
		const asking = [ask('health', '/health'), ask('day sheet', '/desk')];
		const began = performance.now();
		const statuses = await Promise.all(
			Array.from({ length: SUBMITS }, async (_, i) => {
				await put({ stature: String(158 + i) });
				return (await fetch(`${link}/submit`, { method: 'POST' })).status;
			})
		);
		const seconds = (performance.now() - began) / 1000;
		isOver = true;
		await Promise.all(asking);
		for (const [what, times] of Object.entries(waits)) {
			times.sort((a, b) => a - b);
			print({
				figure: `submits: ${what} while ${SUBMITS} submits of one link with ${THINGS} things are worked out`,
				unit: 'ms',
				runs: times.length,
				p50: rounded(quantile(times, 0.5)),
				p95: rounded(quantile(times, 0.95)),
				max: rounded(times.at(-1) ?? NaN),
				seconds: rounded(seconds),
				statuses: [...new Set(statuses)]
			});
		}
	} finally {
		await stop();
	}
}
