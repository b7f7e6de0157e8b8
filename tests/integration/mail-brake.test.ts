import { randomUUID } from 'node:crypto';
import { and, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SHIPPED_RULES_VERSION } from '$lib/core/platform/rules/shipped-rules';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { processDueCases } from '$lib/server/cases/check-ins/process-due-cases';
import { remindCheckIns } from '$lib/server/cases/check-ins/remind-check-ins';
import { schema } from '$lib/server/platform/db/client';
import {
	countCasesToReassess,
	reassessOutdatedCases
} from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import { readDailyLimit, setDailyLimit } from '$lib/server/platform/email-hold/daily-limit';
import { cancelHeld, countHeld, heldEmails, releaseHeld } from '$lib/server/platform/email-hold/held-emails';
import { importPeople } from '$lib/server/people/import-people';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { markAsLeft } from '$lib/server/people/mark-as-left';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { sendDueReminders } from '$lib/server/people/rounds/send-due-reminders';
import { act, Desk, faultOf, PAINLESS, putRight } from '../support/desk';

const { assessments, cases, followUps, emails, people } = schema;

/** The bar: so many people, made due all at once. */
const PEOPLE = 400;

const answeredAt = new Date('2026-03-02T09:00:00Z');
/** A year and a month later: everybody's next self-assessment has been due for weeks. */
const updatedAt = new Date('2027-04-01T09:00:00Z');
const daysLater = (n: number) => new Date(updatedAt.getTime() + n * 86_400_000);

let desk: Desk;
const db = () => desk.test.db;
let personIds: string[] = [];

/** Makes others of one person, who did the same on the same days: their rows, under ids and links of their own. */
async function cloned(personId: string, n: number): Promise<string[]> {
	const { rows } = await db().execute<{ id: string }>(sql`
		with p as (
			insert into people (name, email, team, country, created_at)
			select 'Clone ' || n, 'clone' || n || '@example.org', case n % 4 when 0 then 'U' else team end, country, created_at
			from people, generate_series(1, ${n}) as n where id = ${personId} returning id),
		a as (
			insert into assessments (person_id, token_hash, sitting_style, checklist_version, sent_at, consented_at, answers, answered_at, workstation,
				checks_off, signs, discomfort)
			select p.id, 'hash of ' || p.id, sitting_style, checklist_version, sent_at, consented_at, answers, answered_at, workstation, checks_off, signs,
				discomfort from assessments, p where person_id = ${personId} returning id, person_id),
		l as (
			insert into emails (person_id, to_name, to_email, kind, subject, body, link_path, written_at, next_try_at, state)
			select id, 'Clone', 'clone@example.org', 'invitation', 'Sent', 'Long ago', '/c/token-of-' || id, ${answeredAt.toISOString()}::timestamptz, ${answeredAt.toISOString()}::timestamptz, 'delivered' from p),
		pl as (
			insert into plans (assessment_id, made_at, why, workstation, advice, chosen, plan, unclosable, steps, cost_now, cost_planned)
			select a.id, made_at, why, pl.workstation, advice, chosen, plan, unclosable, steps, cost_now, cost_planned
			from a, plans pl join assessments b on b.id = pl.assessment_id and b.person_id = ${personId} returning id),
		e as (
			insert into step_events (plan_id, thing, is_done, source, at)
			select pl.id, thing, is_done, source, e.at from pl, step_events e join plans b on b.id = e.plan_id
			join assessments c on c.id = b.assessment_id where c.person_id = ${personId}),
		c as (insert into cases (person_id, sent_at, answered_at) select id, ${answeredAt.toISOString()}, ${answeredAt.toISOString()} from p)
		select id from p`);
	return rows.map(({ id }) => id);
}

const countLetters = () => db().$count(emails);
const countEnded = () => db().$count(assessments, isNotNull(assessments.revokedAt));

/** Everything that the program does by itself, once. @returns emails written */
async function aRunOfTheQueue(at: Date): Promise<number> {
	await reassessOutdatedCases(db(), () => at);
	return (
		(await processDueCases(db(), at)) + (await sendDueReminders(db(), at)) + (await remindCheckIns(db(), at))
	);
}

