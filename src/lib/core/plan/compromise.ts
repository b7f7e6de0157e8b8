import { bodyOf } from '../body';
import { checkValues } from '../checks';
import type { Corner } from '../corner';
import { bandsFor, distanceOutside, guarded } from '../guidance';
import { WEIGHT } from './objective';
import { setUpAfter, type Plan } from './plan-corner';

/** The best that a laptop on its own can be: half right for the hands, half for the eyes. Lengths in mm. */
export interface Compromise {
	/** Height of the stack under the laptop as the plan builds it. */
	readonly stack: number;
	/** Height that would be best if any could be built. */
	readonly bestStack: number;
	/** How far the keys are then too high. */
	readonly keysTooHigh: number;
	/** How far the screen is then too low. */
	readonly screenTooLow: number;
	/** Longest spell of work at it before moving, minutes. */
	readonly spellMinutes: number;
}

/** With no separate keyboard one moves after half an hour at most. Common practice. */
export const COMPROMISE_SPELL_MINUTES = 30;

/** No stack is higher, mm: far over what ten pieces reach and any person needs. */
const HIGHEST_STACK_MM = 1000;

/**
 * The compromise of a plan where the keys are built in, so that one stack carries hands and eyes and the two fight: the
 * middle in which the summed squares of the misfits are least. Null where the keys are separate, or both fit.
 */
export function compromiseOf(corner: Corner, plan: Plan): Compromise | null {
	if (corner.spot.keys.kind !== 'built-in') return null;
	const gap = (id: 'elbow' | 'eye') =>
		plan.open.find((open) => open.id === id && open.side === 'low')?.mm ?? 0;
	const [keysTooHigh, screenTooLow] = [gap('elbow'), gap('eye')];
	if (keysTooHigh === 0 && screenTooLow === 0) return null;
	const body = bodyOf(corner);
	const bands = bandsFor(corner);
	const planned = setUpAfter(corner, plan);
	const misfit = (stack: number) => {
		const values = checkValues(corner, body, { ...planned, keys: stack, screen: stack });
		return (['elbow', 'eye'] as const).reduce(
			(sum, id) => sum + WEIGHT[id] * distanceOutside(guarded(bands[id]), values[id]) ** 2,
			0
		);
	};
	let bestStack = 0;
	for (let stack = 1; stack <= HIGHEST_STACK_MM; stack += 1)
		if (misfit(stack) < misfit(bestStack)) bestStack = stack;
	return {
		stack: planned.screen,
		bestStack,
		keysTooHigh,
		screenTooLow,
		spellMinutes: COMPROMISE_SPELL_MINUTES
	};
}
