import { setUpAsMeasured, type SetUp } from '../checks';
import type { BodyLengthName, Corner, MeasuredBody } from '../corner';
import { BODY_LENGTHS } from '../corner/vocabulary';
import { setUpAfter, type Plan } from '../plan';
import type { FileLengths, PersonFile } from './file';
import type { ThingState } from './plan-state';
import { MEASURED_HEIGHTS, type MeasuredHeight, type Thing } from './vocabulary';

/** Measured lengths in order of time; of one day the later entry counts. */
export type Measured = PersonFile['measured'];

const inOrder = (measured: Measured) =>
	[...measured].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));

/**
 * The corner with what was measured since of the body and the surface's thickness, by tape. Heights of the room are no part
 * of it: they are the set-up's.
 */
export function cornerAsItStands(corner: Corner, measured: Measured): Corner {
	const lengths: FileLengths = Object.assign({}, ...inOrder(measured).map((m) => m.lengths));
	const again = Object.fromEntries(
		BODY_LENGTHS.flatMap((name: BodyLengthName) => {
			const mm = lengths[name];
			return mm === undefined ? [] : [[name, { mm, by: 'tape' as const }]];
		})
	) as MeasuredBody;
	const { thickness = corner.spot.surface.thickness } = lengths;
	return {
		...corner,
		body: { ...corner.body, ...again },
		spot: { ...corner.spot, surface: { ...corner.spot.surface, thickness } }
	};
}

/** The measured height that counts for each thing: the newest, unless the thing was done again or came undone since. */
function heightsThatCount(
	measured: Measured,
	things: readonly ThingState[]
): Partial<Record<MeasuredHeight, number>> {
	const counting: Partial<Record<MeasuredHeight, number>> = {};
	for (const name of MEASURED_HEIGHTS) {
		const newest = inOrder(measured)
			.filter((m) => m.lengths[name] !== undefined)
			.at(-1);
		const mm = newest?.lengths[name];
		if (!newest || mm === undefined) continue;
		const state = things.find(({ thing }) => thing === name);
		const undone = state?.undone ?? null;
		const isUndone = undone !== null && undone >= newest.on;
		const isRedone = state?.stands === true && state.done !== null && state.done > newest.on;
		if (!isUndone && !isRedone) counting[name] = mm;
	}
	return counting;
}

/** The set-up with the things that stand as the plan leaves them. */
function withThingsDone(corner: Corner, plan: Plan | null, things: readonly ThingState[]): SetUp {
	const first = setUpAsMeasured(corner);
	if (!plan) return first;
	const planned = setUpAfter(corner, plan);
	const stands = (name: MeasuredHeight) => things.some(({ thing, stands: s }) => thing === name && s);
	const screen = stands('screen');
	const keys = corner.spot.keys.kind === 'built-in' ? screen : stands('keys');
	return {
		seat: stands('seat') ? planned.seat : first.seat,
		pads: stands('seat') ? planned.pads : first.pads,
		surface: stands('surface') ? planned.surface : first.surface,
		feet: stands('feet') ? planned.feet : first.feet,
		keys: keys ? planned.keys : first.keys,
		screen: screen ? planned.screen : first.screen,
		screenTopAboveBase: screen ? planned.screenTopAboveBase : first.screenTopAboveBase
	};
}

/**
 * What stands where now: as answered, with things carried out as the plan's best left them until they are measured again, then
 * as measured. What differs from the plan lies in the pads and the stacks, which give or are a book short, and not in the furniture.
 */
export function setUpAsItStands(
	corner: Corner,
	plan: Plan | null,
	things: readonly ThingState[],
	measured: Measured
): SetUp {
	const setUp = withThingsDone(corner, plan, things);
	const { seat, surface = setUp.surface, feet, keys, screen } = heightsThatCount(measured, things);
	const isSitting = corner.spot.posture === 'sitting';
	return {
		...setUp,
		surface,
		pads: isSitting && seat !== undefined ? seat - setUp.seat : setUp.pads,
		feet: isSitting && feet !== undefined ? feet : setUp.feet,
		keys: keys !== undefined ? keys - surface : setUp.keys,
		screenTopAboveBase: screen !== undefined ? screen - surface - setUp.screen : setUp.screenTopAboveBase
	};
}

const NOTHING_BUILT = { rise: 0, pieces: [] } as const;

/**
 * A plan with only what stands of it: the drawing of the corner as it stands. Its checks and costs stay those of the whole plan.
 *
 * @param stands the things that are carried out
 */
export function planAsItStands(corner: Corner, plan: Plan, stands: ReadonlySet<Thing>): Plan {
	const first = setUpAsMeasured(corner);
	const has = (thing: Thing) => stands.has(thing);
	const keysStand = corner.spot.keys.kind === 'built-in' ? has('screen') : has('keys');
	return {
		...plan,
		heights: {
			seat: plan.heights.seat === null ? null : has('seat') ? plan.heights.seat : first.seat,
			surface: has('surface') ? plan.heights.surface : first.surface,
			screenTopAboveBase: has('screen') ? plan.heights.screenTopAboveBase : first.screenTopAboveBase
		},
		stations: {
			seat: has('seat') ? plan.stations.seat : NOTHING_BUILT,
			feet: has('feet') ? plan.stations.feet : NOTHING_BUILT,
			keys: keysStand ? plan.stations.keys : NOTHING_BUILT,
			mouse: has('mouse') ? plan.stations.mouse : NOTHING_BUILT,
			screen: has('screen') ? plan.stations.screen : NOTHING_BUILT
		}
	};
}
