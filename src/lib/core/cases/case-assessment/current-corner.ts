import { checkCorner, type CheckResult } from '../../workstation/checks/check-corner';
import { keysOverSurfaceMm } from '../../workstation/checks/check-values';
import { setUpAsMeasured, type SetUp } from '../../workstation/checks/set-up';
import { type BodyLengthName, BODY_LENGTHS } from '../../workstation/corner/vocabulary';
import type { Corner, MeasuredBody } from '../../workstation/corner/corner';
import { cornerWithKeyboard } from '../../plan/purchases';
import type { Plan } from '../../plan/plan-corner';
import {
	inTimeOrder,
	latestEntry,
	type RecordedLengths,
	type RecordedPlan,
	type CaseRecord
} from './case-record';
import { planItemStates, type PlanItemState } from './plan-item-states';
import type { MeasuredHeight, PlanItem } from './vocabulary';

/** Lengths measured again, each with its time. */
type Remeasurements = CaseRecord['measured'];

/** A workstation as it is now. */
export interface CurrentCorner {
	readonly corner: Corner;
	readonly setUp: SetUp;
}

/**
 * The workstation with newer tape measurements of the body and the surface thickness. Furniture heights are not part of it; they belong to
 * the set-up.
 */
function remeasuredCorner(corner: Corner, measured: Remeasurements): Corner {
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

/** The state of a plan item that is in place, by name. */
const standingOf = (things: readonly PlanItemState[], name: PlanItem) =>
	things.find(({ thing, stands }) => thing === name && stands) ?? null;

/**
 * The height of an item in place, as measured after it was done; undefined where nobody measured. What rests on a surface that moved since
 * counts as planned.
 */
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

/** The workstation that heights are given for: a laptop for which a keyboard was agreed has the usual one, once that is in place. */
function cornerWorkedOn(corner: Corner, plan: RecordedPlan | null, things: readonly PlanItemState[]): Corner {
	const isWithKeyboard =
		plan?.option.kind === 'with-keyboard' &&
		corner.spot.keys.kind === 'built-in' &&
		(standingOf(things, 'screen') ?? standingOf(things, 'keys')) !== null;
	return isWithKeyboard ? cornerWithKeyboard(corner) : corner;
}

/** The set-up with the items in place as the plan leaves them. */
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

/** The measured screen: a laptop's keys stay as far below its top as ever; for another screen, the top itself. */
function withScreenMeasured(corner: Corner, setUp: SetUp, top: number | undefined): SetUp {
	if (top === undefined) return setUp;
	if (corner.spot.keys.kind !== 'built-in')
		return { ...setUp, screenTopAboveBase: top - setUp.surface - setUp.screen };
	const rise = top - setUp.screenTopAboveBase - setUp.surface;
	return { ...setUp, screen: rise, keys: rise };
}

/**
 * Where everything stands now: as answered; items carried out as the plan left them until measured again, then as measured. Differences
 * from the plan lie in pads and stacks, which compress or are a book short, not in the furniture.
 */
function currentSetUp(
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
		// A measured height is as certain as any, whatever lies under it.
		softs: isSitting && seat === undefined ? planned.softs : 0,
		feet: isSitting && feet !== undefined ? feet : planned.feet,
		keys:
			keys !== undefined && corner.spot.keys.kind !== 'built-in'
				? keys - surface - keysOverSurfaceMm(corner)
				: planned.keys
	};
	return withScreenMeasured(corner, setUp, of('screen'));
}

/** The newest workstation of a case record as it is now; null where none was ever measured. */
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

/**
 * The checks of the workstation as it is now. A laptop set up for reading and calls is not typed on, so its elbow height is not checked.
 */
export function currentChecks(file: CaseRecord, newest: Corner | null): CheckResult[] {
	const standing = currentCornerOf(file, newest);
	if (!standing) return [];
	return checkCorner(standing.corner, standing.setUp).filter(
		({ id }) => !(id === 'elbow' && file.plan?.option.kind === 'reading')
	);
}

const NOTHING_BUILT = { rise: 0, pieces: [] } as const;

/**
 * The plan reduced to the items in place, for a drawing of the workstation as it is now. Checks and costs remain those of the whole plan.
 * @param stands the items carried out
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
