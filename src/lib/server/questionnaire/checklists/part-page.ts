import { CHECKLIST_STATIONS, type ChecklistStation } from '../../../core/questionnaire/checklist/stations';
import { isOwnId } from '../../../core/questionnaire/checklist/own-ids';
import type { OwnItemWords } from '../../../core/questionnaire/checklist/own-parts';
import { shippedItems, stationOfItem } from '../../../core/questionnaire/checklist-editor/edit-checklist';
import { checklistTextsFor } from '../../../messages/checklist';
import { plainWords, type WordsByFacts } from '../../../messages/words-by-facts';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { readEditedChecklist } from './checklist-draft';
import { languagesOfPeople } from '../../people/languages-of-people';

/** The words of a shipped question in each language, to stand beside the organisation's own. */
function shippedWords(id: string, languages: readonly string[]): Record<string, OwnItemWords> {
	return Object.fromEntries(
		languages.map((language) => {
			const texts = checklistTextsFor(language);
			const item = texts.items[id as keyof typeof texts.items];
			const answers: Readonly<Record<string, WordsByFacts>> = item.answers;
			return [
				language,
				{
					question: plainWords(item.question),
					why: plainWords(item.why),
					look: plainWords(item.look),
					answers: Object.fromEntries(
						Object.entries(answers).map(([answer, words]) => [answer, plainWords(words)])
					)
				}
			];
		})
	);
}

/** Whether a shipped question is worded by how someone sits, stands or works. */
function hasVariants(id: string): boolean {
	const { items } = checklistTextsFor('en');
	const { question, why, look } = items[id as keyof typeof items];
	return [question, why, look].some((text: WordsByFacts) => typeof text !== 'string');
}

/** Where a new part belongs, or which part is meant. */
export interface PartAsked {
	readonly id: string | null;
	readonly station: string | null;
}

const noSuchPart = () => new DomainError('not-found', 'noChecklistPart');

const stationNamed = (name: string | null): ChecklistStation | null =>
	CHECKLIST_STATIONS.find((station) => station === name) ?? null;

/**
 * A question to edit, or a new one for a station.
 * @throws DomainError where there is no such question or station
 */
export async function questionPage(db: Db, actor: Actor, asked: PartAsked) {
	requirePermission(actor, 'settings:change');
	const { document, seen } = await readEditedChecklist(db);
	const languages = await languagesOfPeople(db);
	const { id } = asked;
	const shipped = id === null ? undefined : shippedItems(document).find((item) => item.id === id);
	const isKnown = id === null || shipped !== undefined || document.items.some((item) => item.id === id);
	const station = id === null ? stationNamed(asked.station) : stationOfItem(document, id);
	if (!isKnown || !station) throw noSuchPart();
	return {
		id,
		station,
		document,
		seen,
		languages,
		shipped: shipped
			? {
					answers: shipped.answers.map((answer) => answer.id),
					words: shippedWords(shipped.id, languages),
					hasVariants: hasVariants(shipped.id)
				}
			: null
	};
}

/**
 * A problem to edit.
 * @throws DomainError where there is no such problem
 */
export async function problemPage(db: Db, actor: Actor, id: string) {
	requirePermission(actor, 'settings:change');
	const { document, seen } = await readEditedChecklist(db);
	if (!isOwnId(id) || !document.findings.some((finding) => finding.id === id)) throw noSuchPart();
	return { id, document, seen, languages: await languagesOfPeople(db) };
}

/** The checklist being edited, to try it. */
export async function trialPage(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	const { document } = await readEditedChecklist(db);
	return { document, languages: await languagesOfPeople(db) };
}
