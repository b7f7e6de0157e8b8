import { crashRun } from '../tests/support/crash-run';
import { print, quantile } from './measure';

const KILLS = 20;

/** Kills the program and its database twenty times while people write: what was lost, what came twice, how soon it goes on. */
export async function benchCrash(): Promise<void> {
	const { recoveryMs, lost, lettersNotOnce, ...found } = await crashRun(KILLS);
	const sorted = [...recoveryMs].sort((a, b) => a - b);
	print({
		figure: 'crash: kill -9 of the program and of PostgreSQL in turn, under load',
		...found,
		lost: lost.length,
		lettersNotOnce: lettersNotOnce.length,
		firstGoodAnswerMs: { p50: quantile(sorted, 0.5), max: sorted.at(-1) ?? NaN }
	});
}
