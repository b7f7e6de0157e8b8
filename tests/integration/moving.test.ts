import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseCivilDate, type CivilDate } from '$lib/core/platform/calendar/civil-date';
import { exportOwnData } from '$lib/server/questionnaire/assessments/export-own-data';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { changePersonSettings } from '$lib/server/cases/set-up';
import { schema } from '$lib/server/platform/db/client';
import {
	chooseBreakSchedule,
	storeBreakWeek,
	breaksOf,
	shareBreakWeeks
} from '$lib/server/breaks/choose-break-schedule';
import { breakTotals } from '$lib/server/breaks/break-totals';
import { readBreaksPage } from '$lib/server/breaks/read-breaks-page';
import { planHere } from '../support/planning';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

let desk: Desk;
/** A Monday. */
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;
const { breakWeeks } = schema;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const weeksOf = (personId: string) => db().$count(breakWeeks, eq(breakWeeks.personId, personId));

describe('how someone breaks', () => {
	it('is what was set for them, unless they chose themselves', async () => {
		const { personId, open } = await desk.answered();
		expect(await readBreaksPage(db(), open, now)).toMatchObject({
			sentBreakSchedule: 'few',
			chosenBreakSchedule: null
		});
		const wanted = {
			...act(personId),
			sittingStyle: null,
			questionnaireMode: null,
			breakSchedule: 'stairs'
		} as const;
		await changePersonSettings(db(), desk.coordinator, wanted, now, planHere);
		const { open: again } = await desk.answer(personId, MIRELA, desk.later(5));
		expect(await readBreaksPage(db(), again, now)).toMatchObject({
			sentBreakSchedule: 'stairs',
			chosenBreakSchedule: null
		});
		await chooseBreakSchedule(db(), again, { breakSchedule: 'hour', share: 'half' });
		expect(await readBreaksPage(db(), again, now)).toMatchObject({
			chosenBreakSchedule: 'hour',
			share: 'half'
		});
		expect(await breaksOf(db(), desk.coordinator, personId)).toMatchObject({
			chosenBreakSchedule: 'hour',
			weeks: []
		});
		await chooseBreakSchedule(db(), again, { breakSchedule: null, share: 'moving' });
		expect(await readBreaksPage(db(), again, now)).toMatchObject({
			chosenBreakSchedule: null,
			share: 'moving'
		});
	});

	it('follows what hurts, and a sign holds everything back that pulls at anything', async () => {
		const { open } = await desk.answered({ ...MIRELA, 'pain.neck.worst': '8', 'pain.neck.days': '3' });
		const { body, hurts } = await readBreaksPage(db(), open, now);
		expect(body).toMatchObject({ worst: { neck: 8 }, hasOtherSign: false, isInWheelchair: false });
		expect(hurts).toContain('neck');
		const { open: signed } = await desk.answered({ ...MIRELA, 'sign.wakes-at-night': 'yes' });
		expect((await readBreaksPage(db(), signed, now)).body.hasOtherSign).toBe(true);
		const { open: well } = await desk.answered(PAINLESS);
		expect((await readBreaksPage(db(), well, now)).hurts).toEqual([]);
	});

	it('is shared as two numbers a week, only while the person wants it', async () => {
		const { personId, open } = await desk.answered();
		const week = { week: '2026-02-23', planned: 60, taken: 41 };
		expect(await faultOf(storeBreakWeek(db(), open, week))).toBe('conflict');
		expect(await weeksOf(personId)).toBe(0);
		await shareBreakWeeks(db(), open, true, now);
		await storeBreakWeek(db(), open, week);
		// The newest count stands; more than was planned is planned.
		await storeBreakWeek(db(), open, { ...week, taken: 70 });
		expect(await breaksOf(db(), desk.coordinator, personId)).toMatchObject({
			isShared: true,
			weeks: [{ week: '2026-02-23', planned: 70, taken: 70 }]
		});
		// What is kept of it goes along with the rest that a person may have.
		expect((await exportOwnData(db(), open)).breaks).toMatchObject({
			setRhythm: 'few',
			isShared: true,
			weeks: [{ taken: 70 }]
		});
		// A week begins on a Monday; a day that is none is refused.
		for (const wrong of ['2026-02-24', 'x', '2026-02-31'])
			expect(await faultOf(storeBreakWeek(db(), open, { ...week, week: wrong }))).toBe('invalid');
		expect(await faultOf((async () => breaksOf(db(), desk.clinician, personId))())).toBe('not-allowed');
		await shareBreakWeeks(db(), open, false, now);
		expect(await weeksOf(personId)).toBe(0);
		expect(await breaksOf(db(), desk.coordinator, personId)).toMatchObject({ isShared: false, weeks: [] });
		const acts = await db()
			.select({ act: schema.auditLines.act })
			.from(schema.auditLines)
			.where(eq(schema.auditLines.personId, personId));
		expect(acts.map((one) => one.act)).toEqual(
			expect.arrayContaining(['breaks-shared', 'breaks-not-shared'])
		);
	});

	it('goes with what is withdrawn', async () => {
		const { personId, open } = await desk.answered();
		await shareBreakWeeks(db(), open, true, now);
		await storeBreakWeek(db(), open, { week: '2026-02-23', planned: 10, taken: 5 });
		await withdrawAnswers(db(), open, now);
		expect(await weeksOf(personId)).toBe(0);
		expect(await db().$count(schema.breakSettings, eq(schema.breakSettings.personId, personId))).toBe(0);
	});
});

describe('the breaks of the workforce', () => {
	const on = parseCivilDate('2026-07-08') as CivilDate;
	const share = async (week: string, taken: number) => {
		const { open } = await desk.answered(PAINLESS);
		await shareBreakWeeks(db(), open, true, now);
		await storeBreakWeek(db(), open, { week, planned: 50, taken });
	};

	it('are told of five people at least, of whole weeks, in steps that no single one shows in', async () => {
		for (let n = 0; n < 4; n += 1) await share('2026-06-29', 20);
		// The week that runs is not told yet.
		await share('2026-07-06', 50);
		expect(await breakTotals(db(), on)).toBeNull();
		await share('2026-06-29', 27);
		expect(await breakTotals(db(), on)).toEqual({ atLeast: 5, takenPercent: 45 });
		await share('2026-06-15', 27);
		expect((await breakTotals(db(), on))?.atLeast).toBe(5);
	});
});
