import { and, asc, eq, isNull, lte } from 'drizzle-orm';
import { nextReminderDay, remindersFor } from '../../../core/cases/triage/follow-up-dates';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { isoDay } from '../../platform/clock';
import { writeEmail } from '../../platform/texts/write-email';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { reassessCase } from '../case-assessments/reassess-cases';
import { describeError, log } from '../../platform/log';
import { lockPerson } from '../../people/lock-person';
import { queueLinkEmail } from '../../platform/email/queue-link-email';
import { readRules } from '../../platform/rules/read-rules';

const { checkIns } = schema;

/** The reminder email for each kind. */
const REMINDERS = { 'check-in': 'check-in-reminder', recheck: 'recheck-reminder' } as const;

/** Most check-ins processed in one run; the next run takes the rest. */
const MOST_AT_ONCE = 2000;

/**
 * Reminds people who have not answered a check-in within the policy's working days; after the last reminder they are on the call list.
 * Served by check_ins_remind_idx.
 * @returns number of emails written
 */
export async function remindCheckIns(db: Db, now: Date): Promise<number> {
	const latest = isoDay(new Date(now.getTime() + 14 * 3_600_000), 'UTC');
	const due = await db
		.select({ id: checkIns.id, personId: checkIns.personId })
		.from(checkIns)
		.where(lte(checkIns.remindOn, latest))
		.orderBy(asc(checkIns.remindOn), asc(checkIns.id))
		.limit(MOST_AT_ONCE);
	let emails = 0;
	for (const one of due) {
		try {
			emails += await inTransaction(db, (tx) => remindOne(tx, one, now));
		} catch (error) {
			log({ level: 'error', event: 'check-in-reminder', ...describeError(error) });
		}
	}
	return emails;
}

async function remindOne(
	tx: Db,
	{ id, personId }: { id: string; personId: string },
	now: Date
): Promise<number> {
	const person = await lockPerson(tx, personId);
	const [row] = await tx
		.select()
		.from(checkIns)
		.where(and(eq(checkIns.id, id), isNull(checkIns.answeredAt), isNull(checkIns.endedAt)));
	if (!person || !row?.remindOn || row.remindOn > person.place.dayOf(now)) return 0;
	const { dayOf, calendar } = person.place;
	const { rules } = await readRules(tx);
	const all = remindersFor(dayOf(row.askedAt), rules.policy, calendar);
	const isCall = all[row.reminders]?.kind !== 'letter' || person.remindersStoppedAt !== null;
	await tx
		.update(checkIns)
		.set(
			isCall
				? { remindOn: null, toCall: true }
				: {
						reminders: row.reminders + 1,
						remindOn: nextReminderDay(all, row.reminders + 1, dayOf(now), calendar)
					}
		)
		.where(eq(checkIns.id, id));
	const page = row.kind === 'check-in' ? '/check-in' : '';
	const isWritten =
		!isCall &&
		(await queueLinkEmail(tx, person, { page, ...(await writeEmail(tx, REMINDERS[row.kind], person)) }, now));
	if (isWritten) await writeAuditLine(tx, { kind: 'system' }, { at: now, act: 'reminded', personId });
	await reassessCase(tx, personId, now);
	return isWritten ? 1 : 0;
}
