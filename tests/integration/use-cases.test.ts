import { planOffers } from '$lib/core/plan/advice/plan-offers';
import { cannotMeasureField } from '$lib/core/questionnaire/answers/default-lengths';
import { thingField } from '$lib/core/questionnaire/answers/fields';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { randomUUID } from 'node:crypto';
import { addUser } from '$lib/server/platform/access/add-user';
import { readSession, signOut } from '$lib/server/platform/access/sessions';
import { signIn } from '$lib/server/platform/access/sign-in';
import type { Actor, Role } from '$lib/server/platform/actor';
import { newestReMeasurement, openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { currentPlanOf, stepEventsOf, stepTicksOfPlan } from '$lib/server/plan/plans/current-plan';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import {
	storeRemeasurement,
	saveRemeasurement,
	type RemeasurementInput
} from '$lib/server/questionnaire/assessments/save-remeasurement';
import { changeUnit, saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { planHere } from '../support/planning';
import { readPlanPage } from '$lib/server/plan/plans/plan-page';
import { solveSpots } from '$lib/server/plan/plans/solve-spots';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import {
	requestEquipment,
	equipmentRequestsOf
} from '$lib/server/questionnaire/assessments/request-equipment';
import { addSpot, MAX_SPOTS, spotRows, spotsOf } from '$lib/server/questionnaire/assessments/spots';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { readCase } from '$lib/server/cases/read-case';
import { markMessagesRead } from '$lib/server/cases/messages';
import { reopenCase, settleCase, settleCases } from '$lib/server/cases/settle-case';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { schema } from '$lib/server/platform/db/client';
import { finishFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { addPerson } from '$lib/server/people/add-person';
import { markAsLeft } from '$lib/server/people/mark-as-left';
import { listPeople, PEOPLE_PER_PAGE } from '$lib/server/people/list-people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { linkPathToSend } from '$lib/server/platform/email/personal-link';
import { newestEmails } from '$lib/server/platform/email/queue-email';
import type { TestDatabase } from '../support/database';
import { act, Desk, faultOf, MIRELA } from '../support/desk';

let desk: Desk;
let test: TestDatabase;
let coordinator: Actor;
const now = new Date('2026-03-02T09:00:00Z');
const later = (minutes: number) => new Date(now.getTime() + minutes * 60_000);
const account = {
	email: 'Someone@example.org',
	name: 'Some One',
	role: 'coordinator',
	password: 'long enough pass'
} as const;

beforeAll(async () => {
	desk = await Desk.make(now);
	({ test, coordinator } = desk);
	await addUser(test.db, account);
});

afterAll(() => desk.test.drop());

const everyone = filterOfQuery(new URLSearchParams());
const newPerson = () => desk.person();
const answered = (answers: Readonly<Record<string, string>> = MIRELA) => desk.answered(answers);

/** What stands of the plan that a self-assessment is worked on by. */
async function ticksOfPlan(assessmentId: string) {
	const plan = await currentPlanOf(test.db, assessmentId);
	return stepTicksOfPlan(plan ? await stepEventsOf(test.db, plan.id) : []);
}

describe('sign-in', () => {
	const origin = '192.0.2.1';
	const input = { email: account.email, password: account.password, origin };

	it('gives a session that ends at sign-out, and on its day', async () => {
		const { token, expiresAt } = await signIn(test.db, { ...input, email: ' someone@EXAMPLE.org ' }, now);
		expect(await readSession(test.db, token, now)).toMatchObject({
			user: { role: 'coordinator', name: 'Some One' },
			isPending: false,
			isFresh: true
		});
		expect(await readSession(test.db, token, expiresAt)).toBeNull();
		expect(await readSession(test.db, 'another', now)).toBeNull();
		await signOut(test.db, token);
		expect(await readSession(test.db, token, now)).toBeNull();
	});

	it('keeps neither password nor token in the clear', async () => {
		const { token } = await signIn(test.db, input, now);
		const [user] = await test.db.select().from(schema.users);
		expect(user?.passwordHash).toMatch(/^\$argon2id\$/);
		const sessions = await test.db.select().from(schema.sessions);
		expect(JSON.stringify(sessions)).not.toContain(token);
	});

	it('slows down whoever guesses, longer each time, and nobody else', async () => {
		const guess = (at: Date, email = 'victim@example.org', from = '192.0.2.7') =>
			faultOf(signIn(test.db, { email, password: 'wrong', origin: from }, at));
		for (let i = 0; i < 5; i += 1) expect(await guess(later(0))).toBe('invalid');
		expect(await guess(later(0))).toBe('too-many');
		expect(await guess(later(0), 'other@example.org', '192.0.2.8')).toBe('invalid');
		// A second later the next is let through; after it two seconds are waited for.
		expect(await guess(later(1.1 / 60))).toBe('invalid');
		expect(await guess(later(2.2 / 60))).toBe('too-many');
		expect(await guess(later(3.2 / 60))).toBe('invalid');
		expect(await faultOf(signIn(test.db, input, later(1)))).toBe('none');
	});

	it('slows down an origin that tries many addresses', async () => {
		let last: string = '';
		for (let i = 0; i <= 41; i += 1)
			last = await faultOf(
				signIn(test.db, { email: `a${i}@example.org`, password: 'x', origin: '192.0.2.9' }, later(100))
			);
		expect(last).toBe('too-many');
	});

	it('refuses a short password and a second account of one address', async () => {
		expect(await faultOf(addUser(test.db, { ...account, email: 'b@example.org', password: 'short' }))).toBe(
			'invalid'
		);
		expect(await faultOf(addUser(test.db, { ...account, email: 'SOMEONE@example.org' }))).toBe('conflict');
	});
});

describe('people', () => {
	it('one address is one person', async () => {
		const person = { name: 'A', email: 'same@example.org', team: '' };
		await addPerson(test.db, coordinator, person, now);
		expect(
			await faultOf(addPerson(test.db, coordinator, { ...person, email: 'SAME@example.org ' }, now))
		).toBe('conflict');
		expect(await faultOf(addPerson(test.db, coordinator, { ...person, name: '  ' }, now))).toBe('invalid');
	});

	it('are listed by name, a page at a time, each once, and found by part of a name', async () => {
		const names = Array.from(
			{ length: PEOPLE_PER_PAGE + 7 },
			(_, i) => `Listed ${String((i * 31) % 57).padStart(3, '0')}`
		);
		for (const [i, name] of names.entries())
			await addPerson(test.db, coordinator, { name, email: `listed${i}@example.org`, team: '100%' }, now);
		const first = await listPeople(test.db, coordinator, { now, filter: { ...everyone, search: 'listed' } });
		const second = await listPeople(test.db, coordinator, {
			now,
			filter: { ...everyone, search: 'listed' },
			cursor: first.next ?? ''
		});
		expect([first.lines.length, second.lines.length, first.total]).toEqual([
			PEOPLE_PER_PAGE,
			7,
			names.length
		]);
		expect(second.next).toBeNull();
		expect([...first.lines, ...second.lines].map((line) => line.name)).toEqual([...names].sort());
		expect(
			(await listPeople(test.db, coordinator, { now, filter: { ...everyone, search: '00%' } })).total
		).toBe(names.length);
		expect(
			(await listPeople(test.db, coordinator, { now, filter: { ...everyone, search: 'a_b' } })).total
		).toBe(0);
		expect(
			(await listPeople(test.db, coordinator, { now, filter: everyone, cursor: 'rubbish' })).lines.length
		).toBe(PEOPLE_PER_PAGE);
	});
});

describe('a self-assessment', () => {
	it('goes out as an email with the link, of which only a hash is kept', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		const email = (await newestEmails(test.db)).find((l) => l.personId === personId);
		expect(await linkPathToSend(test.db, email?.linkPath ?? '')).toBe(`/c/${token}`);
		// Nothing that lies in the database opens it.
		expect(email?.linkPath).not.toContain(token);
		expect(email?.body).toContain('measure a few heights');
		expect(JSON.stringify(await test.db.select().from(schema.assessments))).not.toContain(token);
		expect((await openAssessment(test.db, token)).assessment.personId).toBe(personId);
	});

	it('tells an unknown, a replaced and an ended link apart', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		expect(await faultOf(openAssessment(test.db, 'never-given'))).toBe('not-found');
		expect(await faultOf(openAssessment(test.db, token))).toBe('none');
		const next = await desk.send(personId);
		expect(await faultOf(openAssessment(test.db, token))).toBe('ended');
		expect(await faultOf(openAssessment(test.db, next.token))).toBe('none');
		expect(await faultOf(sendAssessment(test.db, coordinator, act(randomUUID()), now))).toBe('not-found');
	});

	it('keeps what two devices save at once, field by field', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		const open = await openAssessment(test.db, token);
		await recordConsent(test.db, open, now);
		const saves = Array.from({ length: 20 }, (_, i) =>
			saveAnswers(
				test.db,
				open,
				{ [i % 2 ? 'stature' : 'heel']: String(i), [`thing.${i}.kind`]: 'book' },
				now
			)
		);
		await Promise.all(saves);
		const { assessment } = await openAssessment(test.db, token);
		expect(assessment.answersRevision).toBe(20);
		expect(Object.keys(assessment.answers).filter((name) => name.startsWith('thing.'))).toHaveLength(20);
	});

	it('becomes a judged corner, once: submitting twice changes nothing', async () => {
		const { personId, submitted, open } = await answered();
		expect(submitted).toEqual({ ok: true });
		expect(open.assessment.checksOff).toBe(3);
		const { first, plan } = await desk.judged(personId);
		expect(first.filter(({ verdict }) => verdict === 'off')).toHaveLength(3);
		expect(plan).toMatchObject({ done: 0, carriedOut: null });
		await desk.settle([personId], later(5));
		await tickStep(test.db, open, { thing: 'seat', done: true }, later(6));
		const both = await Promise.all([
			submitAnswers(test.db, open, later(10), planHere),
			submitAnswers(test.db, open, later(10), planHere)
		]);
		expect(both).toEqual([{ ok: true }, { ok: true }]);
		const again = await openAssessment(test.db, (await answered()).token);
		expect(again.assessment.workstation).toEqual(open.assessment.workstation);
		const [row] = await test.db
			.select()
			.from(schema.assessments)
			.where(eq(schema.assessments.id, open.assessment.id));
		expect(row?.answeredAt).toEqual(now);
		expect(row?.seenAt).toEqual(later(5));
		expect(await ticksOfPlan(open.assessment.id)).toEqual({ seat: true });
	});

	it('comes back to the coordinator when the answers change', async () => {
		const { personId, open } = await answered();
		await desk.settle([personId], later(5));
		await tickStep(test.db, open, { thing: 'seat', done: true }, later(6));
		await saveAnswers(test.db, open, { surfaceHeight: '71' }, later(7));
		await submitAnswers(test.db, open, later(8), planHere);
		const read = await readCase(test.db, coordinator, personId, later(9));
		expect(read.answered).toMatchObject({ seenAt: null, answeredAt: now });
		expect(read.listed.openSince).not.toBeNull();
		// The seat does not stand on the table: it is as it was put.
		expect(await ticksOfPlan(open.assessment.id)).toMatchObject({});
	});

	it('with something missing stays a draft and names what is missing', async () => {
		const { submitted, open } = await answered({ stature: '164' });
		expect(submitted.ok).toBe(false);
		expect(submitted.ok ? [] : submitted.issues.map((issue) => issue.field)).toContain('surfaceHeight');
		expect(open.assessment.answeredAt).toBeNull();
		expect(await faultOf(tickStep(test.db, open, { thing: 'seat', done: true }, now))).toBe('conflict');
	});

	it('changes unit as one step', async () => {
		const { open, token } = await answered();
		await Promise.all([changeUnit(test.db, open, 'in', now), changeUnit(test.db, open, 'in', now)]);
		const { assessment } = await openAssessment(test.db, token);
		expect(assessment.answers).toMatchObject({ unit: 'in', surfaceHeight: '29 5/8' });
		expect(await submitAnswers(test.db, open, now, planHere)).toEqual({ ok: true });
	});

	it('keeps the newest of what was measured again', async () => {
		const { open } = await answered();
		const lengths = { seatUnder: 520, feetOn: 90, surface: 752, keysOn: 752, screenTop: 1240 };
		await storeRemeasurement(test.db, open, lengths, later(1));
		await storeRemeasurement(test.db, open, { ...lengths, seatUnder: 512 }, later(2));
		expect((await newestReMeasurement(test.db, open.assessment.id))?.lengths.seatUnder).toBe(512);
		// Sent again because the answer was lost: it is one.
		await storeRemeasurement(test.db, open, { ...lengths, seatUnder: 512 }, later(3));
		const rows = await test.db
			.select()
			.from(schema.remeasurements)
			.where(eq(schema.remeasurements.assessmentId, open.assessment.id));
		expect(rows).toHaveLength(2);
	});

	it('saves nothing and ticks nothing where nothing was measured, and of one height only that', async () => {
		const { open } = await answered();
		const take = (fields: RemeasurementInput) => saveRemeasurement(test.db, open, fields, 'cm', later(1));
		const untouched = { seatUnder: '', feetOn: '', surface: ' ', keysOn: '', screenTop: '' };
		const plan = await currentPlanOf(test.db, open.assessment.id);
		for (const fields of [untouched, {}])
			expect(await take(fields)).toEqual([{ field: 'seatUnder', code: 'missing' }]);
		expect(await newestReMeasurement(test.db, open.assessment.id)).toBeNull();
		expect(await stepEventsOf(test.db, plan?.id ?? '')).toEqual([]);
		expect(await take({ ...untouched, surface: '75.2' })).toEqual([]);
		expect((await newestReMeasurement(test.db, open.assessment.id))?.lengths).toEqual({ surface: 752 });
		expect(await stepEventsOf(test.db, plan?.id ?? '')).toEqual([]);
	});

	it('takes heights measured again as typed, names what can’t be read, and completes a save that came in parts', async () => {
		const { open } = await answered();
		const typed = { seatUnder: '52', feetOn: '9', surface: '75.2', keysOn: '75.2', screenTop: '124' };
		const take = (fields: RemeasurementInput, minutes: number) =>
			saveRemeasurement(test.db, open, fields, 'cm', later(minutes));
		expect((await take({ ...typed, keysOn: 'high' }, 1)).map(({ field }) => field)).toEqual(['keysOn']);
		expect(await newestReMeasurement(test.db, open.assessment.id)).toBeNull();
		expect(await take(typed, 2)).toEqual([]);
		expect(await take({ seatUnder: '20.5', unit: 'in' }, 3)).toEqual([]);
		expect((await newestReMeasurement(test.db, open.assessment.id))?.lengths).toEqual({
			seatUnder: 521,
			feetOn: 90,
			surface: 752,
			keysOn: 752,
			screenTop: 1240
		});
	});

	it('can be withdrawn: answers, plan, emails and link go, that it happened stays', async () => {
		const { personId, open, token } = await answered();
		await tickStep(test.db, open, { thing: 'seat', done: true }, later(1));
		await withdrawAnswers(test.db, open, later(2));
		const [row] = await test.db
			.select()
			.from(schema.assessments)
			.where(eq(schema.assessments.id, open.assessment.id));
		expect(row).toMatchObject({ answers: {}, workstation: null, answeredAt: null, checksOff: null });
		expect(await faultOf(openAssessment(test.db, token))).toBe('ended');
		expect((await newestEmails(test.db)).some((email) => email.personId === personId)).toBe(false);
		const { log } = await readCase(test.db, coordinator, personId, later(4));
		expect(log.map((line) => line.act)).toContain('withdrawn');
	});

	it('takes no answer before the person has agreed, passes a warning sign on, and never agrees for them', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		const open = () => openAssessment(test.db, token);
		const kept = async () => (await open()).assessment;
		expect(await faultOf(saveAnswers(test.db, await open(), { stature: '170' }, now))).toBe('not-allowed');
		expect(await kept()).toMatchObject({ answers: {}, consentedAt: null });
		// The sign is in although what came with it is refused.
		const both = { stature: '170', 'sign.chest-pain': 'yes' };
		expect(await faultOf(saveAnswers(test.db, await open(), both, later(1)))).toBe('not-allowed');
		expect(await kept()).toMatchObject({ answers: { 'sign.chest-pain': 'yes' }, consentedAt: null });
		expect((await desk.listed(personId)).level).toBe('emergency');
		expect(await faultOf(saveAnswers(test.db, await open(), { 'sign.chest-pain': 'no' }, later(2)))).toBe(
			'none'
		);
		expect(await faultOf(changeUnit(test.db, await open(), 'in', later(2)))).toBe('not-allowed');
		// Answers that are there all the same, as those of last time that are put in, are not sent in for anybody.
		await test.db
			.update(schema.assessments)
			.set({ answers: MIRELA })
			.where(eq(schema.assessments.id, (await open()).assessment.id));
		expect(await faultOf(submitAnswers(test.db, await open(), later(3), planHere))).toBe('not-allowed');
		expect(await kept()).toMatchObject({ consentedAt: null, answeredAt: null });
		await recordConsent(test.db, await open(), later(4));
		expect(await submitAnswers(test.db, await open(), later(5), planHere)).toEqual({ ok: true });
		expect(await kept()).toMatchObject({ consentedAt: later(4), answeredAt: later(5) });
		await desk.reach(personId, { closes: ['chest-pain'], whom: 'Person' }, later(6));
	});

	it('asks for consent once', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		const open = await openAssessment(test.db, token);
		await Promise.all([recordConsent(test.db, open, later(1)), recordConsent(test.db, open, later(1))]);
		await recordConsent(test.db, open, later(9));
		expect((await openAssessment(test.db, token)).assessment.consentedAt).toEqual(later(1));
		const { log } = await readCase(test.db, coordinator, personId, now);
		expect(log.filter((line) => line.act === 'consented')).toHaveLength(1);
	});
});

