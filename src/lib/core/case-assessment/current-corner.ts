import { checkCorner, keysOverSurfaceMm, setUpAsMeasured, type CheckResult, type SetUp } from '../checks';
import type { BodyLengthName, Corner, MeasuredBody } from '../corner';
import { BODY_LENGTHS } from '../corner/vocabulary';
import { cornerWithKeyboard, type Plan } from '../plan';
import {
	inTimeOrder,
	latestEntry,
	type RecordedLengths,
	type RecordedPlan,
	type CaseRecord
} from './case-record';
import { planItemStates, type PlanItemState } from './plan-item-states';
import type { MeasuredHeight, PlanItem } from './vocabulary';

/** Lengths measured again, each with when. */
export type Remeasurements = CaseRecord['measured'];

/** What is known of a corner as it stands now. */
export interface CurrentCorner {
	readonly corner: Corner;
	readonly setUp: SetUp;
}

/**
 * The corner with what was measured since of the body and the surface's thickness, by tape. Heights of the room are no part
 * of it: they are the set-up's.
 */
export function remeasuredCorner(corner: Corner, measured: Remeasurements): Corner {
	const lengths: RecordedLengths = Object.assign({}, ...inTimeOrder(measured).map((m) => m.lengths));
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

/** A thing of the plan that stands, by its name. */
const standingOf = (things: readonly PlanItemState[], name: PlanItem) =>
	things.find(({ thing, stands }) => thing === name && stands) ?? null;

/** The height of a thing that stands, as measured after it was done; undefined where nobody has. What rests on a surface that was moved since counts as planned. */
function measuredOf(
	name: MeasuredHeight,
	measured: Remeasurements,
	things: readonly PlanItemState[]
): number | undefined {
	const done = standingOf(things, name)?.done;
	if (!done) return undefined;
	const surfaceDone = standingOf(things, 'surface')?.done?.seq ?? -1;
	const restsOnSurface = name === 'keys' || name === 'screen';
	const from = restsOnSurface ? Math.max(done.seq, surfaceDone) : done.seq;
	return latestEntry(measured.filter(({ seq, lengths }) => seq > from && lengths[name] !== undefined))
		?.lengths[name];
}

/** The corner whose heights are asked for: a laptop that was agreed to have a keyboard has the usual one, once that stands. */
function cornerWorkedOn(corner: Corner, plan: RecordedPlan | null, things: readonly PlanItemState[]): Corner {
	const isWithKeyboard =
		plan?.option.kind === 'with-keyboard' &&
		corner.spot.keys.kind === 'built-in' &&
		(standingOf(things, 'screen') ?? standingOf(things, 'keys')) !== null;
	return isWithKeyboard ? cornerWithKeyboard(corner) : corner;
}

/** The set-up with the things that stand as the plan leaves them. */
function withThingsDone(corner: Corner, plan: RecordedPlan | null, things: readonly PlanItemState[]): SetUp {
	const first = setUpAsMeasured(corner);
	if (!plan) return first;
	const { heights, rises } = plan;
	const stands = (name: PlanItem) => standingOf(things, name) !== null;
	const isBuiltIn = corner.spot.keys.kind === 'built-in';
	return {
		seat: stands('seat') ? (heights.seat ?? first.seat) : first.seat,
		pads: stands('seat') ? rises.seat : first.pads,
		softs: stands('seat') ? rises.softs : first.softs,
		surface: stands('surface') ? heights.surface : first.surface,
		feet: stands('feet') ? rises.feet : first.feet,
		keys: isBuiltIn
			? stands('screen')
				? rises.screen
				: first.keys
			: stands('keys')
				? rises.keys
				: first.keys,
		screen: stands('screen') ? rises.screen : first.screen,
		screenTopAboveBase: stands('screen') ? heights.screenTopAboveBase : first.screenTopAboveBase
	};
}

/** What was measured of the screen: a laptop's keys stand below its top by as much as always; of another, the top itself. */
function withScreenMeasured(corner: Corner, setUp: SetUp, top: number | undefined): SetUp {
	if (top === undefined) return setUp;
	if (corner.spot.keys.kind !== 'built-in')
		return { ...setUp, screenTopAboveBase: top - setUp.surface - setUp.screen };
	const rise = top - setUp.screenTopAboveBase - setUp.surface;
	return { ...setUp, screen: rise, keys: rise };
}

/**
 * What stands where now: as answered, with things carried out as the plan left them until they are measured again, then as measured. What
 * differs from the plan lies in the pads and the stacks, which give or are a book short, and not in the furniture.
 */
export function currentSetUp(
	corner: Corner,
	{
		plan,
		things,
		measured
	}: { plan: RecordedPlan | null; things: readonly PlanItemState[]; measured: Remeasurements }
): SetUp {
	const planned = withThingsDone(corner, plan, things);
	const of = (name: MeasuredHeight) => measuredOf(name, measured, things);
	const surface = of('surface') ?? planned.surface;
	const isSitting = corner.spot.posture === 'sitting';
	const [seat, feet, keys] = [of('seat'), of('feet'), of('keys')];
	const setUp = {
		...planned,
		surface,
		pads: isSitting && seat !== undefined ? seat - planned.seat : planned.pads,
		// A height that was measured is as sure as any, whatever lies under it.
		softs: isSitting && seat === undefined ? planned.softs : 0,
		feet: isSitting && feet !== undefined ? feet : planned.feet,
		keys:
			keys !== undefined && corner.spot.keys.kind !== 'built-in'
				? keys - surface - keysOverSurfaceMm(corner)
				: planned.keys
	};
	return withScreenMeasured(corner, setUp, of('screen'));
}

/** The newest corner of a file as it stands now; null where none was ever measured. */
export function currentCornerOf(
	file: Pick<CaseRecord, 'plan' | 'checkIns' | 'measured'>,
	newest: Corner | null
): CurrentCorner | null {
	if (!newest) return null;
	const { plan, measured } = file;
	const things = planItemStates(file);
	const corner = remeasuredCorner(cornerWorkedOn(newest, plan, things), measured);
	return { corner, setUp: currentSetUp(corner, { plan, things, measured }) };
}

/** The checks of the corner as it stands. Laptops set up for reading and calls are not typed on: their elbow is not judged. */
export function currentChecks(file: CaseRecord, newest: Corner | null): CheckResult[] {
	const standing = currentCornerOf(file, newest);
	if (!standing) return [];
	return checkCorner(standing.corner, standing.setUp).filter(
		({ id }) => !(id === 'elbow' && file.plan?.option.kind === 'reading')
	);
}

const NOTHING_BUILT = { rise: 0, pieces: [] } as const;

/**
 * A plan with only what stands of it: the drawing of the corner as it stands. Its checks and costs stay those of the whole plan.
 *
 * @param stands the things that are carried out
 */
export function planAsBuilt(corner: Corner, plan: Plan, stands: ReadonlySet<PlanItem>): Plan {
	const first = setUpAsMeasured(corner);
	const has = (thing: PlanItem) => stands.has(thing);
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
