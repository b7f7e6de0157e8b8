/**
 * The plan of a corner by trying everything: every piece at every station in every way it can lie, every position of
 * what moves. Written from the description of the format and the rules, without a line of the core, to check the core
 * against. Slow on purpose; for up to six rigid pieces and narrow ranges.
 */
import type { Corner } from '$lib/core/corner';

export interface Way {
	station: 'seat' | 'feet' | 'keys' | 'mouse' | 'screen';
	rise: number;
	shorter: number;
}

type Best = { W: number; pieces: number; D: number };

const A_CHECK = { knee: 2, elbow: 3, eye: 2, thigh: 3 };

const TABLE = {
	male: {
		H: 1740,
		popliteal: 440,
		sittingElbow: 245,
		sittingEye: 790,
		thigh: 160,
		standingElbow: 1090,
		standingEye: 1630
	},
	female: {
		H: 1610,
		popliteal: 400,
		sittingElbow: 235,
		sittingEye: 740,
		thigh: 155,
		standingElbow: 1005,
		standingEye: 1505
	}
};

type Length = Exclude<keyof typeof TABLE.male, 'H'>;

export function lengthOf(corner: Corner, name: Length): number {
	const given = corner.body[name];
	if (given) return given.mm;
	const of = (sex: 'male' | 'female') => (corner.person.stature * TABLE[sex][name]) / TABLE[sex].H;
	const { sex } = corner.person;
	return Math.round(sex === 'unstated' ? (of('male') + of('female')) / 2 : of(sex));
}

/** The bands, [low, ideal, high], straight from the tables of the ways of sitting. */
export function bandTable(corner: Corner): Record<'knee' | 'elbow' | 'eye', [number, number, number]> {
	const { way, person, spot } = corner;
	const sits = spot.posture === 'sitting';
	const drop = (deg: number) => Math.round(0.2 * person.stature * Math.sin(((deg - 90) * Math.PI) / 180));
	let knee: [number, number, number] =
		way === 'open' ? [0, 20, 40] : way === 'active' ? [20, 40, 60] : [-10, 10, 30];
	if (person.back === 'eased-by-arching') knee = [10, 20, 40];
	if (person.back === 'eased-by-rounding') knee = [-30, -10, 0];
	let elbow: [number, number, number] = sits ? [0, 10, 30] : [0, 20, 40];
	if (way === 'forearms-down' && sits) elbow = [0, 5, 20];
	if (way === 'open') elbow = [drop(98), drop(105), drop(120)];
	let eye: [number, number, number] = [-50, -10, 10];
	if (person.lenses === 'bifocal' || person.lenses === 'progressive') eye = [-110, -60, -20];
	if (person.lenses === 'trifocal') eye = [-30, 0, 20];
	return { knee, elbow, eye };
}

function lies(kind: string, [a, b, c]: readonly [number, number, number]): [number, number, number][] {
	const s = [a, b, c].sort((x, y) => x - y) as [number, number, number];
	if (['book', 'ream', 'board-game', 'binder'].includes(kind)) return [[s[0], s[2], s[1]]];
	if (kind === 'pillow') return [[Math.round((s[0] * 3) / 10), s[2], s[1]]];
	if (kind === 'cushion') return [[Math.round((s[0] * 6) / 10), s[2], s[1]]];
	if (kind === 'step-stool') return [[c, Math.max(a, b), Math.min(a, b)]];
	if (kind.endsWith('-box'))
		return [
			[a, Math.max(b, c), Math.min(b, c)],
			[b, Math.max(a, c), Math.min(a, c)],
			[c, Math.max(a, b), Math.min(a, b)]
		];
	if (kind === 'towel' || kind === 'blanket') {
		let [x, y] = [Math.max(a, b), Math.min(a, b)];
		return [2, 4, 8, 16].map((layers) => {
			[x, y] = [Math.max(x / 2, y), Math.min(x / 2, y)];
			return [Math.round((8 * layers * c) / 10), x, y];
		});
	}
	return [];
}

