import { SHIPPED_RULES } from '$lib/core/platform/rules/shipped-rules';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answersChangedSince } from '$lib/core/questionnaire/answers/changed-since';
import { parseCivilDate } from '$lib/core/platform/calendar/civil-date';
import { isWorkingDay } from '$lib/core/platform/calendar/working-days';
import { validateCorner } from '$lib/core/workstation/corner/validate-corner';
import { remindersFor } from '$lib/core/cases/triage/follow-up-dates';
import { addUser } from '$lib/server/platform/access/add-user';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { schema } from '$lib/server/platform/db/client';
import { personPlaceOf } from '$lib/server/people/person-place';
import { reassessCase } from '$lib/server/cases/case-assessments/reassess-cases';
import { sendDueReminders } from '$lib/server/people/rounds/send-due-reminders';
import { Z } from '$lib/core/workforce/statistics/interval';
import { FIGURE_CODES } from '$lib/core/workforce/codes';
import { keptCode, stepDoneCode } from '$lib/core/workforce/plan-step-codes';
import type { PublishedShare } from '$lib/core/workforce/figures';
import type { WorkforceView } from '$lib/core/workforce/view';
import { answersScreen, helpScreen, stepsScreen } from '$lib/server/workforce/screens';
import { seedWork } from '../../seed/demo-work';
import { QUIET_TEAM } from '../../seed/lives';
import { TRUTH } from '../../seed/truth';
import { seedWorkforce } from '../../seed/workforce';
import { makeTestDatabase, type TestDatabase } from '../support/database';

const now = new Date('2026-03-04T10:00:00Z');
const PEOPLE = 340;

/** Free days of a country. */
const calendarOf = (country: string) =>
	personPlaceOf({ timeZone: '', country }, { organisationZone: 'UTC', daysOff: null }).calendar;

let test: TestDatabase;
let coordinator: Parameters<typeof seedWork>[1];

beforeAll(async () => {
	test = await makeTestDatabase();
	const account = (name: string, role: 'coordinator' | 'clinician') =>
		addUser(test.db, { email: `${name}@example.org`, name, role, password: 'long enough pass' });
	coordinator = { kind: 'user', id: await account('c', 'coordinator'), name: 'c', role: 'coordinator' };
	await seedWorkforce(test.db, PEOPLE, now, coordinator);
	await seedWork(test.db, coordinator, await account('d', 'clinician'), now);
});

afterAll(() => test.drop());

