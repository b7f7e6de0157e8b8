/**
 * The plan of a corner as an integer program for HiGHS, a solver that knows nothing of the core's search. The same model:
 * whole numbers of each thing at each station in each way, whole millimetres of what moves, the cost of a whole
 * distance as the convex line through its whole points (unit steps 1, 3, 5, … 79, then 80 each), and the limits as rows.
 */
import highsLoader, { type Highs } from 'highs';
import type { Corner } from '$lib/core/workstation/corner/corner';
import type { Cost } from '$lib/core/plan/objective';
import {
	atSeat,
	bandTable,
	countsOf,
	highestOf,
	lengthOf,
	limitsByHand,
	mostOf,
	waysOf,
	type Way
} from './exhaustive-plan';

const WEIGHT = { knee: 2, elbow: 5, eye: 2, thigh: 3 } as const;

/** More than any height. */
const FAR = 4000;

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
	const most = mostOf(corner);
	const thick: Terms = new Map();
	const uses: { name: string; way: Way; count: number }[] = [];
	for (const [i, item] of corner.household.entries()) {
		const count = item.count ?? 1;
		const all: Terms = new Map();
		for (const [j, way] of waysOf(corner, item.kind, item.size).entries()) {
			const name = `x_${i}_${j}`;
			model.integer(name, 0, Math.min(count, most[way.station]));
			if (way.station === 'seat' && way.rise > 25) thick.set(name, 1);
			all.set(name, 1);
			stacks[way.station].rise.set(name, way.rise);
			stacks[way.station].count.set(name, 1);
			uses.push({ name, way, count });
		}
		if (all.size > 0) model.row(all, '<=', count);
	}
	for (const station of ['seat', 'feet', 'keys', 'mouse', 'screen'] as const)
		if (stacks[station].count.size > 0) model.row(stacks[station].count, '<=', most[station]);
	if (stacks.seat.rise.size > 0) model.row(stacks.seat.rise, '<=', corner.spot.seat?.castors ? 30 : 70);
	if (thick.size > 0) model.row(thick, '<=', 1);
	for (const { name, way, count } of uses) {
		if (way.station === 'seat') continue;
		const { rise } = stacks[way.station];
		const highest = [...rise.values()].sort((a, b) => b - a).slice(0, 1)[0] ?? 0;
		const tallest = Math.min(highest * most[way.station], 5000);
		const limit = Math.floor(highestOf(corner, way.station, way.shorter));
		model.integer(`y${name}`, 0, 1);
		model.row(plus(one(name), one(`y${name}`, -Math.min(count, most[way.station]))), '<=', 0);
		model.row(plus(rise, one(`y${name}`, tallest)), '<=', limit + tallest);
	}
	return stacks;
}

function addMouse(model: Model, corner: Corner, { keys, mouse }: Record<Way['station'], Stack>): void {
	if (corner.spot.keys.kind !== 'separate' || corner.spot.mouse !== 'separate' || corner.spot.keys.tray)
		return;
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
	const { sits, knee, thigh, sets } = atSeat(corner);
	const bands = bandTable(corner);
	const { now, leastThigh, leastRoom, farthest } = limitsByHand(corner);
	const t = addMoving(model, 't', spot.surface.range, spot.surface.height);
	const c = addMoving(model, 'c', spot.screen.range, spot.screen.topAboveBase);
	const under = spot.keys.kind === 'built-in' ? stacks.screen.rise : stacks.keys.rise;
	const q = corner.way === 'forearms-down' && sits ? 0 : spot.keys.homeRow;
	const { tray } = spot.keys;
	const trayOver = tray ? tray.height - spot.surface.height : 0;
	const range = sets ? (spot.seat?.range ?? null) : null;
	const seat = spot.seat && sits ? addMoving(model, 's', range, spot.seat.height) : new Map<string, number>();
	const s = sits ? plus(seat, stacks.seat.rise) : new Map<string, number>();
	const give = sits ? (spot.seat?.give ?? 0) : 0;
	const E = sits ? lengthOf(corner, 'sittingElbow') - give : lengthOf(corner, 'standingElbow') + person.heel;
	const Y = sits ? lengthOf(corner, 'sittingEye') - give : lengthOf(corner, 'standingEye') + person.heel;
	const band = (id: 'knee' | 'elbow' | 'eye') => ({
		low: bands[id][0],
		ideal: bands[id][1],
		high: bands[id][2]
	});
	const elbow = plus(s, times(t, -1), times(under, -1));
	const values: Record<string, Value> = {
		elbow: { terms: elbow, constant: E - q - trayOver, ...band('elbow') },
		eye: { terms: plus(t, stacks.screen.rise, c, times(s, -1)), constant: -Y, ...band('eye') }
	};
	if (spot.keys.kind === 'built-in') {
		// Raised with its keys only while they end below the elbow.
		model.integer('zr', 0, now.elbow < 0 ? 0 : 1);
		if (stacks.screen.rise.size > 0) model.row(plus(stacks.screen.rise, one('zr', -FAR)), '<=', 0);
		model.row(plus(t, one('zr', -FAR)), '<=', spot.surface.height);
		model.row(plus(elbow, one('zr', -FAR)), '>=', -(E - q) - FAR);
	}
	if (range && stacks.seat.count.size > 0) {
		// Padded only at its highest.
		model.integer('zp', 0, 1);
		model.row(plus(stacks.seat.count, one('zp', -2)), '<=', 0);
		model.row(plus(seat, one('zp', range[0] - range[1])), '>=', range[0]);
	}
	if (sits && stacks.feet.count.size > 0) {
		// Nothing under the feet of a seat over 600.
		model.integer('zh', 0, 1);
		model.row(plus(seat, one('zh', -FAR)), '<=', 600 + give);
		model.row(plus(stacks.feet.count, one('zh', 3)), '<=', 3);
	}
	const P = lengthOf(corner, 'popliteal') + person.heel + (spot.seat?.footBar ?? 0);
	const kneeTerms = plus(s, times(stacks.feet.rise, -1));
	if (knee) values.knee = { terms: kneeTerms, constant: -give - P, ...band('knee') };
	if (thigh) {
		const own = -spot.surface.thickness;
		const underside = tray ? Math.min(own, trayOver - tray.thickness) : own;
		const T = -underside - give + lengthOf(corner, 'thigh');
		const terms = plus(t, times(s, -1));
		values.thigh = { terms, constant: -T, low: 20, ideal: null, high: null };
		model.row(terms, '>=', leastThigh + T);
		model.row(terms, '>=', leastRoom + T);
		if (knee) model.row(plus(terms, kneeTerms), '>=', leastRoom + T + give + P);
	}
	for (const id of ['knee', 'elbow', 'thigh'] as const) {
		const value = values[id];
		if (!value) continue;
		model.row(value.terms, '>=', value.low - farthest[id] - value.constant);
		if (value.high !== null) model.row(value.terms, '<=', value.high + farthest[id] - value.constant);
	}
	return values;
}

