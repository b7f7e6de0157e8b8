import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { undoableActs, undoActs } from '$lib/server/platform/acts/undo-acts';
import { markAsLeft } from '$lib/server/people/mark-as-left';
import { schema } from '$lib/server/platform/db/client';
import { Desk } from '../support/desk';

const now = new Date('2026-03-02T12:00:00Z');
const { deskActs } = schema;

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** An act on a person, as one of a key press; minutes after the start of the test. */
async function act(personId: string, batch: string, minutes: number): Promise<void> {
	const by = { personId, batch, key: randomUUID(), version: null };
	await markAsLeft(db(), desk.coordinator, by, desk.later(minutes));
}

describe('today’s acts', () => {
	it('count each line’s people and all lines, however many are shown', async () => {
		const many = randomUUID();
		const crowd = await Promise.all(Array.from({ length: 130 }, () => desk.person()));
		for (const personId of crowd) await act(personId, many, 0);
		for (let i = 1; i <= 104; i += 1) await act(await desk.person(), randomUUID(), i);
		// Yesterday's, and another's.
		await db().execute(sql`update desk_acts set at = at - interval '1 day'
			where id = (select id from desk_acts where at = ${desk.later(104).toISOString()}::timestamptz)`);
		expect((await undoableActs(db(), desk.second, now)).all).toBe(0);
		const { all, lines } = await undoableActs(db(), desk.coordinator, desk.later(200));
		expect(all).toBe(104);
		expect(lines).toHaveLength(100);
		expect(lines.map(({ at }) => at.getTime())).toEqual(
			lines.map(({ at }) => at.getTime()).sort((a, b) => b - a)
		);
		expect(lines[0]).toMatchObject({ people: 1, kind: 'left', canUndo: true, isUndone: false });
		expect(lines[0]?.names).toHaveLength(1);
		// The line of many is the oldest: not shown among a hundred, but counted.
		await db()
			.update(deskActs)
			.set({ at: desk.later(199) })
			.where(eq(deskActs.batch, many));
		const { lines: again } = await undoableActs(db(), desk.coordinator, desk.later(200));
		expect(again[0]).toMatchObject({ batch: many, people: 130 });
		expect(again[0]?.names).toHaveLength(2);
		expect(await undoActs(db(), desk.coordinator, many, desk.later(201))).toBe(130);
		const { lines: undone } = await undoableActs(db(), desk.coordinator, desk.later(202));
		expect(undone[0]).toMatchObject({ people: 130, canUndo: false, isUndone: true });
	});
});
