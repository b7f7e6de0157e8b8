import { adviseBriefly, adviseCorner, type Advice, type KeptAdvice } from '../../core/advice';
import type { Corner } from '../../core/corner';
import { shareHousehold } from '../../core/plan';

/** What a planning thread is asked. */
export type PlanJob =
	| { readonly kind: 'advise'; readonly corner: Corner }
	| { readonly kind: 'brief'; readonly corners: readonly Corner[] }
	| { readonly kind: 'share'; readonly spots: readonly Corner[] };

/** Where plans are solved. */
export interface Planning {
	advise(corner: Corner): Promise<Advice>;
	/** The best plan alone of each corner, for judgements: the rest of the advice is worked out later. */
	adviseBriefly(corners: readonly Corner[]): Promise<KeptAdvice[]>;
	/** The spots of one person, each with its share of the household. */
	share(spots: readonly Corner[]): Promise<Corner[]>;
}

/** Solves in this thread, which waits meanwhile: for the seed and for tests, never for a server that others wait on. */
export const planHere: Planning = {
	advise: (corner) => Promise.resolve(adviseCorner(corner)),
	adviseBriefly: (corners) => Promise.resolve(corners.map(adviseBriefly)),
	share: (spots) => Promise.resolve(shareHousehold(spots))
};