/** As a database is that other rules have judged: what they gave nobody is not there. */
async function asOfOtherRules(): Promise<void> {
	await db().delete(followUps).where(isNull(followUps.doneAt));
	await db().update(cases).set({
		rulesVersion: 'core 0, checklist 0, policy 0',
		softwareVersion: 'core 0',
		reassessOn: null,
		mailOn: null
	});
}

beforeAll(async () => {
	desk = await Desk.make(answeredAt);
	const first = await desk.answered(PAINLESS);
	const open = await openAssessment(db(), first.token);
	const plan = await currentPlanOf(db(), open.assessment.id);
	for (const { place } of plan?.steps ?? [])
		await tickStep(db(), open, { thing: place, done: true }, answeredAt);
	await putRight(db(), open, answeredAt);
	personIds = [first.personId, ...(await cloned(first.personId, PEOPLE - 1))];
	// Every other person has a self-assessment that they have begun and not sent in.
	await db().execute(sql`
		insert into assessments (person_id, token_hash, sitting_style, checklist_version, sent_at, consented_at, answers)
		select id, 'open link of ' || id, 'upright', 2, ${answeredAt.toISOString()}::timestamptz + interval '30 days',
			${answeredAt.toISOString()}::timestamptz + interval '31 days', '{"stature":"171"}'
		from (select id, row_number() over (order by id) as n from people) p where n % 2 = 0`);
	await asOfOtherRules();
});
afterAll(() => desk.test.drop());

describe('an update that makes four hundred people due', () => {
	it('writes to nobody and ends no link; what it made due waits, with counts', async () => {
		const [written, ended] = [await countLetters(), await countEnded()];
		expect(await countCasesToReassess(db())).toBe(PEOPLE);
		// Stopped half way, it goes on where it was; nobody who is still to be judged is written to in the meantime.
		let batches = 0;
		expect(
			await reassessOutdatedCases(
				db(),
				() => updatedAt,
				() => (batches += 1) <= 2
			)
		).toBe(200);
		expect(await aRunOfTheQueue(updatedAt)).toBe(0);
		expect(await aRunOfTheQueue(daysLater(1))).toBe(0);
		expect(await countCasesToReassess(db())).toBe(0);
		expect((await countLetters()) - written).toBe(0);
		expect((await countEnded()) - ended).toBe(0);
		const held = await heldEmails(db(), desk.coordinator, '2027-04-01');
		const rechecks = held.filter(({ kind, why }) => kind === 'recheck' && why === 'update');
		expect(rechecks.map(({ team }) => team)).toEqual(['T', 'U']);
		for (const key of ['people', 'dueToday'] as const)
			expect(rechecks.reduce((sum, line) => sum + line[key], 0)).toBe(PEOPLE);
		expect(await countHeld(db())).toBe(held.reduce((sum, { people: n }) => sum + n, 0));
	});

	it('is released by a coordinator alone, and only for as many as they saw', async () => {
		const release = (actor: typeof desk.reader, expected = PEOPLE, kind = 'recheck') =>
			faultOf(releaseHeld(db(), actor, { kind, expected }, updatedAt));
		for (const actor of [desk.reader, desk.clinician]) {
			expect(await release(actor)).toBe('not-allowed');
			expect(await faultOf(heldEmails(db(), actor, '2027-04-01'))).toBe('not-allowed');
		}
		expect(await release(desk.coordinator, PEOPLE - 1)).toBe('conflict');
		expect(await release(desk.coordinator, PEOPLE, 'everything')).toBe('invalid');
		// Of one team, as many as that has, and no others.
		const ofTeam = (team: string) =>
			faultOf(releaseHeld(db(), desk.coordinator, { kind: 'recheck', team, expected: PEOPLE }, updatedAt));
		expect(await ofTeam('U')).toBe('conflict');
		expect(await aRunOfTheQueue(daysLater(1))).toBe(0);
	});

	it('once released goes out a day’s limit at a time, over several processes too, and the links that work go on working', async () => {
		const limit = await readDailyLimit(db(), updatedAt);
		expect(limit).toMatchObject({ perDay: 200, isSet: false, sentToday: 0 });
		const set = (perDay: number, version: number, actor = desk.coordinator) =>
			faultOf(setDailyLimit(db(), actor, { perDay, version }, updatedAt));
		expect(await set(30, limit.version, desk.reader)).toBe('not-allowed');
		expect(await set(0, limit.version)).toBe('invalid');
		expect(await set(30, limit.version)).toBe('none');
		expect(await set(40, limit.version)).toBe('conflict');
		await releaseHeld(db(), desk.coordinator, { kind: 'recheck', expected: PEOPLE }, updatedAt);
		const both = await Promise.all([processDueCases(db(), updatedAt), processDueCases(db(), updatedAt)]);
		expect(both.reduce((sum, n) => sum + n, 0)).toBe(30);
		expect(await processDueCases(db(), new Date(updatedAt.getTime() + 3_600_000))).toBe(0);
		expect(await readDailyLimit(db(), updatedAt)).toMatchObject({ perDay: 30, isSet: true, sentToday: 30 });
		expect((await readDailyLimit(db(), updatedAt)).keptBack).toBe(PEOPLE - 30);
		expect(await processDueCases(db(), daysLater(1))).toBe(30);
		// A higher limit counts from the next run on.
		const { version } = await readDailyLimit(db(), updatedAt);
		await setDailyLimit(db(), desk.coordinator, { perDay: 40, version }, daysLater(1));
		expect(await processDueCases(db(), daysLater(1))).toBe(10);
		expect(await processDueCases(db(), daysLater(1))).toBe(0);
		expect(await countEnded()).toBe(0);
		// Who had begun is asked for that: it is there as it was, and nobody has two to answer.
		const begun = await db()
			.select({ answers: assessments.answers })
			.from(assessments)
			.where(sql`token_hash like 'open link of %'`);
		expect(begun).toHaveLength(PEOPLE / 2);
		for (const { answers } of begun) expect(answers).toEqual({ stature: '171' });
		const { rows: twice } = await db().execute(sql`select person_id from assessments
			where answered_at is null and revoked_at is null group by person_id having count(*) > 1`);
		expect(twice).toEqual([]);
	});
});

