import type { FirstAct } from '$lib/core/advice';
import type { MeasurableName } from '$lib/core/checks';
import { seatRulesOf, type Corner } from '$lib/core/corner';
import type { Catalogue } from '$lib/messages';

/** What the headline of a plan depends on. */
export interface PlanState {
	readonly corner: Pick<Corner, 'spot'>;
	/** Whether the heights are left as they are. */
	readonly isLeftAlone: boolean;
	/** What to do first, as the corner alone says; empty for advice of earlier rules. */
	readonly first: readonly FirstAct[];
	/** A length that would make it surer; null for none. */
	readonly measureNext: MeasurableName | null;
	/** How much was found besides the heights, and stands. */
	readonly found: number;
	/** Steps of the plan, and the things that they ask for. */
	readonly steps: number;
	readonly things: number;
}

/** The headline of a plan, and the sentence below it; empty where the page has its own. A corner is said to fit only where nothing was found. */
export function planTitle(
	{ corner, isLeftAlone, first, measureNext, found, steps, things }: PlanState,
	t: Catalogue
): { title: string; lead: string } {
	if (!seatRulesOf(corner).isForWork) return { title: t.plan.titleSoftSeat, lead: t.plan.leadSoftSeat };
	const [act] = first;
	if (act?.act === 'spot') return { title: t.plan.titleAnotherSpot, lead: t.plan.leadAnotherSpot };
	if (isLeftAlone) {
		const measure = measureNext && t.measurable[measureNext];
		if (found === 0) return { title: t.plan.titleNone, lead: t.plan.leadNone(measure) };
		return { title: t.plan.titleHeightsFit(found), lead: t.plan.leadHeightsFit };
	}
	if (act?.act === 'ask' && act.what === 'keyboard-and-mouse')
		return { title: t.plan.titleKeyboard, lead: steps > 0 ? t.plan.leadKeyboard(things) : '' };
	if (steps === 0) return { title: t.plan.titleHopeless, lead: t.plan.leadHopeless };
	return { title: t.plan.title(things), lead: '' };
}
