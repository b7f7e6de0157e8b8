import type { Advice } from '../../core/advice';
import { findingOfCheck } from '../../core/checklist';
import type { RegionReport, Sign } from '../../core/discomfort';
import { DEFAULT_POLICY, LEVELS, triage, type CaseFacts, type Reason } from '../../core/triage';

/** What is known when a case is judged. */
export interface Known {
	readonly signs: readonly Sign[];
	readonly discomfort: readonly RegionReport[];
	/** Null as long as the answers are not finished: then only the signs can speak. */
	readonly advice: Pick<Advice, 'before' | 'plans'> | null;
	readonly requests: CaseFacts['requests'];
}

/** How soon the coordinator is needed, as lists keep it. */
export interface Judgement {
	/** Place in the order of levels, 0 is now. */
	readonly levelRank: number;
	readonly reasons: Reason[];
}

/** Judges a case by the policy's rules. */
export function judge({ signs, discomfort, advice, requests }: Known): Judgement {
	const best = advice?.plans[0];
	const off = new Set(best?.after.filter((c) => c.verdict === 'off').map(({ id }) => id));
	const isOpen = advice?.before.some(({ verdict }) => verdict !== 'fits') ?? false;
	const { level, reasons } = triage(
		{
			signs,
			discomfort,
			unclosable: (best?.open ?? [])
				.filter(({ id }) => off.has(id))
				.flatMap(({ id, side }) => findingOfCheck(id, side) ?? []),
			requests,
			hasOpenPlan: isOpen && (best?.cost.pieces ?? 0) > 0,
			afterPlan: null
		},
		DEFAULT_POLICY
	);
	return { levelRank: LEVELS.indexOf(level), reasons: [...reasons] };
}
