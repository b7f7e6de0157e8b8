import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_PLACES, painField } from '../answers/discomfort-answers';
import { LENGTH_FIELDS, PAGES_WITH_DRAWING } from '../answers/fields';
import { redFlagField } from '../answers/checklist-fields';
import { RED_FLAGS } from '../../cases/discomfort/red-flags';
import { CODE_DIGITS, codeFrom, readCode, spacedCode } from './code';
import { fieldOutsideStations, stationOfField, SHARED_SESSION_STATIONS } from './stations';
import { agreementOn, hasRunOut, isAgreed, LONGEST_SHARED_SESSION_MS } from './shared-session';

describe('the code that is read out', () => {
	it('is read as it is spoken: with spaces, dots or dashes between its digits', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true }), (random) => {
				const code = codeFrom(random);
				expect(code).toHaveLength(CODE_DIGITS);
				for (const typed of [
					code,
					spacedCode(code),
					[...code].join('-'),
					` ${code.slice(0, 2)}.${code.slice(2)} `
				])
					expect(readCode(typed)).toBe(code);
			})
		);
	});

	it('is none with other signs, or with too few or too many digits', () => {
		for (const text of ['', '12345', '1234567', '12345x', '١٢٣٤٥٦']) expect(readCode(text)).toBeNull();
	});
});

describe('the stations', () => {
	it('all have a drawing', () => {
		for (const station of SHARED_SESSION_STATIONS) expect(PAGES_WITH_DRAWING.has(station)).toBe(true);
	});

	it('take every measured length, but no warning sign and no discomfort', () => {
		for (const field of Object.keys(LENGTH_FIELDS))
			expect(fieldOutsideStations({ [field]: '70' })).toBeNull();
		for (const sign of RED_FLAGS) {
			const field = redFlagField(sign);
			expect(fieldOutsideStations({ stature: '170', [field]: 'yes' })).toBe(field);
		}
		expect(fieldOutsideStations({ [painField(BODY_PLACES[0]!, 'worst')]: '5' })).not.toBeNull();
	});

	it('have a place for each field, those of other pages included', () => {
		expect(stationOfField('surfaceHeight')).toBe(LENGTH_FIELDS.surfaceHeight.page);
		expect(SHARED_SESSION_STATIONS).toContain(stationOfField('route'));
	});
});

describe('agreement', () => {
	const plan = { id: 'b', isBehind: false };

	it('holds for the plan as it is now: a newer plan or changed answers end it', () => {
		const both = { person: 'b', coordinator: 'b' };
		expect(isAgreed(agreementOn(plan, both))).toBe(true);
		expect(isAgreed(agreementOn({ ...plan, isBehind: true }, both))).toBe(false);
		expect(isAgreed(agreementOn({ ...plan, id: 'c' }, both))).toBe(false);
		expect(isAgreed(agreementOn(null, { person: null, coordinator: null }))).toBe(false);
	});

	it('takes both sides', () => {
		expect(agreementOn(plan, { person: 'b', coordinator: 'a' })).toEqual({
			person: true,
			coordinator: false
		});
		expect(isAgreed(agreementOn(plan, { person: null, coordinator: 'b' }))).toBe(false);
	});
});

it('an open walkthrough runs out after two hours', () => {
	const started = new Date('2026-03-02T09:00:00Z');
	expect(hasRunOut(started, new Date(started.getTime() + LONGEST_SHARED_SESSION_MS - 1))).toBe(false);
	expect(hasRunOut(started, new Date(started.getTime() + LONGEST_SHARED_SESSION_MS))).toBe(true);
});
