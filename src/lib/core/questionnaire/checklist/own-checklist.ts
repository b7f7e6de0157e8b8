import { checklistOf, type Checklist } from './checklist';
import type { ChecklistItem } from './item';
import type { OwnId } from './own-ids';
import type { OwnFindingRule, OwnParts, OwnWords } from './own-parts';
import { CHECKLIST_STATIONS } from './stations';

/** Name of the format in which a checklist goes from one installation to another. */
export const CHECKLIST_FORMAT = 'easy-corner.checklist/1';

/** Versions up to this one are the software's; an organisation's own are counted from here. */
const OWN_FROM = 1000;

/** The number of an organisation's version, as people read it; null for the software's versions. */
export const ownChecklistNumber = (version: number): number | null =>
	version > OWN_FROM ? version - OWN_FROM : null;

/** The version of a number that people read. */
export const ownChecklistVersion = (number: number): number => OWN_FROM + number;

/** A question that an organisation has added; its words stand under each language. */
export interface OwnItem extends ChecklistItem {
	readonly id: OwnId;
	readonly isForAll: boolean;
	readonly seconds: number;
}

/** A problem that an organisation has added; its words stand under each language. */
export interface OwnFinding extends OwnFindingRule {
	readonly id: OwnId;
}

/**
 * A checklist as an organisation has it: a version that the software comes with, with questions left out, added, in another order or in
 * other words. Published, it never changes, so that answers keep their question.
 */
export interface ChecklistDocument {
	readonly format: typeof CHECKLIST_FORMAT;
	/** The version of the software's checklist that it starts from. */
	readonly basedOn: number;
	/** The highest number given to something added, so that none is given twice. */
	readonly numbers: number;
	/** Every question that is asked, shipped or added, in order. */
	readonly order: readonly string[];
	readonly items: readonly OwnItem[];
	readonly findings: readonly OwnFinding[];
	/** By language, as a BCP 47 tag. */
	readonly words: Readonly<Record<string, OwnWords>>;
}

/** The checklist that a document describes: station by station, and within one in the document's order. */
export function makeOwnChecklist(document: ChecklistDocument, version: number): Checklist {
	const known = [...(checklistOf(document.basedOn)?.items ?? []), ...document.items];
	const listed = document.order.flatMap((id) => known.find((item) => item.id === id) ?? []);
	const own: OwnParts = {
		findings: Object.fromEntries(document.findings.map(({ id, ...rule }) => [id, rule])),
		words: document.words
	};
	return {
		version,
		items: CHECKLIST_STATIONS.flatMap((station) => listed.filter((item) => item.station === station)),
		own
	};
}

/**
 * The checklist of a version; without questions where it is unknown.
 * @param own the document, where the version is an organisation's
 */
export function checklistFrom(version: number, own: ChecklistDocument | null): Checklist {
	return own ? makeOwnChecklist(own, version) : (checklistOf(version) ?? { version, items: [] });
}

/** The document with the words of one language only: what a page needs. */
export function wordsOnlyIn(document: ChecklistDocument, language: string): ChecklistDocument {
	const words = document.words[language];
	const [first] = Object.entries(document.words);
	return { ...document, words: words ? { [language]: words } : first ? { [first[0]]: first[1] } : {} };
}
