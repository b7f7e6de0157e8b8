import { randomUUID } from 'node:crypto';
import { and, eq, inArray, like, sql } from 'drizzle-orm';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { newestLinkPath } from '$lib/server/questionnaire/assessments/send-assessment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { actInBulk } from '$lib/server/people/act-in-bulk';
import { lockPerson } from '$lib/server/people/lock-person';
import { readCase } from '$lib/server/cases/read-case';
import { processDueCases } from '$lib/server/cases/check-ins/process-due-cases';
import { openDatabase, schema } from '$lib/server/platform/db/client';
import { ChangeFeed, publishChange, type ChangeTopic } from '$lib/server/platform/live/changes';
import { planHere } from '../support/planning';
import { deliverEmails, messageIdOf } from '$lib/server/platform/email/deliver-emails';
import { ROUND_FIELDS } from '$lib/messages/emails';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { composeEmail } from '$lib/server/platform/email/compose-email';
import {
	DeliveryError,
	testInboxTransport,
	type MailTransport
} from '$lib/server/platform/email/mail-transport';
import { queueEmail } from '$lib/server/platform/email/queue-email';
import { referCase } from '$lib/server/cases/referrals/refer';
import { roundProgressOf } from '$lib/server/people/rounds/round-news';
import { correctRound, pauseRound } from '$lib/server/people/rounds/correct-round';
import {
	changeRound,
	createRound,
	deleteDraft,
	type RoundInput
} from '$lib/server/people/rounds/edit-rounds';
import { listRounds, readRound } from '$lib/server/people/rounds/read-rounds';
import { roundFigures, pairedRoundFigures } from '$lib/server/people/rounds/round-figures';
import { applyRoundChanges } from '$lib/server/people/rounds/round-changes';
import { inTransaction } from '$lib/server/platform/db/transaction';
import { requirePerson } from '$lib/server/people/lock-person';
import { closeRound, reopenRound, startRound } from '$lib/server/people/rounds/run-round';
import { previewRoundSelection } from '$lib/server/people/rounds/round-selection';
import { remindUnanswered } from '$lib/server/people/rounds/remind-unanswered';
import { roundNewsOf } from '$lib/server/people/rounds/round-news';
import { sendDueReminders } from '$lib/server/people/rounds/send-due-reminders';
import { sendRoundBatches } from '$lib/server/people/rounds/send-round';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';
import { hearJobs } from '../support/hear-jobs';
import { openLetter } from '../support/open-letter';
import { PATIENCE } from '../support/patience';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;
const ORIGIN = 'https://corner.example';

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const { emails, testInbox, people, roundPeople } = schema;

async function post(count: number, at = now): Promise<void> {
	for (let i = 0; i < count; i += 1)
		await queueEmail(db(), {
			personId: null,
			kind: 'message',
			language: 'en',
			toName: `Name ${i}`,
			toEmail: `n${i}@example.org`,
			subject: 'Hello',
			body: 'One.\n\nTwo & <three>.',
			linkPath: '/c/token',
			writtenAt: at
		});
}

