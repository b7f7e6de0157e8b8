import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { GROUPINGS } from '$lib/core/workforce/codes';
import type { FigureView } from '$lib/core/workforce/view';
import { schema } from '$lib/server/platform/db/client';
import { countDueFigures } from '$lib/server/workforce/count-due-figures';
import { countFiguresAgain, readFigures, type FigureReader } from '$lib/server/workforce/current-figures';
import { figureRows } from '$lib/server/workforce/figure-rows';
import { FiguresDatabase } from '$lib/server/workforce/figures-database';
import { FIRST_VIEWS, SCREENS, type ScreenName } from '$lib/server/workforce/screen-list';
import type { TestDatabase } from '../support/database';
import { figureReader } from '../support/figure-reader';
import { makeFilledDatabase } from '../support/filled-database';

const { currentFigures, observations } = schema;

let test: TestDatabase;
beforeAll(async () => {
	test = await makeFilledDatabase();
	// Autovacuum would overwrite the pretended number of rows with the counted one.
	await test.db.execute(sql`alter table observations set (autovacuum_enabled = false)`);
});
afterAll(() => test.drop());

const NOON = new Date('2026-11-26T12:00:00Z');
const at = (minutes: number) => new Date(NOON.getTime() + minutes * 60_000);
const VIEW: FigureView = { on: '2026-11-26', isLive: true, by: null, group: null, team: null };

/** As if so many observations had been counted. */
const pretend = (n: number) =>
	test.db.execute(sql`update pg_class set reltuples = ${n}::float4 where oid = 'observations'::regclass`);

/** Reads with a count of how often the database was asked for figures. */
function counting(): { readonly asked: () => number; readonly on: (now: Date) => FigureReader } {
	const figures = new FiguresDatabase(test.db, null);
	const read = vi.spyOn(figures, 'read');
	return { asked: () => read.mock.calls.length, on: (now) => ({ db: test.db, figures, now }) };
}

beforeEach(async () => {
	await test.db.delete(currentFigures);
	await pretend(100_000);
});

