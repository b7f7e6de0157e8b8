import type { FactName } from '../../plan/conditions/facts';
import type { FindingId } from './findings';
import { isOwnId, isOwnSafetyId } from './own-ids';
import type { ChecklistStation } from './stations';

/** A question is asked if each of its conditions is met: a fact, or an earlier answer, is one of these. */
export interface Condition {
	readonly of: FactName | `item:${string}`;
	readonly isOneOf: readonly string[];
}

/** An answer option, and the finding it gives. */
interface AnswerOption {
	readonly id: string;
	/** Null where the answer is fine. */
	readonly finding: FindingId | null;
}

/** One checklist question; its wording is in the message catalogue. */
export interface ChecklistItem {
	readonly id: string;
	readonly station: ChecklistStation;
	readonly when: readonly Condition[];
	readonly answers: readonly AnswerOption[];
	/** Whether everyone it applies to is asked it, in the short version too; by its value if left out. */
	readonly isForAll?: boolean;
	/** Time it takes, s; the usual time of a question if left out. */
	readonly seconds?: number;
}

/** Safety questions of the station *spot*; in the station *safety* every question is one, except wiping the keys. */
const SAFETY_OF_THE_SPOT: readonly string[] = ['walkway', 'socket'];

/** Whether a question is about safety: everyone is asked it, every time. */
export function isSafetyItem({ id, station }: Pick<ChecklistItem, 'id' | 'station'>): boolean {
	if (isOwnId(id)) return isOwnSafetyId(id);
	return station === 'safety' ? id !== 'wiped' : SAFETY_OF_THE_SPOT.includes(id);
}

type Answers = Readonly<Record<string, FindingId | null>>;

/**
 * Makes a question.
 * @param when the facts and earlier answers on which it is asked
 */
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
