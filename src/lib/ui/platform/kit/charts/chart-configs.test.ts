import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { loadDeskLanguage } from '$lib/messages/desk';
import { ENGLISH_READER, findDeskReaderBy } from '$lib/messages/desk-language';
import { dotStrips, intervalDots, shareBars, stepCurves, type ConfigOf } from './chart-configs';
import type { ChartLook } from './chart-look';

const LOOK = {
	ink: '#111',
	soft: '#555',
	rule: '#ddd',
	sheet: '#fff',
	cool: '#066',
	coolWash: '#cee',
	font: 'Test'
} as unknown as ChartLook;

interface Axis {
	readonly min?: number;
	readonly max?: number;
	readonly suggestedMin?: number;
	readonly suggestedMax?: number;
	readonly type?: string;
	readonly reverse?: boolean;
	readonly ticks: { readonly callback?: (value: number) => string };
	readonly title?: { readonly display: boolean; readonly text: string };
}

/** The settings as the library reads them. */
function made(of: ConfigOf) {
	const config = of(LOOK);
	const scales = config.options?.scales as unknown as Readonly<Record<'x' | 'y', Axis>>;
	const sets = config.data.datasets as unknown as readonly {
		readonly data: readonly Readonly<Record<string, number>>[];
		readonly pointStyle?: string;
		readonly borderDash?: readonly number[];
	}[];
	return { config, scales, sets };
}

const row = (words: string, value: number, low: number, high: number) => ({ words, value, low, high });

beforeAll(() => loadDeskLanguage('de'));
afterEach(() => findDeskReaderBy(() => ENGLISH_READER));

describe('bars of shares', () => {
	const rows = [row('Kiln', 0.42, 0.3, 0.55), row('Press', 0.1, 0.05, 0.2)];

	it('have their intervals, and an axis from nothing to the next tenth above the largest', () => {
		const { sets, scales, config } = made(shareBars(rows, 'share of people'));
		expect(config.data.labels).toEqual(['Kiln', 'Press']);
		expect(sets[0]?.data).toEqual([
			{ x: 0.42, y: 0.42, xMin: 0.3, xMax: 0.55 },
			{ x: 0.1, y: 0.1, xMin: 0.05, xMax: 0.2 }
		]);
		expect([scales.x.min, scales.x.max]).toEqual([0, 0.6]);
		expect(scales.x.title).toMatchObject({ display: true, text: 'share of people' });
		expect(made(shareBars([row('All', 0.97, 0.93, 1)], '')).scales.x).toMatchObject({ max: 1 });
		// With nothing to draw there is still an axis.
		expect(made(shareBars([], '')).scales.x.max).toBe(0.1);
	});

	it('write shares and numbers in the language of the page', () => {
		const tick = () => made(shareBars(rows, '')).scales.x.ticks.callback?.(0.4);
		expect(tick()).toBe('40%');
		expect(made(shareBars(rows, '')).config.options?.locale).toBe('en-GB');
		findDeskReaderBy(() => ({ language: 'de', areSignsReviewed: true, ownNames: {} }));
		expect(tick()).toBe('40 %');
		expect(made(shareBars(rows, '')).config.options?.locale).toBe('de');
	});

	it('are drawn in the colours of the page, and say nothing that the table doesn’t', () => {
		const { config } = made(shareBars(rows, ''));
		expect(config.options).toMatchObject({ color: LOOK.ink, animation: false });
		expect(config.options?.plugins?.tooltip?.enabled).toBe(false);
	});
});

describe('dots with intervals', () => {
	const rows = [
		row('Done', -1.5, -2, -1),
		{ words: 'Few', value: null },
		row('Not done', 0.2, -0.3, 0.6)
	] as const;

	it('keep the place of a row without a value', () => {
		const { sets, scales } = made(intervalDots(rows, { title: 'points', lineAt: 0 }));
		expect(sets[0]?.data.map(({ y }) => y)).toEqual([0, 2]);
		expect([0, 1, 2].map((n) => scales.y.ticks.callback?.(n))).toEqual(['Done', 'Few', 'Not done']);
		expect(scales.y.ticks.callback?.(7)).toBe('');
		expect(scales.y.reverse).toBe(true);
	});

	it('hold the line for no change within the axis; ratios have equal steps', () => {
		expect(made(intervalDots(rows, { title: '', lineAt: 0 })).scales.x).toMatchObject({
			suggestedMin: -1,
			suggestedMax: 1
		});
		const { scales, config } = made(intervalDots(rows, { title: '', lineAt: 1, isRatio: true }));
		expect(scales.x.type).toBe('logarithmic');
		expect(config.plugins).toHaveLength(1);
	});
});

describe('step curves', () => {
	const points = [
		{ at: 2, share: 0.8, low: 0.7, high: 0.9 },
		{ at: 5, share: 0.5, low: null, high: null }
	];

	it('begin at everyone, and are three lines each: the interval’s two ends, then the share', () => {
		const { sets, scales } = made(
			stepCurves(
				[
					{ name: 'a', isDashed: false, points },
					{ name: 'b', isDashed: true, points }
				],
				'days',
				9
			)
		);
		expect(sets).toHaveLength(6);
		for (const { data } of sets) expect(data[0]).toEqual({ x: 0, y: 1 });
		const [low, high, share] = sets;
		expect(low?.data[1]).toEqual({ x: 2, y: 0.7 });
		expect(high?.data[1]).toEqual({ x: 2, y: 0.9 });
		// Without an interval both ends are the share: nothing is shaded there.
		expect(low?.data[2]).toEqual(high?.data[2]);
		expect(share?.data[2]).toEqual({ x: 5, y: 0.5 });
		expect(share?.borderDash).toEqual([]);
		expect(sets[5]?.borderDash).toEqual([6, 4]);
		expect([scales.x.min, scales.x.max, scales.y.min, scales.y.max]).toEqual([0, 9, 0, 1]);
	});
});

describe('strips of dots', () => {
	it('are told apart by their shape, not by colour alone', () => {
		const { sets, scales, config } = made(
			dotStrips(
				[
					{ words: 'Knees, first', isHollow: true, values: [12, -3] },
					{ words: 'Knees, now', isHollow: false, values: [2] }
				],
				'mm'
			)
		);
		expect(sets.map(({ pointStyle }) => pointStyle)).toEqual(['rectRot', 'circle']);
		expect(sets[0]?.data).toEqual([
			{ x: 12, y: 0 },
			{ x: -3, y: 0 }
		]);
		expect(scales.y.ticks.callback?.(1)).toBe('Knees, now');
		expect(config.plugins).toHaveLength(1);
	});
});
