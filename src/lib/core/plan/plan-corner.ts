import { bodyOf, LENGTHS_BY_POSTURE, type BodyLength } from '../body';
import { checkCorner, measureNext, type CheckResult, type MeasurableName, type SetUp } from '../checks';
import type { BodyLengthName, Corner } from '../corner';
import { byCodeUnit, STATIONS, type Footprint, type Station } from '../household';
import { compareNamed, namePieces, usageOf, type NamedPiece } from './name-pieces';
import { packCost, unpackCost, type Cost } from './objective';
import { openGaps, type OpenGap } from './open-gaps';
import { prepareProblem, type Problem } from './problem';
import { bestLayouts, type Layout, type Usage } from './search';
import type { Effort } from './sharing';

/** One piece of a stack. */
export interface PlannedPiece {
	readonly id: string;
	readonly mode: string;
	readonly rise: number;
	/** Footprint, longer side first, mm. */
	readonly size: Footprint;
}

/** One stack, bottom first. */
export interface PlannedStack {
	readonly rise: number;
	readonly pieces: readonly PlannedPiece[];
}

/** One plan for a corner. */
export interface Plan {
	readonly heights: {
		/** Seat less its give, without pads; null standing. */
		readonly seat: number | null;
		readonly surface: number;
		readonly screenTopAboveBase: number;
	};
	readonly stations: Readonly<Record<Station, PlannedStack>>;
	readonly after: readonly CheckResult[];
	/** What it leaves open. */
	readonly open: readonly OpenGap[];
	readonly cost: Cost;
}

/** What the checks say of a corner as it is. */
export interface CornerReport {
	readonly format: 'easy-corner.plan/1';
	/** The lengths that the posture needs. */
	readonly body: Readonly<Partial<Record<BodyLengthName, BodyLength>>>;
	readonly before: readonly CheckResult[];
	readonly measureNext: MeasurableName | null;
}

/** A corner's checks and the best plans for it. */
export interface PlanReport extends CornerReport {
	/** Best first; they differ in the pieces they use. */
	readonly plans: readonly Plan[];
	/** Whether the search was finished, so that no better plan exists. */
	readonly proven: boolean;
}

/** How many plans are offered. */
export const PLANS_OFFERED = 3;

/**
 * Steps of search for one corner: some thousand times what a home needs, and about a second's worth. A count and
 * not a clock, so that the same document gives the same answer on every machine. Ours.
 */
export const SEARCH_EFFORT = 1_200_000;

/** Judges a corner as it was measured. */
export function reportCorner(corner: Corner): CornerReport {
	const body = bodyOf(corner);
	const before = checkCorner(corner);
	const names: readonly BodyLengthName[] = LENGTHS_BY_POSTURE[corner.spot.posture];
	return {
		format: 'easy-corner.plan/1',
		body: Object.fromEntries(names.map((name) => [name, body[name]])),
		before,
		measureNext: measureNext(corner, before, body)
	};
}

/**
 * The best plans for a corner with what is in the house: least W, then fewest pieces, then least D, then the list of
 * pieces that sorts first. Exact; `proven` is false only where a household is so odd that the search was cut short.
 *
 * @param most how many plans, that differ in their pieces, to offer
 * @param steps steps of search to spend; with too few the best found is shown, and is not proven
 */
export function planCorner(
	corner: Corner,
	most: number = PLANS_OFFERED,
	steps: number = SEARCH_EFFORT
): PlanReport {
	return { ...reportCorner(corner), ...bestPlans(prepareProblem(corner), most, steps) };
}

/** The best plans of a prepared corner; see {@link planCorner}. */
export function bestPlans(
	problem: Problem,
	most: number,
	steps: number = SEARCH_EFFORT
): Pick<PlanReport, 'plans' | 'proven'> {
	const effort: Effort = { left: steps, isCut: false };
	const told: Usage[] = [];
	const plans: Plan[] = [];
	while (plans.length < most && (plans.length === 0 || !effort.isCut)) {
		const best = firstNamed(problem, bestLayouts(problem, told, effort), told, effort);
		if (!best) break;
		told.push(usageOf(problem, best.pieces));
		plans.push(planOf(problem, best.layout, best.pieces));
	}
	return { plans, proven: !effort.isCut };
}

