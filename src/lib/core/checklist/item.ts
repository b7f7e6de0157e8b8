import type { FactName } from '../conditions';
import type { FindingId } from './findings';
import type { ChecklistStation } from './stations';

/** A question is asked where every one of its conditions holds: a fact, or an answer given before, is one of these. */
export interface Condition {
	readonly of: FactName | `item:${string}`;
	readonly isOneOf: readonly string[];
}

/** One answer, and what it finds. */
export interface AnswerOption {
	readonly id: string;
	/** Null where the answer is fine. */
	readonly finding: FindingId | null;
}

/** One question of the checklist; its words are the catalogue's. */
export interface ChecklistItem {
	readonly id: string;
	readonly station: ChecklistStation;
	readonly when: readonly Condition[];
	readonly answers: readonly AnswerOption[];
}

/** Questions of the spot that are about safety; those of the station of that name are all, but for wiping the keys. */
const SAFETY_OF_THE_SPOT: readonly string[] = ['walkway', 'socket'];

/** Whether a question is about safety: it is asked of everybody, each time. */
export function isSafetyItem({ id, station }: Pick<ChecklistItem, 'id' | 'station'>): boolean {
	return station === 'safety' ? id !== 'wiped' : SAFETY_OF_THE_SPOT.includes(id);
}

type Answers = Readonly<Record<string, FindingId | null>>;

/** One question. @param when the facts and earlier answers that it is asked by */
export function checklistItem<const Id extends string, const A extends Answers>(
	station: ChecklistStation,
	id: Id,
	answers: A,
	when: Readonly<Partial<Record<Condition['of'], readonly string[]>>> = {}
) {
	return {
		id,
		station,
		when: Object.entries(when).map(([of, isOneOf]): Condition => ({
			of: of as Condition['of'],
			isOneOf: isOneOf ?? []
		})),
		answers: Object.entries(answers).map(([name, finding]) => ({
			id: name as Extract<keyof A, string>,
			finding
		}))
	};
}
