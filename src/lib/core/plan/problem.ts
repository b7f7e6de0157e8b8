import { bodyOf, type Body } from '../body';
import { seatRulesOf, type Corner, type Range } from '../corner';
import { pieceTypes, stationRules, type PieceType } from '../household';
import { heightCosts, type HeightCosts } from './objective';
import { seatPads, type Pads } from './seat-pads';
import { RIGID_STATIONS } from './sharing';
import { StackCapacity } from './stack-capacity';
import { stackMode, StackTable } from './stack-table';

/** Everything the search needs of one corner, prepared once. */
export interface Problem {
	readonly corner: Corner;
	readonly body: Body;
	readonly types: readonly PieceType[];
	/** Pieces of each type. */
	readonly counts: readonly number[];
	readonly costs: HeightCosts;
	readonly pads: readonly Pads[];
	/** Reachable heights at feet, keys, mouse and screen. */
	readonly tables: readonly StackTable[];
	/** How high these can get together. */
	readonly capacity: StackCapacity;
	/** Heights the seat can be set to, less its give; [0, 0] standing. */
	readonly seatRange: Range;
	readonly surfaceRange: Range;
	/** The keyboard is part of what the screen's stack carries. */
	readonly builtIn: boolean;
	/** Heights of a footrest that would be bought, mm; null for none. */
	readonly footrest: Range | null;
	/** Keys on a stack ask for a stack under the mouse. */
	readonly mouseFollows: boolean;
}

/** What somebody can be asked to do: pads or the height of the seat, the height of the surface, a stack, or the height of the screen. */
export const THINGS_TO_DO = ['seat', 'surface', 'feet', 'keys', 'screen'] as const;

/** One of {@link THINGS_TO_DO}. Keys that are built in are a part of the screen; the mouse's stack is one of the keys. */
export type ThingToDo = (typeof THINGS_TO_DO)[number];

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

/** Stations that this corner has a use for: no feet standing, no keys of their own on a laptop. */
function usesStation(corner: Corner, station: (typeof RIGID_STATIONS)[number]): boolean {
	const { keys, mouse } = corner.spot;
	const { takesFeet, takesStacks } = seatRulesOf(corner);
	if (!takesStacks) return false;
	if (station === 'feet') return takesFeet;
	if (station === 'keys') return keys.kind === 'separate';
	return station === 'screen' || (keys.kind === 'separate' && mouse === 'separate');
}

/** Prepares the plan of a corner, with a footrest beside the household where one would be bought. */
export function prepareProblem(corner: Corner, footrest: Range | null = null): Problem {
	const body = bodyOf(corner);
	const types = pieceTypes(corner);
	const counts = types.map((type) => type.ids.length);
	const rules = stationRules(corner);
	const { surface, keys, mouse } = corner.spot;
	const tables = RIGID_STATIONS.map((station) => {
		const used = usesStation(corner, station);
		const modes = types.map((t) => (used ? t.modes[station].map((m) => stackMode(m, rules[station])) : []));
		return new StackTable(modes, counts, rules[station]);
	});
	return {
		corner,
		body,
		types,
		counts,
		costs: heightCosts(corner, body),
		pads: seatPads(corner, types),
		tables,
		capacity: new StackCapacity(tables, counts),
		seatRange: seatRange(corner),
		surfaceRange: surface.range ?? [surface.height, surface.height],
		builtIn: keys.kind === 'built-in',
		footrest: seatRulesOf(corner).takesFeet ? footrest : null,
		mouseFollows: keys.kind === 'separate' && mouse === 'separate'
	};
}

/** The things that a plan of this problem could ask for. */
export function thingsThatCanBeDone({ corner, pads, tables }: Problem): ThingToDo[] {
	const { spot } = corner;
	const stacks = (station: (typeof RIGID_STATIONS)[number]) =>
		(tables[RIGID_STATIONS.indexOf(station)]?.fewest.length ?? 0) > 1;
	const can: Readonly<Record<ThingToDo, boolean>> = {
		seat: settableRange(corner) !== null || pads.length > 1,
		surface: spot.surface.range !== null,
		feet: stacks('feet'),
		keys: stacks('keys'),
		screen: spot.screen.range !== null || stacks('screen')
	};
	return THINGS_TO_DO.filter((thing) => can[thing]);
}

/** The same problem with nothing to be done but some things: what is not among them stays as it is. */
export function onlyThings(problem: Problem, things: ReadonlySet<ThingToDo>): Problem {
	const { corner, counts, types, body } = problem;
	const { spot } = corner;
	const seat = spot.seat && { ...spot.seat, range: things.has('seat') ? (spot.seat.range ?? null) : null };
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
		costs: heightCosts(kept, body),
		pads: things.has('seat') ? problem.pads : problem.pads.filter(({ placed }) => placed.length === 0),
		tables,
		capacity: new StackCapacity(tables, counts),
		seatRange: seatRange(kept),
		surfaceRange: surface.range ?? [surface.height, surface.height]
	};
}
