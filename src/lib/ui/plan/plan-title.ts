import { seatRulesOf, type Corner } from '$lib/core/corner';
import type { Catalogue } from '$lib/messages';

/** What the headline of a plan depends on. */
export interface PlanState {
	readonly corner: Pick<Corner, 'spot'>;
	/** Whether every height fits as it is. */
	readonly heightsFit: boolean;
	/** How much was found besides the heights, and stands. */
	readonly found: number;
	/** Steps of the plan, and the things that they ask for. */
	readonly steps: number;
	readonly things: number;
}

/** The headline of a plan, and the sentence below it; empty where the page has its own. A corner is said to fit only where nothing was found. */
export function planTitle(
	{ corner, heightsFit, found, steps, things }: PlanState,
	t: Catalogue
): { title: string; lead: string } {
	if (!seatRulesOf(corner).isForWork) return { title: t.plan.titleSoftSeat, lead: t.plan.leadSoftSeat };
	if (heightsFit && found === 0) return { title: t.plan.titleNone, lead: t.plan.leadNone };
	if (heightsFit) return { title: t.plan.titleHeightsFit(found), lead: t.plan.leadHeightsFit };
	if (steps === 0) return { title: t.plan.titleHopeless, lead: t.plan.leadHopeless };
	return { title: t.plan.title(things), lead: '' };
}
