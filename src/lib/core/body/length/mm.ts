/** A length in millimetres. Branded, so that a bare number, a centimetre or an inch can't slip in; make one with {@link mm}. */
export type Mm = number & { readonly __unit: 'mm' };

/** The unit in which a person reads and types lengths. The core computes in millimetres only. */
export const LENGTH_UNITS = ['cm', 'in', 'mm'] as const;

/** One of {@link LENGTH_UNITS}. */
export type LengthUnit = (typeof LENGTH_UNITS)[number];

/** Millimetres per inch, exact by definition (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/** Declares a number to be millimetres. The caller is responsible for the unit. */
export function mm(value: number): Mm {
	return value as Mm;
}
