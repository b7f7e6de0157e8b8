import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RED_FLAGS } from '../discomfort/red-flags';
import type { RegionReport } from '../discomfort/report';
import { checkInRemarks } from './check-in-remarks';
import { REASON_CODES } from './vocabulary';

const report = (worst: number, kinds: RegionReport['kinds'] = ['ache']): RegionReport => ({
	region: 'neck',
	side: 'both',
	worst,
	days: 3,
	hinders: 'no',
	kinds
});
const open = (...codes: (typeof REASON_CODES)[number][]) => ({
	plan: null,
	reasons: codes.map((code) => ({ code }))
});
const plan = (done: number, of: number) => ({
	reasons: [],
	plan: { of, done }
});
const NOTHING = { signs: [], discomfort: [] };

describe('what a person is told after a check-in', () => {
	it('is written beforehand for the four who were told that nothing was to be done', () => {
		const neck6 = { signs: [], discomfort: [report(6)] };
		expect(checkInRemarks(neck6, plan(0, 4))).toEqual(['still-hurts', 'steps-open']);
		const atNight = { signs: ['wakes-at-night' as const], discomfort: [report(8)] };
		expect(checkInRemarks(atNight, open('professional-sign', 'severe'))).toEqual([
			'see-professional',
			'still-hurts'
		]);
		const weak = { signs: [], discomfort: [report(3, ['weakness'])] };
		expect(checkInRemarks(weak, null)).toEqual(['see-today']);
		const tingles = { signs: [], discomfort: [report(2, ['tingling-or-numbness'])] };
		expect(checkInRemarks(tingles, open('nothing-open'))).toEqual(['see-professional']);
	});

	it('is never that all is well while there is a sign, a 4, weakness, tingling, something open or a step to do', () => {
		const kinds = fc.constantFrom<RegionReport['kinds'][number]>('ache', 'weakness', 'tingling-or-numbness');
		fc.assert(
			fc.property(
				fc.subarray([...RED_FLAGS], { maxLength: 2 }),
				fc.array(fc.record({ worst: fc.integer({ min: 0, max: 10 }), kind: kinds }), { maxLength: 3 }),
				fc.subarray([...REASON_CODES], { maxLength: 2 }),
				fc.option(fc.integer({ min: 0, max: 3 })),
				(signs, felt, codes, done) => {
					const discomfort = felt.map(({ worst, kind }) => report(worst, [kind]));
					const { reasons } = open(...codes);
					const assessmentResult = { reasons, plan: done === null ? null : plan(done, 3).plan };
					const isWell =
						signs.length === 0 &&
						felt.every(({ worst, kind }) => worst < 4 && kind === 'ache') &&
						codes.every((code) => code === 'nothing-open') &&
						(done === null || done === 3);
					expect(checkInRemarks({ signs, discomfort }, assessmentResult).length === 0).toBe(isWell);
				}
			)
		);
	});

	it('is nothing where all is well', () => {
		expect(checkInRemarks(NOTHING, open('nothing-open'))).toEqual([]);
		expect(checkInRemarks({ signs: [], discomfort: [report(3)] }, plan(4, 4))).toEqual([]);
	});
});