/** A plan with its pieces in the order by which equals differ. */
export interface NamedPlan {
	readonly plan: Plan;
	readonly pieces: readonly NamedPiece[];
}

/**
 * The best plan of a prepared corner.
 *
 * @param ceiling a cost above which no plan is wanted; null for any
 * @returns null where there is none at that cost
 */
export function bestPlanOf(problem: Problem, effort: Effort, ceiling: Cost | null): NamedPlan | null {
	const layouts = bestLayouts(problem, [], effort, ceiling ? packCost(ceiling) : Infinity);
	const best = firstNamed(problem, layouts, [], effort);
	return best && { plan: planOf(problem, best.layout, best.pieces), pieces: best.pieces };
}

interface NamedLayout {
	readonly layout: Layout;
	readonly pieces: readonly NamedPiece[];
}

/** Of layouts that cost the same, the one whose list of pieces sorts first. */
function firstNamed(
	problem: Problem,
	layouts: readonly Layout[],
	told: readonly Usage[],
	effort: Effort
): NamedLayout | null {
	return layouts.reduce<NamedLayout | null>((first, layout) => {
		const pieces = namePieces(problem, layout, told, effort);
		return first && compareNamed(first.pieces, pieces) <= 0 ? first : { layout, pieces };
	}, null);
}

function setUpOf(problem: Problem, { seat, surface, pads, heights, footrest }: Layout): SetUp {
	const [feet, keys, , screen] = heights;
	const base = surface - seat - pads.rise + screen;
	return {
		seat,
		surface,
		screenTopAboveBase: problem.costs.screenTop(base),
		pads: pads.rise,
		feet: feet + footrest,
		keys: problem.builtIn ? screen : keys,
		screen
	};
}

function stackOf(pieces: readonly NamedPiece[], station: Station): PlannedStack {
	const here = pieces.filter((piece) => piece.station === station);
	const area = ({ mode }: NamedPiece) => mode.footprint[0] * mode.footprint[1];
	here.sort((a, b) => area(b) - area(a) || byCodeUnit(a.id, b.id));
	return {
		rise: here.reduce((sum, { mode }) => sum + mode.rise, 0),
		pieces: here.map(({ id, mode }) => ({ id, mode: mode.name, rise: mode.rise, size: mode.footprint }))
	};
}

function planOf(problem: Problem, layout: Layout, pieces: readonly NamedPiece[]): Plan {
	const setUp = setUpOf(problem, layout);
	const built = Object.fromEntries(STATIONS.map((s) => [s, stackOf(pieces, s)])) as Record<
		Station,
		PlannedStack
	>;
	const stations = layout.footrest > 0 ? { ...built, feet: { rise: layout.footrest, pieces: [] } } : built;
	const after = checkCorner(problem.corner, setUp, problem.body);
	return {
		heights: {
			seat: problem.costs.standing ? null : setUp.seat,
			surface: setUp.surface,
			screenTopAboveBase: setUp.screenTopAboveBase
		},
		stations,
		after,
		open: openGaps(after),
		cost: unpackCost(layout.cost)
	};
}

/** The set-up that a plan builds, for checks and drawings. */
export function setUpAfter(corner: Corner, plan: Plan): SetUp {
	const { heights, stations } = plan;
	return {
		seat: heights.seat ?? 0,
		surface: heights.surface,
		screenTopAboveBase: heights.screenTopAboveBase,
		pads: stations.seat.rise,
		feet: stations.feet.rise,
		keys: corner.spot.keys.kind === 'built-in' ? stations.screen.rise : stations.keys.rise,
		screen: stations.screen.rise
	};
}
