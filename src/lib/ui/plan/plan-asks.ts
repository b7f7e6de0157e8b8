import type { Corner } from '$lib/core/corner';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Plan } from '$lib/core/plan';
import { thingsOfPlan } from '$lib/core/plan/ladder';
import type { Catalogue } from '$lib/messages';

/** How far a plan moves each thing that can be built or set, up above 0, mm. */
export function changesOf({ spot: { seat, surface, screen } }: Corner, plan: Plan) {
	return {
		seat: plan.stations.seat.rise + (plan.heights.seat ?? 0) - (seat ? seat.height - seat.give : 0),
		surface: plan.heights.surface - surface.height,
		feet: plan.stations.feet.rise,
		keys: plan.stations.keys.rise,
		screen: plan.stations.screen.rise + plan.heights.screenTopAboveBase - screen.topAboveBase
	};
}

/** What a plan asks for, in a few words: each thing with how far it goes up or down; empty where it asks for nothing. */
export function planAsks(corner: Corner, plan: Plan, t: Catalogue, unit: LengthUnit): string {
	const by = changesOf(corner, plan);
	const asked = t.lists.and(
		thingsOfPlan(corner, plan).map((thing) =>
			t.ladder.thing(
				t.ladder.things[thing],
				formatLength(by[thing], unit, { locale: t.locale, signed: true })
			)
		)
	);
	return asked.charAt(0).toLocaleUpperCase(t.locale) + asked.slice(1);
}
