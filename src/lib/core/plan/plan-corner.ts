import { LENGTHS_BY_POSTURE, type BodyLength } from '../body/body-length';
import { checkCorner, outsideBand, type CheckResult } from '../workstation/checks/check-corner';
import { isAnyOff } from '../workstation/checks/verdict';
import {
	measurableParts,
	measurableSd,
	type MeasurableLengthName
} from '../workstation/checks/check-uncertainty';
import { measureNext } from '../workstation/checks/measure-next';
import { setUpAsMeasured, type SetUp } from '../workstation/checks/set-up';
import { footBarOf } from '../workstation/corner/seat-kinds';
import type { BodyLengthName } from '../workstation/corner/vocabulary';
import type { Corner } from '../workstation/corner/corner';
import { compareCodeUnits } from '../workstation/household/piece-types';
import { STATIONS, type Footprint, type Station } from '../workstation/household/stations';
import { withoutThighLimit, WORSENING_MM } from './limits';
import { cornerCost } from './corner-cost';
import { compareNamedPlans, namePieces, pieceUsageOf, type NamedPiece } from './name-pieces';
import { distanceFromIdeal, costInHeights, type Cost } from './objective';
import { openGaps, type OpenGap } from './open-gaps';
import { EQUAL_COST_TOLERANCE, type PackedCost } from './cost-order';
import { prepareProblem, withLimits, type PlanProblem } from './plan-problem';
import { bestLayouts, minimumCost, type PlanLayout, type PieceUsage } from './search';
import type { SearchEffort } from './stack-feasibility';
import { CHECK_WEIGHTS } from './weights';

/** One item of a stack. */
interface PlannedPiece {
	readonly id: string;
	readonly mode: string;
	readonly rise: number;
	/** Footprint, longer side first, mm. */
	readonly size: Footprint;
}

/** One stack, from the bottom up. */
interface PlannedStack {
	readonly rise: number;
	readonly pieces: readonly PlannedPiece[];
}

/** A plan for a workstation. */
export interface Plan {
	readonly heights: {
		/** Seat height minus its compression, without pads; null for standing. */
		readonly seat: number | null;
		readonly surface: number;
		readonly screenTopAboveBase: number;
	};
	readonly stations: Readonly<Record<Station, PlannedStack>>;
	readonly after: readonly CheckResult[];
	/** Gaps that it leaves open. */
	readonly open: readonly OpenGap[];
	readonly cost: Cost;
}

/** The checks of a workstation as it is. */
export interface CornerReport {
	readonly format: 'easy-corner.plan/2';
	/** The lengths that the posture needs. */
	readonly body: Readonly<Partial<Record<BodyLengthName, BodyLength>>>;
	readonly before: readonly CheckResult[];
	readonly measureNext: MeasurableLengthName | null;
}

/** A workstation's checks and its best plans. */
export interface PlanReport extends CornerReport {
	/** Best first, differing in the items used. Where there is nothing to build, only the workstation as it is. */
	readonly plans: readonly Plan[];
	/** Whether the clearance above the thighs keeps the plans from being clearly better. */
	readonly isBoundByThigh: boolean;
	/** Whether the search was completed, so that no better plan exists. */
	readonly proven: boolean;
}

/** Most plans offered. */
const MAX_PLANS_OFFERED = 3;

/**
 * Search steps per workstation: a few thousand times what a home needs, about a second. A count instead of a clock, so that the same
 * document gives the same answer on every machine. Our assumption.
 */
export const SEARCH_EFFORT = 1_200_000;

/** Checks a workstation as measured, and says which length is most worth measuring. */
export function reportCorner(corner: Corner): CornerReport {
	const { format, body, before, measureNext: next } = planCorner(corner, 1);
	return { format, body, before, measureNext: next };
}

/**
 * The best plans for a workstation with its household items and within its limits: the least `W`; among all as good as that, the fewest
 * items, then the least `W`; then the least `D`; then the lowest seat, surface and screen; then the list of items that sorts first. Exact;
 * `proven` is false only for a household so unusual that the search was cut short. Where nothing is worth building: the workstation as it
 * is.
 * @param most how many plans with different items to offer
 * @param steps search steps to spend; with too few, the best plan found is returned as not proven
 */
