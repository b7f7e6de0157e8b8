import { checkCorner, isAnyOff, type CheckResult } from '../checks';
import type { Corner } from '../corner';
import { NO_LIMITS } from './limits';
import { openGaps } from './open-gaps';
import { bestPlans, setUpAfter, type Plan } from './plan-corner';
import { prepareProblem, withOnlyActions, type PlanProblem } from './plan-problem';
import { cornerWithKeyboard } from './purchases';

/** How to work with a laptop alone, best first: one stack can't serve hands and eyes. */
export interface LaptopArrangements {
	/** With a keyboard and mouse of usual size: the laptop is a screen then. */
	readonly withKeyboard: Plan;
	/** For typing: the hands first. */
	readonly typing: Plan;
	/** For reading and calls, hands off it: seat, surface and feet stay as for typing, the laptop stands at the eyes. */
	readonly reading: Plan;
	/** Longest spell at either before changing over, minutes. */
	readonly spellMinutes: number;
}

/** With no separate keyboard one moves after half an hour at most. Common practice. */
export const LAPTOP_CHANGE_MINUTES = 30;

/** The corner with seat and surface as the plan for typing has them, and nothing of it to be set. */
function cornerForReading(corner: Corner, typing: Plan): Corner {
	const { spot } = corner;
	const { seat, surface } = typing.heights;
	return {
		...corner,
		spot: {
			...spot,
			surface: { ...spot.surface, height: surface, range: null },
			seat: spot.seat && {
				...spot.seat,
				height: seat === null ? spot.seat.height : seat + spot.seat.give + typing.stations.seat.rise,
				range: null
			}
		}
	};
}

/** A problem in which the eyes alone count, and only the laptop's stack is chosen, from what is left of the household. */
function readingProblem(corner: Corner, typing: Plan): PlanProblem {
	const { seat, feet } = typing.stations;
	const inUse = new Set([...seat.pieces, ...feet.pieces].map(({ id }) => id));
	const still = cornerForReading(corner, typing);
	const problem = withOnlyActions(prepareProblem(still, {}, NO_LIMITS, inUse), new Set(['screen']));
	const nothing = () => 0;
	return {
		...problem,
		builtIn: false,
		costs: { ...problem.costs, knee: nothing, elbow: nothing, thigh: nothing }
	};
}

/** The arrangement for reading beside one for typing. */
function readingOf(corner: Corner, typing: Plan): Plan | null {
	const found = bestPlans(readingProblem(corner, typing), 1).plans[0];
	if (!found) return null;
	const plan: Plan = {
		...typing,
		heights: { ...typing.heights, screenTopAboveBase: found.heights.screenTopAboveBase },
		stations: { ...typing.stations, screen: found.stations.screen }
	};
	const after = checkCorner(corner, setUpAfter(corner, plan)).filter(({ id }) => id !== 'elbow');
	const pieces = Object.values(plan.stations).reduce((sum, stack) => sum + stack.pieces.length, 0);
	return { ...plan, after, open: openGaps(after), cost: { ...found.cost, pieces } };
}

/**
 * The arrangements of a laptop that is worked at alone; null where the keys are separate, or nothing is off.
 *
 * @param typing the best plan of the corner
 */
export function laptopArrangements(
	corner: Corner,
	typing: Plan,
	before: readonly CheckResult[]
): LaptopArrangements | null {
	if (corner.spot.keys.kind !== 'built-in' || !isAnyOff(before)) return null;
	const withKeys = bestPlans(prepareProblem(cornerWithKeyboard(corner)), 1).plans[0];
	const reading = readingOf(corner, typing);
	if (!withKeys || !reading) return null;
	return { withKeyboard: withKeys, typing, reading, spellMinutes: LAPTOP_CHANGE_MINUTES };
}
