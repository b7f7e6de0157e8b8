import type { VariantBase } from './variant-base';
import type { Variant } from './variant';

/** Slopes on which feet rest without slipping, degrees. Our assumption. */
const SLOPE_DEG = { low: 5, high: 25 } as const;

/** A book that carries both feet, longer and shorter side, mm: as under the feet in a plan. */
const FOOT_MM = [280, 180] as const;

/** The angle of a book that leans on another, whose thickness raises its far edge. Degrees. */
export function slopeOfBooks(thicknessMm: number, alongMm: number): number {
	return (Math.asin(Math.min(1, thicknessMm / alongMm)) * 180) / Math.PI;
}

/**
 * A sloped footrest made of one book leaning on another, or a half roller for rocking the feet: where the feet need support and the
 * household has items left. Common practice.
 */
export function slopedBooks(base: VariantBase): Variant | null {
	const { facts, plan, found, left } = base;
	const wantsFeet = (plan?.stations.feet.rise ?? 0) > 0 || found.has('feet-hanging');
	if (!wantsFeet || (facts.seat !== 'chair' && facts.seat !== 'stool')) return null;
	const bolster = left.find(({ kind }) => kind === 'bolster');
	if (bolster)
		return {
			id: 'sloped-books',
			labels: [bolster.label],
			numbers: { riseMm: Math.min(...bolster.size) },
			after: [],
			closes: []
		};
	const books = left.filter(({ kind }) => kind === 'book');
	for (const leaning of books) {
		const [, shorter = 0, longer = 0] = [...leaning.size].sort((a, b) => a - b);
		if (longer < FOOT_MM[0] || shorter < FOOT_MM[1]) continue;
		for (const under of books) {
			if (under === leaning) continue;
			const thick = Math.min(...under.size);
			const degrees = slopeOfBooks(thick, shorter);
			if (degrees < SLOPE_DEG.low || degrees > SLOPE_DEG.high) continue;
			return {
				id: 'sloped-books',
				labels: [leaning.label, under.label],
				numbers: { degrees, riseMm: thick },
				after: [],
				closes: []
			};
		}
	}
	return null;
}