describe('follow-ups and the day sheet', () => {
	const linesOf = async (today: string) => readDaySheet(test.db, coordinator, today);

	it('show a follow-up on its day and not before, until it is done', async () => {
		const personId = await newPerson();
		await desk.follow(personId, { due: '2026-03-16', reason: 'look', seen: 0 });
		const dueOn = async (day: string) =>
			(await linesOf(day)).lines.some((line) => line.personId === personId);
		expect([await dueOn('2026-03-15'), await dueOn('2026-03-16'), await dueOn('2026-04-01')]).toEqual([
			false,
			true,
			true
		]);
		await finishFollowUp(
			test.db,
			coordinator,
			{ ...act(personId), seen: await desk.lookVersion(personId), outcome: 'well', next: null },
			later(1)
		);
		expect(await dueOn('2026-04-01')).toBe(false);
	});

	it('never overwrite what another coordinator set in the meantime', async () => {
		const personId = await newPerson();
		const set = (due: string, version: number) =>
			faultOf(desk.follow(personId, { due, reason: '', seen: version }));
		const both = await Promise.all([set('2026-04-01', 0), set('2026-04-02', 0)]);
		expect([...both].sort()).toEqual(['conflict', 'none']);
		const seen = await desk.lookVersion(personId);
		expect(await set('2026-05-01', seen)).toBe('none');
		expect(await set('2026-06-01', seen)).toBe('conflict');
		expect((await readCase(test.db, coordinator, personId, now)).followUp).toMatchObject({
			due: '2026-05-01',
			version: seen + 1
		});
	});

	it('show new answers until they are dealt with, and again after undo', async () => {
		const { personId } = await answered();
		const isShown = async () =>
			(await linesOf('2026-03-02')).lines.some((line) => line.personId === personId);
		expect(await isShown()).toBe(true);
		const key = randomUUID();
		await settleCases(test.db, coordinator, { personIds: [personId], key }, later(1));
		expect(await isShown()).toBe(false);
		await undoActs(test.db, coordinator, key, later(2));
		expect(await isShown()).toBe(true);
	});
});

