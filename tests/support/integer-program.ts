/**
 * The plan of a corner as an integer program for HiGHS, a solver that knows nothing of the core's search. The same model:
 * whole numbers of each thing at each station in each way, whole millimetres of what moves, a square of a whole
 * distance as the convex line through its whole points (unit steps 1, 3, 5, …).
 */
import highsLoader, { type Highs } from 'highs';
import type { Corner } from '$lib/core/corner';
import type { Cost } from '$lib/core/plan';
import { bandTable, lengthOf, waysOf, type Way } from './exhaustive-plan';

const MOST = { seat: 2, feet: 6, keys: 6, mouse: 6, screen: 10 } as const;
const SLENDER = { feet: 1, keys: 1, mouse: 1, screen: 1.5 } as const;
const WEIGHT = { knee: 2, elbow: 3, eye: 2, thigh: 3 } as const;

type Terms = Map<string, number>;

/** Lines of a model in the LP format. */
class Model {
	readonly rows: string[] = [];
	readonly bounds: string[] = [];
	readonly whole = new Set<string>();

	row(terms: Terms, sense: '<=' | '>=' | '=', right: number): void {
		this.rows.push(` r${this.rows.length}: ${written(terms)} ${sense} ${right}`);
	}

	integer(name: string, low: number, high: number): void {
		this.whole.add(name);
		this.bounds.push(` ${low} <= ${name} <= ${high}`);
	}

	text(objective: Terms): string {
		return `Minimize\n obj: ${written(objective)}\nSubject To\n${this.rows.join('\n')}\nBounds\n${this.bounds.join('\n')}\nGeneral\n ${[...this.whole].join('\n ')}\nEnd\n`;
	}
}

function written(terms: Terms): string {
	const parts = [...terms]
		.filter(([, n]) => n !== 0)
		.map(([name, n]) => `${n < 0 ? '-' : '+'} ${Math.abs(n)} ${name}`);
	return parts.length > 0 ? parts.join(' ') : '0 zero';
}

function plus(...all: readonly Terms[]): Terms {
	const sum: Terms = new Map();
	for (const terms of all) for (const [name, n] of terms) sum.set(name, (sum.get(name) ?? 0) + n);
	return sum;
}

const times = (terms: Terms, by: number): Terms => new Map([...terms].map(([name, n]) => [name, n * by]));
const one = (name: string, n = 1): Terms => new Map([[name, n]]);

interface Stack {
	rise: Terms;
	count: Terms;
}

function addStacks(model: Model, corner: Corner): Record<Way['station'], Stack> {
	const stacks = Object.fromEntries(
		(['seat', 'feet', 'keys', 'mouse', 'screen'] as const).map((s) => [
			s,
			{ rise: new Map(), count: new Map() }
		])
	) as unknown as Record<Way['station'], Stack>;
	const uses: { name: string; way: Way; count: number }[] = [];
	for (const [i, item] of corner.household.entries()) {
		const count = item.count ?? 1;
		const all: Terms = new Map();
		for (const [j, way] of waysOf(corner, item.kind, item.size).entries()) {
			const name = `x_${i}_${j}`;
			model.integer(name, 0, Math.min(count, MOST[way.station]));
			all.set(name, 1);
			stacks[way.station].rise.set(name, way.rise);
			stacks[way.station].count.set(name, 1);
			uses.push({ name, way, count });
		}
		if (all.size > 0) model.row(all, '<=', count);
	}
	for (const station of ['seat', 'feet', 'keys', 'mouse', 'screen'] as const)
		if (stacks[station].count.size > 0) model.row(stacks[station].count, '<=', MOST[station]);
	if (stacks.seat.rise.size > 0) model.row(stacks.seat.rise, '<=', 80);
	for (const { name, way, count } of uses) {
		if (way.station === 'seat') continue;
		const { rise } = stacks[way.station];
		const highest = [...rise.values()].sort((a, b) => b - a).slice(0, 1)[0] ?? 0;
		const tallest = Math.min(highest * MOST[way.station], 5000);
		const limit = Math.floor(SLENDER[way.station] * way.shorter);
		model.integer(`y${name}`, 0, 1);
		model.row(plus(one(name), one(`y${name}`, -Math.min(count, MOST[way.station]))), '<=', 0);
		model.row(plus(rise, one(`y${name}`, tallest)), '<=', limit + tallest);
	}
	return stacks;
}

function addMouse(model: Model, corner: Corner, { keys, mouse }: Record<Way['station'], Stack>): void {
	if (corner.spot.keys.kind !== 'separate' || corner.spot.mouse !== 'separate') return;
	model.integer('z', 0, 1);
	model.row(plus(keys.count, one('z', -6)), '<=', 0);
	model.row(plus(keys.count, one('z', -1)), '>=', 0);
	model.row(plus(mouse.count, one('z', -6)), '<=', 0);
	model.row(plus(mouse.count, one('z', -1)), '>=', 0);
	model.row(plus(mouse.rise, times(keys.rise, -1)), '<=', 10);
	model.row(plus(keys.rise, times(mouse.rise, -1)), '<=', 10);
}

interface Value {
	terms: Terms;
	constant: number;
	low: number;
	ideal: number | null;
	high: number | null;
}

