import { isOwnId } from '../checklist/own-ids';
import { isSafetyItem, type ChecklistItem } from '../checklist/item';
import { makeOwnChecklist, type ChecklistDocument, type OwnItem } from '../checklist/own-checklist';
import { OWN_ANSWERS, SECONDS_FOR_ALL } from './checklist-limits';
import { CONDITION_FACTS } from './conditions';
import { shippedItems } from './edit-checklist';

/** What keeps a checklist from being published, as data. */
export interface ChecklistFault {
	readonly code:
		| 'no-question'
		| 'no-why'
		| 'no-answer-words'
		| 'same-answers'
		| 'few-answers'
		| 'leads-nowhere'
		| 'unknown-finding'
		| 'unknown-condition'
		| 'later-condition'
		| 'empty-condition'
		| 'needs-left-out'
		| 'safety-left-out'
		| 'no-name'
		| 'no-fix'
		| 'unused-finding'
		| 'too-long-for-all';
	/** The question or problem at fault; empty for the whole checklist. */
	readonly of: string;
	/** The language that lacks the words; empty where none does. */
	readonly language: string;
	/** What else it is about: an answer, or another question; empty for nothing. */
	readonly about: string;
}

const fault = (
	code: ChecklistFault['code'],
	of: string,
	{ language = '', about = '' } = {}
): ChecklistFault => ({
	code,
	of,
	language,
	about
});

/** Missing words of a question, in the languages that people read. */
function wordFaults(
	document: ChecklistDocument,
	item: OwnItem,
	languages: readonly string[]
): ChecklistFault[] {
	return languages.flatMap((language): ChecklistFault[] => {
		const words = document.words[language]?.items[item.id];
		const answers = item.answers.map(({ id }) => words?.answers[id]?.trim() ?? '');
		const empty = item.answers.find((_, i) => answers[i] === '');
		return [
			...(words?.question.trim() ? [] : [fault('no-question', item.id, { language })]),
			...(words?.why.trim() ? [] : [fault('no-why', item.id, { language })]),
			...(empty ? [fault('no-answer-words', item.id, { language, about: empty.id })] : []),
			...(!empty && new Set(answers).size < answers.length
				? [fault('same-answers', item.id, { language })]
				: [])
		];
	});
}

function answerFaults(document: ChecklistDocument, item: OwnItem): ChecklistFault[] {
	const unknown = item.answers.find(
		({ finding }) => finding && isOwnId(finding) && !document.findings.some(({ id }) => id === finding)
	);
	return [
		...(item.answers.length < OWN_ANSWERS.fewest ? [fault('few-answers', item.id)] : []),
		...(item.answers.every(({ finding }) => finding === null) ? [fault('leads-nowhere', item.id)] : []),
		...(unknown ? [fault('unknown-finding', item.id, { about: unknown.id })] : [])
	];
}

/** Conditions on what is not known, or is asked only later. */
function conditionFaults(item: ChecklistItem, asked: readonly ChecklistItem[]): ChecklistFault[] {
	return item.when.flatMap(({ of, isOneOf }): ChecklistFault[] => {
		if (isOneOf.length === 0) return [fault('empty-condition', item.id)];
		if (!of.startsWith('item:')) {
			const values: readonly string[] =
				(CONDITION_FACTS as Readonly<Record<string, readonly string[]>>)[of] ?? [];
			const isKnown = !isOwnId(item.id) || isOneOf.every((value) => values.includes(value));
			return isKnown ? [] : [fault('unknown-condition', item.id)];
		}
		const id = of.slice('item:'.length);
		const at = asked.findIndex((one) => one.id === id);
		if (at < 0)
			return [fault(isOwnId(item.id) ? 'unknown-condition' : 'needs-left-out', item.id, { about: id })];
		const values = asked[at]?.answers.map((answer) => answer.id) ?? [];
		if (!isOneOf.every((value) => values.includes(value)))
			return [fault('unknown-condition', item.id, { about: id })];
		return at < asked.indexOf(item) ? [] : [fault('later-condition', item.id, { about: id })];
	});
}

function findingFaults(document: ChecklistDocument, languages: readonly string[]): ChecklistFault[] {
	return document.findings.flatMap(({ id, household }) => [
		...languages.flatMap((language): ChecklistFault[] => {
			const words = document.words[language]?.findings[id];
			return [
				...(words?.name.trim() ? [] : [fault('no-name', id, { language })]),
				...(words?.fix.trim() || household.length > 0 ? [] : [fault('no-fix', id, { language })])
			];
		}),
		...(document.items.some(({ answers }) => answers.some(({ finding }) => finding === id))
			? []
			: [fault('unused-finding', id)])
	]);
}

/** The seconds that questions of the organisation take from everyone. */
export const secondsForAll = ({ items }: Pick<ChecklistDocument, 'items'>): number =>
	items.filter((item) => item.isForAll || isSafetyItem(item)).reduce((sum, { seconds }) => sum + seconds, 0);

/**
 * Everything that keeps a checklist from being published; empty where it can be. No question goes out without its words in each language
 * that people read, no problem without a fix, and none of the safety questions is missing.
 * @param languages the languages that people read, as BCP 47 tags
 */
export function checklistFaults(document: ChecklistDocument, languages: readonly string[]): ChecklistFault[] {
	const { items: asked } = makeOwnChecklist(document, document.basedOn);
	const missing = shippedItems(document).filter(
		(item) => isSafetyItem(item) && !document.order.includes(item.id)
	);
	return [
		...missing.map(({ id }) => fault('safety-left-out', id)),
		...document.items.flatMap((item) => [
			...wordFaults(document, item, languages),
			...answerFaults(document, item)
		]),
		...asked.flatMap((item) => conditionFaults(item, asked)),
		...findingFaults(document, languages),
		...(secondsForAll(document) > SECONDS_FOR_ALL ? [fault('too-long-for-all', '')] : [])
	];
}
