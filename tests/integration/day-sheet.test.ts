import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { MOST_COUNTED } from '$lib/core/cases/day-sheet';
import { SHIPPED_SETTINGS } from '$lib/core/cases/triage/policy-settings';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { NO_DAY_SHEET_FILTER, readDaySheet, type DaySheetFilter } from '$lib/server/cases/day-sheet';
import { postponeCase, setOwner } from '$lib/server/cases/case-owner';
import { writeToCoordinator, writeToPerson } from '$lib/server/cases/messages';
import { schema } from '$lib/server/platform/db/client';
import { decideEquipment } from '$lib/server/plan/equipment/decide-equipment';
import {
	equipmentFilterOf,
	equipmentRows,
	readEquipmentBoard
} from '$lib/server/plan/equipment/read-equipment-board';
import { ChangeFeed } from '$lib/server/platform/live/changes';
import { daySheetGroupsOf } from '$lib/ui/cases/day-sheet/sheet-words';
import { Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
const today = '2026-03-02';

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const sheet = (filter: Partial<DaySheetFilter> = {}, actor = desk.coordinator, day = today) =>
	readDaySheet(db(), actor, day, { ...NO_DAY_SHEET_FILTER, ...filter });
const lineOf = async (personId: string, filter: Partial<DaySheetFilter> = {}, actor = desk.coordinator) =>
	(await sheet(filter, actor)).lines.find((line) => line.personId === personId);
const groupOf = async (personId: string, day = today) => {
	const line = (await sheet({}, desk.coordinator, day)).lines.find((one) => one.personId === personId);
	return line && daySheetGroupsOf([line], day, SHIPPED_SETTINGS)[0]?.id;
};
const act = (personId: string) => ({ personId, version: null, key: randomUUID() });

describe('the day sheet', () => {
	it('counts who needs a coordinator, without who is postponed or referred to a clinician', async () => {
		const total = async () => (await sheet()).total;
		const before = await total();
		const { personId } = await desk.answered(PAINLESS);
		expect(await total()).toBe(before + 1);
		const off = { ...act(personId), until: '2026-03-09', reason: 'on holiday' };
		await postponeCase(db(), desk.coordinator, off, desk.later(1));
		expect(await total()).toBe(before);
		await undoActs(db(), desk.coordinator, off.key, desk.later(2));
		expect(await total()).toBe(before + 1);
	});

	it('reads the same with a filter that everyone meets as without one, on any day', async () => {
		await db().update(schema.people).set({ country: 'GB' });
		for (const day of [today, '2026-05-04', '2027-01-04']) {
			const all = await sheet({}, desk.coordinator, day);
			expect(all.lines.length).toBeGreaterThan(0);
			expect(await sheet({ country: 'GB' }, desk.coordinator, day)).toEqual(all);
		}
	});

	it('counts to a thousand and says that there are more', async () => {
		await db().execute(sql`with added as (insert into people (name, email)
			select 'Counted ' || n, 'counted.' || n || '@lanterns.example' from generate_series(1, ${MOST_COUNTED + 50}) n returning id)
			insert into cases (person_id, sent_at, open_since, level, act_by) select id, ${now}, ${today}, 'soon', ${today} from added
			on conflict (person_id) do update set sent_at = excluded.sent_at, open_since = excluded.open_since, level = excluded.level, act_by = excluded.act_by`);
		const { lines, total, waiting } = await sheet();
		expect([total, waiting]).toEqual([MOST_COUNTED + 1, MOST_COUNTED + 1]);
		expect(lines.length).toBeGreaterThan(0);
		// One of a team is exact all the same.
		expect((await sheet({ team: 'No such team' })).total).toBe(0);
		await db().execute(sql`delete from people where email like 'counted.%'`);
		expect((await sheet()).total).toBeLessThan(MOST_COUNTED);
	});

	it('has nobody on it whose warning sign has its outcome, where nothing else is to be acted on soon', async () => {
		const { personId, open } = await desk.answered(PAINLESS);
		await saveAnswers(db(), open, { 'sign.wakes-at-night': 'yes' }, desk.later(1));
		expect(await groupOf(personId)).toBe('clinician');
		const key = await desk.reach(personId, { closes: ['wakes-at-night'], whom: 'P' }, desk.later(2));
		expect(await lineOf(personId)).toBeUndefined();
		// Taken back, both are open again: the sign, and what they had answered.
		await undoActs(db(), desk.coordinator, key, desk.later(3));
		expect(await groupOf(personId)).toBe('clinician');
		// Where someone hurts as well, that stays to be acted on.
		const sore = await desk.answered(MIRELA);
		await saveAnswers(db(), sore.open, { 'sign.wakes-at-night': 'yes' }, desk.later(1));
		await desk.reach(sore.personId, { closes: ['wakes-at-night'], whom: 'P' }, desk.later(2));
		expect(await groupOf(sore.personId)).toBe('soon');
	});

	it('states what several reasons rest on once, and of a check only what its mark shows', async () => {
		const { personId } = await desk.answered(MIRELA);
		const shown = (await lineOf(personId))?.assessmentResult;
		const lists = Object.values(shown?.evidence ?? {});
		expect(lists.length).toBeGreaterThan(1);
		expect(new Set(lists).size).toBe(new Set(lists.map((list) => JSON.stringify(list))).size);
		expect(new Set(lists).size).toBeLessThan(lists.length);
		for (const check of shown?.off ?? [])
			expect(Object.keys(check).sort()).toEqual(['high', 'id', 'low', 'sd', 'value', 'verdict']);
		expect(shown?.off.length).toBeGreaterThan(0);
	});

	it('is divided among coordinators: whose a line is, mine, and nobody’s', async () => {
		const { personId } = await desk.answered();
		expect(await lineOf(personId, { whose: 'nobodys' })).toBeDefined();
		const input = { ...act(personId), ownerId: desk.second.id };
		await setOwner(db(), desk.coordinator, input, desk.later(1));
		expect((await lineOf(personId))?.ownerName).toBe(desk.second.name);
		expect(await lineOf(personId, { whose: 'nobodys' })).toBeUndefined();
		expect(await lineOf(personId, { whose: 'mine' })).toBeUndefined();
		expect(await lineOf(personId, { whose: 'mine' }, desk.second)).toBeDefined();
		const clinician = { ...act(personId), ownerId: desk.clinician.id };
		expect(await faultOf(setOwner(db(), desk.coordinator, clinician, desk.later(2)))).toBe('invalid');
		expect(await faultOf(setOwner(db(), desk.reader, { ...act(personId), ownerId: null }, now))).toBe(
			'not-allowed'
		);
		await undoActs(db(), desk.coordinator, input.key, desk.later(3));
		expect((await lineOf(personId))?.ownerId).toBeNull();
	});

	it('lets a case wait until a day, and anything new brings it back', async () => {
		const { personId, open } = await desk.answered(PAINLESS);
		const off = (until: string, reason = 'on holiday') =>
			postponeCase(db(), desk.coordinator, { ...act(personId), until, reason }, desk.later(1));
		expect(await faultOf(off('2026-03-09', ' '))).toBe('invalid');
		expect(await faultOf(off(today))).toBe('invalid');
		await off('2026-03-09');
		expect(await groupOf(personId)).toBe('later');
		expect(await groupOf(personId, '2026-03-09')).not.toBe('later');
		await writeToCoordinator(db(), open, { text: 'It wobbles', key: randomUUID() }, desk.later(2));
		expect(await groupOf(personId)).not.toBe('later');
		// A message has to be read before anything waits again.
		expect(await faultOf(off('2026-03-10'))).toBe('conflict');
		await writeToPerson(
			db(),
			desk.coordinator,
			{ personId, text: 'Put a folded sheet under', key: randomUUID() },
			desk.later(3)
		);
		expect(await groupOf(personId)).toBe('later');
		await off('');
		expect(await groupOf(personId)).not.toBe('later');
	});

	it('never lets a warning sign wait', async () => {
		const { personId } = await desk.answered({ ...MIRELA, 'pain.neck.worst': '8', 'pain.neck.days': '3' });
		const input = { ...act(personId), until: '2026-03-09', reason: 'later' };
		expect(await faultOf(postponeCase(db(), desk.coordinator, input, now))).toBe('conflict');
		expect(await groupOf(personId)).toBe('clinician');
	});

	it('is narrowed to what is late, has a message, or was written to today', async () => {
		const { personId, open } = await desk.answered();
		expect(await lineOf(personId, { only: 'message' })).toBeUndefined();
		await writeToCoordinator(db(), open, { text: 'Which end?', key: randomUUID() }, desk.later(1));
		expect(await lineOf(personId, { only: 'message' })).toBeDefined();
		expect(await lineOf(personId, { only: 'written' })).toBeUndefined();
		await writeToPerson(
			db(),
			desk.coordinator,
			{ personId, text: 'The left one', key: randomUUID() },
			desk.later(2)
		);
		expect((await lineOf(personId, { only: 'written' }))?.lastAct?.kind).toBe('written');
		expect(await lineOf(personId, { only: 'overdue' })).toBeUndefined();
		const late = (await sheet({ only: 'overdue' }, desk.coordinator, '2026-05-04')).lines;
		expect(late.some((line) => line.personId === personId)).toBe(true);
		expect((await sheet({ team: 'No such team' })).lines).toEqual([]);
		await db().update(schema.people).set({ country: 'PT' }).where(eq(schema.people.id, personId));
		expect(
			(await sheet({ country: 'PT' }, desk.coordinator, '2026-05-04')).lines.map((line) => line.personId)
		).toEqual([personId]);
	});

	it('tells every open desk that something changed', async () => {
		const { personId } = await desk.answered();
		const changes = new ChangeFeed(desk.test.url);
		try {
			const heard = new Promise<void>((resolve, reject) => {
				changes.follow('desk', {
					look: (isChange) => {
						if (isChange) resolve();
						else
							setOwner(db(), desk.coordinator, { ...act(personId), ownerId: null }, desk.later(1)).catch(
								reject
							);
					},
					end: () => {}
				});
			});
			await heard;
		} finally {
			changes.close();
		}
	});
});

describe('the equipment board', () => {
	it('has what was asked for with why, where it was ordered and what it cost, until it is given back', async () => {
		const { personId, open } = await desk.answered();
		await requestEquipment(db(), open, { purchase: 'monitor', wanted: true }, now);
		const mine = async (query = '') =>
			(
				await readEquipmentBoard(db(), desk.coordinator, equipmentFilterOf(new URLSearchParams(query)))
			).lines.find((line) => line.personId === personId);
		const order = { supplier: 'Bracken Supplies', number: 'B-771', cost: '189,90', currency: 'EUR' };
		const decide = async (
			to: 'approved' | 'ordered' | 'arrived' | 'returned' | 'asked',
			more: object = {}
		) => {
			const [request] = await db()
				.select({ id: schema.equipmentRequests.id, version: schema.equipmentRequests.version })
				.from(schema.equipmentRequests)
				.innerJoin(schema.assessments, eq(schema.assessments.id, schema.equipmentRequests.assessmentId))
				.where(eq(schema.assessments.personId, personId));
			return faultOf(
				decideEquipment(
					db(),
					desk.coordinator,
					{
						requestId: request?.id ?? '',
						version: request?.version ?? 0,
						to,
						reason: '',
						key: randomUUID(),
						...more
					},
					desk.later(5)
				)
			);
		};
		expect((await mine())?.state).toBe('asked');
		expect(await decide('approved')).toBe('none');
		expect(await decide('ordered', { order: { ...order, cost: 'a lot' } })).toBe('invalid');
		expect(await decide('ordered', { order })).toBe('none');
		expect(await mine()).toMatchObject({
			state: 'ordered',
			supplier: 'Bracken Supplies',
			orderNumber: 'B-771',
			costCents: 18990,
			currency: 'EUR'
		});
		const rows = await equipmentRows(db(), desk.coordinator, equipmentFilterOf(new URLSearchParams()), (at) =>
			at.toISOString().slice(0, 10)
		);
		expect(rows.some((row) => row.includes('B-771') && row.includes('189.90'))).toBe(true);
		expect(await decide('arrived')).toBe('none');
		expect(await mine()).toBeUndefined();
		expect((await mine('state=arrived'))?.state).toBe('arrived');
		expect(await decide('returned')).toBe('none');
		expect((await mine('state=returned'))?.orderNumber).toBe('B-771');
		// The person heard of each step, by letters that say nothing of what it is.
		const letters = await db().select().from(schema.emails).where(eq(schema.emails.personId, personId));
		const news = letters.filter(({ subject }) => subject === 'There is news about your equipment');
		expect(news).toHaveLength(4);
		for (const { body } of news) expect(body).not.toMatch(/monitor/i);
		expect(
			await faultOf(readEquipmentBoard(db(), desk.reader, equipmentFilterOf(new URLSearchParams())))
		).toBe('not-allowed');
	});
});
