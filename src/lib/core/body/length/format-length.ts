import { MM_PER_INCH, type LengthUnit } from './mm';

/** How a length is formatted. */
export interface LengthStyle {
	/** Add the unit after the number (default true). */
	readonly withUnit?: boolean;
	/** BCP 47 language for the decimal separator (default `en`). */
	readonly locale?: string;
	/** Put + before a positive length (default false). */
	readonly signed?: boolean;
}

type MetricUnit = Exclude<LengthUnit, 'in'>;

/** Decimals that distinguish whole millimetres: 0.1 cm is 1 mm. */
const DECIMALS: Readonly<Record<MetricUnit, number>> = { mm: 0, cm: 1 };

const PER_UNIT: Readonly<Record<MetricUnit, number>> = { mm: 1, cm: 10 };

/**
 * Fractions of an inch on a tape measure, coarsest first; the last one distinguishes every millimetre and is used where nothing may be
 * lost.
 */
const FRACTIONS = [8, 16, 32] as const;

/** The finest fraction that people read off a tape. */
const READABLE = 16;

/** Number formats already made: making one takes far longer than using it, and a page formats hundreds of lengths. */
const writers = new Map<string, Intl.NumberFormat>();

function writerOf(locale: string, unit: MetricUnit, signed: boolean): Intl.NumberFormat {
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
 * A decimal number as typed or computed, with the decimal mark of a language: `74.5` is `74,5` in German. Anything else comes back as it
 * is, whole numbers and fractions of an inch among them. Both marks are read back alike.
 */
export function withDecimalMark(text: string, locale: string): string {
	const parts = /^(\d+)\.(\d+)$/.exec(text);
	if (!parts || /^en\b/.test(locale)) return text;
	const written = writerOf(locale, 'cm', false).formatToParts(0.5);
	const mark = written.find(({ type }) => type === 'decimal')?.value ?? '.';
	return `${parts[1]}${mark}${parts[2]}`;
}

/** Millimetres in another unit, with a decimal point. Rounded half away from zero, like the formats of other languages. */
function withPoint(lengthMm: number, unit: MetricUnit, signed: boolean): string {
	const mm = Math.round(Math.abs(lengthMm));
	const sign = mm === 0 ? '' : lengthMm < 0 ? '−' : signed ? '+' : '';
	return `${sign}${(mm / PER_UNIT[unit]).toFixed(DECIMALS[unit])}`;
}

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

/** A number of inches as a whole and a fraction in lowest terms: `29 5/8`, `3/16`, `12`. */
function fraction(parts: number, of: number): string {
	const whole = Math.floor(parts / of);
	const rest = parts % of;
	if (rest === 0) return String(whole);
	const common = greatestCommon(rest, of);
	const over = `${rest / common}/${of / common}`;
	return whole === 0 ? over : `${whole} ${over}`;
}

/** Inches as on a tape: the coarsest fraction that is read back as the same millimetre. */
function inches(lengthMm: number, signed: boolean, mayLose: boolean): string {
	const mm = Math.abs(lengthMm);
	const partsOf = (of: number) => Math.round((mm / MM_PER_INCH) * of);
	const isExact = (of: number) => Math.round((partsOf(of) / of) * MM_PER_INCH) === Math.round(mm);
	const finest = mayLose ? READABLE : FRACTIONS[2];
	const of = FRACTIONS.find((one) => one <= finest && isExact(one)) ?? finest;
	const parts = partsOf(of);
	const sign = parts === 0 ? '' : lengthMm < 0 ? '−' : signed ? '+' : '';
	return `${sign}${fraction(parts, of)}`;
}

/**
 * Formats a length in the person's unit: 752 mm is `75.2 cm`, `752 mm` or `29 5/8 in`. Without its unit, it is meant for an input field:
 * typed lengths come back as typed, and parsing gives the same whole millimetre in every unit. With its unit, it is for reading, in
 * sixteenths of an inch at the finest.
 * @param lengthMm the length in mm; fractions are rounded to the unit's decimals
 * @param unit the unit to format in
 */
export function formatLength(lengthMm: number, unit: LengthUnit, style: LengthStyle = {}): string {
	const { withUnit = true, locale = 'en', signed = false } = style;
	if (unit === 'in') {
		const number = inches(lengthMm, signed, withUnit);
		return withUnit ? `${number} in` : number;
	}
	// A minus sign, not a hyphen: screen readers skip a hyphen before a number. English avoids the platform's formats: making the first one
	// takes as long as everything else on a page.
	const number = /^en\b/.test(locale)
		? withPoint(lengthMm, unit, signed)
		: writerOf(locale, unit, signed)
				.format(lengthMm / PER_UNIT[unit])
				.replace('-', '−');
	return withUnit ? `${number} ${unit}` : number;
}
