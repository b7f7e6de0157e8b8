import type { FactName, Facts } from '../../plan/conditions/facts';
import type { ChecklistItem, Condition } from './item';
import { ITEMS_1 } from './items-1';
import { ITEMS_2 } from './items-2';
import { ITEMS_3 } from './items-3';
import type { OwnParts } from './own-parts';

/**
 * A version of the checklist. A version once sent never changes, so that answers keep their question; a change is a new version beside the
 * old ones.
 */
export interface Checklist {
	readonly version: number;
	readonly items: readonly ChecklistItem[];
	/** What an organisation has added or says in its own words; left out where it is as the software comes. */
	readonly own?: OwnParts;
}

/** Every version ever sent. */
export const CHECKLIST_VERSIONS: readonly [Checklist, ...Checklist[]] = [
	{ version: 1, items: ITEMS_1 },
	{ version: 2, items: ITEMS_2 },
	{ version: 3, items: ITEMS_3 }
];

/** The newest of some versions. */
export function newestChecklist<T extends { readonly version: number }>(versions: readonly [T, ...T[]]): T {
	return versions.reduce((newest, one) => (one.version > newest.version ? one : newest));
}

/** A version of the checklist; null where there is no such number. */
export function checklistOf(version: number): Checklist | null {
	return CHECKLIST_VERSIONS.find((checklist) => checklist.version === version) ?? null;
}

/** The answers so far, by question. */
export type ChecklistAnswers = Readonly<Partial<Record<string, string>>>;

function holds({ of, isOneOf }: Condition, facts: Facts, answers: ChecklistAnswers): boolean {
	const value = of.startsWith('item:') ? answers[of.slice('item:'.length)] : facts[of as FactName];
	return value !== undefined && isOneOf.includes(value);
}

/** The questions this person is asked, given the answers so far, in order. */
export function askedItems({ items }: Checklist, facts: Facts, answers: ChecklistAnswers): ChecklistItem[] {
	// A question hidden by an earlier answer must not open others through an old answer to it.
	const asked: ChecklistItem[] = [];
	const heard: Record<string, string> = {};
	for (const item of items) {
		if (!item.when.every((condition) => holds(condition, facts, heard))) continue;
		asked.push(item);
		const answer = answers[item.id];
		if (answer !== undefined) heard[item.id] = answer;
	}
	return asked;
}