/** What a distance costs: 1, 3, 5, … 79 a millimetre up to 40, then 80 each. */
function addCost(model: Model, id: string, { terms, constant, low, high }: Value): void {
	model.bounds.push(` 0 <= d_${id} <= ${FAR}`, ` 0 <= sq_${id} <= ${FAR * 80}`);
	model.row(plus(terms, one(`d_${id}`)), '>=', low + 10 - constant);
	if (high !== null) model.row(plus(terms, one(`d_${id}`, -1)), '<=', high - 10 - constant);
	for (let j = 0; j < 40; j += 1)
		model.row(plus(one(`sq_${id}`), one(`d_${id}`, -(2 * j + 1))), '>=', -j * (j + 1));
	model.row(plus(one(`sq_${id}`), one(`d_${id}`, -80)), '>=', -1600);
}

function addIdeal(model: Model, id: string, { terms, constant, ideal }: Value): void {
	if (ideal === null) return;
	model.bounds.push(` 0 <= e_${id} <= 20000`);
	model.row(plus(terms, one(`e_${id}`, -1)), '<=', ideal - constant);
	model.row(plus(terms, one(`e_${id}`)), '>=', ideal - constant);
}

let loaded: Promise<Highs> | null = null;

/** The solver, loaded once. */
function loadHighs(): Promise<Highs> {
	loaded ??= highsLoader();
	return loaded;
}

/** The cost of the plan that the order picks, by integer programming: least misfit, fewest pieces, least misfit again, nearest to the ideals. */
export async function integerProgramCost(corner: Corner): Promise<Cost> {
	const highs = await loadHighs();
	const model = new Model();
	model.bounds.push(' 0 <= zero <= 0');
	const stacks = addStacks(model, corner);
	addMouse(model, corner, stacks);
	const values = valuesOf(model, corner, stacks);
	for (const [id, value] of Object.entries(values)) {
		addCost(model, id, value);
		addIdeal(model, id, value);
	}
	const counts = countsOf(corner);
	const misfit = plus(...Object.keys(values).map((id) => one(`sq_${id}`, counts[id as keyof typeof counts])));
	const least = solve(highs, model.text(misfit));
	model.row(misfit, '<=', least + 299.5);
	const count = plus(...Object.values(stacks).map((stack) => stack.count));
	const pieces = count.size > 0 ? solve(highs, model.text(count)) : 0;
	if (count.size > 0) model.row(count, '<=', pieces + 0.5);
	const W = solve(highs, model.text(misfit));
	model.row(misfit, '<=', W + 0.5);
	const fromIdeal = plus(
		...Object.entries(values).flatMap(([id, v]) =>
			v.ideal === null ? [] : [one(`e_${id}`, WEIGHT[id as keyof typeof WEIGHT])]
		)
	);
	return { W, pieces, D: solve(highs, model.text(fromIdeal)) };
}

function solve(highs: Highs, text: string): number {
	const solution = highs.solve(text, { mip_rel_gap: 0, mip_abs_gap: 0.4, output_flag: false });
	if (solution.Status !== 'Optimal') throw new Error(`The solver ended with ${solution.Status}`);
	return Math.round(solution.ObjectiveValue);
}
