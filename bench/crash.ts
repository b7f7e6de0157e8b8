import { crashRun } from '../tests/support/crash-run';
import { print, quantile } from './measure';

/** Kills with a number of processes behind a proxy. */
const RUNS = [
	{ kills: 20, processes: 1 },
	{ kills: 12, processes: 2 }
] as const;

/** Kills the application and its database repeatedly while people write: what was lost or duplicated, and how soon it recovers. */
export async function benchCrash(): Promise<void> {
	for (const { kills, processes } of RUNS) await bench(kills, processes);
}

async function bench(kills: number, processes: number): Promise<void> {
	const { recoveryMs, lost, lettersNotOnce, ...found } = await crashRun(kills, processes);
	const sorted = [...recoveryMs].sort((a, b) => a - b);
	print({
		figure: 'crash: kill -9 of the program and of PostgreSQL in turn, under load',
		processes,
		...found,
		lost: lost.length,
		lettersNotOnce: lettersNotOnce.length,
		firstGoodAnswerMs: { p50: quantile(sorted, 0.5), max: sorted.at(-1) ?? NaN }
	});
}