describe('rights', () => {
	const acts: readonly [string, (actor: Actor, personId: string) => Promise<unknown>][] = [
		['add a person', (a) => addPerson(test.db, a, { name: 'x', email: 'x@example.org', team: '' }, now)],
		['list people', (a) => listPeople(test.db, a, { now, filter: filterOfQuery(new URLSearchParams()) })],
		['send', (a, personId) => sendAssessment(test.db, a, act(personId), now)],
		[
			'deal with',
			(a, personId) => settleCases(test.db, a, { personIds: [personId], key: randomUUID() }, now)
		],
		['settle', (a, personId) => settleCase(test.db, a, { ...act(personId), reason: '' }, now)],
		['open again', (a, personId) => reopenCase(test.db, a, act(personId), now)],
		['mark messages as read', (a, personId) => markMessagesRead(test.db, a, act(personId), now)],
		['mark as left', (a, personId) => markAsLeft(test.db, a, act(personId), now)],
		[
			'set a follow-up',
			(a, personId) =>
				setFollowUp(
					test.db,
					a,
					{ ...act(personId), kind: 'look', due: '2026-09-01', reason: '', seen: 0 },
					now
				)
		],
		[
			'finish a follow-up',
			(a, personId) =>
				finishFollowUp(test.db, a, { ...act(personId), seen: 1, outcome: 'x', next: null }, now)
		]
	];
	const id = '00000000-0000-4000-8000-000000000000';
	const others: readonly Actor[] = [
		...(['clinician', 'reader'] as Role[]).map((role): Actor => ({ kind: 'user', id, name: 'x', role })),
		{ kind: 'person', personId: id, assessmentId: id },
		{ kind: 'system' }
	];

	it.each(acts)('only a coordinator may %s, and nothing is written for others', async (_, act) => {
		const personId = await newPerson();
		const before = await test.db.$count(schema.auditLines);
		for (const actor of others) expect(await faultOf(act(actor, personId))).toBe('not-allowed');
		expect(await test.db.$count(schema.auditLines)).toBe(before);
	});
});

