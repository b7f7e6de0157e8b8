import { bodyOf, type Body } from '../body/body-length';
import { checkIdsOf } from '../workstation/checks/check-values';
import { footBarOf, seatRulesOf } from '../workstation/corner/seat-kinds';
import type { Corner, Range } from '../workstation/corner/corner';
import { bandsFor } from '../body/guidance/sitting-styles';
import { distanceOutsideBand } from '../body/guidance/band';
import { pieceTypes, type PieceType } from '../workstation/household/piece-types';
import { stationRules } from '../workstation/household/stations';
import { planLimitsOf, type ProtectedCheck, type PlanLimits } from './limits';
import { heightCosts, type HeightCost, type HeightCosts } from './objective';
import { seatPaddings, type SeatPadding } from './seat-paddings';
import { RIGID_STATIONS } from './stack-feasibility';
import { StackCapacity } from './stack-capacity';
import { stackMode, StackTable } from './stack-table';

/** Purchases for which the workstation document has no place. */
export interface PurchasedAids {
	/** Heights of an adjustable footrest, mm; it replaces a stack. */
	readonly footrestMm?: readonly number[];
	/** Rise of a firm cushion on the seat, mm: not a household item; it lies on the seat with whatever else does. */
	readonly cushionMm?: number;
}

/** Everything a search needs for one workstation, prepared once. */
export interface PlanProblem {
	readonly corner: Corner;
	readonly body: Body;
	readonly types: readonly PieceType[];
	/** Number of items of each type. */
	readonly counts: readonly number[];
	/** Infinite where a single check would break a limit. */
	readonly costs: HeightCosts;
	readonly limits: PlanLimits;
	readonly pads: readonly SeatPadding[];
	/** Reachable heights at feet, keyboard, mouse and screen. */
	readonly tables: readonly StackTable[];
	/** How high these can be together. */
	readonly capacity: StackCapacity;
	/** The range of seat heights, minus compression; [0, 0] for standing. */
	readonly seatRange: Range;
	/** Seat height, minus compression, from which pads may be used: an adjustable seat is raised first. */
	readonly padsFromMm: number;
	readonly surfaceRange: Range;
	/** The keyboard is part of what the screen's stack carries. */
	readonly builtIn: boolean;
	/** Heights of a footrest to buy, mm. */
	readonly footrestMm: readonly number[];
	/** Height of a foot bar, mm. */
	readonly footBarMm: number;
	/** Whether hips are compared with knees. */
	readonly judgesKnee: boolean;
	/** Whether a stack under the keyboard calls for one under the mouse. */
	readonly mouseFollows: boolean;
}

/** What a plan can ask someone to change: pads or seat height, surface height, a stack, or screen height. */
const PLAN_ACTIONS = ['seat', 'surface', 'feet', 'keys', 'screen'] as const;

/** One of {@link PLAN_ACTIONS}. A built-in keyboard is part of the screen; the mouse's stack belongs to the keyboard's. */
export type PlanAction = (typeof PLAN_ACTIONS)[number];

/** Above this seat height, minus compression, nothing is stacked under the feet, mm: a bar stool needs its bar. Our assumption. */
export const MAX_SEAT_OVER_FEET_MM = 600;

/** The range of seat heights that a plan may set; null where it can't, or must not. */
export function settableRange(corner: Corner): Range | null {
	return seatRulesOf(corner).isSet ? (corner.spot.seat?.range ?? null) : null;
}

function seatRange(corner: Corner): Range {
	const { spot } = corner;
	if (spot.posture === 'standing' || !spot.seat) return [0, 0];
	const { give, height } = spot.seat;
	const [lowest, highest] = settableRange(corner) ?? [height, height];
	return [lowest - give, highest - give];
}

/** Whether a workstation has use for a station: no feet when standing or on a bar, no keyboard stack for a laptop or a tray. */
function usesStation(corner: Corner, station: (typeof RIGID_STATIONS)[number]): boolean {
	const { keys, mouse } = corner.spot;
	const { takesFeet, takesStacks } = seatRulesOf(corner);
	if (!takesStacks) return false;
	if (station === 'feet') return takesFeet && footBarOf(corner) === null;
	if (station === 'screen') return true;
	const stacksKeys = keys.kind === 'separate' && !keys.tray;
	return stacksKeys && (station === 'keys' || mouse === 'separate');
}

/** Costs that are infinite where a single check breaks a limit. */
function limitedCosts(corner: Corner, body: Body, limits: PlanLimits): HeightCosts {
	const costs = heightCosts(corner, body);
	const bands = bandsFor(corner);
	const judged = checkIdsOf(corner);
	const limited = (id: ProtectedCheck, least = -Infinity) => {
		if (!judged.includes(id)) return costs[id];
		return (mm: number): HeightCost => {
			const value = costs.values[id](mm);
			return value < least || distanceOutsideBand(bands[id], value) > limits.farthestMm[id]
				? Infinity
				: costs[id](mm);
		};
	};
	return {
		...costs,
		knee: tabled(limited('knee')),
		elbow: tabled(limited('elbow')),
		eye: tabled(costs.eye),
		thigh: tabled(limited('thigh', limits.leastThighMm))
	};
}

