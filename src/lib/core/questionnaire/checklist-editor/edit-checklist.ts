import { checklistOf } from '../checklist/checklist';
import { isSafetyItem } from '../checklist/item';
import {
	type ChecklistDocument,
	type OwnFinding,
	CHECKLIST_FORMAT,
	type OwnItem
} from '../checklist/own-checklist';
import type { ChecklistStation } from '../checklist/stations';
import type { OwnFindingWords, OwnItemWords, OwnWords } from '../checklist/own-parts';
import { isOwnId, numberOfOwnId, ownId, stationOfOwnId, type OwnId } from '../checklist/own-ids';

/** Words of one thing, by language. */
export type ByLanguage<T> = Readonly<Record<string, T>>;

/** A checklist as the software comes, to start from. */
export function unchangedChecklist(version: number): ChecklistDocument {
	return {
		format: CHECKLIST_FORMAT,
		basedOn: version,
		numbers: 0,
		order: (checklistOf(version)?.items ?? []).map(({ id }) => id),
		items: [],
		findings: [],
		words: {}
	};
}

const NO_WORDS: OwnWords = { items: {}, findings: {} };

/** The questions of the software's version that the document starts from. */
export const shippedItems = ({ basedOn }: Pick<ChecklistDocument, 'basedOn'>) =>
	checklistOf(basedOn)?.items ?? [];

/** The station of a question; null where there is no such question. */
export const stationOfItem = (document: ChecklistDocument, id: string): ChecklistStation | null =>
	stationOfOwnId(id) ?? shippedItems(document).find((item) => item.id === id)?.station ?? null;

/** Questions that are left out, in their usual order. */
export const leftOutItems = (document: ChecklistDocument): string[] =>
	shippedItems(document).flatMap(({ id }) => (document.order.includes(id) ? [] : [id]));

/** Sets the words of one thing in each language. */
function withWords<K extends 'items' | 'findings'>(
	document: ChecklistDocument,
	kind: K,
	id: string,
	words: ByLanguage<NonNullable<OwnWords[K][string]>> | null
): ChecklistDocument {
	const languages = [...new Set([...Object.keys(document.words), ...Object.keys(words ?? {})])];
	const changed = languages.map((language): [string, OwnWords] => {
		const before = document.words[language] ?? NO_WORDS;
		const { [id]: _old, ...others } = before[kind];
		const mine = words?.[language];
		return [language, { ...before, [kind]: mine ? { ...others, [id]: mine } : others }];
	});
	const isUsed = ([, { items, findings }]: [string, OwnWords]) =>
		Object.keys(items).length + Object.keys(findings).length > 0;
	return { ...document, words: Object.fromEntries(changed.filter(isUsed)) };
}

/** Whether words say anything. */
const saysAnything = ({ question, why, look, answers }: OwnItemWords) =>
	[question, why, look, ...Object.values(answers)].some((words) => words !== '');

/** Words a shipped question in the organisation's own way; what is empty stays as it comes. */
export function rewordItem(
	document: ChecklistDocument,
	id: string,
	words: ByLanguage<OwnItemWords>
): ChecklistDocument {
	if (!shippedItems(document).some((item) => item.id === id)) return document;
	const said = Object.entries(words).filter(([, one]) => saysAnything(one));
	return withWords(document, 'items', id, Object.fromEntries(said));
}

/** A new id for something that is added, with the document that remembers its number. */
export function withNextId(
	document: ChecklistDocument,
	station: ChecklistStation,
	isSafety: boolean
): { readonly document: ChecklistDocument; readonly id: OwnId } {
	const numbers = document.numbers + 1;
	return { document: { ...document, numbers }, id: ownId(station, numbers, isSafety) };
}

/** Adds a question at the end of its station, or changes one that was added. */
export function saveItem(
	document: ChecklistDocument,
	item: OwnItem,
	words: ByLanguage<OwnItemWords>
): ChecklistDocument {
	const isNew = !document.items.some(({ id }) => id === item.id);
	const kept = { ...item, station: stationOfOwnId(item.id) ?? item.station };
	return withWords(
		{
			...document,
			items: isNew
				? [...document.items, kept]
				: document.items.map((one) => (one.id === item.id ? kept : one)),
			order: isNew ? [...document.order, item.id] : document.order
		},
		'items',
		item.id,
		words
	);
}

