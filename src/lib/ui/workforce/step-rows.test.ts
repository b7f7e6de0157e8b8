import { describe, expect, it } from 'vitest';
import {
	askedCode,
	closeCode,
	keptCode,
	measuredCode,
	stepCode,
	stepDoneCode
} from '$lib/core/workforce/plan-step-codes';
import { builtFrom } from '$lib/core/workforce/built-from';
import { figureTable } from '$lib/core/workforce/figures';
import { publishedRules } from '$lib/core/workforce/codes';
import { smallestOf, stepRows } from './step-rows';

/** Figures of a hundred people, of whom so many have each code. */
const tableOf = (counts: Readonly<Record<string, number>>) =>
	figureTable(
		{
			groups: [''],
			people: [100],
			counts: Object.fromEntries(Object.entries(counts).map(([code, n]) => [code, [n]]))
		},
		publishedRules('steps', null)
	);

describe('rows of plan steps', () => {
	it('stand in the order of work, with those that somebody has', () => {
		const { done, kept } = stepRows(
			tableOf({
				[stepCode('screen')]: 60,
				[stepDoneCode('screen')]: 30,
				[stepCode('seat')]: 40,
				[stepDoneCode('seat')]: 32,
				[askedCode(14, 'seat')]: 30,
				[keptCode(14, 'seat')]: 20
			})
		);
		expect(done.map(({ words, figure }) => [words, figure?.x, figure?.n])).toEqual([
			['Seat', 32, 40],
			['Screen', 30, 60]
		]);
		expect(kept.map(({ days, rows }) => [days, rows.map(({ words }) => words)])).toEqual([
			[14, ['Seat']],
			[42, []]
		]);
	});

	it('keep a row whose share is hidden, and leave out one of which the number of people is', () => {
		const { done } = stepRows(
			tableOf({
				[stepCode('seat')]: 40,
				[stepDoneCode('seat')]: 38,
				[stepCode('feet')]: 3,
				[stepDoneCode('feet')]: 3
			})
		);
		expect(done).toEqual([{ key: stepDoneCode('seat'), words: 'Seat', figure: null }]);
	});

	it('name the item that a step is built from', () => {
		const { byItem } = stepRows(
			tableOf({
				[askedCode(14, builtFrom('seat', 'cushion'))]: 20,
				[keptCode(14, builtFrom('seat', 'cushion'))]: 12,
				[askedCode(14, builtFrom('screen', 'book'))]: 25,
				[keptCode(14, builtFrom('screen', 'book'))]: 25
			})
		);
		expect(byItem.map(({ words, figure }) => [words, figure?.x])).toEqual([
			['Seat: Cushion', 12],
			['Screen: Hardback book', 25]
		]);
	});

	it('say which heights are as planned, from the floor up', () => {
		const { built } = stepRows(
			tableOf({
				[measuredCode('screenTop')]: 20,
				[closeCode('screenTop')]: 11,
				[measuredCode('surface')]: 20,
				[closeCode('surface')]: 15
			})
		);
		expect(built.map(({ words, figure }) => [words, figure?.x])).toEqual([
			['Table top', 15],
			['Top of the screen', 11]
		]);
	});
});

describe('the smallest share', () => {
	it('is that of a shown row; there is none without one', () => {
		const { done } = stepRows(
			tableOf({
				[stepCode('seat')]: 40,
				[stepDoneCode('seat')]: 32,
				[stepCode('screen')]: 60,
				[stepDoneCode('screen')]: 30,
				[stepCode('keys')]: 50,
				[stepDoneCode('keys')]: 2
			})
		);
		expect(smallestOf(done)).toMatchObject({ words: 'Screen', figure: { x: 30, n: 60 } });
		expect(smallestOf([])).toBeNull();
		expect(smallestOf([{ key: 'a', words: 'A', figure: null }])).toBeNull();
	});
});
