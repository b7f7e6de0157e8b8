import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
import { LENGTH_FIELDS } from '$lib/core/questionnaire/answers/fields';
import type { Checklist } from '$lib/core/questionnaire/checklist/checklist';
import type { Facts } from '$lib/core/plan/conditions/facts';
import type { SharedSessionEntry } from '$lib/core/questionnaire/shared-session/shared-session';
import type { Catalogue } from '$lib/messages/shapes';
import { checklistTextsFor, type ItemTexts } from '$lib/messages/checklist';
import type { ItemId } from '$lib/core/questionnaire/checklist/item-ids';
import { wordsFor, type WordsByFacts } from '$lib/messages/words-by-facts';
import type { SharedSessionTexts } from '$lib/messages/shared-session';

/** What was entered, in words. */
export interface EntryWords {
	readonly name: string;
	readonly value: string;
}

export interface EntryContext {
	readonly checklist: Checklist;
	readonly facts: Facts;
	readonly t: Catalogue;
	readonly texts: SharedSessionTexts;
}

const has = <T extends object>(of: T, key: string): key is Extract<keyof T, string> => Object.hasOwn(of, key);

/** The name of an answer and what was entered; null for what only belongs to another answer, such as that it can't be measured. */
export function entryWords(
	{ field, text, unit }: Pick<SharedSessionEntry, 'field' | 'text' | 'unit'>,
	{ checklist, facts, t, texts }: EntryContext
): EntryWords | null {
	const value = text.trim() === '' ? texts.cleared : null;
	if (has(LENGTH_FIELDS, field)) return { name: t.fields[field], value: value ?? `${text} ${unit}` };
	if (has(t.options, field) && has(t.fields, field)) {
		const options = t.options[field] as Readonly<Record<string, string>>;
		return { name: t.fields[field], value: value ?? options[text] ?? text };
	}
	const item = checklist.items.find(({ id }) => checklistField(id) === field);
	if (!item) return null;
	const words = checklistTextsFor(t.locale, checklist.own).items[item.id as ItemId] as ItemTexts<ItemId>;
	const given = (words.answers as Readonly<Record<string, WordsByFacts>>)[text] ?? text;
	return { name: wordsFor(words.question, facts), value: value ?? wordsFor(given, facts) };
}
