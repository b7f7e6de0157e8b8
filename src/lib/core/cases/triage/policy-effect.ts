import { wilson } from '../../workforce/statistics/wilson';
import type { TriageLevel } from './policy';

/** What new settings would do to one person's case. */
export interface PolicyEffect {
	readonly from: TriageLevel;
	readonly to: TriageLevel;
	/** Whether the day to act by, the next check-in or the next self-assessment would be another. */
	readonly hasOtherDay: boolean;
	/** Whether the next check-in or self-assessment would be sooner: its email waits for a coordinator. */
	readonly isAskedSooner: boolean;
}

/** A count over everyone: exact where everyone was looked at, otherwise an estimate with its 95 % interval. */
export interface CountOverAll {
	readonly n: number;
	readonly low: number;
	readonly high: number;
}

/** How many people change from one level to another. */
interface LevelMove extends CountOverAll {
	readonly from: TriageLevel;
	readonly to: TriageLevel;
}

/** What new settings would do to everyone. */
export interface PolicyEffects {
	/** How many cases were looked at, of how many. */
	readonly looked: number;
	readonly of: number;
	/** The most frequent first; empty where nobody changes level. */
	readonly moves: readonly LevelMove[];
	readonly otherDays: CountOverAll;
	readonly askedSooner: CountOverAll;
}

/**
 * Sums up the effects of new settings.
 * @param effects of cases drawn at random, or of all of them
 * @param of the number of all cases, at least that of the effects
 */
export function sumPolicyEffects(effects: readonly PolicyEffect[], of: number): PolicyEffects {
	const looked = effects.length;
	const over = (n: number): CountOverAll => {
		if (looked === 0 || looked >= of) return { n, low: n, high: n };
		const { share, low, high } = wilson(n, looked);
		// What was seen is certain: the interval is about the rest.
		const rest = of - looked;
		return { n: Math.round(share * of), low: n + Math.floor(low * rest), high: n + Math.ceil(high * rest) };
	};
	const moves = new Map<string, { from: TriageLevel; to: TriageLevel; n: number }>();
	for (const { from, to } of effects) {
		if (from === to) continue;
		const key = `${from} ${to}`;
		const move = moves.get(key) ?? { from, to, n: 0 };
		moves.set(key, { ...move, n: move.n + 1 });
	}
	return {
		looked,
		of,
		moves: [...moves.values()].sort((a, b) => b.n - a.n).map(({ from, to, n }) => ({ from, to, ...over(n) })),
		otherDays: over(effects.filter(({ hasOtherDay }) => hasOtherDay).length),
		askedSooner: over(effects.filter(({ isAskedSooner }) => isAskedSooner).length)
	};
}
