import { ownChecklistNumber, ownChecklistVersion } from '../../../core/questionnaire/checklist/own-checklist';
import { unchangedChecklist } from '../../../core/questionnaire/checklist-editor/edit-checklist';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { checklistDocumentAt, newestOwnChecklist, SHIPPED_CHECKLIST } from './read-checklists';

/**
 * A version as a file, for another installation.
 * @param number the version as people read it; the one asked now if null
 * @throws DomainError where there is no such version
 */
export async function checklistFile(
	db: Db,
	actor: Actor,
	number: number | null
): Promise<{ readonly number: number; readonly text: string }> {
	requirePermission(actor, 'settings:change');
	const newest = number === null ? await newestOwnChecklist(db) : null;
	const wanted = number ?? (newest ? (ownChecklistNumber(newest.version) ?? 0) : 0);
	const document =
		wanted === 0
			? unchangedChecklist(SHIPPED_CHECKLIST.version)
			: (newest?.document ?? (await checklistDocumentAt(db, ownChecklistVersion(wanted))));
	if (!document) throw new DomainError('not-found', 'noChecklistVersion');
	return { number: wanted, text: `${JSON.stringify(document, null, '\t')}\n` };
}
