import { parseLength, type LengthFault } from '../../body/length/parse-length';
import type { LengthUnit } from '../../body/length/mm';

/** What is wrong with one typed answer; the wording is in the message catalogue. */
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
	/** The value read, mm. */
	readonly readMm?: number;
	/** The accepted range, mm. */
	readonly bounds?: readonly [number, number];
	/** What may have been meant, mm: the same digits in another unit or with the decimal point elsewhere. */
	readonly meantMm?: number;
}

/** A length, or what is wrong with it. `unusual` asks for confirmation; it is not an error. */
export type LengthReading =
	| { readonly ok: true; readonly mm: number; readonly unusual: boolean }
	| { readonly ok: false; readonly issue: FieldIssue };

/** Common slips: the decimal point one place off, or centimetres and inches mixed up. */
const SLIPS = [10, 0.1, 25.4, 1 / 2.54, 2.54, 1 / 25.4] as const;

/**
 * What may have been meant by an unusual length: metres, as people give their height ("1.71"), else the first slip that explains it.
 * @param text as typed
 */
function suggestLength(lengthMm: number, usual: readonly [number, number], text: string): number | undefined {
	// Read again rather than multiplied: whole millimetres have lost the last digit.
	const metres = parseLength(`${text} m`, 'cm');
	return [...(metres.ok ? [metres.mm] : []), ...SLIPS.map((slip) => Math.round(lengthMm * slip))].find(
		(mm) => mm >= usual[0] && mm <= usual[1]
	);
}

/**
 * Reads one typed length against the bounds of its field.
 * @param text as typed; undefined where nothing was typed
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
		const meantMm = suggestLength(mm, usual, text ?? '');
		const code = mm < bounds[0] ? 'too-small' : 'too-big';
		return {
			ok: false,
			issue: { field, code, readMm: mm, bounds, ...(meantMm === undefined ? {} : { meantMm }) }
		};
	}
	return { ok: true, mm, unusual: mm < usual[0] || mm > usual[1] };
}