describe('today’s figures of a large workforce', () => {
	it('are kept without a difference, for every screen and view', async () => {
		for (const { name, by } of FIRST_VIEWS) {
			const [group] = await test.db.selectDistinct({ team: observations.team }).from(observations).limit(1);
			const views: FigureView[] = [{ ...VIEW, by }];
			if (by === 'team') views.push({ ...VIEW, by, group: group?.team ?? '' });
			if (by === 'way') views.push({ ...VIEW, by, team: group?.team ?? '' });
			for (const view of views) {
				const reader = figureReader(test.db, NOON);
				const counted = await SCREENS[name](test.db, view);
				expect((await readFigures(reader, name, view)).countedAt).toBeNull();
				const kept = await readFigures(reader, name, view);
				expect(kept, `${name} by ${by}`).toEqual({ figures: counted, countedAt: NOON });
			}
		}
	});

	it('are counted once for all who ask, for each screen and group; those of a small one each time', async () => {
		const { asked, on } = counting();
		const read = (minutes: number, view: Partial<FigureView> = {}, name: ScreenName = 'answers') =>
			readFigures(on(at(minutes)), name, { ...VIEW, ...view });
		await Promise.all([read(0), read(0)]);
		expect(asked()).toBe(1);
		await read(9);
		expect(asked()).toBe(1);
		await read(9, { by: 'team', group: 'Law' });
		await read(9, {}, 'discomfort');
		expect(asked()).toBe(3);
		// Month ends are stored anyway.
		await read(9, { isLive: false });
		expect(asked()).toBe(4);
		expect(await test.db.$count(currentFigures)).toBe(3);
		await pretend(1000);
		await read(9);
		await read(9);
		expect(asked()).toBe(6);
	});

	it('are counted once however many ask, and wherever the one is when the other begins', async () => {
		const { asked, on } = counting();
		for (let i = 1; i <= 60; i += 1) {
			await test.db.delete(currentFigures);
			await Promise.all(Array.from({ length: 1 + (i % 4) }, () => readFigures(on(NOON), 'answers', VIEW)));
			expect(asked()).toBe(i);
		}
	});

	it('are shown until they have been counted again, which happens where they were asked for', async () => {
		const { asked, on } = counting();
		const job = (minutes: number) => countDueFigures(on(at(minutes)), () => at(minutes));
		// All first views, at the beginning of a day.
		expect(await job(0)).toBe(FIRST_VIEWS.length);
		expect(await job(20)).toBe(0);
		const before = asked();
		expect((await readFigures(on(at(20)), 'help', VIEW)).countedAt).toEqual(NOON);
		expect((await readFigures(on(at(21)), 'help', VIEW)).countedAt).toEqual(NOON);
		expect(asked()).toBe(before);
		expect(await job(22)).toBe(1);
		expect((await readFigures(on(at(22)), 'help', VIEW)).countedAt).toEqual(at(22));
	});

	it('of another day are counted at once, and at night without being asked for', async () => {
		const { on } = counting();
		const group = { ...VIEW, by: 'country' as const, group: 'GB' };
		await readFigures(on(NOON), 'findings', group);
		const night = at(14 * 60);
		expect(await countDueFigures(on(night), () => night)).toBe(FIRST_VIEWS.length + 1);
		const kept = await readFigures(on(night), 'findings', { ...group, on: '2026-11-27' });
		expect(kept.countedAt).toEqual(night);
		// Nobody looks at it for a week: it is forgotten, while the first views go on.
		const later = at(9 * 24 * 60);
		expect(await countDueFigures(on(later), () => later)).toBe(FIRST_VIEWS.length);
		const { figures, countedAt } = await readFigures(on(later), 'findings', { ...group, on: '2026-12-05' });
		expect(countedAt).toBeNull();
		expect(figures.table.groups).toContain('GB');
	});

	it('are not counted twice where another process has counted them in the meantime', async () => {
		const [reader, other] = [figureReader(test.db, NOON), new FiguresDatabase(test.db, null)];
		let calls = 0;
		vi.spyOn(reader.figures, 'read').mockImplementation(async (work) => {
			calls += 1;
			// While the first is being counted, the other process counts all of them.
			if (calls === 1) await countDueFigures({ db: test.db, figures: other }, () => at(1));
			return other.read(work);
		});
		expect(await countDueFigures(reader, () => NOON)).toBe(1);
		expect(await test.db.$count(currentFigures)).toBe(FIRST_VIEWS.length);
	});

	it('that could not be counted are tried again', async () => {
		const { on } = counting();
		const reader = on(NOON);
		vi.spyOn(reader.figures, 'read').mockRejectedValueOnce(new Error('no connection'));
		await expect(readFigures(reader, 'times', VIEW)).rejects.toThrow('no connection');
		expect(await test.db.$count(currentFigures)).toBe(0);
		await readFigures(reader, 'times', VIEW);
		expect(await test.db.$count(currentFigures)).toBe(1);
	});

	it('are counted again once prices or teams have changed, even while they are being counted', async () => {
		const { on } = counting();
		await readFigures(on(NOON), 'overview', VIEW);
		await countFiguresAgain(test.db, at(1));
		const waiting = () =>
			test.db.$count(
				currentFigures,
				and(eq(currentFigures.screen, 'overview'), isNotNull(currentFigures.countAt))
			);
		expect(await waiting()).toBe(1);
		const [reader, inner] = [figureReader(test.db, at(2)), new FiguresDatabase(test.db, null)];
		vi.spyOn(reader.figures, 'read').mockImplementation(async (work) => {
			const figures = await inner.read(work);
			await countFiguresAgain(test.db, at(3));
			return figures;
		});
		await countDueFigures(reader, () => at(2));
		expect(await waiting()).toBe(1);
		await countDueFigures(on(at(4)), () => at(4));
		expect(await waiting()).toBe(0);
	});

	it('are the same in the file as on the pages', async () => {
		const reader = figureReader(test.db, NOON);
		for (const by of [null, ...GROUPINGS]) {
			const kept = await figureRows(reader, { ...VIEW, by });
			await pretend(1000);
			expect(await figureRows(reader, { ...VIEW, by })).toEqual(kept);
			await pretend(100_000);
		}
	});
});