describe('the generated workforce', () => {
	it('answers after it was asked, in working hours, and never in the future', async () => {
		const sent = await test.db.select().from(schema.assessments);
		expect(sent.length).toBeGreaterThan(PEOPLE);
		for (const { sentAt, answeredAt, seenAt } of sent) {
			expect(sentAt.getUTCHours()).toBeGreaterThanOrEqual(8);
			expect(sentAt.getUTCHours()).toBeLessThan(17);
			expect(sentAt <= now).toBe(true);
			if (answeredAt) expect(answeredAt.getTime() - sentAt.getTime()).toBeGreaterThanOrEqual(12 * 60_000);
			if (seenAt && answeredAt) expect(seenAt > answeredAt).toBe(true);
		}
	});

	it('has corners that are valid documents, some that fit and some that do not', async () => {
		const rows = await test.db.select().from(schema.assessments);
		const answered = rows.filter(({ workstation }) => workstation !== null);
		for (const { workstation, discomfort, signs, answers, sittingStyle } of answered) {
			expect(validateCorner(workstation).ok).toBe(true);
			// What each of them is told of their plan: it is the one of their answers.
			if (workstation)
				expect(answersChangedSince({ corner: workstation, discomfort, signs }, answers, sittingStyle)).toBe(
					false
				);
		}
		const off = answered.filter(({ checksOff }) => (checksOff ?? 0) > 0).length / answered.length;
		expect(off).toBeGreaterThan(0.3);
		expect(off).toBeLessThan(0.95);
	});

	it('stands in the lists as the program itself would put it there', async () => {
		const read = () =>
			test.db
				.select({
					id: schema.cases.personId,
					level: schema.cases.level,
					openSince: schema.cases.openSince,
					actBy: schema.cases.actBy,
					followUpOn: schema.cases.followUpOn,
					checksOff: schema.cases.checksOff,
					answeredAt: schema.cases.answeredAt,
					sentAt: schema.cases.sentAt
				})
				.from(schema.cases)
				.orderBy(schema.cases.personId);
		const seeded = await read();
		for (const { id } of seeded) await reassessCase(test.db, id, now);
		const made = await read();
		// A settled case keeps the level it had; where nothing was answered there is none.
		const listed = (rows: typeof seeded) =>
			rows.map(({ level, ...row }) => ({ ...row, level: row.openSince ? level : null }));
		expect(listed(made)).toEqual(listed(seeded));
	});

	it('is of lives that are all different', async () => {
		const { rows } = await test.db.execute<{
			n: number;
			answers: number;
			statures: number;
			most: number;
		}>(sql`
			select count(*)::int as n, count(distinct answers)::int as answers, count(distinct answers ->> 'stature')::int as statures,
				(select max(n)::int from (select count(*) as n from (select distinct on (person_id) answers ->> 'stature' as stature from assessments
					where answered_at is not null order by person_id, answered_at) s group by stature) t) as most
			from (select distinct on (person_id) answers from assessments where answered_at is not null order by person_id, answered_at) a`);
		const [told] = rows;
		expect(told?.n).toBeGreaterThan(250);
		expect(told?.answers).toBe(told?.n);
		expect(told?.statures).toBeGreaterThan(100);
		// Statures are given to the millimetre: of some three hundred, few are the same.
		expect(told?.most).toBeLessThanOrEqual(9);
	});

	it('gives the open work to the same people at every start: chosen by email address, as ids are random', async () => {
		const { rows } = await test.db.execute<{ email: string; shares: boolean }>(sql`
			select p.email, exists (select 1 from break_weeks w where w.person_id = p.id) as shares
			from cases c join people p on p.id = c.person_id join assessments a on a.person_id = p.id and a.place_of is null and a.answered_at = c.answered_at
			where p.left_at is null order by p.email`);
		const shares = rows.flatMap(({ shares: does }, place) => (does ? [place] : []));
		expect(shares).toEqual(Array.from({ length: 14 }, (_, place) => place));
	});

	it('has telephone numbers from ranges reserved for fiction only (Ofcom 020 7946 0xxx, Bundesnetzagentur 030 23125 xxx)', async () => {
		const rows = await test.db.select({ phone: schema.people.phone }).from(schema.people);
		const given = rows.filter(({ phone }) => phone !== '');
		expect(given.length).toBeGreaterThan(50);
		for (const { phone } of given) expect(phone).toMatch(/^\+44 20 7946 0\d{3}$|^\+49 30 23125 \d{3}$/);
	});

	it('sets follow-ups on working days of the person’s country', async () => {
		const { rows } = await test.db.execute<{ due: string; country: string }>(
			sql`select f.due::text, p.country from follow_ups f join people p on p.id = f.person_id where f.reason <> ''`
		);
		expect(rows.length).toBeGreaterThan(20);
		for (const { due, country } of rows) {
			const day = parseCivilDate(due);
			expect(day && isWorkingDay(day, calendarOf(country))).toBe(true);
		}
	});
});

