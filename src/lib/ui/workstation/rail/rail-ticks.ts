import { MM_PER_INCH, type LengthUnit } from '$lib/core/body/length/mm';

/** A tick of the scale: its height and, on long ones, its number. */
export interface RailTick {
	readonly mm: number;
	readonly label: string | null;
}

const STEP: Readonly<Record<LengthUnit, { minorMm: number; everyMajor: number; perUnit: number }>> = {
	cm: { minorMm: 50, everyMajor: 2, perUnit: 10 },
	mm: { minorMm: 50, everyMajor: 2, perUnit: 1 },
	in: { minorMm: 2 * MM_PER_INCH, everyMajor: 2, perUnit: MM_PER_INCH }
};

/** Ticks from the floor up to a height: every 10 cm (or 4 inches) a long one with its number, and a short one in between. */
export function railTicks(highestMm: number, unit: LengthUnit): RailTick[] {
	const { minorMm, everyMajor, perUnit } = STEP[unit];
	return Array.from({ length: Math.floor(highestMm / minorMm) + 1 }, (_, i) => ({
		mm: i * minorMm,
		label: i % everyMajor === 0 ? String(Math.round((i * minorMm) / perUnit)) : null
	}));
}
