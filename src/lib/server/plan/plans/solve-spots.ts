import { summarizeAdvice, type AdviceSummary } from '../../../core/plan/advice/advise-corner';
import { planOffers } from '../../../core/plan/advice/plan-offers';
import type { Corner } from '../../../core/workstation/corner/corner';
import { cornerCost } from '../../../core/plan/corner-cost';
import { itemsSharedBySpots } from '../../../core/plan/household-across-spots';
import type { MovingPlan } from '../../platform/db/schema/plans';
import type { Planner } from '../planning/planning';

/** A workstation with its share of the household, its advice, and what moving items from the other workstations would change. */
export interface SolvedSpot {
	readonly workstation: Corner;
	readonly advice: AdviceSummary;
	readonly moving: MovingPlan | null;
}

/**
 * Solves a person's workstations: one household for all of them, each item used only once. Call it outside any transaction.
 * @param spots the answered workstations, in order, each with the whole household
 */
export async function solveSpots(spots: readonly Corner[], planning: Planner): Promise<SolvedSpot[]> {
	const shares = await planning.share(spots);
	const advised = await Promise.all(
		shares.map(async (workstation) => ({
			workstation,
			advice: summarizeAdvice(await planning.advise(workstation))
		}))
	);
	return Promise.all(
		advised.map(async (here, i) => ({ ...here, moving: await movesTo(i, spots, advised, planning) }))
	);
}

/** What would have to move to a workstation from the others for a better plan than with its share; null where its share is as good. */
async function movesTo(
	here: number,
	spots: readonly Corner[],
	at: readonly { workstation: Corner; advice: AdviceSummary }[],
	planning: Planner
): Promise<MovingPlan | null> {
	const whole = spots[here];
	const share = at[here];
	if (!whole || !share || spots.length < 2) return null;
	const advice = summarizeAdvice(await planning.advise(whole));
	const free = planOffers(whole, advice)[0]?.plan;
	const stays = planOffers(share.workstation, share.advice)[0]?.plan;
	if (!free || free.cost.W >= (stays?.cost.W ?? cornerCost(whole))) return null;
	const others = at.flatMap((other, i) =>
		i === here
			? []
			: planOffers(other.workstation, other.advice)
					.slice(0, 1)
					.map(({ plan }) => plan)
	);
	const label = (id: string) => whole.household.find((item) => item.id === id)?.label ?? id;
	const pieces = itemsSharedBySpots(whole, ...others, free).map(({ id, pieces: n }) => ({
		label: label(id),
		pieces: n
	}));
	return pieces.length > 0 ? { pieces, workstation: whole, advice } : null;
}
