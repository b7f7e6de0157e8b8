import type { Advice } from '../../core/advice';
import type { Corner } from '../../core/corner';
import { misfitOf, piecesThatMove } from '../../core/plan';
import type { Planning } from './planning';

/** A spot with its share of the household, and the advice for it. */
export interface AdviceAtSpot {
	readonly corner: Corner;
	readonly advice: Advice;
}

/**
 * The advice at each spot of a person: one household for all of them, and a piece serves one.
 *
 * @param spots the answered spots, in their order, each with the whole household
 */
export async function adviceAtSpots(spots: readonly Corner[], planning: Planning): Promise<AdviceAtSpot[]> {
	const shares = await planning.share(spots);
	return Promise.all(shares.map(async (corner) => ({ corner, advice: await planning.advise(corner) })));
}

/** A piece that would have to move each time when changing over. */
export interface MovingPiece {
	readonly label: string;
	readonly pieces: number;
}

/**
 * What would have to move to a spot from the others for it to be better than with its share; nothing where its share is
 * as good.
 *
 * @param here the place of the spot among them
 */
export async function movesTo(
	here: number,
	spots: readonly Corner[],
	at: readonly AdviceAtSpot[],
	planning: Planning
): Promise<MovingPiece[]> {
	const whole = spots[here];
	const share = at[here];
	if (!whole || !share || spots.length < 2) return [];
	const [free] = (await planning.advise(whole)).plans;
	const [stays] = share.advice.plans;
	if (!free || free.cost.W >= (stays?.cost.W ?? misfitOf(whole))) return [];
	const others = at.flatMap(({ advice }, i) => (i === here ? [] : advice.plans.slice(0, 1)));
	const label = (id: string) => whole.household.find((item) => item.id === id)?.label ?? id;
	return piecesThatMove(whole, ...others, free).map(({ id, pieces }) => ({ label: label(id), pieces }));
}
