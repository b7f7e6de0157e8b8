import type { Corner } from '../../workstation/corner/corner';
import type { Plan } from '../../plan/plan-corner';
import type { RecordedPlan } from './case-record';

/** Heights and rises of the best plan for a workstation; everything as it is where there is none. */
export function planHeightsOf(
	corner: Corner | null,
	plan: Plan | null
): Pick<RecordedPlan, 'heights' | 'rises'> {
	if (!corner || !plan)
		return {
			heights: { seat: null, surface: 0, screenTopAboveBase: 0 },
			rises: { seat: 0, softs: 0, feet: 0, keys: 0, screen: 0 }
		};
	const { seat, feet, keys, screen } = plan.stations;
	return {
		heights: {
			seat: plan.heights.seat,
			surface: plan.heights.surface,
			screenTopAboveBase: plan.heights.screenTopAboveBase
		},
		rises: {
			seat: seat.rise,
			softs: seat.pieces.length,
			feet: feet.rise,
			keys: corner.spot.keys.kind === 'built-in' ? screen.rise : keys.rise,
			screen: screen.rise
		}
	};
}