describe('what people would have got anyway', () => {
	beforeAll(async () => {
		await db().delete(people).where(inArray(people.id, personIds));
		const { version } = await readDailyLimit(db(), updatedAt);
		await setDailyLimit(db(), desk.coordinator, { perDay: 1000, version }, updatedAt);
	});

	it('goes on: a check-in on its day, by the rules that are there', async () => {
		const { token, personId } = await desk.answered(PAINLESS, updatedAt);
		const open = await openAssessment(db(), token);
		const plan = await currentPlanOf(db(), open.assessment.id);
		for (const { place } of plan?.steps ?? [])
			await tickStep(db(), open, { thing: place, done: true }, updatedAt);
		await putRight(db(), open, updatedAt);
		expect((await desk.listed(personId)).rulesVersion).toBe(SHIPPED_RULES_VERSION);
		const asked = () =>
			db().$count(followUps, and(eq(followUps.personId, personId), eq(followUps.outcome, 'asked')));
		// An update that changes nothing for them holds nothing of theirs.
		await db()
			.update(cases)
			.set({ rulesVersion: 'core 0, checklist 0, policy 0', softwareVersion: 'core 0' })
			.where(eq(cases.personId, personId));
		await aRunOfTheQueue(daysLater(2));
		expect(await asked()).toBe(0);
		await aRunOfTheQueue(daysLater(16));
		expect(await asked()).toBe(1);
	});

	it('is remembered of a plan that was not begun, once, and held where an update makes it due', async () => {
		const { personId } = await desk.answered(PAINLESS, updatedAt);
		const reminded = () => db().$count(emails, eq(emails.personId, personId));
		const before = await reminded();
		// Two weeks on; the reminder was not there by the rules of then.
		await db().execute(sql`update plans set remind_on = null where assessment_id in
			(select id from assessments where person_id = ${personId})`);
		await db()
			.update(cases)
			.set({ rulesVersion: 'core 0, checklist 0, policy 0', softwareVersion: 'core 0', mailOn: null })
			.where(eq(cases.personId, personId));
		await aRunOfTheQueue(daysLater(20));
		expect(await reminded()).toBe(before);
		const kinds = await heldEmails(db(), desk.coordinator, '2027-04-21');
		expect(kinds).toEqual(
			expect.arrayContaining([{ kind: 'plan-reminder', why: 'update', team: 'T', people: 1, dueToday: 1 }])
		);
		await releaseHeld(
			db(),
			desk.coordinator,
			{ kind: 'plan-reminder', team: 'T', expected: 1 },
			daysLater(20)
		);
		await aRunOfTheQueue(daysLater(20));
		expect(await reminded()).toBe(before + 1);
		await aRunOfTheQueue(daysLater(21));
		expect(await reminded()).toBe(before + 1);
	});
});