export function waysOf(corner: Corner, kind: string, size: readonly [number, number, number]): Way[] {
	const { spot } = corner;
	const sits = spot.posture === 'sitting';
	const own = spot.keys.kind === 'separate';
	const long = (base: readonly [number, number]) => Math.max(...base);
	const short = (base: readonly [number, number]) => Math.min(...base);
	const found: Way[] = [];
	for (const [rise, longer, shorter] of lies(kind, size)) {
		const add = (station: Way['station'], kinds: string[], l: number, s: number) => {
			if (kinds.includes(kind) && longer >= l && shorter >= s) found.push({ station, rise, shorter });
		};
		if (sits) add('seat', ['pillow', 'cushion', 'towel', 'blanket'], 300, 300);
		if (sits) add('feet', ['book', 'ream', 'sturdy-box', 'step-stool'], 280, 180);
		add(
			'screen',
			['book', 'ream', 'board-game', 'sturdy-box', 'light-box', 'step-stool'],
			(3 * long(spot.screen.base)) / 4,
			(3 * short(spot.screen.base)) / 4
		);
		const flatTop = ['book', 'ream', 'board-game', 'sturdy-box', 'light-box'];
		if (own) add('keys', flatTop, long(spot.keys.base) / 2, (9 * short(spot.keys.base)) / 10);
		if (own && spot.mouse === 'separate') add('mouse', flatTop, 200, 180);
	}
	return found;
}

const MOST = { seat: 2, feet: 6, keys: 6, mouse: 6, screen: 10 };
const SLENDER = { seat: Infinity, feet: 1, keys: 1, mouse: 1, screen: 1.5 };

interface Stacks {
	/** Indexes of the pieces in use. */
	used: Set<number>;
	rise: Record<Way['station'], number>;
	count: Record<Way['station'], number>;
	narrowest: Record<Way['station'], number>;
}

function* arrangements(pieces: Way[][]): Generator<Stacks> {
	const stations = ['seat', 'feet', 'keys', 'mouse', 'screen'] as const;
	const each = <T>(value: T) =>
		Object.fromEntries(stations.map((s) => [s, value])) as Record<Way['station'], T>;
	const now: Stacks = { used: new Set(), rise: each(0), count: each(0), narrowest: each(Infinity) };
	function* place(i: number): Generator<Stacks> {
		if (i === pieces.length) {
			yield now;
			return;
		}
		yield* place(i + 1);
		for (const { station, rise, shorter } of pieces[i] ?? []) {
			const narrowest = now.narrowest[station];
			if (now.count[station] === MOST[station]) continue;
			now.rise[station] += rise;
			now.count[station] += 1;
			now.used.add(i);
			now.narrowest[station] = Math.min(narrowest, shorter);
			yield* place(i + 1);
			now.rise[station] -= rise;
			now.count[station] -= 1;
			now.used.delete(i);
			now.narrowest[station] = narrowest;
		}
	}
	yield* place(0);
}

function stands(corner: Corner, { rise, count, narrowest }: Stacks): boolean {
	for (const station of ['feet', 'keys', 'mouse', 'screen'] as const)
		if (count[station] > 0 && rise[station] > SLENDER[station] * narrowest[station]) return false;
	if (rise.seat > 80) return false;
	const needsMouse =
		corner.spot.keys.kind === 'separate' && corner.spot.mouse === 'separate' && count.keys > 0;
	if (!needsMouse) return count.mouse === 0;
	return count.mouse > 0 && Math.abs(rise.mouse - rise.keys) <= 10;
}

function positions(range: readonly [number, number] | null, fixed: number): number[] {
	if (!range) return [fixed];
	return Array.from({ length: range[1] - range[0] + 1 }, (_, i) => range[0] + i);
}

function outside(value: number, low: number, high: number): number {
	return value < low ? low - value : value > high ? value - high : 0;
}

/** Told of every position: its cost, and how many things it asks somebody to do. */
type Told = (cost: Best, things: number) => void;

