/** A mark of a paper ruler. */
interface RulerMark {
	/** Distance from the start of the strip, mm. */
	readonly at: number;
	/** Length of the mark as a share of the longest. */
	readonly length: number;
	/** Number next to it; null for none. */
	readonly label: string | null;
}

/** A strip of a paper ruler. */
export interface RulerStrip {
	/** Start and length, mm. */
	readonly from: number;
	readonly length: number;
	readonly marks: readonly RulerMark[];
}

/** Longest strip that fits across a sheet of A4 or Letter, allowing for printer margins, mm. */
export const MAX_STRIP_MM = 250;

const MM_PER_INCH = 25.4;

function centimetres(from: number, length: number): RulerMark[] {
	return Array.from({ length: length + 1 }, (_, mm) => {
		const isWhole = (from + mm) % 10 === 0;
		const isHalf = (from + mm) % 5 === 0;
		return {
			at: mm,
			length: isWhole ? 1 : isHalf ? 0.7 : 0.45,
			label: isWhole ? String((from + mm) / 10) : null
		};
	});
}

function inches(from: number, length: number): RulerMark[] {
	const eighth = MM_PER_INCH / 8;
	const marks: RulerMark[] = [];
	for (let n = Math.ceil(from / eighth - 1e-9); n * eighth <= from + length + 1e-9; n += 1) {
		const part = n % 8;
		const long = part === 0 ? 1 : part === 4 ? 0.75 : part % 2 === 0 ? 0.6 : 0.4;
		marks.push({ at: n * eighth - from, length: long, label: part === 0 ? String(n / 8) : null });
	}
	return marks;
}

/**
 * The strips of a paper ruler, to be cut out and glued end to end.
 * @param strips how many, each {@link MAX_STRIP_MM} long
 */
export function rulerStrips(unit: 'cm' | 'in', strips: number): RulerStrip[] {
	return Array.from({ length: strips }, (_, i) => {
		const from = i * MAX_STRIP_MM;
		const marks = unit === 'cm' ? centimetres(from, MAX_STRIP_MM) : inches(from, MAX_STRIP_MM);
		return { from, length: MAX_STRIP_MM, marks };
	});
}