describe('what is cancelled', () => {
	/** Someone whose check-in an update brought up: everything was put right, and no rule of then asked for one. */
	async function dueByUpdate(at: Date): Promise<string> {
		const { token, personId } = await desk.answered(PAINLESS, at);
		const open = await openAssessment(db(), token);
		const plan = await currentPlanOf(db(), open.assessment.id);
		for (const { place } of plan?.steps ?? []) await tickStep(db(), open, { thing: place, done: true }, at);
		await putRight(db(), open, at);
		await db()
			.delete(followUps)
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
		await byOtherRules(personId);
		return personId;
	}
	const byOtherRules = (personId: string) =>
		db()
			.update(cases)
			.set({
				rulesVersion: 'core 0, checklist 0, policy 0',
				softwareVersion: 'core 0',
				mailOn: null,
				reassessOn: null
			})
			.where(eq(cases.personId, personId));
	const openOf = async (personId: string, kind: 'check-in' | 'recheck') =>
		(
			await db()
				.select({ due: followUps.due, holdReason: followUps.holdReason, version: followUps.version })
				.from(followUps)
				.where(and(eq(followUps.personId, personId), eq(followUps.kind, kind), isNull(followUps.doneAt)))
		)[0];
	const written = (personId: string) => db().$count(emails, eq(emails.personId, personId));
	const heldOf = async (kind: string, at: Date) =>
		(await heldEmails(db(), desk.coordinator, at.toISOString().slice(0, 10)))
			.filter((line) => line.kind === kind)
			.reduce((sum, { people: n }) => sum + n, 0);

	it('is never asked; the check-in after it is, on its day', async () => {
		const at = daysLater(100);
		const personId = await dueByUpdate(at);
		const before = await written(personId);
		await aRunOfTheQueue(daysLater(120));
		const expected = await heldOf('check-in', daysLater(120));
		const first = await openOf(personId, 'check-in');
		expect(first?.holdReason).toBe('update');
		const cancel = (actor = desk.coordinator, n = expected) =>
			faultOf(cancelHeld(db(), actor, { kind: 'check-in', expected: n }, daysLater(120)));
		expect(await cancel(desk.reader)).toBe('not-allowed');
		expect(await cancel(desk.coordinator, expected + 1)).toBe('conflict');
		expect(await cancel()).toBe('none');
		expect(await heldOf('check-in', daysLater(120))).toBe(0);
		await aRunOfTheQueue(daysLater(121));
		expect(await written(personId)).toBe(before);
		const next = await openOf(personId, 'check-in');
		expect(next?.holdReason).toBeNull();
		expect(String(next?.due) > daysLater(120).toISOString().slice(0, 10)).toBe(true);
		expect(String(next?.due) > String(first?.due)).toBe(true);
		await aRunOfTheQueue(new Date(`${next?.due}T20:00:00Z`));
		expect(await written(personId)).toBe(before + 1);
	});

	it('is nothing any more once the person has left: the count and the list agree', async () => {
		const at = daysLater(150);
		const personId = await dueByUpdate(at);
		await aRunOfTheQueue(daysLater(170));
		const listed = async () =>
			(await heldEmails(db(), desk.coordinator, '2027-12-31')).reduce((sum, { people: n }) => sum + n, 0);
		const before = await countHeld(db());
		expect(await listed()).toBe(before);
		expect((await openOf(personId, 'check-in'))?.holdReason).toBe('update');
		await markAsLeft(db(), desk.coordinator, act(personId), daysLater(170));
		expect(await countHeld(db())).toBeLessThan(before);
		expect(await listed()).toBe(await countHeld(db()));
	});

	it('goes out on the day on which people would have got it anyway, where it was brought forward', async () => {
		const at = daysLater(200);
		const personId = await dueByUpdate(at);
		await aRunOfTheQueue(daysLater(201));
		const brought = await openOf(personId, 'recheck');
		const anyway = daysLater(200 + 500)
			.toISOString()
			.slice(0, 10);
		// As a database stands whose old rules asked four months later.
		await db()
			.update(followUps)
			.set({ due: anyway, policyDay: anyway, holdReason: null, heldBefore: null })
			.where(and(eq(followUps.personId, personId), eq(followUps.kind, 'recheck'), isNull(followUps.doneAt)));
		await byOtherRules(personId);
		await aRunOfTheQueue(daysLater(202));
		expect(await openOf(personId, 'recheck')).toMatchObject({ due: brought?.due, holdReason: 'update' });
		const expected = await heldOf('recheck', daysLater(202));
		await cancelHeld(db(), desk.coordinator, { kind: 'recheck', expected }, daysLater(202));
		// Judged again and again, it stays there.
		for (const n of [203, 204]) {
			await byOtherRules(personId);
			await aRunOfTheQueue(daysLater(n));
			expect(await openOf(personId, 'recheck')).toMatchObject({ due: anyway, holdReason: null });
		}
	});

	it('reminds nobody of a plan, however often the case is judged', async () => {
		const { personId } = await desk.answered(PAINLESS, daysLater(300));
		await db().execute(sql`update plans set remind_on = null where assessment_id in
			(select id from assessments where person_id = ${personId})`);
		await byOtherRules(personId);
		await aRunOfTheQueue(daysLater(320));
		const expected = await heldOf('plan-reminder', daysLater(320));
		expect(expected).toBeGreaterThan(0);
		await cancelHeld(db(), desk.coordinator, { kind: 'plan-reminder', expected }, daysLater(320));
		await byOtherRules(personId);
		await aRunOfTheQueue(daysLater(321));
		await aRunOfTheQueue(daysLater(330));
		const { rows: reminded } = await db().execute(sql`select 1 from plans where reminded_at is not null
			and assessment_id in (select id from assessments where person_id = ${personId})`);
		expect(reminded).toEqual([]);
		expect(await heldOf('plan-reminder', daysLater(330))).toBe(0);
	});
});

