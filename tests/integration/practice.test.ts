import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import { PRACTICE_SIZE } from '$lib/core/cases/practice/practice-cases';
import { schema } from '$lib/server/platform/db/client';
import {
	answerPractice,
	listPracticeRounds,
	readPractice,
	startPractice
} from '$lib/server/cases/practice/practice-rounds';
import { Desk, faultOf } from '../support/desk';

const { practiceRounds } = schema;

const now = new Date('2026-03-02T09:00:00Z');
const today = '2026-03-02' as CivilDate;

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

describe('practice', () => {
	it('shows twelve cases without what the rules say, and that once they are answered', async () => {
		const id = await startPractice(db(), desk.coordinator, today, now);
		// Begun twice, it is one.
		expect(await startPractice(db(), desk.coordinator, today, now)).toBe(id);
		const before = await readPractice(db(), desk.coordinator, id);
		expect(before.cases).toHaveLength(PRACTICE_SIZE);
		expect(before.result).toBeNull();
		expect(JSON.stringify(before.cases)).not.toContain('reasons');

		const order = before.cases.map((one) => one.id);
		const input = { id, answer: { order, acts: { 0: 'call-now' as const } }, message: 'Hello' };
		await answerPractice(db(), desk.coordinator, input, now);
		const after = await readPractice(db(), desk.coordinator, id);
		expect(after.message).toBe('Hello');
		expect(after.scored?.orderShare).toBeCloseTo(after.result?.score.orderShare ?? -1, 5);
		const [row] = await listPracticeRounds(db(), desk.coordinator);
		expect(row).toMatchObject({
			id,
			rightActs: after.result?.score.rightActs,
			missed: after.result?.score.missed
		});
		expect(await faultOf(answerPractice(db(), desk.coordinator, input, now))).toBe('conflict');

		// The next round is another one, and a full answer scores in full.
		const next = await startPractice(db(), desk.coordinator, today, now);
		expect(next).not.toBe(id);
		const { cases } = await readPractice(db(), desk.coordinator, next);
		expect(cases.map(({ name }) => name)).not.toEqual(before.cases.map(({ name }) => name));
	});

	it('is one’s own: a colleague sees neither round nor scores, and other roles have none', async () => {
		const id = await startPractice(db(), desk.second, today, now);
		expect(await faultOf(readPractice(db(), desk.coordinator, id))).toBe('not-found');
		expect((await listPracticeRounds(db(), desk.coordinator)).some((round) => round.id === id)).toBe(false);
		expect(await faultOf(startPractice(db(), desk.clinician, today, now))).toBe('not-allowed');
	});

	it('refuses an order in which a case is missing or named twice', async () => {
		const id = await startPractice(db(), desk.second, today, now);
		const { cases } = await readPractice(db(), desk.second, id);
		const order = cases.map((one) => one.id);
		for (const wrong of [order.slice(1), [...order.slice(1), order[1]!], [...order, 99]])
			expect(
				await faultOf(
					answerPractice(db(), desk.second, { id, answer: { order: wrong, acts: {} }, message: '' }, now)
				)
			).toBe('invalid');
	});

	it('keeps the scores of a round once other rules would give other levels', async () => {
		const id = await startPractice(db(), desk.second, today, now);
		const { cases } = await readPractice(db(), desk.second, id);
		const answer = { order: cases.map((one) => one.id), acts: {} };
		await answerPractice(db(), desk.second, { id, answer, message: '' }, now);
		await db().update(practiceRounds).set({ rulesVersion: 'other rules' }).where(eq(practiceRounds.id, id));
		const { result, scored } = await readPractice(db(), desk.second, id);
		expect(result).toBeNull();
		expect(scored).toMatchObject({ rightActs: 0 });
	});
});