function addMoving(
	model: Model,
	name: string,
	range: readonly [number, number] | null,
	fixed: number
): Terms {
	model.integer(name, range?.[0] ?? fixed, range?.[1] ?? fixed);
	return one(name);
}

function valuesOf(
	model: Model,
	corner: Corner,
	stacks: Record<Way['station'], Stack>
): Record<string, Value> {
	const { spot, person } = corner;
	const sits = spot.posture === 'sitting';
	const bands = bandTable(corner);
	const t = addMoving(model, 't', spot.surface.range, spot.surface.height);
	const c = addMoving(model, 'c', spot.screen.range, spot.screen.topAboveBase);
	const under = spot.keys.kind === 'built-in' ? stacks.screen.rise : stacks.keys.rise;
	const q = corner.way === 'forearms-down' && sits ? 0 : spot.keys.homeRow;
	const seat =
		spot.seat && sits
			? addMoving(model, 's', spot.seat.range ?? null, spot.seat.height)
			: new Map<string, number>();
	const s = sits ? plus(seat, stacks.seat.rise) : new Map<string, number>();
	const give = sits ? (spot.seat?.give ?? 0) : 0;
	const E = sits ? lengthOf(corner, 'sittingElbow') - give : lengthOf(corner, 'standingElbow') + person.heel;
	const Y = sits ? lengthOf(corner, 'sittingEye') - give : lengthOf(corner, 'standingEye') + person.heel;
	const band = (id: 'knee' | 'elbow' | 'eye') => ({
		low: bands[id][0],
		ideal: bands[id][1],
		high: bands[id][2]
	});
	const values: Record<string, Value> = {
		elbow: { terms: plus(s, times(t, -1), times(under, -1)), constant: E - q, ...band('elbow') },
		eye: { terms: plus(t, stacks.screen.rise, c, times(s, -1)), constant: -Y, ...band('eye') }
	};
	if (!sits) return values;
	const P = lengthOf(corner, 'popliteal') + person.heel;
	values.knee = { terms: plus(s, times(stacks.feet.rise, -1)), constant: -give - P, ...band('knee') };
	const T = spot.surface.thickness - give + lengthOf(corner, 'thigh');
	values.thigh = { terms: plus(t, times(s, -1)), constant: -T, low: 20, ideal: null, high: null };
	return values;
}

/** Adds the squared distance of a check as `sq_<id>`, exact for distances up to `most` mm. */
function addSquare(model: Model, id: string, { terms, constant, low, high }: Value, most: number): void {
	model.bounds.push(` 0 <= d_${id} <= ${most}`, ` 0 <= sq_${id} <= ${most * most}`);
	model.row(plus(terms, one(`d_${id}`)), '>=', low + 8 - constant);
	if (high !== null) model.row(plus(terms, one(`d_${id}`, -1)), '<=', high - 8 - constant);
	for (let j = 0; j < Math.max(1, most); j += 1)
		model.row(plus(one(`sq_${id}`), one(`d_${id}`, -(2 * j + 1))), '>=', -j * (j + 1));
}

function addIdeal(model: Model, id: string, { terms, constant, ideal }: Value): void {
	if (ideal === null) return;
	model.bounds.push(` 0 <= e_${id} <= 20000`);
	model.row(plus(terms, one(`e_${id}`, -1)), '<=', ideal - constant);
	model.row(plus(terms, one(`e_${id}`)), '>=', ideal - constant);
}

let loaded: Promise<Highs> | null = null;

/** The solver, loaded once. */
export function loadHighs(): Promise<Highs> {
	loaded ??= highsLoader();
	return loaded;
}

/** More than any D of these corners: pieces and D in one objective. */
const D_ROOM = 8192;

/**
 * The least cost of a corner by integer programming.
 *
 * @param bound a cost that some plan has: distances that alone would cost more need no place in the model
 */
export async function integerProgramCost(corner: Corner, bound: Cost): Promise<Cost> {
	const highs = await loadHighs();
	const model = new Model();
	model.bounds.push(' 0 <= zero <= 0');
	const stacks = addStacks(model, corner);
	addMouse(model, corner, stacks);
	const values = valuesOf(model, corner, stacks);
	for (const [id, value] of Object.entries(values)) {
		addSquare(model, id, value, Math.floor(Math.sqrt(bound.W / WEIGHT[id as keyof typeof WEIGHT])) + 1);
		addIdeal(model, id, value);
	}
	const W = plus(...Object.keys(values).map((id) => one(`sq_${id}`, WEIGHT[id as keyof typeof WEIGHT])));
	const least = solve(highs, model.text(W));
	model.row(W, '<=', least + 0.5);
	const pieces = plus(...Object.values(stacks).map((stack) => stack.count));
	const D = plus(
		...Object.entries(values).flatMap(([id, v]) =>
			v.ideal === null ? [] : [one(`e_${id}`, WEIGHT[id as keyof typeof WEIGHT])]
		)
	);
	const second = solve(highs, model.text(plus(times(pieces, D_ROOM), D)));
	return { W: least, pieces: Math.floor(second / D_ROOM), D: second % D_ROOM };
}

function solve(highs: Highs, text: string): number {
	const solution = highs.solve(text, { mip_rel_gap: 0, mip_abs_gap: 0.4, output_flag: false });
	if (solution.Status !== 'Optimal') throw new Error(`The solver ended with ${solution.Status}`);
	return Math.round(solution.ObjectiveValue);
}