describe('an import', () => {
	it('that takes people back makes their self-assessment due, and writes to nobody', async () => {
		const { personId } = await desk.answered(PAINLESS, answeredAt);
		await markAsLeft(db(), desk.coordinator, act(personId), answeredAt);
		const [person] = await db().select().from(people).where(eq(people.id, personId));
		const written = () => db().$count(emails, eq(emails.personId, personId));
		const before = await written();
		const input = {
			lines: [[person?.name ?? '', person?.email ?? '']],
			columns: {
				name: [0],
				email: [1],
				staffNumber: [],
				team: [],
				phone: [],
				country: [],
				region: [],
				timeZone: [],
				language: [],
				leavesOn: []
			},
			firstRow: 2,
			headings: '',
			leaveOut: false,
			renames: [],
			apply: { key: randomUUID(), added: 0, changed: 0, leaveAbsent: false, takeBack: true }
		};
		await importPeople(db(), desk.coordinator, input, updatedAt);
		await aRunOfTheQueue(updatedAt);
		expect(await written()).toBe(before);
		const [open] = await db()
			.select({ holdReason: followUps.holdReason })
			.from(followUps)
			.where(and(eq(followUps.personId, personId), eq(followUps.kind, 'recheck'), isNull(followUps.doneAt)));
		expect(open).toEqual({ holdReason: 'import' });
	});
});
