import { ownWordsIn, type OwnItemWords, type OwnParts } from '../core/questionnaire/checklist/own-parts';
import type { FindingId } from '../core/questionnaire/checklist/findings';
import { checklistEn } from './en/questionnaire/checklist';
import { packed } from './language-packs';
import { languageOf } from './languages';
import type { ChecklistTexts } from './shapes';

type ItemWords = ChecklistTexts['items'][keyof ChecklistTexts['items']];

/** The organisation's words of a question, where it has any, in front of the shipped ones. */
function itemWords(own: OwnItemWords, shipped: ItemWords | undefined): ItemWords {
	const given = Object.entries(own.answers).filter(([, words]) => words !== '');
	return {
		question: own.question || (shipped?.question ?? ''),
		why: own.why || (shipped?.why ?? ''),
		look: own.look || (shipped?.look ?? ''),
		answers: { ...shipped?.answers, ...Object.fromEntries(given) }
	} as ItemWords;
}

/**
 * The checklist's texts in a language; English where there are none. A file of their own, so that pages without questions don't load them.
 * @param own what the organisation has added to the checklist, or says in its own words
 */
export function checklistTextsFor(locale: string, own?: OwnParts): ChecklistTexts {
	const texts = packed('checklist', locale) ?? checklistEn;
	const words = own && ownWordsIn(own, languageOf(locale));
	if (!words) return texts;
	const shipped: Readonly<Record<string, ItemWords | undefined>> = texts.items;
	const items = Object.entries(words.items).flatMap(([id, one]) =>
		one ? [[id, itemWords(one, shipped[id])] as const] : []
	);
	const findings = Object.entries(words.findings).flatMap(([id, one]) => (one ? [[id, one.name]] : []));
	return {
		...texts,
		items: { ...texts.items, ...Object.fromEntries(items) },
		findings: { ...texts.findings, ...Object.fromEntries(findings) }
	};
}

/** The name of a problem; its id where nobody has given it one. */
export const findingName = (texts: ChecklistTexts, id: FindingId): string => texts.findings[id] ?? id;

/** What the organisation says about fixing a problem that it has added; empty where it says nothing of its own. */
export const ownFixWords = (id: string, locale: string, own?: OwnParts): string =>
	(own && ownWordsIn(own, languageOf(locale))?.findings[id]?.fix) ?? '';

export type { ChecklistTexts } from './shapes';
export type { ItemTexts } from './en/questionnaire/questions';
