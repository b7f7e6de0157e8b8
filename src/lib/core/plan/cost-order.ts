import { costInHeights, type HeightCost } from './objective';

/** A cost as one whole number by which a search compares: less is better, and it adds part by part. */
export type PackedCost = number;

/** By what a search compares, and what it does not look at. */
export interface CostOrder {
	readonly pack: (cost: HeightCost, pieces: number) => PackedCost;
	/** What one piece more costs. */
	readonly onePiece: PackedCost;
	/** Nothing above this misfit is wanted. */
	readonly mostW: number;
	/** Whether the search ends with the first that nothing beats; else all that are as good are found. */
	readonly endsAtFirst: boolean;
}

/** The least misfit, whatever it takes. */
export const BY_COST: CostOrder = {
	pack: (cost) => (cost === Infinity ? Infinity : costInHeights(cost)),
	onePiece: 0,
	mostW: Infinity,
	endsAtFirst: true
};

/** Above every height cost: pieces count first. By the bounds of the corner document, with at most 19 pieces, all fits a whole number. */
const ONE_PIECE: PackedCost = 2 ** 40;

/** A misfit that is less than this above the least is as good: nobody is sent to fetch a towel for five millimetres. Our assumption. */
export const EQUAL_COST_TOLERANCE = 300;

/** Of all that are as good as the least misfit: the fewest pieces, then the least misfit, then what is nearest to the ideals. */
export function fewestPieces(leastW: number): CostOrder {
	return {
		pack: (cost, pieces) => cost + pieces * ONE_PIECE,
		onePiece: ONE_PIECE,
		mostW: leastW + EQUAL_COST_TOLERANCE - 1,
		endsAtFirst: false
	};
}
