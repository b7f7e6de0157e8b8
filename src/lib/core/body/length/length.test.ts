import fc from 'fast-check';
import { withDecimalMark, formatLength } from './format-length';
import { describe, expect, it } from 'vitest';
import { parseLength } from './parse-length';
import type { LengthUnit } from './mm';

const read = (text: string, unit: LengthUnit = 'cm') => {
	const parsed = parseLength(text, unit);
	return parsed.ok ? parsed.mm : parsed.fault;
};

describe('parseLength', () => {
	it.each([
		['74', 'cm', 740],
		['74 cm', 'in', 740],
		['7,4', 'cm', 74],
		['740 mm', 'cm', 740],
		['740', 'mm', 740],
		['1.64 m', 'cm', 1640],
		['1 m 64', 'cm', 1640],
		['1m64cm', 'in', 1640],
		['29 1/8"', 'cm', 740],
		['29-1/8 in', 'cm', 740],
		['29½ in', 'cm', 749],
		['29 1/8', 'in', 740],
		['5\'4"', 'cm', 1626],
		['5’ 4”', 'cm', 1626],
		['5 ft 4 in', 'cm', 1626],
		["5'", 'cm', 1524],
		['5 feet 4 1/2', 'cm', 1638],
		['.5', 'in', 13],
		['0', 'cm', 0],
		['  74\u00a0cm ', 'cm', 740]
	] as const)('reads %j in %s as %i mm', (text, unit, mm) => {
		expect(read(text, unit)).toBe(mm);
	});

	it.each([
		['', 'empty'],
		['   ', 'empty'],
		['about seventy', 'not-a-length'],
		['-3', 'negative'],
		['−3 cm', 'negative'],
		['7 4', 'not-a-length'],
		['74 km', 'not-a-length'],
		['1e3', 'not-a-length'],
		['5\'13"', 'not-a-length'],
		['1/0"', 'not-a-length'],
		['99999999', 'too-large'],
		['NaN', 'not-a-length'],
		['1.2.3', 'not-a-length']
	])('does not guess %j: %s', (text, fault) => {
		expect(read(text)).toBe(fault);
	});

	it('never throws, whatever is typed', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary' }), fc.constantFrom('cm', 'mm', 'in'), (text, unit) => {
				const parsed = parseLength(text, unit as LengthUnit);
				expect(parsed.ok ? Number.isInteger(parsed.mm) && parsed.mm >= 0 : parsed.fault.length > 0).toBe(
					true
				);
			})
		);
	});
});

describe('formatLength', () => {
	it('writes the unit and its decimals', () => {
		expect(formatLength(752, 'cm')).toBe('75.2 cm');
		expect(formatLength(752, 'mm')).toBe('752 mm');
		expect(formatLength(752, 'in')).toBe('29 5/8 in');
		expect([0, 3, 6, 25, 305].map((mm) => formatLength(mm, 'in'))).toEqual([
			'0 in',
			'1/8 in',
			'1/4 in',
			'1 in',
			'12 in'
		]);
		expect(formatLength(-16, 'in', { signed: true })).toBe('−5/8 in');
		expect(formatLength(16, 'in', { signed: true })).toBe('+5/8 in');
		expect(formatLength(68, 'cm', { signed: true })).toBe('+6.8 cm');
		expect(formatLength(-4, 'cm', { withUnit: false })).toBe('−0.4');
	});

	it('gives the same whole millimetre when parsed again, in every unit; what people read of inches ends at sixteenths', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 99_000 }), fc.constantFrom('cm', 'mm', 'in'), (mm, unit) => {
				if (unit !== 'in') expect(read(formatLength(mm, unit as LengthUnit), 'cm')).toBe(mm);
				expect(read(formatLength(mm, unit as LengthUnit, { withUnit: false }), unit as LengthUnit)).toBe(mm);
			})
		);
	});

	it('writes English as the platform does, without making its writer', () => {
		const platform = new Intl.NumberFormat('en', {
			minimumFractionDigits: 1,
			maximumFractionDigits: 1,
			useGrouping: false,
			signDisplay: 'exceptZero'
		});
		fc.assert(
			fc.property(fc.integer({ min: -400_000, max: 400_000 }), (quarters) => {
				const written = formatLength(quarters / 4, 'cm', { withUnit: false, signed: true });
				expect(written).toBe(platform.format(quarters / 40).replace('-', '−'));
			})
		);
	});

	it('gives inches back as they were typed, in eighths and sixteenths', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 80 }),
				fc.constantFrom(8, 16),
				fc.integer({ min: 0, max: 15 }),
				(whole, of, over) => {
					const mm = read(`${whole} ${over % of}/${of}`, 'in');
					const written = formatLength(Number(mm), 'in');
					expect(read(written, 'in')).toBe(mm);
					expect(written).toMatch(/^\d+(?: \d+\/(?:2|4|8|16))? in$/);
				}
			)
		);
	});
});

describe('the decimal mark of a language', () => {
	it('takes the place of the point in decimal numbers only, and is read back as the same length', () => {
		expect(withDecimalMark('74.5', 'de')).toBe('74,5');
		expect(withDecimalMark('74.5', 'fr')).toBe('74,5');
		expect(withDecimalMark('74.5', 'es')).toBe('74,5');
		for (const same of ['74.5', '74']) expect(withDecimalMark(same, 'en-GB')).toBe(same);
		for (const same of ['74', '74,5', '29 5/8', '1.5 m', 'about 74.5', '74.'])
			expect(withDecimalMark(same, 'de')).toBe(same);
		for (let mm = 1; mm < 2500; mm += 7) {
			const shown = withDecimalMark(formatLength(mm, 'cm', { withUnit: false }), 'de');
			expect(parseLength(shown, 'cm')).toEqual({ ok: true, mm });
		}
	});
});