function thingsDone(corner: Corner, { count }: Stacks, at: { seat: number; t: number; c: number }): number {
	const { spot } = corner;
	const sits = spot.posture === 'sitting';
	const present = spot.seat && sits ? spot.seat.height - spot.seat.give : 0;
	return [
		count.seat > 0 || at.seat !== present,
		at.t !== spot.surface.height,
		count.feet > 0,
		count.keys > 0,
		count.screen > 0 || at.c !== spot.screen.topAboveBase
	].filter(Boolean).length;
}

function judge(corner: Corner, stacks: Stacks, pieces: number, tell: Told = () => {}): Best {
	const { spot, person } = corner;
	const bands = bandTable(corner);
	const sits = spot.posture === 'sitting';
	const q = corner.way === 'forearms-down' && sits ? 0 : spot.keys.homeRow;
	const under = spot.keys.kind === 'built-in' ? stacks.rise.screen : stacks.rise.keys;
	let best: Best = { W: Infinity, pieces, D: Infinity };
	const seats =
		spot.seat && sits
			? positions(spot.seat.range ?? null, spot.seat.height).map((h) => h - (spot.seat?.give ?? 0))
			: [0];
	for (const seat of seats) {
		const s = seat + stacks.rise.seat;
		for (const t of positions(spot.surface.range, spot.surface.height)) {
			for (const c of positions(spot.screen.range, spot.screen.topAboveBase)) {
				const E = sits
					? s + lengthOf(corner, 'sittingElbow')
					: lengthOf(corner, 'standingElbow') + person.heel;
				const Y = sits ? s + lengthOf(corner, 'sittingEye') : lengthOf(corner, 'standingEye') + person.heel;
				const value = {
					knee: s - stacks.rise.feet - lengthOf(corner, 'popliteal') - person.heel,
					elbow: E - t - under - q,
					eye: t + stacks.rise.screen + c - Y
				};
				let W = 0;
				let D = 0;
				for (const id of ['knee', 'elbow', 'eye'] as const) {
					if (id === 'knee' && !sits) continue;
					const [low, ideal, high] = bands[id];
					W += A_CHECK[id] * outside(value[id], low + 8, high - 8) ** 2;
					D += A_CHECK[id] * Math.abs(value[id] - ideal);
				}
				const free = t - spot.surface.thickness - s - lengthOf(corner, 'thigh');
				if (sits) W += A_CHECK.thigh * Math.max(0, 28 - free) ** 2;
				tell({ W, pieces, D }, thingsDone(corner, stacks, { seat, t, c }));
				if (W < best.W || (W === best.W && D < best.D)) best = { W, pieces, D };
			}
		}
	}
	return best;
}

/**
 * The least cost of any plan, by trying all.
 *
 * @param told what earlier plans used, as `usageText` writes it; a plan that uses the same is not counted
 */
export function exhaustiveCost(corner: Corner, told: readonly string[] = []): Best | null {
	const pieces = piecesOf(corner);
	const alike = pieces.map((ways) => JSON.stringify(ways));
	let best: Best | null = null;
	const seen = new Map<string, number>();
	for (const stacks of arrangements(pieces)) {
		if (!stands(corner, stacks)) continue;
		if (told.length > 0 && told.includes(textOf([...stacks.used].map((i) => alike[i] ?? '')))) continue;
		const count = Object.values(stacks.count).reduce((sum, n) => sum + n, 0);
		const key = Object.values(stacks.rise).join();
		if ((seen.get(key) ?? Infinity) <= count) continue;
		seen.set(key, count);
		const found = judge(corner, stacks, count);
		const better =
			!best ||
			found.W < best.W ||
			(found.W === best.W &&
				(found.pieces < best.pieces || (found.pieces === best.pieces && found.D < best.D)));
		if (better) best = found;
	}
	return best;
}

const isBetter = (a: Best, b: Best) =>
	a.W < b.W || (a.W === b.W && (a.pieces < b.pieces || (a.pieces === b.pieces && a.D < b.D)));

