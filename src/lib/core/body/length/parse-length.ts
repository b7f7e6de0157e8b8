import { mm, MM_PER_INCH, type LengthUnit, type Mm } from './mm';

/** Why a typed length could not be read. `empty`: nothing was typed; `not-a-length`: anything unreadable. */
export type LengthFault = 'empty' | 'not-a-length' | 'negative' | 'too-large';

/** A typed length: whole millimetres, or the error. */
export type ParsedLength = { ok: true; mm: Mm } | { ok: false; fault: LengthFault };

/** Nothing at home measures 100 m; anything longer is a typing mistake. Our working assumption. */
const LARGEST_MM = 100_000;

const NUMBER = String.raw`\d+(?:[.,]\d+)?|[.,]\d+`;
const FRACTION = String.raw`(\d+)\s*[/⁄]\s*(\d+)`;
/** A whole number with an optional fraction ("29 1/8", "29-1/8"), a fraction alone, or a decimal. */
const QUANTITY = String.raw`(?:(\d+)(?:\s+|\s*-\s*)${FRACTION}|${FRACTION}|(${NUMBER}))`;

const METRIC = new RegExp(String.raw`^(${NUMBER})\s*(mm|cm|m)?\.?$`);
const METRES_AND_CM = new RegExp(String.raw`^(\d+)\s*m\s*(\d{1,2}(?:[.,]\d+)?)\s*(?:cm)?$`);
const FEET = new RegExp(String.raw`^(${NUMBER})\s*(?:'|ft|feet|foot)\.?\s*(?:(.*?))?$`);
const INCHES = new RegExp(String.raw`^${QUANTITY}\s*(?:"|''|inches|inch|ins|in)?\.?$`);
const INCHES_MARKED = /(?:"|''|inches|inch|ins|in)\.?$/;

const MM_PER_UNIT: Readonly<Record<LengthUnit | 'm', number>> = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH };

/** Characters that keyboards produce instead of the plain ones. */
const PLAIN: readonly (readonly [RegExp, string])[] = [
	[/[’‘′´`]/g, "'"],
	[/[”“″]/g, '"'],
	[/½/g, ' 1/2'],
	[/¼/g, ' 1/4'],
	[/¾/g, ' 3/4'],
	[/⅛/g, ' 1/8'],
	[/⅜/g, ' 3/8'],
	[/⅝/g, ' 5/8'],
	[/⅞/g, ' 7/8'],
	[/[\u00a0\u202f\s]+/g, ' ']
];

function plain(text: string): string {
	return PLAIN.reduce((t, [from, to]) => t.replace(from, to), text.toLowerCase()).trim();
}

function decimal(text: string): number {
	return Number(text.replace(',', '.'));
}

function quantity(match: RegExpMatchArray): number {
	const [, whole, over, under, loneOver, loneUnder, number] = match;
	if (whole !== undefined) return Number(whole) + Number(over) / Number(under);
	if (loneOver !== undefined) return Number(loneOver) / Number(loneUnder);
	return decimal(number ?? '');
}

function inchesOf(text: string): number | null {
	const match = INCHES.exec(text);
	return match ? quantity(match) : null;
}

/** Feet and inches: 5'4", 5 ft 4 in, 5' 4 1/2. Null for any other form. */
function feetAndInches(text: string): number | null {
	const match = FEET.exec(text);
	if (!match?.[1]) return null;
	const rest = (match[2] ?? '').replace(/^(?:and|,)\s*/, '');
	const inches = rest === '' ? 0 : inchesOf(rest);
	// Twelve inches are a foot: 5'13" is a mistake, not a length.
	if (inches === null || inches >= 12) return null;
	return (decimal(match[1]) * 12 + inches) * MM_PER_INCH;
}

function millimetres(text: string, unit: LengthUnit): number | null {
	const metres = METRES_AND_CM.exec(text);
	if (metres) return Number(metres[1]) * 1000 + decimal(metres[2] ?? '') * 10;
	const metric = METRIC.exec(text);
	if (metric?.[1])
		return decimal(metric[1]) * MM_PER_UNIT[(metric[2] as LengthUnit | 'm' | undefined) ?? unit];
	const feet = feetAndInches(text);
	if (feet !== null) return feet;
	if (unit !== 'in' && !INCHES_MARKED.test(text)) return null;
	const inches = inchesOf(text);
	return inches === null ? null : inches * MM_PER_INCH;
}

/**
 * Parses a length as people type it: `74`, `74 cm`, `7,4`, `740 mm`, `1.64 m`, `1 m 64`, `29 1/8"`, `29½ in`, `5'4"`, `5 ft 4`. A number
 * without a unit is in `unit`. Units are never guessed from the size of the number: "74" in a form that asks for cm is 74 cm; plausibility
 * is checked elsewhere. Notes: 1. Both point and comma are decimal separators. There are no thousands separators: no length here needs one,
 * and half the world reads "1,700" as 1.7. 2. `5.11` is five point eleven of the unit, never five foot eleven: people mean both.
 * @param text what was typed
 * @param unit the unit of a number without one
 * @returns whole millimetres, or the error as data; never throws
 */
export function parseLength(text: string, unit: LengthUnit): ParsedLength {
	const typed = plain(text);
	if (typed === '') return { ok: false, fault: 'empty' };
	if (/^[-−–]\s*[\d.,]/.test(typed)) return { ok: false, fault: 'negative' };
	const value = millimetres(typed, unit);
	if (value === null || !Number.isFinite(value)) return { ok: false, fault: 'not-a-length' };
	if (value > LARGEST_MM) return { ok: false, fault: 'too-large' };
	return { ok: true, mm: mm(Math.round(value)) };
}
