import type { Facts } from '../../plan/conditions/facts';
import { askedItems, type Checklist, type ChecklistAnswers } from './checklist';
import type { FindingId } from './findings';
import type { ItemId } from './item-ids';

/** A question about a habit: the answers of someone who has it, and of someone who hasn't. */
interface HabitQuestion {
	readonly item: ItemId;
	readonly so: string;
	readonly notSo: string;
}

/**
 * What everyone is told, whatever they were asked: six habits that make a difference at every desk. Common practice. A habit refers to the
 * first of its questions that applies to this person; where none applies, it is told without being asked.
 */
export const HABITS = {
	'screen-distance': [{ item: 'read-sitting-back', so: 'easily', notSo: 'lean-in' }],
	'mouse-close': [{ item: 'mouse-place', so: 'beside-the-keys', notSo: 'arm-stretched' }],
	'straight-wrists': [{ item: 'wrist', so: 'straight', notSo: 'up' }],
	'light-from-the-side': [{ item: 'reflections', so: 'none', notSo: 'some' }],
	'phone-in-hand': [{ item: 'phone', so: 'headset-or-loudspeaker', notSo: 'between-ear-and-shoulder' }],
	'up-and-about': [
		{ item: 'get-up', so: 'every-half-hour', notSo: 'seldom' },
		{ item: 'weight-shift', so: 'every-half-hour', notSo: 'seldom' }
	]
} as const satisfies Record<string, readonly HabitQuestion[]>;

/** Id of a habit. */
export type HabitId = keyof typeof HABITS;

/** Every habit, in the order in which it is told. */
export const HABIT_IDS = Object.keys(HABITS) as readonly HabitId[];

/** A habit with what this person answered. */
export interface Habit {
	readonly id: HabitId;
	/** The question about it; null where none applies to this person. */
	readonly question: HabitQuestion | null;
	/** Whether they have it; null where unanswered. */
	readonly isSo: boolean | null;
	/** The finding where they don't; null for none. */
	readonly finding: FindingId | null;
}

/** The habits of a person, as far as answered. */
export function habitsOf(checklist: Checklist, facts: Facts, answers: ChecklistAnswers): Habit[] {
	const asked = askedItems(checklist, facts, answers);
	return HABIT_IDS.map((id): Habit => {
		const questions: readonly HabitQuestion[] = HABITS[id];
		const question = questions.find(({ item }) => asked.some((one) => one.id === item)) ?? null;
		const item = asked.find((one) => one.id === question?.item);
		const answer = item?.answers.find((one) => one.id === answers[item.id]);
		const finding = answer?.finding ?? null;
		const isSo = finding ? false : answer && answer.id === question?.so ? true : null;
		return { id, question, isSo, finding };
	});
}
