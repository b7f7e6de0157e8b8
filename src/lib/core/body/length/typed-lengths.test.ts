import { describe, expect, it } from 'vitest';
import { referenceTable } from '../../../../../tests/support/reference';
import { parseLength } from './parse-length';

/** What 1,095 people typed when asked for their height in inches. Source: dslabs, see `tests/data/reference`. */
const typed = referenceTable('reported_heights_freetext.csv').map(({ height = '' }) => height);

const isNumber = (text: string) => text.trim() !== '' && Number.isFinite(Number(text));

/** Every entry that is no number, with its length in inches as a person would read it; null: can't be read. */
const READ_BY_HAND: Readonly<Record<string, number | null>> = {
	'5\' 4"': 64,
	'165cm': 165 / 2.54,
	'>9000': null,
	'5 feet and 8.11 inches': 68.11,
	'5,3': 5.3,
	"6'": 72,
	'6,8': 6.8,
	'Five foot eight inches': null,
	'5,4': 5.4,
	"5'12": null,
	"2'33": null,
	'5,8': 5.8,
	'1,70': 1.7,
	"5'7.5''": 67.5,
	'5\' 7.78"': 67.78,
	yyy: null,
	'5 feet 7inches': 67,
	'6*12': null,
	'5 .11': null,
	'5 11': null,
	'69"': 69,
	'5ft 9 inches': 69,
	'5 ft 9 inches': 69,
	'708,661': 708.661,
	'5 feet 6 inches': 66,
	'649,606': 649.606,
	'728,346': 728.346,
	'6 04': null,
	'170 cm': 170 / 2.54,
	'7,283,465': null
};

/** Feet and inches in the plain shape: 5'7, 5' 7", 5'7''. */
function feetAndInches(text: string): number | null {
	const [, feet, inches] = /^(\d)'\s?(\d{1,2})(?:"|'')?$/.exec(text) ?? [];
	return feet === undefined ? null : Number(feet) * 12 + Number(inches);
}

describe('parseLength on what people really type', () => {
	it('reads every plain number as the unit that was asked for, and never guesses another', () => {
		const numbers = typed.filter(isNumber);
		expect([typed.length, numbers.length]).toEqual([1095, 1014]);
		for (const text of numbers) {
			const read = parseLength(text, 'in');
			// Five digits of inches are over 100 m: a slip of the hand, and said to be one.
			if (Number(text) * 25.4 > 100_000) expect(read).toEqual({ ok: false, fault: 'too-large' });
			else expect(read).toEqual({ ok: true, mm: Math.round(Number(text) * 25.4) });
		}
	});

	it('reads the 81 others as a person would, or says that it can’t', () => {
		const others = typed.filter((text) => !isNumber(text));
		expect(others).toHaveLength(81);
		for (const text of others) {
			const byHand = text in READ_BY_HAND ? READ_BY_HAND[text] : feetAndInches(text);
			if (byHand === undefined) throw new Error(`${text} has not been read by hand`);
			const read = parseLength(text, 'in');
			expect(read.ok ? read.mm : null, text).toBe(byHand === null ? null : Math.round(byHand * 25.4));
		}
	});
});