/** Adds a problem, or changes one that was added. */
export function saveFinding(
	document: ChecklistDocument,
	finding: OwnFinding,
	words: ByLanguage<OwnFindingWords>
): ChecklistDocument {
	const isNew = !document.findings.some(({ id }) => id === finding.id);
	const findings = isNew
		? [...document.findings, finding]
		: document.findings.map((one) => (one.id === finding.id ? finding : one));
	return withWords({ ...document, findings }, 'findings', finding.id, words);
}

/** Whether a question may be left out: safety is always asked. */
export function mayBeLeftOut(document: ChecklistDocument, id: string): boolean {
	const item = shippedItems(document).find((one) => one.id === id);
	return item !== undefined && !isSafetyItem(item);
}

/** Leaves a shipped question out, or takes out one that was added. */
export function removeItem(document: ChecklistDocument, id: string): ChecklistDocument {
	const order = document.order.filter((one) => one !== id);
	if (!isOwnId(id)) return mayBeLeftOut(document, id) ? { ...document, order } : document;
	const items = document.items.filter((one) => one.id !== id);
	return withWords({ ...document, order, items }, 'items', id, null);
}

/** Asks a question again that was left out, in its usual place. */
export function takeItemIn(document: ChecklistDocument, id: string): ChecklistDocument {
	const shipped = shippedItems(document).map((item) => item.id);
	const at = shipped.indexOf(id);
	if (at < 0 || document.order.includes(id)) return document;
	const before = shipped.slice(0, at).findLast((one) => document.order.includes(one));
	const place = before === undefined ? 0 : document.order.indexOf(before) + 1;
	return { ...document, order: document.order.toSpliced(place, 0, id) };
}

/** Takes out a problem that was added; answers that lead to it are named by `checklistFaults`. */
export function removeFinding(document: ChecklistDocument, id: string): ChecklistDocument {
	const findings = document.findings.filter((one) => one.id !== id);
	return withWords({ ...document, findings }, 'findings', id, null);
}

/**
 * Moves a question within its station.
 * @param to its new place among the questions of the station, from 0 on; kept within them
 */
export function moveItem(document: ChecklistDocument, id: string, to: number): ChecklistDocument {
	const station = stationOfItem(document, id);
	if (!station || !document.order.includes(id)) return document;
	const others = document.order.filter((one) => one !== id);
	const here = others.filter((one) => stationOfItem(document, one) === station);
	const next = here[Math.max(0, to)];
	const last = here.at(-1);
	const place = next ? others.indexOf(next) : last ? others.indexOf(last) + 1 : others.length;
	return { ...document, order: others.toSpliced(place, 0, id) };
}

/**
 * The document of another installation, with numbers that are free here: what was added there must not be taken for something that was
 * added here under the same number.
 */
export function renumbered(document: ChecklistDocument, above: number): ChecklistDocument {
	const own = [...document.items, ...document.findings].map(({ id }) => id);
	const numbers = [...new Set(own.map(numberOfOwnId))].sort((a, b) => a - b);
	const to = (id: string): string => {
		const station = stationOfOwnId(id);
		if (!station) return id;
		return ownId(station, above + 1 + numbers.indexOf(numberOfOwnId(id)), id.endsWith('-safety'));
	};
	const keys = <T>(of: Readonly<Record<string, T>>) =>
		Object.fromEntries(Object.entries(of).map(([id, one]) => [to(id), one]));
	return {
		...document,
		numbers: above + numbers.length,
		order: document.order.map(to),
		items: document.items.map((item) => ({
			...item,
			id: to(item.id) as OwnId,
			when: item.when.map(({ of, isOneOf }) => ({
				of: of.startsWith('item:') ? (`item:${to(of.slice('item:'.length))}` as const) : of,
				isOneOf
			})),
			answers: item.answers.map(({ id, finding }) => ({
				id,
				finding: finding && (to(finding) as typeof finding)
			}))
		})),
		findings: document.findings.map((finding) => ({ ...finding, id: to(finding.id) as OwnId })),
		words: Object.fromEntries(
			Object.entries(document.words).map(([language, { items, findings }]) => [
				language,
				{
					items: keys(items as Record<string, OwnItemWords>),
					findings: keys(findings as Record<string, OwnFindingWords>)
				}
			])
		)
	};
}