/** The least cost of any plan with at most 1, 2, … things to do, by trying all; the first stands for doing nothing. */
export function exhaustiveLadder(corner: Corner): Best[] {
	const least: (Best | null)[] = [null, null, null, null, null, null];
	for (const stacks of arrangements(piecesOf(corner))) {
		if (!stands(corner, stacks)) continue;
		const count = Object.values(stacks.count).reduce((sum, n) => sum + n, 0);
		judge(corner, stacks, count, (cost, things) => {
			const known = least[things];
			if (!known || isBetter(cost, known)) least[things] = cost;
		});
	}
	let best: Best | null = null;
	return least.map((found) => {
		if (found && (!best || isBetter(found, best))) best = found;
		return best ?? { W: Infinity, pieces: 0, D: 0 };
	});
}

function piecesOf(corner: Corner): Way[][] {
	return corner.household.flatMap((item) =>
		Array.from({ length: item.count ?? 1 }, () => waysOf(corner, item.kind, item.size))
	);
}

function textOf(alike: readonly string[]): string {
	return [...alike].sort().join('+');
}

/** What a plan uses, alike pieces not told apart. */
export function usageText(corner: Corner, ids: readonly string[]): string {
	const ways = corner.household.flatMap((item) =>
		Array.from({ length: item.count ?? 1 }, (_, i) => ({
			id: i === 0 ? item.id : `${item.id}#${i + 1}`,
			alike: JSON.stringify(waysOf(corner, item.kind, item.size))
		}))
	);
	return textOf(ids.map((id) => ways.find((way) => way.id === id)?.alike ?? ''));
}

/** Values of the checks as measured, and their standard deviations, from the description of the formulas. */
export function plainChecks(corner: Corner): Record<string, { value: number; sd: number }> {
	const { spot, person } = corner;
	const sits = spot.posture === 'sitting';
	const method = { tape: 4, 'paper-ruler': 6, card: 6, 'a4-sheets': 10, 'hand-span': 20, guess: 40 };
	const furniture = method[spot.by];
	const open = {
		popliteal: 0.8,
		sittingElbow: 0.35,
		sittingEye: 0.75,
		thigh: 0.35,
		standingElbow: 0.93,
		standingEye: 0.97
	};
	const spread = {
		male: { popliteal: 29, sittingElbow: 31, sittingEye: 35, thigh: 15, standingElbow: 52, standingEye: 69 },
		female: { popliteal: 27, sittingElbow: 29, sittingEye: 33, thigh: 17, standingElbow: 46, standingEye: 61 }
	};
	const sd = (name: Length): number => {
		const given = corner.body[name];
		if (given) return Math.sqrt(method[given.by] ** 2 + 64);
		const of = (sex: 'male' | 'female') => spread[sex][name] * Math.sqrt(1 - open[name] ** 2);
		return person.sex === 'unstated' ? Math.max(of('male'), of('female')) : of(person.sex);
	};
	const root = (...parts: number[]) => Math.sqrt(parts.reduce((sum, part) => sum + part * part, 0));
	const s = sits && spot.seat ? spot.seat.height - spot.seat.give : 0;
	const [elbow, eye]: [Length, Length] = sits
		? ['sittingElbow', 'sittingEye']
		: ['standingElbow', 'standingEye'];
	const base = sits ? s : person.heel;
	const carried = corner.way === 'forearms-down' && sits;
	const t = spot.surface.height;
	const seat = sits ? furniture : 0;
	const all = {
		knee: { value: s - lengthOf(corner, 'popliteal') - person.heel, sd: root(furniture, sd('popliteal')) },
		elbow: {
			value: base + lengthOf(corner, elbow) - t - (carried ? 0 : spot.keys.homeRow),
			sd: root(seat, sd(elbow), furniture, carried ? 0 : 2)
		},
		eye: {
			value: t + spot.screen.topAboveBase - base - lengthOf(corner, eye),
			sd: root(seat, sd(eye), furniture, 2)
		},
		thigh: {
			value: t - spot.surface.thickness - s - lengthOf(corner, 'thigh'),
			sd: root(furniture, furniture, furniture, sd('thigh'))
		}
	};
	return sits ? all : { elbow: all.elbow, eye: all.eye };
}
