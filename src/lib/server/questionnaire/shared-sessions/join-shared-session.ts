import { eq } from 'drizzle-orm';
import { MOST_WRONG_CODES, readCode } from '../../../core/questionnaire/shared-session/code';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { requireCase } from '../../cases/require-case';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { newCode, requireOpenSharedSession } from './open-shared-session';

const { sharedSessionMembers, sharedSessions } = schema;

/**
 * Lets a coordinator in by the code that the person reads out. After five wrong codes there is a new one, which the person sees.
 * @throws DomainError where none is open, or the code is wrong
 */
export async function joinSharedSession(
	db: Db,
	actor: Actor,
	{ personId, code }: { readonly personId: string; readonly code: string },
	now: Date
): Promise<void> {
	const { id: userId } = await requireCase(db, actor, personId, 'cases:act');
	const isRight = await inTransaction(db, async (tx) => {
		const open = await requireOpenSharedSession(tx, personId, now);
		if (readCode(code) !== open.code) {
			const wrongCodes = open.wrongCodes + 1;
			const isLast = wrongCodes >= MOST_WRONG_CODES;
			await tx
				.update(sharedSessions)
				.set(isLast ? { code: newCode(), wrongCodes: 0 } : { wrongCodes })
				.where(eq(sharedSessions.id, open.id));
			if (isLast) await publishChange(tx, `sharedSession:${open.id}`);
			return false;
		}
		const joined = await tx
			.insert(sharedSessionMembers)
			.values({ sharedSessionId: open.id, userId, at: now })
			.onConflictDoNothing()
			.returning({ at: sharedSessionMembers.at });
		if (joined.length > 0) await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-joined', personId });
		await tx.update(sharedSessions).set({ wrongCodes: 0 }).where(eq(sharedSessions.id, open.id));
		await publishChange(tx, `sharedSession:${open.id}`);
		return true;
	});
	if (!isRight) throw new DomainError('invalid', 'wrongSharedSessionCode', '/code');
}
