import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { addIsoDays } from '../../platform/clock';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import type { OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { requirePerson } from '../lock-person';

const { roundPeople } = schema;

/** How long somebody who has other worries than their desk is left alone, days. Our assumption. */
const REST_DAYS = 7;

/**
 * Leaves a person alone for a week: no reminder of a self-assessment before then. Whoever is on the call list already stays there.
 * @returns the first day on which they may be reminded again, ISO, where they are
 */
export async function restReminders(db: Db, { actor }: OpenAssessment, now: Date): Promise<string> {
	const { personId } = actor;
	return inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		const until = addIsoDays(person.place.dayOf(now), REST_DAYS);
		await tx
			.update(roundPeople)
			.set({ remindOn: sql`greatest(${roundPeople.remindOn}, ${until}::date)` })
			.where(and(eq(roundPeople.personId, personId), isNotNull(roundPeople.remindOn)));
		await writeAuditLine(tx, actor, { at: now, act: 'reminders-rested', personId, detail: { until } });
		return until;
	});
}