describe('the record', () => {
	it('can be added to and never changed', async () => {
		for (const statement of [
			'update audit_lines set act = $$x$$',
			'delete from audit_lines',
			'truncate audit_lines'
		])
			await expect(test.pool.query(statement)).rejects.toThrow('append-only');
	});

	it('holds no answers', async () => {
		await answered();
		const lines = JSON.stringify(
			await test.db.select({ d: schema.auditLines.detail }).from(schema.auditLines)
		);
		expect(lines).not.toMatch(/75\.2|stature|surface/);
	});
});

describe('signs and discomfort', () => {
	const today = '2026-03-02';
	const lineOf = async (personId: string) =>
		(await readDaySheet(test.db, coordinator, today)).lines.find((line) => line.personId === personId);

	it('puts an emergency at the top of the day at once, before anything else is answered', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		const open = await openAssessment(test.db, token);
		await saveAnswers(test.db, open, { 'sign.chest-pain': 'yes' }, now);
		await saveAnswers(test.db, open, { 'sign.chest-pain': 'yes' }, later(1));
		const { lines: fresh } = await readDaySheet(test.db, coordinator, today);
		expect(fresh[0]).toMatchObject({ personId, level: 'emergency' });
		const [first] = fresh[0]?.assessmentResult?.reasons ?? [];
		expect(first).toEqual({ code: 'emergency-sign', level: 'emergency', on: today, sign: 'chest-pain' });
		const { log } = await readCase(test.db, coordinator, personId, now);
		expect(log.filter(({ act }) => act === 'signs-told')).toHaveLength(1);
		// Taken back, it stays: only what came of it closes it.
		await saveAnswers(test.db, open, { 'sign.chest-pain': 'no' }, later(2));
		expect(await lineOf(personId)).toMatchObject({ level: 'emergency' });
		await desk.reach(personId, { closes: ['chest-pain'], whom: 'Person' }, later(3));
		expect(await lineOf(personId)).toBeUndefined();
	});

	it('judges the answers by the policy and keeps why; told again unchanged nothing moves', async () => {
		const { personId, token } = await answered({
			...MIRELA,
			'pain.neck.worst': '8',
			'pain.neck.days': '2'
		});
		expect(await lineOf(personId)).toMatchObject({ level: 'clinician' });
		const { reasons, evidence } = await desk.judged(personId);
		expect(reasons[0]).toMatchObject({ code: 'severe', on: today });
		expect(evidence.severe).toMatchObject([{ region: 'neck', worst: 8 }]);
		// A press does not settle it.
		expect(await desk.settle([personId], now)).toEqual({ settled: [], leftOut: [personId] });
		await desk.reach(personId, { closes: ['severe'], whom: 'Person' }, later(1));
		await desk.settle([personId], later(2));
		const open = await openAssessment(test.db, token);
		await submitAnswers(test.db, open, later(5), planHere);
		expect(await lineOf(personId)).toBeUndefined();
		// Better now: the same corner, another self; what was ticked stays ticked.
		await tickStep(test.db, open, { thing: 'feet', done: true }, later(6));
		await saveAnswers(test.db, open, { 'pain.neck.worst': '5' }, later(7));
		await submitAnswers(test.db, open, later(8), planHere);
		expect(await lineOf(personId)).toMatchObject({ level: 'soon' });
		expect(await ticksOfPlan(open.assessment.id)).toEqual({ feet: true });
	});

	it('asks for the days of what hurts before it takes the answers', async () => {
		const { submitted } = await answered({ ...MIRELA, 'pain.knee-left.worst': '3' });
		expect(submitted).toEqual({ ok: false, issues: [{ field: 'pain.knee-left.days', code: 'missing' }] });
	});
});