export function planCorner(
	corner: Corner,
	most: number = MAX_PLANS_OFFERED,
	steps: number = SEARCH_EFFORT
): PlanReport {
	const problem = prepareProblem(corner);
	const { body } = problem;
	const before = checkCorner(corner, setUpAsMeasured(corner), body);
	const found = bestPlans(problem, most, steps);
	const best = found.plans[0];
	const isLeft = !best || isNothingToBuild(corner, before, best);
	const isAllWell = isLeft && !isAnyOff(before);
	const names: readonly BodyLengthName[] = LENGTHS_BY_POSTURE[corner.spot.posture];
	const isBoundByThigh = bindsOverThigh(problem, found.leastW, steps);
	return {
		format: 'easy-corner.plan/2',
		body: Object.fromEntries(names.map((name) => [name, body[name]])),
		before,
		measureNext:
			(isBoundByThigh && !isAllWell ? measureUnderThigh(problem) : null) ?? measureNext(corner, before, body),
		plans: isLeft ? [planWithoutChanges(corner, before)] : found.plans,
		isBoundByThigh,
		proven: found.proven
	};
}

/**
 * Whether a workstation is left as it is: every value in its range; or nothing off and nothing far outside; or no gain worth fetching a
 * towel for.
 */
function isNothingToBuild(corner: Corner, before: readonly CheckResult[], best: Plan): boolean {
	const outside = before.map(outsideBand);
	if (outside.every((mm) => mm === 0)) return true;
	if (!isAnyOff(before) && outside.every((mm) => mm <= WORSENING_MM)) return true;
	const gain =
		cornerCost(corner, setUpAsMeasured(corner), CHECK_WEIGHTS) -
		cornerCost(corner, setUpAfter(corner, best), CHECK_WEIGHTS);
	return gain < EQUAL_COST_TOLERANCE;
}

/** The workstation as it is, as a plan without steps. */
function planWithoutChanges(corner: Corner, before: readonly CheckResult[] = checkCorner(corner)): Plan {
	const { seat, surface, screenTopAboveBase } = setUpAsMeasured(corner);
	const nothing: PlannedStack = { rise: 0, pieces: [] };
	return {
		heights: {
			seat: corner.spot.posture === 'standing' ? null : seat,
			surface,
			screenTopAboveBase
		},
		stations: { seat: nothing, feet: nothing, keys: nothing, mouse: nothing, screen: nothing },
		after: before,
		open: openGaps(before),
		cost: {
			W: cornerCost(corner),
			pieces: 0,
			D: before.reduce(
				(sum, { id, value, ideal }) => sum + CHECK_WEIGHTS[id] * Math.abs(value - (ideal ?? value)),
				0
			)
		}
	};
}

/** Whether the least misfit would be clearly lower without the limit on thigh clearance. */
function bindsOverThigh(problem: PlanProblem, leastW: number, steps: number): boolean {
	const { limits } = problem;
	if (limits.leastThighMm === -Infinity) return false;
	const effort: SearchEffort = { left: steps, isCut: false };
	const wanted = leastW - EQUAL_COST_TOLERANCE;
	return (
		wanted >= 0 && minimumCost(withLimits(problem, withoutThighLimit(limits)), [], effort, wanted) <= wanted
	);
}

/** The length below the thigh clearance that is most worth measuring by tape; null where all were. */
function measureUnderThigh({ corner, body }: PlanProblem): MeasurableLengthName | null {
	const isTaped = (name: MeasurableLengthName) =>
		(name === 'thigh' ? body.thigh.from : corner.spot.by) === 'tape';
	const sd = (name: MeasurableLengthName) => measurableSd(corner, body, name);
	// In the order that breaks ties.
	return measurableParts(corner, 'thigh')
		.filter((name) => !isTaped(name))
		.reduce<MeasurableLengthName | null>(
			(most, name) => (most === null || sd(name) > sd(most) ? name : most),
			null
		);
}

/**
 * The best plans of a prepared problem; see {@link planCorner}.
 * @param firstLeastW the least misfit where it is known already
 */
export function bestPlans(
	problem: PlanProblem,
	most: number,
	steps: number = SEARCH_EFFORT,
	firstLeastW: number | null = null
): Pick<PlanReport, 'plans' | 'proven'> & { readonly leastW: number } {
	const effort: SearchEffort = { left: steps, isCut: false };
	const told: PieceUsage[] = [];
	const plans: Plan[] = [];
	let first = Infinity;
	while (plans.length < most && (plans.length === 0 || !effort.isCut)) {
		const leastW =
			plans.length === 0 && firstLeastW !== null ? firstLeastW : minimumCost(problem, told, effort);
		if (plans.length === 0) first = leastW;
		const best = firstNamed(problem, bestLayouts(problem, told, effort, leastW), told, effort);
		if (!best) break;
		told.push(pieceUsageOf(problem, best.pieces));
		plans.push(planOf(problem, best.layout, best.pieces));
	}
	return { plans, proven: !effort.isCut, leastW: first };
}

