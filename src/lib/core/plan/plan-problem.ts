import { bodyOf, type Body } from '../body';
import { checkIdsOf } from '../checks';
import { footBarOf, seatRulesOf, type Corner, type Range } from '../corner';
import { bandsFor, distanceOutsideBand } from '../guidance';
import { pieceTypes, stationRules, type PieceType } from '../household';
import { planLimitsOf, type ProtectedCheck, type PlanLimits } from './limits';
import { heightCosts, type HeightCost, type HeightCosts } from './objective';
import { seatPaddings, type SeatPadding } from './seat-paddings';
import { RIGID_STATIONS } from './stack-feasibility';
import { StackCapacity } from './stack-capacity';
import { stackMode, StackTable } from './stack-table';

/** What is bought and the corner document has no place for. */
export interface PurchasedAids {
	/** Heights that a footrest can be set to, mm; it stands in place of a stack. */
	readonly footrestMm?: readonly number[];
	/** Rise of a firm cushion on the seat, mm: no piece of the household, and on the seat with what else lies there. */
	readonly cushionMm?: number;
}

/** Everything the search needs of one corner, prepared once. */
export interface PlanProblem {
	readonly corner: Corner;
	readonly body: Body;
	readonly types: readonly PieceType[];
	/** Pieces of each type. */
	readonly counts: readonly number[];
	/** Infinite beyond what the limits allow of one check alone. */
	readonly costs: HeightCosts;
	readonly limits: PlanLimits;
	readonly pads: readonly SeatPadding[];
	/** Reachable heights at feet, keys, mouse and screen. */
	readonly tables: readonly StackTable[];
	/** How high these can get together. */
	readonly capacity: StackCapacity;
	/** Heights the seat can be set to, less its give; [0, 0] standing. */
	readonly seatRange: Range;
	/** The seat's height, less its give, from which on pads may lie on it: one that can be raised is raised first. */
	readonly padsFromMm: number;
	readonly surfaceRange: Range;
	/** The keyboard is part of what the screen's stack carries. */
	readonly builtIn: boolean;
	/** Heights of a footrest that would be bought, mm. */
	readonly footrestMm: readonly number[];
	/** Height of a bar that the feet are on, mm. */
	readonly footBarMm: number;
	/** Whether the hips are judged over the knees. */
	readonly judgesKnee: boolean;
	/** Keys on a stack ask for a stack under the mouse. */
	readonly mouseFollows: boolean;
}

/** What someone can be asked to do: pads or the height of the seat, the height of the surface, a stack, or the height of the screen. */
export const PLAN_ACTIONS = ['seat', 'surface', 'feet', 'keys', 'screen'] as const;

/** One of {@link PLAN_ACTIONS}. Keys that are built in are a part of the screen; the mouse's stack is one of the keys. */
export type PlanAction = (typeof PLAN_ACTIONS)[number];

/** Over this seat, less its give, nothing is stacked under the feet, mm: a bar stool needs its bar. Our assumption. */
export const MAX_SEAT_OVER_FEET_MM = 600;

/** Where the seat's own height can be set; null where it can't, or is not ours to set. */
function settableRange(corner: Corner): Range | null {
	return seatRulesOf(corner).isSet ? (corner.spot.seat?.range ?? null) : null;
}

function seatRange(corner: Corner): Range {
	const { spot } = corner;
	if (spot.posture === 'standing' || !spot.seat) return [0, 0];
	const { give, height } = spot.seat;
	const [lowest, highest] = settableRange(corner) ?? [height, height];
	return [lowest - give, highest - give];
}

/** Stations that this corner has a use for: no feet standing or on a bar, no keys on a laptop or on a tray. */
function usesStation(corner: Corner, station: (typeof RIGID_STATIONS)[number]): boolean {
	const { keys, mouse } = corner.spot;
	const { takesFeet, takesStacks } = seatRulesOf(corner);
	if (!takesStacks) return false;
	if (station === 'feet') return takesFeet && footBarOf(corner) === null;
	if (station === 'screen') return true;
	const stacksKeys = keys.kind === 'separate' && !keys.tray;
	return stacksKeys && (station === 'keys' || mouse === 'separate');
}

/** Costs that are infinite where a check alone breaks a limit. */
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

/** Heights that are asked for lie within so much of 0, mm; beyond, a cost is worked out each time. */
const TABLED_MM = 2048;

/** A cost of whole millimetres that is worked out once each: a search asks for the same ones a thousand times. */
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
 * Prepares the plan of a corner, with what would be bought beside the household.
 *
 * @param inUse ids of pieces that serve elsewhere
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

/** The things that a plan of this problem could ask for. */
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

/** The same problem with nothing to be done but some things: what is not among them stays as it is. */
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
