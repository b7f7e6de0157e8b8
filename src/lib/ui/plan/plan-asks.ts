import type { Corner } from '$lib/core/workstation/corner/corner';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Plan } from '$lib/core/plan/plan-corner';
import { itemsOfPlan } from '$lib/core/plan/plan-options';
import type { Catalogue } from '$lib/messages/shapes';

/** How far a plan moves each thing that can be built or set, mm; up is positive. */
export function changesByPlan({ spot: { seat, surface, screen } }: Corner, plan: Plan) {
	return {
		seat: plan.stations.seat.rise + (plan.heights.seat ?? 0) - (seat ? seat.height - seat.give : 0),
		surface: plan.heights.surface - surface.height,
		feet: plan.stations.feet.rise,
		keys: plan.stations.keys.rise,
		screen: plan.stations.screen.rise + plan.heights.screenTopAboveBase - screen.topAboveBase
	};
}

/** What a plan asks for, in a few words: each thing with how far it goes up or down; empty where it asks for nothing. */
export function planAsksForChanges(corner: Corner, plan: Plan, t: Catalogue, unit: LengthUnit): string {
	const by = changesByPlan(corner, plan);
	const asked = t.lists.and(
		itemsOfPlan(corner, plan).map((thing) =>
			t.ladder.thing(
				t.ladder.things[thing],
				formatLength(by[thing], unit, { locale: t.locale, signed: true })
			)
		)
	);
	return asked.charAt(0).toLocaleUpperCase(t.locale) + asked.slice(1);
}
