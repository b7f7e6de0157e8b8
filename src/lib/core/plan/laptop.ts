import { checkCorner, type CheckResult } from '../workstation/checks/check-corner';
import { isAnyOff } from '../workstation/checks/verdict';
import type { Corner } from '../workstation/corner/corner';
import { NO_LIMITS } from './limits';
import { openGaps } from './open-gaps';
import { bestPlans, setUpAfter, type Plan } from './plan-corner';
import { prepareProblem, withOnlyActions, type PlanProblem } from './plan-problem';
import { cornerWithKeyboard } from './purchases';

/** How to work with a laptop alone, best first: one stack can't suit both hands and eyes. */
export interface LaptopArrangements {
	/** With a keyboard and mouse of usual size, which turn the laptop into a screen. */
	readonly withKeyboard: Plan;
	/** For typing: the hands come first. */
	readonly typing: Plan;
	/** For reading and calls, hands off the laptop: seat, surface and feet stay as for typing, and the laptop is at eye level. */
	readonly reading: Plan;
	/** Longest spell at either before changing, minutes. */
	readonly spellMinutes: number;
}

/** Without a separate keyboard, the person changes place after half an hour at most. Common practice. */
const LAPTOP_CHANGE_MINUTES = 30;

/** The workstation with seat and surface as in the plan for typing, and nothing left to adjust. */
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

/** A problem in which only eye height counts and only the laptop's stack is chosen, from what is left of the household. */
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

/** The reading arrangement that goes with one for typing. */
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
 * The arrangements of a laptop used alone; null where the keyboard is separate, or nothing is off.
 * @param typing the best plan of the workstation
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