/** A plan with its items in the order that breaks ties. */
export interface PlanWithNamedPieces {
	readonly plan: Plan;
	readonly pieces: readonly NamedPiece[];
}

/**
 * The best plan of a prepared problem among those as good as a given misfit.
 * @param ceiling a cost above which no plan is wanted; null for no ceiling
 * @returns null where there is none at that cost
 */
export function bestPlanOf(
	problem: PlanProblem,
	effort: SearchEffort,
	leastW: number,
	ceiling: PackedCost | null
): (PlanWithNamedPieces & { readonly packed: PackedCost }) | null {
	const layouts = bestLayouts(problem, [], effort, leastW, ceiling ?? Infinity);
	const best = firstNamed(problem, layouts, [], effort);
	return (
		best && {
			plan: planOf(problem, best.layout, best.pieces),
			pieces: best.pieces,
			packed: best.layout.cost
		}
	);
}

interface NamedLayout {
	readonly layout: PlanLayout;
	readonly pieces: readonly NamedPiece[];
}

/** Among layouts of equal cost, the one whose list of items sorts first. */
function firstNamed(
	problem: PlanProblem,
	layouts: readonly PlanLayout[],
	told: readonly PieceUsage[],
	effort: SearchEffort
): NamedLayout | null {
	return layouts.reduce<NamedLayout | null>((first, layout) => {
		const pieces = namePieces(problem, layout, told, effort);
		return first && compareNamedPlans(first.pieces, pieces) <= 0 ? first : { layout, pieces };
	}, null);
}

function setUpOf(problem: PlanProblem, { seat, surface, pads, heights, footrest }: PlanLayout): SetUp {
	const [feet, keys, , screen] = heights;
	const base = surface - seat - pads.rise + screen;
	return {
		seat,
		surface,
		screenTopAboveBase: problem.costs.screenTop(base),
		pads: pads.rise,
		softs: pads.placed.length,
		feet: problem.footBarMm + feet + footrest,
		keys: problem.builtIn ? screen : keys,
		screen
	};
}

function stackOf(pieces: readonly NamedPiece[], station: Station): PlannedStack {
	const here = pieces.filter((piece) => piece.station === station);
	const area = ({ mode }: NamedPiece) => mode.footprint[0] * mode.footprint[1];
	here.sort((a, b) => area(b) - area(a) || compareCodeUnits(a.id, b.id));
	return {
		rise: here.reduce((sum, { mode }) => sum + mode.rise, 0),
		pieces: here.map(({ id, mode }) => ({
			id,
			mode: mode.name,
			rise: mode.rise,
			size: mode.footprint
		}))
	};
}

function planOf(problem: PlanProblem, layout: PlanLayout, pieces: readonly NamedPiece[]): Plan {
	const setUp = setUpOf(problem, layout);
	const built = Object.fromEntries(STATIONS.map((s) => [s, stackOf(pieces, s)])) as Record<
		Station,
		PlannedStack
	>;
	// A purchase has a rise and uses no household items.
	const stations = {
		...built,
		seat: { ...built.seat, rise: layout.pads.rise },
		feet: layout.footrest > 0 ? { rise: layout.footrest, pieces: [] } : built.feet
	};
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
		cost: {
			W: costInHeights(layout.heightCost),
			pieces: layout.pieces,
			D: distanceFromIdeal(layout.heightCost)
		}
	};
}

/** The set-up after a plan, for checks and drawings. */
export function setUpAfter(corner: Corner, plan: Plan): SetUp {
	const { heights, stations } = plan;
	return {
		seat: heights.seat ?? 0,
		surface: heights.surface,
		screenTopAboveBase: heights.screenTopAboveBase,
		pads: stations.seat.rise,
		softs: stations.seat.pieces.length,
		feet: (footBarOf(corner) ?? 0) + stations.feet.rise,
		keys: corner.spot.keys.kind === 'built-in' ? stations.screen.rise : stations.keys.rise,
		screen: stations.screen.rise
	};
}
