import { randomUUID } from 'node:crypto';
import { and, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beginByPhone, readPhonePage } from '$lib/server/cases/begin-by-phone';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { readByPhone } from '$lib/server/questionnaire/assessments/read-by-phone';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { readCasePage } from '$lib/server/cases/case-page';
import { schema } from '$lib/server/platform/db/client';
import { personInspectionRecord } from '$lib/server/cases/inspection/person-record';
import { planHere } from '../support/planning';
import { act, Desk, faultOf, MIRELA } from '../support/desk';

const { assessments, auditLines, emails } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const begin = (personId: string, hasAgreed = true, key: string = randomUUID()) =>
	beginByPhone(db(), desk.coordinator, { key, personId, version: null, hasAgreed }, now);
const tokenOf = (path: string) => path.replace('/c/', '');

describe('the questions on the phone', () => {
	it('begin after the person agrees, without an email, and are answered and marked as asked by whoever asked', async () => {
		const personId = await desk.person();
		expect(await faultOf(begin(personId, false))).toBe('invalid');
		expect(await db().$count(assessments, eq(assessments.personId, personId))).toBe(0);
		const key = randomUUID();
		const path = await begin(personId, true, key);
		// Pressed twice, it is one.
		expect(await begin(personId, true, key)).toBe(path);
		expect(await db().$count(assessments, eq(assessments.personId, personId))).toBe(1);
		expect(await db().$count(emails, eq(emails.personId, personId))).toBe(0);
		const [consented] = await db()
			.select()
			.from(auditLines)
			.where(and(eq(auditLines.personId, personId), eq(auditLines.act, 'begun-by-phone')));
		expect(consented).toMatchObject({ actorId: desk.coordinator.id });

		const open = await openAssessment(db(), tokenOf(path));
		expect(open.assessment.consentedAt).toEqual(now);
		await saveAnswers(db(), open, MIRELA, now);
		await submitAnswers(db(), await openAssessment(db(), tokenOf(path)), now, planHere);
		const { assessment } = await openAssessment(db(), tokenOf(path));
		expect(await readByPhone(db(), assessment, desk.coordinator)).toMatchObject({
			name: desk.coordinator.name,
			caseHref: `/desk/cases/${personId}`
		});
		// The person, opening the same link, is shown no way into the desk.
		expect(await readByPhone(db(), assessment, null)).toMatchObject({ caseHref: null });
		const page = await readCasePage(db(), desk.coordinator, personId, now, 'UTC');
		expect(page.checklist?.byPhone).toMatchObject({ name: desk.coordinator.name, at: now });
		const record = await personInspectionRecord(db(), desk.coordinator, personId, now);
		expect(record.assessments).toMatchObject([{ byPhone: desk.coordinator.name }]);
	});

	it('go on with what the person has begun, and keep what they typed', async () => {
		const personId = await desk.person();
		const sent = await sendAssessment(db(), desk.coordinator, act(personId), now);
		expect((await readPhonePage(db(), desk.coordinator, personId)).hasOpen).toBe(true);
		expect(await begin(personId)).toBe(`/c/${sent?.token}`);
		// Answered alone by somebody else: nothing is said about a phone.
		const { assessment } = (await desk.answered()).open;
		expect(await readByPhone(db(), assessment, desk.coordinator)).toBeNull();
	});

	it('are begun by coordinators only, and not with somebody who has left', async () => {
		const personId = await desk.person();
		expect(await faultOf(readPhonePage(db(), desk.reader, personId))).toBe('not-allowed');
		expect(
			await faultOf(
				beginByPhone(db(), desk.reader, { key: randomUUID(), personId, version: null, hasAgreed: true }, now)
			)
		).toBe('not-allowed');
		await db().update(schema.people).set({ leftAt: now }).where(eq(schema.people.id, personId));
		expect(await faultOf(begin(personId))).toBe('conflict');
	});
});
