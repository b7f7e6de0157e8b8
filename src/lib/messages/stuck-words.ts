import type { StuckLocation } from '../core/questionnaire/answers/stuck-location';
import type { ItemId } from '../core/questionnaire/checklist/item-ids';
import type { OwnParts } from '../core/questionnaire/checklist/own-parts';
import { checklistTextsFor } from './checklist';
import type { Catalogue } from './shapes';
import { wordsFor } from './words-by-facts';
import type { Facts } from '../core/plan/conditions/facts';

/** Where someone is stuck, in words: the page, and the question as they saw it. */
export function stuckWords(
	{ page, question }: StuckLocation,
	facts: Facts,
	t: Catalogue,
	own?: OwnParts
): string {
	const title = page === 'plan' ? t.stuck.plan : t.pages[page].title;
	if (question.startsWith('check.')) {
		const item = checklistTextsFor(t.locale, own).items[question.slice('check.'.length) as ItemId];
		return item ? `${title} – ${wordsFor(item.question, facts)}` : title;
	}
	if (question.startsWith('tick.')) {
		const place = question.slice('tick.'.length) as keyof typeof t.steps.places;
		return `${title} – ${t.steps.places[place]}`;
	}
	const words = t.fields[question as keyof typeof t.fields] as string | undefined;
	return words ? `${title} – ${words}` : title;
}
