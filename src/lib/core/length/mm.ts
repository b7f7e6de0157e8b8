/**
 * A length in millimetres. Branded, so that a bare number, a centimetre or an inch can't slip in;
 * make one with {@link mm}.
 */
export type Mm = number & { readonly __unit: 'mm' };

/** The unit a person reads and types lengths in. The core itself always thinks in millimetres. */
export const LENGTH_UNITS = ['cm', 'in', 'mm'] as const;

/** One of {@link LENGTH_UNITS}. */
export type LengthUnit = (typeof LENGTH_UNITS)[number];

/** Millimetres to the inch, exact by definition (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/** Says that a number is a length in millimetres. The caller vouches for the unit. */
export function mm(value: number): Mm {
	return value as Mm;
}
