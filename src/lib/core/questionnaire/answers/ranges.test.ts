import { describe, expect, it } from 'vitest';
import { cornerFromAnswers } from './corner-from-answers';
import { assumedLengths } from './default-lengths';

const ANSWERS = {
	unit: 'cm',
	stature: '170',
	posture: 'sitting',
	seatMoves: 'yes',
	seatHeight: '46',
	surfaceHeight: '74'
};
const rangeOf = (more: Readonly<Record<string, string>>) => {
	const { corner, issues } = cornerFromAnswers({ ...ANSWERS, ...more }, 'upright');
	return { range: corner?.spot.seat?.range, issues };
};

describe('how far a seat can be set', () => {
	it('is what most can, and holds it as it is set, where its ends were not measured', () => {
		expect(rangeOf({})).toEqual({ range: [420, 520], issues: [] });
		expect(rangeOf({ seatHeight: '39' }).range).toEqual([390, 520]);
		expect(rangeOf({ seatHeight: '56' }).range).toEqual([420, 560]);
		expect(assumedLengths(ANSWERS)).toEqual(['seatLow', 'seatHigh']);
	});

	it('never has a usual end on the wrong side of a measured one: nobody is asked to mend what they did not type', () => {
		expect(rangeOf({ seatHeight: '56', seatLow: '55' })).toEqual({ range: [550, 560], issues: [] });
		expect(rangeOf({ seatHeight: '54', seatLow: '53' })).toEqual({ range: [530, 540], issues: [] });
		expect(rangeOf({ seatHeight: '40', seatHigh: '41' })).toEqual({ range: [400, 410], issues: [] });
		expect(assumedLengths({ ...ANSWERS, seatLow: '43' })).toEqual(['seatHigh']);
	});

	it('is never a point where an end is not known: what stands at its known end moves all the same', () => {
		expect(rangeOf({ seatHeight: '54', seatLow: '54' })).toEqual({ range: [540, 640], issues: [] });
		expect(rangeOf({ seatHeight: '40', seatHigh: '40' })).toEqual({ range: [300, 400], issues: [] });
		const spotOf = (more: Readonly<Record<string, string>>) => {
			const answers = {
				...ANSWERS,
				screenKind: 'monitor',
				keysKind: 'separate',
				topAboveBase: '45',
				...more
			};
			return cornerFromAnswers(answers, 'upright').corner?.spot;
		};
		for (const height of ['62', '72', '120', '130']) {
			const desk = spotOf({ surfaceMoves: 'yes', surfaceHeight: height, surfaceLow: height })?.surface;
			const lowMm = Number(height) * 10;
			expect(desk?.range).toEqual([lowMm, lowMm < 1200 ? 1200 : Math.min(1500, lowMm + 550)]);
		}
		const screen = spotOf({ screenMoves: 'yes', topAboveBase: '52', screenLow: '52' })?.screen;
		expect(screen?.range).toEqual([520, 670]);
		// Both ends typed the same are what the person says.
		expect(rangeOf({ seatHeight: '45', seatLow: '45', seatHigh: '45' }).range).toEqual([450, 450]);
	});

	it('is refused where both ends were typed upside down', () => {
		expect(rangeOf({ seatLow: '53', seatHigh: '43' }).issues).toEqual([
			{ field: 'seatHigh', code: 'range-order', readMm: 430 }
		]);
	});
});
