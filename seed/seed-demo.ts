import { eq, sql } from 'drizzle-orm';
import type { PlanItem } from '../src/lib/core/cases/case-assessment/vocabulary';
import type { Actor } from '../src/lib/server/platform/actor';
import { openAssessment } from '../src/lib/server/questionnaire/assessments/open-assessment';
import { tickStep } from '../src/lib/server/plan/plans/tick-step';
import { saveAnswers } from '../src/lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '../src/lib/server/questionnaire/assessments/record-consent';
import { sendAssessment } from '../src/lib/server/questionnaire/assessments/send-assessment';
import { submitAnswers } from '../src/lib/server/questionnaire/assessments/submit-answers';
import { settleCase } from '../src/lib/server/cases/settle-case';
import { addIsoDays, isoDay } from '../src/lib/server/platform/clock';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { setFollowUp } from '../src/lib/server/cases/follow-ups/set-follow-up';
import { plannerHere } from '../src/lib/server/plan/planning/planning';
import { addPerson } from '../src/lib/server/people/add-person';
import { DEMO_PEOPLE, type DemoPerson } from './people';
import { NO_SIGNS, SeedFault } from './profiles';

const DAY_MS = 86_400_000;

async function seedPerson(db: Db, actor: Actor, person: DemoPerson, now: Date): Promise<void> {
	const ago = (days: number) => new Date(now.getTime() - days * DAY_MS);
	const sentAt = ago(person.sentDaysAgo);
	const personId = await addPerson(db, actor, person, sentAt);
	const act = () => ({ key: crypto.randomUUID(), personId, version: null });
	const sent = await sendAssessment(db, actor, act(), sentAt);
	if (!sent) throw new SeedFault(`${person.name}: sent twice`);
	const { token } = sent;
	if (person.answers) {
		const at = ago(person.answeredDaysAgo ?? 0);
		const open = await openAssessment(db, token);
		await recordConsent(db, open, at);
		await saveAnswers(db, open, { ...NO_SIGNS, ...person.answers }, at);
		const submitted = await submitAnswers(db, open, at, plannerHere);
		if (!submitted.ok)
			throw new SeedFault(
				`${person.name}: ${submitted.issues.map((i) => `${i.field} ${i.code}`).join(', ')}`
			);
		const answered = await openAssessment(db, token);
		for (const place of person.ticked ?? [])
			await tickStep(db, answered, { thing: place as PlanItem, done: true }, new Date(at.getTime() + DAY_MS));
	}
	if (person.isSeen)
		await settleCase(db, actor, { ...act(), reason: '' }, ago((person.answeredDaysAgo ?? 1) - 1));
	if (person.followUp) {
		const due = addIsoDays(isoDay(now, 'UTC'), person.followUp.inDays);
		await setFollowUp(
			db,
			actor,
			{
				key: crypto.randomUUID(),
				personId,
				kind: 'look' as const,
				due,
				reason: person.followUp.reason,
				seen: 0
			},
			ago(1)
		);
	}
}

/**
 * Fills an empty database with the invented organisation through the application's own use cases.
 * @returns how many people there are
 */
export async function seedDemo(db: Db, actor: Actor, now: Date): Promise<number> {
	for (const person of DEMO_PEOPLE) await seedPerson(db, actor, person, now);
	// They count as delivered when they were written, not when the program first starts.
	await db
		.update(schema.emails)
		.set({ state: 'delivered', tries: 1, deliveredAt: sql`${schema.emails.writtenAt}` })
		.where(eq(schema.emails.state, 'waiting'));
	return DEMO_PEOPLE.length;
}
