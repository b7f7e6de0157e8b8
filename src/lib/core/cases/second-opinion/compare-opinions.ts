import type { ReasonCode } from '../case-assessment/vocabulary';
import { cohenKappa, type Kappa } from '../../workforce/statistics/cohen-kappa';
import { TRIAGE_LEVELS, type TriageLevel } from '../triage/policy';

/** Cases that two coordinators judge. Our assumption: as many as fit into half an hour. */
export const OPINION_SIZE = 10;

/** Name of the field with the level that a coordinator gives the case at a place. */
export const levelField = (place: number): string => `level.${place}`;

/** From this many cases of one reason on, a level that both gave instead of the rules' is worth talking about. Our assumption. */
const LEAST_FOR_PROPOSAL = 2;

/** A case with what the rules say. */
export interface JudgedByRules {
	readonly level: TriageLevel;
	/** Its first reason; null where there is none. */
	readonly reason: ReasonCode | null;
}

/** A case on which not all three agree. */
interface OpinionDifference {
	/** Its place among the cases, from 0. */
	readonly at: number;
	readonly first: TriageLevel;
	readonly second: TriageLevel;
	readonly rules: TriageLevel;
}

/** Both gave another level than the rules, more than once for the same reason. */
interface PolicyProposal {
	readonly reason: ReasonCode;
	readonly rules: TriageLevel;
	readonly both: TriageLevel;
	readonly cases: number;
}

/** How far two coordinators agree, and where to talk. */
export interface OpinionComparison {
	/** Cases with the same level from both. */
	readonly agreed: number;
	readonly kappa: Kappa;
	readonly differences: readonly OpinionDifference[];
	readonly proposals: readonly PolicyProposal[];
}

/** Compares the levels that two coordinators gave to the same cases, with those of the rules. */
export function compareOpinions(
	cases: readonly JudgedByRules[],
	first: readonly TriageLevel[],
	second: readonly TriageLevel[]
): OpinionComparison {
	const pairs = cases.map((one, at) => ({ ...one, at, first: first[at]!, second: second[at]! }));
	const table = TRIAGE_LEVELS.map((row) =>
		TRIAGE_LEVELS.map((column) => pairs.filter((pair) => pair.first === row && pair.second === column).length)
	);
	const both = pairs.filter((pair) => pair.first === pair.second && pair.first !== pair.level);
	const proposals = new Map<string, PolicyProposal>();
	for (const { reason, level, first: given } of both) {
		if (reason === null) continue;
		const key = `${reason} ${level} ${given}`;
		const known = proposals.get(key);
		proposals.set(key, { reason, rules: level, both: given, cases: (known?.cases ?? 0) + 1 });
	}
	return {
		agreed: pairs.filter((pair) => pair.first === pair.second).length,
		kappa: cohenKappa(table),
		differences: pairs
			.filter((pair) => pair.first !== pair.second || pair.first !== pair.level)
			.map(({ at, level, ...given }) => ({ at, first: given.first, second: given.second, rules: level })),
		proposals: [...proposals.values()].filter((proposal) => proposal.cases >= LEAST_FOR_PROPOSAL)
	};
}

/**
 * Chooses cases of as many levels as there are: one of each in turn, so that two coordinators don't agree merely because all are alike.
 * @param random from 0 up to, but without, 1
 */
export function spreadOverLevels<T extends { readonly level: TriageLevel }>(
	cases: readonly T[],
	most: number,
	random: () => number
): T[] {
	const byLevel = TRIAGE_LEVELS.map((level) => cases.filter((one) => one.level === level));
	const chosen: T[] = [];
	while (chosen.length < most && byLevel.some((left) => left.length > 0))
		for (const left of byLevel) {
			if (left.length === 0 || chosen.length >= most) continue;
			const [one] = left.splice(Math.floor(random() * left.length), 1);
			if (one) chosen.push(one);
		}
	// In no order that tells the level.
	return chosen
		.map((one) => ({ one, at: random() }))
		.sort((a, b) => a.at - b.at)
		.map(({ one }) => one);
}
