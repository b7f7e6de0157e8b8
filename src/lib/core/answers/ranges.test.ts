import { describe, expect, it } from 'vitest';
import { cornerFromAnswers, assumedLengths } from '.';

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

	it('is refused where both ends were typed upside down', () => {
		expect(rangeOf({ seatLow: '53', seatHigh: '43' }).issues).toEqual([
			{ field: 'seatHigh', code: 'range-order', readMm: 430 }
		]);
	});
});
