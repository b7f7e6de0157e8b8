import { MM_PER_INCH, type LengthUnit } from './mm';

/** How a length is written out. */
export interface LengthStyle {
	/** Add the unit's name behind the number (default true). */
	readonly withUnit?: boolean;
	/** BCP 47 language for the decimal mark (default `en`). */
	readonly locale?: string;
	/** Put + before a length above zero (default false). */
	readonly signed?: boolean;
}

/** Decimals that keep a whole millimetre apart from its neighbours: 0.1 cm is 1 mm, 0.01 in is 0.25 mm. */
const DECIMALS: Readonly<Record<LengthUnit, number>> = { mm: 0, cm: 1, in: 2 };

const PER_UNIT: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 10, in: MM_PER_INCH };

/** Writers that were made: making one takes far longer than writing with it, and a page writes hundreds of lengths. */
const writers = new Map<string, Intl.NumberFormat>();

function writerOf(locale: string, unit: LengthUnit, signed: boolean): Intl.NumberFormat {
	const key = `${locale} ${unit} ${signed}`;
	let writer = writers.get(key);
	if (!writer) {
		writer = new Intl.NumberFormat(locale, {
			minimumFractionDigits: DECIMALS[unit],
			maximumFractionDigits: DECIMALS[unit],
			useGrouping: false,
			signDisplay: signed ? 'exceptZero' : 'negative'
		});
		writers.set(key, writer);
	}
	return writer;
}

/**
 * Writes a length in the person's unit: 752 mm is `75.2 cm`, `752 mm` or `29.61 in`. Printing and parsing
 * again gives the same whole millimetre in every unit.
 *
 * @param lengthMm the length in mm; fractions are rounded as the unit's decimals ask
 * @param unit the unit to write in
 */
export function formatLength(lengthMm: number, unit: LengthUnit, style: LengthStyle = {}): string {
	const { withUnit = true, locale = 'en', signed = false } = style;
	// A minus sign and no hyphen: screen readers pass over a hyphen before a number.
	const number = writerOf(locale, unit, signed)
		.format(lengthMm / PER_UNIT[unit])
		.replace('-', '−');
	return withUnit ? `${number} ${unit}` : number;
}
