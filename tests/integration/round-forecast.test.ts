import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { LEAST_INVITATIONS } from '$lib/core/workforce/round-forecast/forecast-round';
import { schema } from '$lib/server/platform/db/client';
import { createRound } from '$lib/server/people/rounds/edit-rounds';
import { earlierDelays, outcomeOf } from '$lib/server/people/rounds/round-delays';
import { previewRoundSelection } from '$lib/server/people/rounds/round-selection';
import { startRound } from '$lib/server/people/rounds/run-round';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { Desk, MIRELA } from '../support/desk';

const { assessments, rounds } = schema;

const now = new Date('2026-06-01T09:00:00Z');
const daysAgo = (days: number) => new Date(now.getTime() - days * 86_400_000);

let desk: Desk;
const db = () => desk.test.db;

/** A workstation, as an answer has one. */
let corner: Corner | null = null;

beforeAll(async () => {
	desk = await Desk.make(now);
	corner = (await desk.answered(MIRELA, daysAgo(900))).open.assessment.workstation;
});
afterAll(() => desk.test.drop());

/** An invitation that was sent some days ago, and answered so many days later; null for not at all. */
async function invited(sentDaysAgo: number, answeredAfter: number | null): Promise<string> {
	const personId = await desk.person();
	const { id } = await desk.send(personId, daysAgo(sentDaysAgo));
	if (answeredAfter !== null)
		await db()
			.update(assessments)
			.set({
				consentedAt: daysAgo(sentDaysAgo),
				answeredAt: daysAgo(sentDaysAgo - answeredAfter),
				workstation: corner
			})
			.where(eq(assessments.id, id));
	return personId;
}

describe('what earlier invitations brought', () => {
	it('is counted by week after each email; those sent lately count for as long as they were seen', async () => {
		await invited(100, 1);
		await invited(100, 9);
		await invited(100, null);
		await invited(10, null);
		const called = await invited(60, 20);
		await desk.reach(called, {}, daysAgo(50));
		const { answers, calls, checkIns } = await earlierDelays(db(), now);
		expect(answers.happened.slice(0, 4)).toEqual([1, 1, 1, 0]);
		expect(answers.lastSeen[1]).toBe(1);
		expect(answers.lastSeen.at(-1)).toBe(1);
		expect(calls.happened.slice(0, 3)).toEqual([0, 1, 0]);
		expect(checkIns.happened.every((n) => n === 0)).toBe(true);
	});

	it('makes the forecast that a round keeps from its start, beside what comes', async () => {
		for (let i = 0; i < LEAST_INVITATIONS; i += 1) await invited(120 + i, i % 2 === 0 ? 2 : null);
		const filter = { teams: [], country: '', notAnsweredWithinDays: 0 };
		const id = await createRound(
			db(),
			desk.coordinator,
			{
				name: 'Summer',
				filter,
				sittingStyle: 'upright',
				questionnaireMode: 'short',
				breakSchedule: 'few',
				subject: 'x',
				body: 'x',
				startsOn: '2026-06-01',
				dueOn: '2026-06-30',
				timeZone: 'UTC'
			},
			now
		);
		const { n } = await previewRoundSelection(db(), filter, now);
		await startRound(db(), desk.coordinator, { id, version: 1, expected: n }, now);
		const [round] = await db().select().from(rounds).where(eq(rounds.id, id));
		expect(round?.forecast).toMatchObject({ people: n });
		const [first] = round?.forecast?.weeks ?? [];
		expect(first?.answers.expected).toBeGreaterThan(0.3 * n);
		expect(first?.answers.low).toBeLessThan(first?.answers.expected ?? 0);
		const outcome = await outcomeOf(db(), { id, sentAt: now }, now);
		expect(outcome).toMatchObject({ weeksBegun: 1 });
		expect(outcome.answers.every((count) => count === 0)).toBe(true);
	});

	it('is none for an organisation that has sent little', async () => {
		const other = await Desk.make(now);
		const { answers } = await earlierDelays(other.test.db, now);
		expect([...answers.happened, ...answers.lastSeen].every((count) => count === 0)).toBe(true);
		await other.test.drop();
	});
});
