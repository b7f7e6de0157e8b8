import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { schema } from '$lib/server/platform/db/client';
import { othersOnCase, visitCase } from '$lib/server/platform/live/case-visitors';
import { ChangeFeed } from '$lib/server/platform/live/changes';
import { MOST_STREAM_MS } from '$lib/server/platform/live/event-stream';
import { Desk } from '../support/desk';
import { PATIENCE } from '../support/patience';

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const soon = (check: () => unknown) => vi.waitFor(check, PATIENCE);

describe('who has a case open', () => {
	it('is told to others, by name and once, as they come and go, and nobody is told of themselves', async () => {
		const [personId, other] = [await desk.person(), await desk.person()];
		const changes = new ChangeFeed(desk.test.url);
		const look = vi.fn();
		const unfollow = changes.follow(`case:${personId}`, { look, end: () => {} });
		await soon(() => expect(look).toHaveBeenCalledTimes(1));
		const others = (userId: string) => othersOnCase(db(), { personId, userId }, now);

		const left = await visitCase(db(), { personId, userId: desk.coordinator.id }, now);
		await soon(() => expect(look).toHaveBeenCalledTimes(2));
		expect(await others(desk.second.id)).toEqual(['one']);
		expect(await others(desk.coordinator.id)).toEqual([]);
		const leftToo = await visitCase(db(), { personId, userId: desk.coordinator.id }, now);
		expect(await others(desk.second.id)).toEqual(['one']);
		expect(await othersOnCase(db(), { personId: other, userId: desk.second.id }, now)).toEqual([]);

		left();
		leftToo();
		await soon(async () => expect(await others(desk.second.id)).toEqual([]));
		await soon(() => expect(look.mock.calls.length).toBeGreaterThan(3));
		unfollow();
		changes.close();
	});

	it('is forgotten of a process that ended without saying so', async () => {
		const personId = await desk.person();
		await visitCase(db(), { personId, userId: desk.coordinator.id }, now);
		const later = new Date(now.getTime() + MOST_STREAM_MS + 60_000);
		expect(await othersOnCase(db(), { personId, userId: desk.second.id }, later)).toEqual([]);
		await visitCase(db(), { personId, userId: desk.second.id }, later);
		expect(await db().$count(schema.caseVisitors)).toBe(1);
	});
});
