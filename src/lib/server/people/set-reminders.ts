import { eq } from 'drizzle-orm';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { requirePerson } from './lock-person';

const { people } = schema;

/** Whether a person has stopped reminders. One key look-up. */
export async function areRemindersStopped(db: Db, personId: string): Promise<boolean> {
	const [row] = await db
		.select({ at: people.remindersStoppedAt })
		.from(people)
		.where(eq(people.id, personId));
	return (row?.at ?? null) !== null;
}

/**
 * Stops a person's reminders at their request, or starts them again. What a coordinator writes to them, and news about their requests,
 * still reach them; on the day of their next reminder they appear on the call list instead. Repeating it changes nothing.
 */
export async function setReminders(
	db: Db,
	actor: Actor & { readonly kind: 'person' },
	areStopped: boolean,
	now: Date
): Promise<void> {
	const { personId } = actor;
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		if ((person.remindersStoppedAt !== null) === areStopped) return;
		await tx
			.update(people)
			.set({ remindersStoppedAt: areStopped ? now : null })
			.where(eq(people.id, personId));
		const act = areStopped ? 'reminders-stopped' : 'reminders-resumed';
		await writeAuditLine(tx, actor, { at: now, act, personId });
	});
}