describe('the post', () => {
	it('delivers every email once, however many processes take from the queue', async () => {
		await post(90);
		const pools = Array.from({ length: 3 }, () => openDatabase(desk.test.url));
		const done = await Promise.all(
			pools.map(({ db: own }) =>
				deliverEmails(
					own,
					testInboxTransport(own, () => now),
					ORIGIN,
					() => now
				)
			)
		);
		await Promise.all(pools.map(({ pool }) => pool.end()));
		expect(done.reduce((sum, { delivered }) => sum + delivered, 0)).toBe(90);
		expect(await db().$count(testInbox)).toBe(90);
		expect(await db().$count(testInbox, sql`${testInbox.times} > 1`)).toBe(0);
		expect(await db().$count(emails, eq(emails.state, 'waiting'))).toBe(0);
	});

	it('sends an email again under the same id where it stopped between handing over and noting it', async () => {
		await post(3);
		const own = testInboxTransport(db(), () => now);
		let handed = 0;
		const stopsAfterTwo: MailTransport = {
			isReal: false,
			async deliver(email) {
				await own.deliver(email);
				handed += 1;
				if (handed === 2) throw new Error('the process is gone');
			}
		};
		await expect(deliverEmails(db(), stopsAfterTwo, ORIGIN, () => now)).rejects.toThrow('gone');
		const waiting = await db().select().from(emails).where(eq(emails.state, 'waiting'));
		expect(waiting).toHaveLength(1);
		// Its claim holds for a while, then another process takes it for lost.
		expect((await deliverEmails(db(), own, ORIGIN, () => now)).delivered).toBe(0);
		expect((await deliverEmails(db(), own, ORIGIN, () => desk.later(10))).delivered).toBe(1);
		const ids = waiting.map(({ id }) => messageIdOf(id));
		const lies = await db().select().from(testInbox);
		const mine = lies.filter(({ messageId }) => ids.includes(messageId));
		expect(mine.map(({ times }) => times)).toEqual([2]);
	});

	it('holds no lock while a mail server is silent: whom the email is for can go on', async () => {
		const personId = await desk.person({ team: 'Silent' });
		const { token } = await desk.send(personId);
		let answer = () => {};
		let ask = () => {};
		const answered = new Promise<void>((resolve) => (answer = resolve));
		const asked = new Promise<void>((resolve) => (ask = resolve));
		const silent: MailTransport = {
			isReal: false,
			deliver() {
				ask();
				return answered;
			}
		};
		const delivery = deliverEmails(db(), silent, ORIGIN, () => now);
		await asked;
		const open = await openAssessment(db(), token);
		await saveAnswers(db(), open, { 'sign.chest-pain': 'yes' }, now);
		expect((await desk.listed(personId)).level).toBe('emergency');
		// Nor does another process hand the same email over in the meantime.
		expect(await deliverEmails(db(), silent, ORIGIN, () => now)).toMatchObject({ delivered: 0 });
		answer();
		expect((await delivery).delivered).toBe(1);
	});

	it('tries again later and later, and gives up in the end, with what the server said', async () => {
		await post(1);
		let at = now;
		let tries = 0;
		const busy: MailTransport = {
			isReal: false,
			deliver() {
				tries += 1;
				return Promise.reject(new DeliveryError('451 try later', false));
			}
		};
		const waits: number[] = [];
		for (let i = 0; i < 20; i += 1) {
			await deliverEmails(db(), busy, ORIGIN, () => at);
			const [email] = await db().select().from(emails).where(like(emails.fault, '451%'));
			if (email?.state !== 'waiting') break;
			// A moment too early nothing is tried.
			const before = tries;
			const soon = new Date(email.nextTryAt.getTime() - 1);
			await deliverEmails(db(), busy, ORIGIN, () => soon);
			expect(tries).toBe(before);
			waits.push((email.nextTryAt.getTime() - at.getTime()) / 60_000);
			at = email.nextTryAt;
		}
		expect(waits).toEqual([1, 5, 15, 60, 240, 720, 1440, 1440, 1440, 1440, 480]);
		// Five days: a mail server that is down over a long weekend loses nothing.
		expect(waits.reduce((sum, minutes) => sum + minutes, 0)).toBeGreaterThanOrEqual(5 * 1440);
		expect(await db().$count(emails, and(eq(emails.state, 'failed'), like(emails.fault, '451%')))).toBe(1);
	});

	it('writes HTML that holds the email and runs nothing', () => {
		const { html } = composeEmail(
			{ kind: 'message', language: 'en', subject: '<b>', body: 'a\n\n<script>x</script>' },
			{
				organisation: { ...UNSET_ORGANISATION, name: '<b>', address: '<script>' },
				logo: null,
				link: 'https://x.example/?a="b'
			}
		);
		expect(html).toContain('&lt;script&gt;');
		expect(html).not.toMatch(/<script|"b"|<b>/);
	});

	it('notes an address that does not exist with the person, who is reminded no more', async () => {
		const personId = await desk.person({ email: 'gone@bounces.invalid' });
		await desk.send(personId);
		await deliverEmails(
			db(),
			testInboxTransport(db(), () => now),
			ORIGIN,
			() => now
		);
		const [person] = await db().select().from(people).where(eq(people.id, personId));
		expect(person?.bouncedAt).toEqual(now);
		expect(
			(await previewRoundSelection(db(), { teams: ['T'], country: '', notAnsweredWithinDays: 0 }, now)).n
		).toBe(0);
	});
});

