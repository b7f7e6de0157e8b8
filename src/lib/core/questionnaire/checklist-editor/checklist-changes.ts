import { isOwnId } from '../checklist/own-ids';
import type { ChecklistDocument } from '../checklist/own-checklist';
import { sameDocument } from '../../platform/same-document';
import { shippedItems, stationOfItem } from './edit-checklist';

/** What is different between two checklists, by the ids of questions and problems. */
export interface ChecklistChanges {
	/** Questions that are asked and were not. */
	readonly added: readonly string[];
	/** Questions that were asked and are not. */
	readonly leftOut: readonly string[];
	/** Questions asked in both with other words, answers or conditions. */
	readonly changed: readonly string[];
	/** Problems that are new or different. */
	readonly findings: readonly string[];
	/** Whether questions stand in another order. */
	readonly isReordered: boolean;
}

/** The words of one thing in every language. */
const wordsOf = ({ words }: ChecklistDocument, kind: 'items' | 'findings', id: string) =>
	Object.fromEntries(
		Object.entries(words).flatMap(([language, of]) => (of[kind][id] ? [[language, of[kind][id]]] : []))
	);

/** What is different between two checklists. */
export function checklistChanges(before: ChecklistDocument, after: ChecklistDocument): ChecklistChanges {
	const asked = new Set(before.order);
	const asks = new Set(after.order);
	const both = after.order.filter((id) => asked.has(id));
	const item = ({ items }: ChecklistDocument, id: string) => items.find((one) => one.id === id) ?? null;
	const finding = ({ findings }: ChecklistDocument, id: string) =>
		findings.find((one) => one.id === id) ?? null;
	const isOther = (kind: 'items' | 'findings', id: string) =>
		!sameDocument(wordsOf(before, kind, id), wordsOf(after, kind, id)) ||
		(isOwnId(id) &&
			!sameDocument(
				kind === 'items' ? item(before, id) : finding(before, id),
				kind === 'items' ? item(after, id) : finding(after, id)
			));
	const inStations = (document: ChecklistDocument) =>
		[...new Set(shippedItems(document).map(({ station }) => station))].map((station) =>
			document.order.filter((id) => asked.has(id) && asks.has(id) && stationOfItem(document, id) === station)
		);
	return {
		added: after.order.filter((id) => !asked.has(id)),
		leftOut: before.order.filter((id) => !asks.has(id)),
		changed: both.filter((id) => isOther('items', id)),
		findings: after.findings.map(({ id }) => id).filter((id) => isOther('findings', id)),
		isReordered: !sameDocument(inStations(before), inStations(after))
	};
}

/** Whether nothing is different. */
export const isUnchanged = ({ added, leftOut, changed, findings, isReordered }: ChecklistChanges): boolean =>
	added.length + leftOut.length + changed.length + findings.length === 0 && !isReordered;
