import { costInHeights, type HeightCost } from './objective';

/** A cost as one whole number for comparisons in a search: less is better, and it is additive. */
export type PackedCost = number;

/** How a search compares, and what it leaves out. */
export interface CostOrder {
	readonly pack: (cost: HeightCost, pieces: number) => PackedCost;
	/** Cost of one more item. */
	readonly onePiece: PackedCost;
	/** Results with a misfit above this are not wanted. */
	readonly mostW: number;
	/** Whether the search ends with the first result that nothing beats; otherwise all equally good ones are found. */
	readonly endsAtFirst: boolean;
}

/** The least misfit, whatever it takes. */
export const BY_COST: CostOrder = {
	pack: (cost) => (cost === Infinity ? Infinity : costInHeights(cost)),
	onePiece: 0,
	mostW: Infinity,
	endsAtFirst: true
};

/**
 * Above any possible height cost, so that items count first. Within the limits of the workstation document and at most 19 items, everything
 * fits a whole number.
 */
const ONE_PIECE: PackedCost = 2 ** 40;

/** A misfit less than this above the minimum counts as equal: nobody is sent to fetch a towel for five millimetres. Our assumption. */
export const EQUAL_COST_TOLERANCE = 300;

/** Among all results as good as the minimum: the fewest items, then the least misfit, then the closest to the ideals. */
export function fewestPieces(leastW: number): CostOrder {
	return {
		pack: (cost, pieces) => cost + pieces * ONE_PIECE,
		onePiece: ONE_PIECE,
		mostW: leastW + EQUAL_COST_TOLERANCE - 1,
		endsAtFirst: false
	};
}