describe('what is true of the generated workforce', () => {
	const view: WorkforceView = {
		on: '2026-03-04',
		isLive: true,
		closings: [],
		today: '2026-03-04',
		by: 'team',
		group: null,
		team: null,
		teams: []
	};
	/** At three standard errors each, five intervals hold what is true in 99 of 100 workforces; this one is the same at every start. */
	const holds = (figure: PublishedShare | null | undefined, truth: number) => {
		if (!figure) throw new Error('the figure is shown');
		const error = Math.sqrt((truth * (1 - truth)) / figure.n);
		expect(Math.abs(figure.share - truth), `${figure.x} of ${figure.n} for ${truth}`).toBeLessThan(3 * error);
	};

	it('is found again by the figures: who answers, which steps are done, and which stay in place', async () => {
		const { table: answers } = await answersScreen(test.db, view);
		const answered = answers.figures.find(({ code }) => code === FIGURE_CODES.answered);
		const quiet = answers.groups.indexOf(QUIET_TEAM);
		const [worst] = answers.groups
			.map((_team, i) => ({ i, share: answered?.groups[i]?.share ?? 1 }))
			.sort((a, b) => a.share - b.share);
		expect(worst?.i).toBe(quiet);
		const { table } = await stepsScreen(test.db, view);
		const of = (code: string) => table.figures.find((one) => one.code === code)?.all;
		for (const place of ['seat', 'keys', 'screen'] as const)
			holds(of(stepDoneCode(place)), TRUTH.stepDone[place] * (1 - TRUTH.startsLate));
		holds(of(keptCode(14, 'seat')), TRUTH.keptTwoWeeks.seat);
	});

	it('shows how far pads sink, and how often a coordinator sees what the answers say', async () => {
		const { pads, looks } = await stepsScreen(test.db, view);
		expect(pads.length).toBeGreaterThan(0);
		for (const { kind, percent, low, high } of pads) {
			const error = Math.log(high / low) / (2 * Z);
			expect(Math.abs(Math.log(percent / TRUTH.padsLeft[kind])), kind).toBeLessThan(3 * error);
		}
		expect(looks?.checks.length).toBeGreaterThan(0);
		for (const { figure } of looks?.checks ?? []) if (figure) holds(figure, TRUTH.agreesOnHeights);
	});

	it('shows that plans help, by about as much as is true, and no more than that without', async () => {
		const { courses, difference } = await helpScreen(test.db, { ...view, by: null });
		const done = courses.find(({ course }) => course === 'done')?.change;
		const [least, most] = TRUTH.fallsWithPlan;
		expect(done?.high).toBeLessThan(-0.5);
		// A score can't fall below 0: who begins with 1 or 2 can't gain as much.
		expect(-(done?.estimate ?? 0)).toBeLessThanOrEqual(most);
		expect(-(done?.low ?? 0)).toBeGreaterThan(least / 2);
		expect(difference?.high).toBeLessThan(0);
	});
});

describe('the rounds of the demo', () => {
	it('have reminded the silent on the days of the policy, with an email each, and nobody is due already', async () => {
		const { rows } = await test.db.execute<{
			sent: string;
			country: string;
			reminders: number;
			remind_on: string;
			emails: number;
		}>(sql`
			select (a.sent_at at time zone 'UTC')::date::text as sent, p.country, rp.reminders, rp.remind_on::text,
				(select count(*)::int from emails l where l.person_id = p.id and l.round_id = rp.round_id) as emails
			from round_people rp join rounds r on r.id = rp.round_id and r.state = 'open'
			join assessments a on a.id = rp.assessment_id join people p on p.id = rp.person_id
			where rp.state = 'sent'`);
		expect(rows.length).toBeGreaterThanOrEqual(5);
		for (const { sent, country, reminders, remind_on, emails } of rows) {
			const invited = parseCivilDate(sent);
			if (!invited) throw new Error(`${sent} is no day`);
			const days = remindersFor(invited, SHIPPED_RULES.policy, calendarOf(country)).map(({ on }) => on);
			expect(reminders).toBe(days.filter((day) => day < '2026-03-04').length);
			expect(remind_on).toBe(days[reminders]);
			expect(emails).toBe(reminders);
		}
		const before = await test.db.$count(schema.emails);
		const dueToday = rows.filter(({ remind_on }) => remind_on === '2026-03-04').length;
		await sendDueReminders(test.db, now);
		expect(await test.db.$count(schema.emails)).toBe(before + dueToday);
	});

	it('leave the coordinator a day with something of every kind', async () => {
		const { lines } = await readDaySheet(test.db, coordinator, '2026-03-04');
		const requests = lines.flatMap(({ assessmentResult }) =>
			(assessmentResult?.reasons ?? []).map(({ code, what }) => what ?? code)
		);
		expect(requests).toEqual(expect.arrayContaining(['equipment', 'message']));
		expect(lines.some(({ openSince }) => openSince === null)).toBe(true);
		const referred = lines.filter(({ referral }) => referral?.name === 'd');
		expect(referred.length).toBeGreaterThan(0);
		// One of them was asked back.
		expect(referred.filter(({ clinicianSaid }) => clinicianSaid !== null)).toHaveLength(1);
	});
});