/** Costs of heights within this distance from 0 are tabulated, mm; beyond, they are computed each time. */
const TABLED_MM = 2048;

/** A cost of whole millimetres that is computed once each: a search asks for the same ones thousands of times. */
function tabled(cost: (mm: number) => HeightCost): (mm: number) => HeightCost {
	const table = new Float64Array(2 * TABLED_MM).fill(-1);
	return (mm) => {
		const at = mm + TABLED_MM;
		const known = table[at];
		if (known === undefined) return cost(mm);
		if (known >= 0) return known;
		const found = cost(mm);
		table[at] = found;
		return found;
	};
}

/**
 * Prepares the planning problem of a workstation, with purchases on top of the household.
 * @param inUse ids of items used elsewhere
 */
export function prepareProblem(
	corner: Corner,
	{ footrestMm = [], cushionMm = 0 }: PurchasedAids = {},
	limits: PlanLimits = planLimitsOf(corner),
	inUse: ReadonlySet<string> = new Set()
): PlanProblem {
	const body = bodyOf(corner);
	const types = pieceTypes(corner, inUse);
	const counts = types.map((type) => type.ids.length);
	const rules = stationRules(corner);
	const { surface, keys, mouse } = corner.spot;
	const tables = RIGID_STATIONS.map((station) => {
		const used = usesStation(corner, station);
		const modes = types.map((t) => (used ? t.modes[station].map((m) => stackMode(m, rules[station])) : []));
		return new StackTable(modes, counts, rules[station]);
	});
	const range = seatRange(corner);
	return {
		corner,
		body,
		types,
		counts,
		costs: limitedCosts(corner, body, limits),
		limits,
		pads: seatPaddings(corner, types, cushionMm),
		tables,
		capacity: new StackCapacity(tables, counts),
		seatRange: range,
		padsFromMm: range[1],
		surfaceRange: surface.range ?? [surface.height, surface.height],
		builtIn: keys.kind === 'built-in',
		footrestMm: usesStation(corner, 'feet') ? footrestMm : [],
		footBarMm: footBarOf(corner) ?? 0,
		judgesKnee: checkIdsOf(corner).includes('knee'),
		mouseFollows: keys.kind === 'separate' && !keys.tray && mouse === 'separate'
	};
}

/** The same problem under other limits. */
export function withLimits(problem: PlanProblem, limits: PlanLimits): PlanProblem {
	return { ...problem, limits, costs: limitedCosts(problem.corner, problem.body, limits) };
}

/** The changes that a plan of this problem could ask for. */
export function possibleActions({ corner, pads, tables }: PlanProblem): PlanAction[] {
	const { spot } = corner;
	const stacks = (station: (typeof RIGID_STATIONS)[number]) =>
		(tables[RIGID_STATIONS.indexOf(station)]?.fewest.length ?? 0) > 1;
	const can: Readonly<Record<PlanAction, boolean>> = {
		seat: settableRange(corner) !== null || pads.length > 1,
		surface: spot.surface.range !== null,
		feet: stacks('feet'),
		keys: stacks('keys'),
		screen: spot.screen.range !== null || stacks('screen')
	};
	return PLAN_ACTIONS.filter((thing) => can[thing]);
}

/** The same problem with only some changes allowed; everything else stays as it is. */
export function withOnlyActions(problem: PlanProblem, things: ReadonlySet<PlanAction>): PlanProblem {
	const { corner, counts, types, body, limits } = problem;
	const { spot } = corner;
	const seat = spot.seat && {
		...spot.seat,
		range: things.has('seat') ? (spot.seat.range ?? null) : null
	};
	const surface = { ...spot.surface, range: things.has('surface') ? spot.surface.range : null };
	const screen = { ...spot.screen, range: things.has('screen') ? spot.screen.range : null };
	const kept: Corner = { ...corner, spot: { ...spot, seat, surface, screen } };
	const tables = problem.tables.map((table, i) => {
		const station = RIGID_STATIONS[i];
		const isOf = station === 'mouse' ? 'keys' : station;
		return isOf && things.has(isOf)
			? table
			: new StackTable(
					types.map(() => []),
					counts,
					table
				);
	});
	return {
		...problem,
		corner: kept,
		costs: limitedCosts(kept, body, limits),
		pads: things.has('seat') ? problem.pads : problem.pads.filter(({ rise }) => rise === 0),
		tables,
		capacity: new StackCapacity(tables, counts),
		seatRange: seatRange(kept),
		surfaceRange: surface.range ?? [surface.height, surface.height]
	};
}