describe('a round', () => {
	const input: RoundInput = {
		name: 'Spring',
		filter: { teams: ['Round'], country: '', notAnsweredWithinDays: 0 },
		sittingStyle: 'open',
		questionnaireMode: 'complete',
		breakSchedule: 'half-hour',
		subject: 'A look, {name}',
		body: 'Hello {name}, until {until}.',
		startsOn: '2026-03-02',
		dueOn: '2026-03-30',
		timeZone: 'Europe/Lisbon'
	};
	const at = (day: string) => new Date(`${day}T10:00:00Z`);

	// Nobody of an earlier test's round is reminded by this one.
	beforeEach(async () => {
		await db().update(schema.rounds).set({ pausedAt: now }).where(eq(schema.rounds.state, 'open'));
	});

	async function started(size: number, over: Partial<RoundInput> = {}) {
		const team = `Round ${Math.round(performance.now() * 1000)}`;
		const ids = [];
		for (let i = 0; i < size; i += 1) ids.push(await desk.person({ team }));
		const filter = { ...input.filter, teams: [team] };
		const id = await createRound(db(), desk.coordinator, { ...input, filter, ...over }, now);
		await startRound(db(), desk.coordinator, { id, version: 1, expected: size }, now);
		return { id, ids, team };
	}

	it('is a draft that is changed by one at a time, and goes to as many as were seen', async () => {
		const id = await createRound(db(), desk.coordinator, input, now);
		const change = (version: number) =>
			faultOf(changeRound(db(), desk.coordinator, { id, version, ...input, name: 'Spring again' }));
		expect([await change(1), await change(1)]).toEqual(['none', 'conflict']);
		expect(await faultOf(startRound(db(), desk.coordinator, { id, version: 2, expected: 3 }, now))).toBe(
			'conflict'
		);
		expect(await faultOf(startRound(db(), desk.coordinator, { id, version: 2, expected: 0 }, now))).toBe(
			'conflict'
		);
		expect(await roundProgressOf(db(), id)).toEqual({});
		for (const wrong of [
			{ name: ' ' },
			{ dueOn: '2026-01-01' },
			{ timeZone: 'Mars' },
			{ startsOn: '2026-02-30' }
		])
			expect(await faultOf(createRound(db(), desk.coordinator, { ...input, ...wrong }, now))).toBe('invalid');
	});

	it('deletes a draft as it was seen, with a line in the audit log, and nothing that is out', async () => {
		const id = await createRound(db(), desk.coordinator, input, now);
		const drop = (version: number) => deleteDraft(db(), desk.coordinator, { id, version }, now);
		await changeRound(db(), desk.coordinator, { id, version: 1, ...input, name: 'Changed by a colleague' });
		expect(await faultOf(drop(1))).toBe('conflict');
		await drop(2);
		expect(await faultOf(drop(2))).toBe('not-found');
		const { rows } = await db().execute(
			sql`select act, detail from audit_lines where detail ->> 'round' = ${id} order by id`
		);
		expect(rows.map(({ act: done }) => done)).toEqual(['round-made', 'round-draft-deleted']);
		const { id: out } = await started(1);
		expect(await faultOf(deleteDraft(db(), desk.coordinator, { id: out, version: 2 }, now))).toBe('conflict');
		expect(await sendRoundBatches(db(), () => now)).toBe(1);
	});

	it('calls other processes for help once, and has the audit log sealed as it grows', async () => {
		const team = 'A thousand and more';
		await db().execute(sql`insert into people (id, name, email, team, created_at)
			select md5('many ' || n)::uuid, 'Person ' || n, 'many.' || n || '@lanterns.example', ${team}, ${now} from generate_series(1, 1010) n`);
		await db().execute(sql`insert into cases (person_id) select id from people where team = ${team}`);
		const filter = { ...input.filter, teams: [team] };
		const id = await createRound(db(), desk.coordinator, { ...input, filter }, now);
		await startRound(db(), desk.coordinator, { id, version: 1, expected: 1010 }, now);
		const { jobs, stop } = await hearJobs(desk.test.url);
		expect(await sendRoundBatches(db(), () => now)).toBe(1010);
		await stop();
		expect(jobs.filter((name) => name === 'rounds')).toHaveLength(1);
		expect(jobs.filter((name) => name === 'audit-log')).toHaveLength(1);
		await db().delete(schema.people).where(eq(schema.people.team, team));
	});

	it('writes each email once by several processes, with its fields filled in, and is open then', async () => {
		const { id, ids } = await started(60);
		const pools = Array.from({ length: 3 }, () => openDatabase(desk.test.url));
		const written = await Promise.all(pools.map(({ db: own }) => sendRoundBatches(own, () => now)));
		await Promise.all(pools.map(({ pool }) => pool.end()));
		await sendRoundBatches(db(), () => now);
		expect(written.reduce((a, b) => a + b, 0)).toBe(60);
		expect(await roundProgressOf(db(), id)).toEqual({ sent: 60 });
		const sent = await db().select().from(emails).where(eq(emails.roundId, id));
		expect(new Set(sent.map(({ personId }) => personId))).toEqual(new Set(ids));
		expect(sent).toHaveLength(60);
		expect(sent[0]?.body).toMatch(/^Hello Person \d+, until 30 March 2026\.$/);
		expect((await listRounds(db(), desk.coordinator)).find((round) => round.id === id)?.state).toBe('open');
	});

	it('writes nothing while it is paused, neither invitations nor reminders, and goes on where it was', async () => {
		const { id, team } = await started(30);
		const pause = (version: number, isPaused: boolean) =>
			faultOf(pauseRound(db(), desk.coordinator, { id, version, isPaused }, now));
		const sent = async () => (await roundProgressOf(db(), id)).sent ?? 0;
		expect(await pause(2, true)).toBe('none');
		expect([await pause(2, true), await pause(3, true)]).toEqual(['conflict', 'conflict']);
		await sendRoundBatches(db(), () => now);
		expect(await sent()).toBe(0);
		expect(await pause(3, false)).toBe('none');
		await sendRoundBatches(db(), () => now);
		expect(await sent()).toBe(30);

		const reminded = () => db().$count(emails, and(eq(emails.roundId, id), eq(emails.kind, 'reminder')));
		expect(await pause(4, true)).toBe('none');
		await sendDueReminders(db(), at('2026-03-06'));
		expect(await reminded()).toBe(0);
		expect(
			await faultOf(
				remindUnanswered(db(), desk.coordinator, { id, personId: null, expected: 30 }, at('2026-03-06'))
			)
		).toBe('conflict');
		expect((await readRound(db(), desk.coordinator, id, at('2026-03-06'))).nudgeable).toBe(0);
		// Links work all the time.
		const [person] = await db().select().from(people).where(eq(people.team, team)).limit(1);
		const [link] = await db()
			.select()
			.from(emails)
			.where(and(eq(emails.personId, person?.id ?? ''), eq(emails.roundId, id)));
		const open = await openLetter(db(), link);
		await recordConsent(db(), open, at('2026-03-06'));
		await saveAnswers(db(), open, MIRELA, at('2026-03-06'));
		expect(await submitAnswers(db(), open, at('2026-03-06'), planHere)).toEqual({ ok: true });
		expect(await pause(5, false)).toBe('none');
		await sendDueReminders(db(), at('2026-03-06'));
		expect(await reminded()).toBe(29);
		// Nobody without the right, and no round that isn't out.
		expect(await faultOf(pauseRound(db(), desk.reader, { id, version: 6, isPaused: true }, now))).toBe(
			'not-allowed'
		);
		const draft = await createRound(db(), desk.coordinator, input, now);
		expect(
			await faultOf(pauseRound(db(), desk.coordinator, { id: draft, version: 1, isPaused: true }, now))
		).toBe('conflict');
	});

	it('is extended and corrected for what has not gone out; what has stays as it was', async () => {
		const { id } = await started(40, { startsOn: '2026-03-04' });
		const text = { subject: 'A second look, {name}', body: 'Until {until}, {name}.' };
		const correct = (version: number, over: object = {}) =>
			faultOf(
				correctRound(
					db(),
					desk.coordinator,
					{ id, version, ...text, dueOn: '2026-04-13', ...over },
					at('2026-03-03')
				)
			);
		for (const wrong of [
			{ dueOn: '2026-03-03' },
			{ dueOn: '2026-02-30' },
			{ subject: ' ' },
			{ body: 'Hello {nobody}' }
		])
			expect(await correct(2, wrong), JSON.stringify(wrong)).toBe('invalid');
		expect([await correct(2), await correct(2)]).toEqual(['none', 'conflict']);
		await sendRoundBatches(db(), () => at('2026-03-04'));
		const written = await db().select().from(emails).where(eq(emails.roundId, id));
		expect(written).toHaveLength(40);
		for (const { subject, body } of written) {
			expect(subject).toMatch(/^A second look, Person \d+$/);
			expect(body).toMatch(/^Until 13 April 2026, Person \d+\.$/);
		}
		expect(await correct(3, { dueOn: '2026-05-04', body: 'Too late.' })).toBe('none');
		expect((await db().select().from(emails).where(eq(emails.roundId, id))).map(({ body }) => body)).toEqual(
			written.map(({ body }) => body)
		);
		// A reminder names the invitation by its new subject.
		expect(await correct(4, { subject: 'Longer, {name}' })).toBe('none');
		await sendDueReminders(db(), at('2026-03-10'));
		const [reminder] = await db()
			.select()
			.from(emails)
			.where(and(eq(emails.roundId, id), eq(emails.kind, 'reminder')));
		expect(`${reminder?.subject} ${reminder?.body}`).toMatch(/Longer, Person/);
	});

	it('passes over someone whose email can’t be written, told so, and goes on with the others and the rounds after it', async () => {
		const { id, ids } = await started(60);
		const next = await started(3);
		const [broken = ''] = ids;
		await db().execute(
			sql.raw(`
			create function refuse_one() returns trigger language plpgsql as $$ begin raise exception 'refused'; end $$;
			create trigger refuse_one before insert on assessments for each row when (new.person_id = '${broken}') execute function refuse_one()`)
		);
		expect(await sendRoundBatches(db(), () => now)).toBe(63);
		await db().execute(sql`drop function refuse_one cascade`);
		expect(await roundProgressOf(db(), id)).toEqual({ sent: 59, skipped: 1 });
		expect(await roundProgressOf(db(), next.id)).toEqual({ sent: 3 });
	});

	it('tells who follows it of emails, answers, addresses that come back, reminders and its end, and of no other round', async () => {
		const changes = new ChangeFeed(desk.test.url);
		const { id, ids } = await started(3);
		const other = await started(1);
		const heard = { mine: 0, others: 0, marks: 0 };
		const follow = (what: ChangeTopic, key: keyof typeof heard) =>
			changes.follow(what, { look: () => (heard[key] += 1), end: () => {} });
		const ends = [
			follow(`round:${id}`, 'mine'),
			follow(`round:${other.id}`, 'others'),
			follow('job:mark', 'marks')
		];
		const soon = (check: () => void) => vi.waitFor(check, PATIENCE);
		await soon(() => expect(heard).toEqual({ mine: 1, others: 1, marks: 1 }));
		/** Does something and waits until it was told. */
		const tells = async (work: () => Promise<unknown>) => {
			const before = heard.mine;
			await work();
			await soon(() => expect(heard.mine).toBeGreaterThan(before));
		};
		/** What the other round was told of until now: messages arrive in the order of their commits, so all are here once a mark is. */
		const othersSoFar = async () => {
			const before = heard.marks;
			await publishChange(db(), 'job:mark');
			await soon(() => expect(heard.marks).toBeGreaterThan(before));
			return heard.others;
		};
		await tells(() => sendRoundBatches(db(), () => now));
		const [quick = '', gone = ''] = ids;
		const [link] = await db()
			.select()
			.from(emails)
			.where(and(eq(emails.personId, quick), eq(emails.roundId, id)));
		const open = await openLetter(db(), link);
		await recordConsent(db(), open, now);
		await saveAnswers(db(), open, MIRELA, now);
		await tells(() => submitAnswers(db(), open, now, planHere));
		const noSuchMailbox: MailTransport = {
			isReal: false,
			deliver: ({ toEmail }) =>
				toEmail === goneAt
					? Promise.reject(new DeliveryError('550 no such mailbox', true))
					: Promise.resolve()
		};
		const [{ goneAt = '' } = {}] = await db()
			.select({ goneAt: people.email })
			.from(people)
			.where(eq(people.id, gone));
		await tells(() => deliverEmails(db(), noSuchMailbox, ORIGIN, () => now));
		expect(await roundProgressOf(db(), id)).toEqual({ answered: 1, bounced: 1, sent: 1 });
		await tells(() => sendDueReminders(db(), at('2026-03-05')));
		const others = await othersSoFar();
		await tells(() => closeRound(db(), desk.coordinator, { id, version: 2, callSilent: false }, now));
		expect(await othersSoFar()).toBe(others);
		for (const end of ends) end();
		changes.close();
	});

	it('waits for its first day', async () => {
		const { id } = await started(2, { startsOn: '2026-03-09' });
		await sendRoundBatches(db(), () => at('2026-03-08'));
		expect(await roundProgressOf(db(), id)).toEqual({ waiting: 2 });
		await sendRoundBatches(db(), () => at('2026-03-09'));
		expect(await roundProgressOf(db(), id)).toEqual({ sent: 2 });
	});

	it('reminds the silent by working days and then puts them on the call list; who answers is left alone', async () => {
		const { id, ids } = await started(2);
		await sendRoundBatches(db(), () => now);
		const [silent = '', quick = ''] = ids;
		const [row] = await db()
			.select()
			.from(emails)
			.where(and(eq(emails.personId, quick), eq(emails.roundId, id)));
		const open = await openLetter(db(), row);
		await recordConsent(db(), open, now);
		await saveAnswers(db(), open, MIRELA, now);
		await submitAnswers(db(), open, at('2026-03-03'), planHere);
		const count = async () =>
			db().$count(emails, and(eq(emails.roundId, id), like(emails.subject, 'Reminder:%')));
		const seen: [string, number][] = [];
		for (let day = 2; day <= 31; day += 1) {
			const iso = `2026-03-${String(day).padStart(2, '0')}`;
			await Promise.all([sendDueReminders(db(), at(iso)), sendDueReminders(db(), at(iso))]);
			const n = await count();
			if (n !== (seen.at(-1)?.[1] ?? 0)) seen.push([iso, n]);
		}
		// 3, 7 and 14 working days after Monday 2 March.
		expect(seen).toEqual([
			['2026-03-05', 1],
			['2026-03-11', 2],
			['2026-03-20', 3]
		]);
		expect((await desk.judged(silent)).reasons).toMatchObject([
			{ code: 'request', level: 'help', what: 'silent' }
		]);
		expect((await readRound(db(), desk.coordinator, id, at('2026-03-31'))).silent).toMatchObject([
			{ personId: silent, toCall: true, reminders: 3 }
		]);
		// A late answer takes them off it.
		const [link] = await db()
			.select()
			.from(emails)
			.where(and(eq(emails.personId, silent), eq(emails.roundId, id)))
			.limit(1);
		const late = await openLetter(db(), link);
		await closeRound(db(), desk.coordinator, { id, version: 2, callSilent: false }, at('2026-03-31'));
		await applyRoundChanges(db(), () => at('2026-03-31'));
		await recordConsent(db(), late, at('2026-04-01'));
		await saveAnswers(db(), late, MIRELA, at('2026-04-01'));
		await submitAnswers(db(), late, at('2026-04-01'), planHere);
		expect(await roundFigures(db(), id)).toMatchObject({ people: 2, answered: 2, late: 1 });
		expect(await db().$count(roundPeople, and(eq(roundPeople.roundId, id), roundPeople.toCall))).toBe(0);
	});

	it('reminds before the day of the policy on request: as many as were seen, each at most once a day, and never one who answered', async () => {
		const { id, ids } = await started(3);
		await sendRoundBatches(db(), () => now);
		const reminders = () =>
			db().$count(emails, and(eq(emails.roundId, id), like(emails.subject, 'Reminder:%')));
		const nudge = (expected: number, on: Date, personId: string | null = null) =>
			faultOf(remindUnanswered(db(), desk.coordinator, { id, personId, expected }, on));
		// The invitation went out today.
		expect((await readRound(db(), desk.coordinator, id, now)).nudgeable).toBe(0);
		expect(await nudge(3, now)).toBe('conflict');
		const tuesday = at('2026-03-03');
		expect((await readRound(db(), desk.coordinator, id, tuesday)).nudgeable).toBe(3);
		const [first = ''] = ids;
		expect(await nudge(1, tuesday, first)).toBe('none');
		// Pressed again before the queue has written it.
		expect(await nudge(1, tuesday, first)).toBe('conflict');
		expect((await readRound(db(), desk.coordinator, id, tuesday)).silent).toContainEqual(
			expect.objectContaining({ personId: first, isBeingReminded: true, canBeNudged: false })
		);
		expect((await roundNewsOf(db(), id, tuesday)).due).toBe(1);
		await sendDueReminders(db(), tuesday);
		expect([await reminders(), (await roundNewsOf(db(), id, tuesday)).due]).toEqual([1, 0]);
		expect([await nudge(3, tuesday), await nudge(1, tuesday, first)]).toEqual(['conflict', 'conflict']);
		expect(await nudge(2, tuesday)).toBe('none');
		await Promise.all([sendDueReminders(db(), tuesday), sendDueReminders(db(), tuesday)]);
		expect(await reminders()).toBe(3);
		// It was the first of the policy's: the second keeps its own day.
		await sendDueReminders(db(), at('2026-03-10'));
		expect(await reminders()).toBe(3);
		await sendDueReminders(db(), at('2026-03-11'));
		expect(await reminders()).toBe(6);
		expect(
			await faultOf(
				remindUnanswered(db(), desk.reader, { id, personId: null, expected: 3 }, at('2026-03-13'))
			)
		).toBe('not-allowed');
		await closeRound(db(), desk.coordinator, { id, version: 2, callSilent: false }, at('2026-03-13'));
		expect(await nudge(3, at('2026-03-13'))).toBe('conflict');
	});

	it('passes over who is just answering, waits for nobody, and reminds them the next time', async () => {
		const { id, ids } = await started(2);
		await sendRoundBatches(db(), () => now);
		const day = at('2026-03-05');
		const [busy = '', other = ''] = ids;
		const reminded = async () =>
			(
				await db()
					.select({ personId: roundPeople.personId })
					.from(roundPeople)
					.where(and(eq(roundPeople.roundId, id), eq(roundPeople.reminders, 1)))
			).map(({ personId }) => personId);
		await db().transaction(async (tx) => {
			// As every act of a person begins; the queue goes on beside it.
			await lockPerson(tx, busy);
			await sendDueReminders(db(), day);
			expect(await reminded()).toEqual([other]);
		});
		await sendDueReminders(db(), day);
		expect((await reminded()).sort()).toEqual([...ids].sort());
	});

	it('reminds whose day has begun, however many wait whose day has not', async () => {
		const { id, ids } = await started(30);
		await sendRoundBatches(db(), () => now);
		const early = [...ids].sort().at(-1) ?? '';
		await db()
			.update(people)
			.set({
				timeZone: sql`case when ${people.id} = ${early} then 'Pacific/Auckland' else 'America/Los_Angeles' end`
			})
			.where(inArray(people.id, ids));
		await db().update(roundPeople).set({ remindOn: '2026-03-05' }).where(eq(roundPeople.roundId, id));
		await sendDueReminders(db(), new Date('2026-03-04T12:00:00Z'));
		const reminded = await db()
			.select({ personId: roundPeople.personId })
			.from(roundPeople)
			.where(and(eq(roundPeople.roundId, id), eq(roundPeople.reminders, 1)));
		expect(reminded).toEqual([{ personId: early }]);
	});

	it('reminds by the day of the organisation whom a list gave a zone that there is none of', async () => {
		const { id, ids } = await started(3);
		await sendRoundBatches(db(), () => now);
		const odd = [...ids].sort()[0] ?? '';
		// As it could come with a list that another program wrote into the table.
		await db().update(people).set({ timeZone: 'Nowhere/At all' }).where(eq(people.id, odd));
		await sendDueReminders(db(), at('2026-03-05'));
		const reminded = await db()
			.select({ personId: roundPeople.personId })
			.from(roundPeople)
			.where(and(eq(roundPeople.roundId, id), eq(roundPeople.reminders, 1)));
		expect(reminded.map(({ personId }) => personId).sort()).toEqual([...ids].sort());
		// Their case says that it is so.
		const { person } = await readCase(db(), desk.coordinator, odd, now);
		expect(person).toMatchObject({ timeZone: 'Nowhere/At all' });
	});

	it('passes over who has left since it was sent off', async () => {
		const { id, ids } = await started(2);
		await db()
			.update(people)
			.set({ leftAt: now })
			.where(eq(people.id, ids[0] ?? ''));
		await sendRoundBatches(db(), () => now);
		expect(await roundProgressOf(db(), id)).toEqual({ sent: 1, skipped: 1 });
	});

	it('is closed once, and writes no email after that', async () => {
		const { id } = await started(3);
		const close = (version: number) =>
			faultOf(closeRound(db(), desk.coordinator, { id, version, callSilent: false }, now));
		expect([await close(1), await close(2), await close(3)]).toEqual(['conflict', 'none', 'conflict']);
		// Even before the queue has been through its people.
		await sendRoundBatches(db(), () => now);
		expect(await roundProgressOf(db(), id)).toEqual({ waiting: 3 });
		await applyRoundChanges(db(), () => now);
		expect(await roundProgressOf(db(), id)).toEqual({ skipped: 3 });
		const { round } = await readRound(db(), desk.coordinator, id, now);
		expect(round).toMatchObject({ state: 'closed', pendingChange: null, counts: { skipped: 3 } });
	});

	it('is closed for each of its people beside acts on them: nobody is waited for but in the end, by two processes at once', async () => {
		const { id, ids } = await started(4);
		await sendRoundBatches(db(), () => now);
		const [held = ''] = [...ids].sort();
		let release = () => {};
		const isHeld = new Promise<void>((resolve) => (release = resolve));
		const act = inTransaction(db(), async (tx) => {
			await requirePerson(tx, held);
			await isHeld;
			// What it changes comes after the round's own change, and neither is lost.
			await tx.update(schema.cases).set({ version: 77 }).where(eq(schema.cases.personId, held));
		});
		await closeRound(db(), desk.coordinator, { id, version: 2, callSilent: true }, now);
		const rowsOf = () =>
			db()
				.select({
					personId: roundPeople.personId,
					toCall: roundPeople.toCall,
					remindOn: roundPeople.remindOn
				})
				.from(roundPeople)
				.where(eq(roundPeople.roundId, id));
		const applying = Promise.all([applyRoundChanges(db(), () => now), applyRoundChanges(db(), () => now)]);
		await vi.waitFor(async () => expect((await rowsOf()).filter(({ toCall }) => toCall)).toHaveLength(3));
		release();
		await Promise.all([act, applying]);
		expect((await rowsOf()).every(({ toCall, remindOn }) => toCall && remindOn === null)).toBe(true);
		const [kept] = await db().select().from(schema.cases).where(eq(schema.cases.personId, held));
		expect(kept).toMatchObject({ version: 77, reassessOn: '2026-03-02' });
		expect((await readRound(db(), desk.coordinator, id, now)).round.pendingChange).toBeNull();
	});

	it('leaves out who is referred to a clinician, has something grave open, or is answering or has just answered, and says so', async () => {
		const team = 'Left out';
		const inTeam = async () => desk.person({ team });
		const [free, grave, referred, begun, fresh, earlier, bounced] = [
			await inTeam(),
			await inTeam(),
			await inTeam(),
			await inTeam(),
			await inTeam(),
			await inTeam(),
			await inTeam()
		];
		const long = new Date('2026-01-10T09:00:00Z');
		await desk.answer(grave, { ...MIRELA, 'pain.neck.worst': '9', 'pain.neck.days': '3' }, long);
		await desk.answer(referred, PAINLESS, long);
		await referCase(
			db(),
			desk.coordinator,
			{
				...act(referred),
				clinicianId: desk.clinician.id,
				toName: '',
				question: 'Look',
				consentHow: 'written',
				answerBy: ''
			},
			now
		);
		const { token } = await desk.send(begun);
		const open = await openAssessment(db(), token);
		await recordConsent(db(), open, now);
		await saveAnswers(db(), open, { stature: '170' }, now);
		await desk.answer(fresh, PAINLESS);
		await desk.answer(earlier, PAINLESS, long);
		await db().update(people).set({ bouncedAt: now }).where(eq(people.id, bounced));
		const filter = { teams: [team], country: '', notAnsweredWithinDays: 0 };
		const who = await previewRoundSelection(db(), filter, now);
		expect(who.n).toBe(2);
		expect(who.leftOut.map(({ why, n }) => [why, n])).toEqual([
			['bounced', 1],
			['grave', 1],
			['referred', 1],
			['begun', 1],
			['fresh', 1]
		]);
		const ninety = await previewRoundSelection(db(), { ...filter, notAnsweredWithinDays: 90 }, now);
		expect([ninety.n, ninety.leftOut.at(-1)?.why]).toEqual([1, 'answered']);
		const id = await createRound(db(), desk.coordinator, { ...input, filter }, now);
		await startRound(db(), desk.coordinator, { id, version: 1, expected: 2 }, now);
		const sentTo = await db()
			.select({ personId: schema.roundPeople.personId })
			.from(schema.roundPeople)
			.where(eq(schema.roundPeople.roundId, id));
		expect(sentTo.map(({ personId }) => personId).sort()).toEqual([free, earlier].sort());
		// A send to those who were ticked by hand leaves out the same.
		const bulk = await actInBulk(
			db(),
			desk.coordinator,
			{
				whom: { ids: [free, grave, begun] },
				act: { kind: 'send' },
				expected: 3,
				key: randomUUID()
			},
			desk.later(1)
		);
		expect([bulk.n, bulk.leftOut.map(({ why }) => why)]).toEqual([1, ['grave', 'begun']]);
		// What was begun goes on.
		expect((await openAssessment(db(), token)).assessment.answers).toMatchObject({ stature: '170' });
	});

	it('is refused with a field that is none, in its subject or its email, with the known ones named', async () => {
		const make = (over: Partial<RoundInput>) =>
			createRound(db(), desk.coordinator, { ...input, ...over }, now);
		await expect(make({ body: 'Hello {name} of {team}' })).rejects.toMatchObject({
			at: '/body',
			why: { code: 'unknownFields', facts: { unknown: ['{team}'], known: ROUND_FIELDS } }
		});
		expect(await faultOf(make({ subject: 'For {Name}' }))).toBe('invalid');
		expect(await faultOf(make({ body: 'A set { of things }\n{name}' }))).toBe('invalid');
	});

	it('puts the silent on the call list when it is closed, and takes them off when it is opened again', async () => {
		const { id, ids } = await started(3);
		const [silent = '', answers = '', other = ''] = ids;
		await sendRoundBatches(db(), () => now);
		await desk.answer(answers, PAINLESS);
		const isCalled = async (personId: string) =>
			(await desk.judged(personId)).reasons.some(({ what }) => what === 'silent');
		await closeRound(db(), desk.coordinator, { id, version: 2, callSilent: true }, now);
		await applyRoundChanges(db(), () => now);
		await processDueCases(db(), now);
		expect([await isCalled(silent), await isCalled(other)]).toEqual([true, true]);
		expect(await isCalled(answers)).toBe(false);
		const open = (version: number) => faultOf(reopenRound(db(), desk.coordinator, { id, version }, now));
		expect([await open(2), await open(3), await open(4)]).toEqual(['conflict', 'none', 'conflict']);
		await applyRoundChanges(db(), () => now);
		await sendRoundBatches(db(), () => now);
		await processDueCases(db(), now);
		expect(await isCalled(silent)).toBe(false);
		const [row] = await db()
			.select({ toCall: schema.roundPeople.toCall, remindOn: schema.roundPeople.remindOn })
			.from(schema.roundPeople)
			.where(and(eq(schema.roundPeople.roundId, id), eq(schema.roundPeople.personId, silent)));
		expect(row).toEqual({ toCall: false, remindOn: '2026-03-03' });
		expect((await readRound(db(), desk.coordinator, id, now)).round.state).toBe('open');
	});

	it('is compared with another for the people who answered both', async () => {
		const { id: first, ids, team } = await started(2);
		await sendRoundBatches(db(), () => now);
		const answerRound = async (personId: string, answers: Readonly<Record<string, string>>, on: Date) => {
			const open = await openLetter(db(), { linkPath: await newestLinkPath(db(), personId) });
			await recordConsent(db(), open, on);
			await saveAnswers(db(), open, answers, on);
			await submitAnswers(db(), open, on, planHere);
		};
		const [both = '', once = ''] = ids;
		await answerRound(both, { ...MIRELA, 'pain.neck.worst': '5', 'pain.neck.days': '3' }, now);
		await answerRound(once, PAINLESS, now);
		const later = new Date('2026-04-20T09:00:00Z');
		const filter = { ...input.filter, teams: [team] };
		const dates = { startsOn: '2026-04-20', dueOn: '2026-05-01' };
		const second = await createRound(db(), desk.coordinator, { ...input, ...dates, filter }, later);
		await startRound(db(), desk.coordinator, { id: second, version: 1, expected: 2 }, later);
		await sendRoundBatches(db(), () => later);
		await answerRound(both, PAINLESS, later);
		const same = await pairedRoundFigures(db(), second, first);
		expect(same).toMatchObject({ people: 1, sore: [0, 1] });
	});
});
