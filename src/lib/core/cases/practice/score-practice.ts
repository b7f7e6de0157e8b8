import type { AssessmentResult } from '../case-assessment/assessment-result';
import { isMoreUrgent, TRIAGE_LEVELS, type TriageLevel } from '../triage/policy';
import type { PracticeCase } from './practice-cases';

/** What a coordinator can do first about a case. */
export const PRACTICE_ACTS = [
	'call-now',
	'refer',
	'call-soon',
	'answer',
	'leave-with-plan',
	'nothing'
] as const;

/** One of {@link PRACTICE_ACTS}. */
export type PracticeAct = (typeof PRACTICE_ACTS)[number];

/** The first act that each level asks for. Common practice, as the rule of each level says it. */
export const ACT_OF_LEVEL: Readonly<Record<TriageLevel, PracticeAct>> = {
	emergency: 'call-now',
	urgent: 'call-now',
	clinician: 'refer',
	soon: 'call-soon',
	help: 'answer',
	home: 'leave-with-plan',
	done: 'nothing'
};

/** What someone answered: the cases in the order in which they would see to them, and the first act on each, by case. */
export interface PracticeAnswer {
	readonly order: readonly number[];
	readonly acts: Readonly<Record<number, PracticeAct>>;
}

/** How one case was answered. */
interface AnsweredCase {
	readonly id: number;
	/** Its place, from 1: as answered, and as the rules have it. */
	readonly place: number;
	readonly rightPlace: number;
	readonly act: PracticeAct | null;
	readonly rightAct: PracticeAct;
	/** A sign for today that was left for later: by the act, or below a case that can wait. */
	readonly isMissed: boolean;
}

/** The result of a round of practice. */
export interface PracticeScore {
	/** Share of pairs of cases with different urgency that stand in the right order, 0 to 1. */
	readonly orderShare: number;
	readonly rightActs: number;
	readonly missed: number;
	readonly cases: readonly AnsweredCase[];
}

/** How urgent a case is, as the day sheet sorts: by level, then by the day to act by. Lower comes first. */
function urgency({ level, actBy }: AssessmentResult): string {
	return `${TRIAGE_LEVELS.indexOf(level)} ${actBy ?? '9999-12-31'}`;
}

/** The cases in the order of the rules; those of equal urgency as they were drawn. */
export const orderByRules = (cases: readonly PracticeCase[]): PracticeCase[] =>
	cases.toSorted((a, b) => {
		const [of, other] = [urgency(a.result), urgency(b.result)];
		return of < other ? -1 : of > other ? 1 : a.id - b.id;
	});

/** For today: whoever waits for it may come to harm. */
const isForToday = ({ level }: AssessmentResult) => isMoreUrgent(level, 'clinician');

/** Compares an answer with the rules. Cost: every pair of cases. */
export function scorePractice(
	cases: readonly PracticeCase[],
	{ order, acts }: PracticeAnswer
): PracticeScore {
	const place = new Map(order.map((id, i) => [id, i + 1]));
	const placeOf = (id: number) => place.get(id) ?? cases.length;
	const right = new Map(orderByRules(cases).map(({ id }, i) => [id, i + 1]));
	let [pairs, inOrder] = [0, 0];
	for (const a of cases)
		for (const b of cases) {
			if (urgency(a.result) >= urgency(b.result)) continue;
			pairs += 1;
			if (placeOf(a.id) < placeOf(b.id)) inOrder += 1;
		}
	const answered = cases.map(({ id, result }): AnsweredCase => {
		const act = acts[id] ?? null;
		const rightAct = ACT_OF_LEVEL[result.level];
		const isBelow = cases.some((other) => !isForToday(other.result) && placeOf(other.id) < placeOf(id));
		return {
			id,
			place: placeOf(id),
			rightPlace: right.get(id) ?? 0,
			act,
			rightAct,
			isMissed: isForToday(result) && (act !== rightAct || isBelow)
		};
	});
	return {
		orderShare: pairs === 0 ? 1 : inOrder / pairs,
		rightActs: answered.filter(({ act, rightAct }) => act === rightAct).length,
		missed: answered.filter(({ isMissed }) => isMissed).length,
		cases: answered.toSorted((a, b) => a.rightPlace - b.rightPlace)
	};
}
