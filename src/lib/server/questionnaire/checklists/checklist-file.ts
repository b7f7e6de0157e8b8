import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { newestVersion } from '../../platform/versions/read-versions';
import { checklistNumbered } from './checklist-draft';
import { CHECKLIST } from './read-checklists';

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
	const wanted = number ?? (await newestVersion(db, CHECKLIST)).version - CHECKLIST.base;
	const document = await checklistNumbered(db, wanted);
	return { number: wanted, text: `${JSON.stringify(document, null, '\t')}\n` };
}
