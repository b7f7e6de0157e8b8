import { misfitIn, type HeightCost } from './objective';

/** A cost as one whole number by which a search compares: less is better, and it adds part by part. */
export type PackedCost = number;

/** By what a search compares, and what it does not look at. */
export interface Order {
	readonly pack: (cost: HeightCost, pieces: number) => PackedCost;
	/** What one piece more costs. */
	readonly onePiece: PackedCost;
	/** Nothing above this misfit is wanted. */
	readonly mostW: number;
	/** Whether the search ends with the first that nothing beats; else all that are as good are found. */
	readonly endsAtFirst: boolean;
}

/** The least misfit, whatever it takes. */
export const LEAST_MISFIT: Order = {
	pack: (cost) => (cost === Infinity ? Infinity : misfitIn(cost)),
	onePiece: 0,
	mostW: Infinity,
	endsAtFirst: true
};

/** Above every height cost: pieces count first. By the bounds of the corner document, with at most 19 pieces, all fits a whole number. */
const ONE_PIECE: PackedCost = 2 ** 40;

/** A misfit that is less than this above the least is as good: nobody is sent to fetch a towel for five millimetres. Ours. */
export const AS_GOOD_W = 300;

/** Of all that are as good as the least misfit: the fewest pieces, then the least misfit, then what is nearest to the ideals. */
export function fewestPieces(leastW: number): Order {
	return {
		pack: (cost, pieces) => cost + pieces * ONE_PIECE,
		onePiece: ONE_PIECE,
		mostW: leastW + AS_GOOD_W - 1,
		endsAtFirst: false
	};
}
