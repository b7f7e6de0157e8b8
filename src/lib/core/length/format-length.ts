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

type MetricUnit = Exclude<LengthUnit, 'in'>;

/** Decimals that keep a whole millimetre apart from its neighbours: 0.1 cm is 1 mm. */
const DECIMALS: Readonly<Record<MetricUnit, number>> = { mm: 0, cm: 1 };

const PER_UNIT: Readonly<Record<MetricUnit, number>> = { mm: 1, cm: 10 };

/** Fractions of an inch that a tape has, the coarsest first; the last tells every millimetre apart, and is used where nothing may be lost. */
const FRACTIONS = [8, 16, 32] as const;

/** The finest fraction that is read off a tape. */
const READABLE = 16;

/** Writers that were made: making one takes far longer than writing with it, and a page writes hundreds of lengths. */
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

/** A number of mm in a unit, with a decimal point. Rounded half away from zero, as the writers of other languages do. */
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

/** Inches as a tape shows them: in the coarsest fraction that is read back as the same millimetre. */
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
 * Writes a length in the person's unit: 752 mm is `75.2 cm`, `752 mm` or `29 5/8 in`. A length that is written without its unit goes
 * into a field: typed lengths come back as they were typed, and reading gives the same whole millimetre in every unit. With its unit
 * it is read by people, in sixteenths of an inch at the finest.
 *
 * @param lengthMm the length in mm; fractions are rounded as the unit's decimals ask
 * @param unit the unit to write in
 */
export function formatLength(lengthMm: number, unit: LengthUnit, style: LengthStyle = {}): string {
	const { withUnit = true, locale = 'en', signed = false } = style;
	if (unit === 'in') {
		const number = inches(lengthMm, signed, withUnit);
		return withUnit ? `${number} in` : number;
	}
	// A minus sign and no hyphen: screen readers pass over a hyphen before a number. English needs no writer of the platform: the first of these
	// takes as long to make as everything else on a page.
	const number = /^en\b/.test(locale)
		? withPoint(lengthMm, unit, signed)
		: writerOf(locale, unit, signed)
				.format(lengthMm / PER_UNIT[unit])
				.replace('-', '−');
	return withUnit ? `${number} ${unit}` : number;
}
