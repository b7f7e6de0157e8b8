import { parseLength, type LengthFault, type LengthUnit } from '../length';

/** What is wrong with one typed answer; the words are the catalogue's. */
export interface FieldIssue {
	readonly field: string;
	readonly code:
		| 'missing'
		| 'range-order'
		| 'outside-range'
		| LengthFault
		| 'too-small'
		| 'too-big'
		| 'not-a-count'
		| 'no-name';
	/** What was read, mm. */
	readonly readMm?: number;
	/** The lengths that are taken, mm. */
	readonly bounds?: readonly [number, number];
	/** What may have been meant, mm: the same digits in another unit or with the point elsewhere. */
	readonly meantMm?: number;
}

/** A length that was read, or what is wrong. `unusual` is a question, not a fault. */
export type LengthReading =
	| { readonly ok: true; readonly mm: number; readonly unusual: boolean }
	| { readonly ok: false; readonly issue: FieldIssue };

/** Slips that people make: a point one place off, centimetres for inches and the other way round. */
const SLIPS = [10, 0.1, 25.4, 1 / 2.54, 2.54, 1 / 25.4] as const;

/** What a length may have been meant to be: the first slip that makes it a usual one. */
export function suggestLength(lengthMm: number, usual: readonly [number, number]): number | undefined {
	return SLIPS.map((slip) => Math.round(lengthMm * slip)).find((mm) => mm >= usual[0] && mm <= usual[1]);
}

/**
 * Reads one typed length against the bounds of its field.
 *
 * @param text as typed; undefined where nothing was
 */
export function readLengthField(
	field: string,
	text: string | undefined,
	unit: LengthUnit,
	{ bounds, usual }: { bounds: readonly [number, number]; usual: readonly [number, number] }
): LengthReading {
	const parsed = parseLength(text ?? '', unit);
	if (!parsed.ok)
		return { ok: false, issue: { field, code: parsed.fault === 'empty' ? 'missing' : parsed.fault } };
	const { mm } = parsed;
	if (mm < bounds[0] || mm > bounds[1]) {
		const meantMm = suggestLength(mm, usual);
		const code = mm < bounds[0] ? 'too-small' : 'too-big';
		return {
			ok: false,
			issue: { field, code, readMm: mm, bounds, ...(meantMm === undefined ? {} : { meantMm }) }
		};
	}
	return { ok: true, mm, unusual: mm < usual[0] || mm > usual[1] };
}