describe('asking for equipment', () => {
	it('is one request however often it is asked, comes to the sheet, and can be taken back', async () => {
		const { personId, open } = await answered();
		await desk.settle([personId], now);
		const ask = (wanted: boolean) => requestEquipment(test.db, open, { purchase: 'footrest', wanted }, now);
		await Promise.all([ask(true), ask(true)]);
		expect(await equipmentRequestsOf(test.db, open.assessment.id)).toEqual(['footrest']);
		const { lines: fresh } = await readDaySheet(test.db, coordinator, '2026-03-02');
		const line = fresh.find((l) => l.personId === personId);
		expect(line?.assessmentResult?.reasons.map(({ code }) => code)).toContain('request');
		await ask(false);
		expect(await equipmentRequestsOf(test.db, open.assessment.id)).toEqual([]);
	});

	it('waits until there is a plan', async () => {
		const personId = await newPerson();
		const { token } = await desk.send(personId);
		const open = await openAssessment(test.db, token);
		expect(await faultOf(requestEquipment(test.db, open, { purchase: 'monitor', wanted: true }, now))).toBe(
			'conflict'
		);
	});
});

describe('a second spot', () => {
	const standing = {
		posture: 'standing',
		surfaceHeight: '91',
		surfaceThickness: '4',
		surfaceDepth: '60',
		topAboveBase: '21.8',
		visibleHeight: '19',
		distance: '52',
		baseLong: '32.5',
		baseShort: '22.5'
	};

	it('has the person and the house in common, its own table, and no line of its own on the sheet', async () => {
		const { personId, token, open } = await answered();
		const path = await addSpot(test.db, open, token, now);
		const second = path.slice('/c/'.length);
		expect(second).toBe(`${token}-2`);
		const at = await openAssessment(test.db, second);
		expect(at.assessment.answers).toMatchObject({ stature: '158', posture: 'standing' });
		expect(at.assessment.answers).not.toHaveProperty('surfaceHeight');
		await saveAnswers(test.db, at, { ...standing, stature: '159' }, later(1));
		const first = await openAssessment(test.db, token);
		expect(first.assessment.answers).toMatchObject({ stature: '159', surfaceHeight: MIRELA.surfaceHeight });
		expect(await submitAnswers(test.db, await openAssessment(test.db, second), later(2), planHere)).toEqual({
			ok: true
		});
		const { lines: fresh } = await readDaySheet(test.db, coordinator, '2026-03-02');
		expect(fresh.filter((line) => line.personId === personId)).toHaveLength(1);
		const read = await readCase(test.db, coordinator, personId, now);
		expect(read.answered?.workstation?.spot.posture).toBe('sitting');
		expect(read.spots.map(({ plan }) => plan?.workstation.spot.posture)).toEqual(['standing']);
		expect(read.history).toHaveLength(1);
	});

	it('is solved again when the first one is corrected, and unticked where its things have gone', async () => {
		const { token } = await answered();
		const open = () => openAssessment(test.db, token);
		/** Corrects the first spot and sends it. */
		async function correct(fields: Record<string, string>, at: Date): Promise<void> {
			await saveAnswers(test.db, await open(), fields, at);
			expect(await submitAnswers(test.db, await open(), at, planHere)).toEqual({ ok: true });
		}
		await addSpot(test.db, await open(), token, now);
		const second = () => openAssessment(test.db, `${token}-2`);
		await saveAnswers(test.db, await second(), standing, now);
		await submitAnswers(test.db, await second(), now, planHere);
		await tickStep(test.db, await second(), { thing: 'screen', done: true }, now);
		const planOfSecond = async () => currentPlanOf(test.db, (await second()).assessment.id);
		const piecesOf = async () =>
			(await planOfSecond())?.steps.find(({ place }) => place === 'screen')?.pieces.map(({ id }) => id);
		const before = await piecesOf();
		expect(before).toContain('t3');
		// The house is one: what has gone there is gone at the second spot too, whose plan is made again when it is asked for.
		await correct({ [thingField(3, 'kind')]: '' }, later(1));
		const page = await readPlanPage(test.db, await second(), `${token}-2`, later(1));
		expect(page?.isBehind).toBe(true);
		expect(await submitAnswers(test.db, await second(), later(2), planHere)).toEqual({ ok: true });
		const rows = await spotRows(test.db, (await open()).assessment);
		const [, at] = await solveSpots(
			rows.flatMap(({ workstation }) => workstation ?? []),
			planHere
		);
		expect((await planOfSecond())?.plan?.cost).toEqual(
			at && planOffers(at.workstation, at.advice)[0]?.plan.cost
		);
		expect((await piecesOf()) ?? []).not.toContain('t3');
		expect(await ticksOfPlan((await second()).assessment.id)).toEqual({});
	});

	it('is found from either side, and three are enough', async () => {
		const { token, open } = await answered();
		await addSpot(test.db, open, token, now);
		const second = await openAssessment(test.db, `${token}-2`);
		expect(await spotsOf(test.db, second, `${token}-2`)).toEqual(
			(await spotsOf(test.db, open, token)).map((line) => ({ ...line, isHere: !line.isHere }))
		);
		expect((await spotRows(test.db, second.assessment)).map(({ id }) => id)).toEqual([
			open.assessment.id,
			second.assessment.id
		]);
		await addSpot(test.db, second, `${token}-2`, now);
		expect((await spotsOf(test.db, open, token)).map(({ path }) => path)).toEqual([
			`/c/${token}`,
			`/c/${token}-2`,
			`/c/${token}-3`
		]);
		expect(await faultOf(addSpot(test.db, open, token, now))).toBe('conflict');
		expect(MAX_SPOTS).toBe(3);
		await withdrawAnswers(test.db, second, now);
		expect(await faultOf(openAssessment(test.db, `${token}-2`))).toBe('ended');
		expect(await faultOf(openAssessment(test.db, token))).toBe('ended');
	});
});

describe('the page of a plan', () => {
	it('says which lengths usual ones stand in for', async () => {
		const { token, open } = await answered();
		await saveAnswers(test.db, open, { seatHeight: '', [cannotMeasureField('seatHeight')]: 'yes' }, later(1));
		expect(await submitAnswers(test.db, await openAssessment(test.db, token), later(1), planHere)).toEqual({
			ok: true
		});
		const page = await readPlanPage(test.db, await openAssessment(test.db, token), token, later(1));
		expect(page?.stoodInFor).toEqual(['seatHeight']);
	});
});
