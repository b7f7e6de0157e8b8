/**
 * The plan of a corner by trying everything: every piece at every station in every way it can lie, every position of
 * what moves. Written from the description of the format and the rules, without a line of the core, to check the core
 * against. Slow on purpose; for up to six rigid pieces and narrow ranges.
 */
import type { Corner } from '$lib/core/workstation/corner/corner';

export interface Way {
	station: 'seat' | 'feet' | 'keys' | 'mouse' | 'screen';
	rise: number;
	shorter: number;
}

type Best = { W: number; pieces: number; D: number };

const A_CHECK = { knee: 2, elbow: 5, eye: 2, thigh: 3 };

/** Where it hurts, what counts double. */
const HURTS: Record<string, (keyof typeof A_CHECK)[]> = {
	'low-back': ['knee'],
	'hip-thigh': ['knee'],
	knee: ['knee'],
	'ankle-foot': ['knee'],
	neck: ['elbow', 'eye'],
	shoulder: ['elbow'],
	'upper-back': ['elbow', 'eye'],
	elbow: ['elbow'],
	'wrist-hand': ['elbow'],
	head: ['eye'],
	eyes: ['eye']
};

export function countsOf(corner: Corner): typeof A_CHECK {
	const counts = { ...A_CHECK };
	for (const id of Object.keys(A_CHECK) as (keyof typeof A_CHECK)[])
		if ((corner.person.sore ?? []).some((region) => HURTS[region]?.includes(id))) counts[id] *= 2;
	return counts;
}

/** What a distance costs: 1, 3, 5, … 79 a millimetre up to 40, then 80 each. */
function paid(mm: number): number {
	let sum = 0;
	for (let i = 1; i <= mm; i += 1) sum += i <= 40 ? 2 * i - 1 : 80;
	return sum;
}

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
		way === 'open' ? [0, 20, 40] : way === 'active' ? [20, 40, 60] : [-25, 5, 30];
	if (person.back === 'eased-by-arching') knee = [10, 20, 45];
	if (person.back === 'eased-by-rounding') knee = [-45, -10, 0];
	if (sits && spot.seat?.kind === 'saddle') knee = [60, 120, 220];
	let elbow: [number, number, number] = sits ? [0, 15, 60] : [0, 25, 70];
	if (way === 'forearms-down' && sits) elbow = [0, 10, 35];
	if (way === 'open') elbow = [drop(98), drop(105), drop(120)];
	let eye: [number, number, number] = [-80, -15, 10];
	if (person.lenses === 'bifocal' || person.lenses === 'progressive') eye = [-140, -70, -20];
	if (person.lenses === 'trifocal') eye = [-60, -10, 20];
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

/** What there is at a kind of seat, from the description. */
export function atSeat(corner: Corner) {
	const { spot } = corner;
	const kind = spot.posture === 'standing' ? 'none' : (spot.seat?.kind ?? 'chair');
	const isLounge = kind === 'sofa' || kind === 'bed';
	return {
		sits: kind !== 'none',
		knee: !['none', 'wheelchair', 'kneeling', 'floor', 'sofa', 'bed'].includes(kind),
		thigh: !['none', 'saddle', 'sofa', 'bed'].includes(kind),
		pads: kind === 'chair',
		feet:
			!['none', 'ball', 'wheelchair', 'sofa', 'bed', 'kneeling', 'floor'].includes(kind) &&
			(spot.seat?.footBar ?? null) === null,
		stacks: !isLounge,
		sets: ['chair', 'stool', 'saddle', 'kneeling'].includes(kind)
	};
}

export function waysOf(corner: Corner, kind: string, size: readonly [number, number, number]): Way[] {
	const { spot } = corner;
	const seat = atSeat(corner);
	const own = spot.keys.kind === 'separate' && !spot.keys.tray;
	const long = (base: readonly [number, number]) => Math.max(...base);
	const short = (base: readonly [number, number]) => Math.min(...base);
	const found: Way[] = [];
	for (const [rise, longer, shorter] of lies(kind, size)) {
		const add = (station: Way['station'], kinds: string[], l: number, s: number) => {
			if (kinds.includes(kind) && longer >= l && shorter >= s) found.push({ station, rise, shorter });
		};
		if (seat.pads) add('seat', ['pillow', 'cushion', 'towel', 'blanket'], 350, 350);
		if (!seat.stacks) continue;
		if (seat.feet) add('feet', ['book', 'ream', 'sturdy-box', 'step-stool'], 290, 200);
		const [l, s] = [long(spot.screen.base), short(spot.screen.base)];
		if (spot.screen.kind === 'laptop')
			add('screen', ['book', 'ream', 'board-game', 'sturdy-box', 'step-stool'], (4 * l) / 5, (4 * s) / 5);
		else add('screen', ['book', 'ream', 'sturdy-box', 'step-stool'], l, s);
		const flatTop = ['book', 'ream', 'board-game', 'sturdy-box'];
		if (own) add('keys', flatTop, (3 * long(spot.keys.base)) / 4, (9 * short(spot.keys.base)) / 10);
		if (own && spot.mouse === 'separate') add('mouse', flatTop, 220, 180);
	}
	return found;
}

export function mostOf({ spot }: Corner): Record<Way['station'], number> {
	return {
		seat: spot.seat?.castors ? 1 : 2,
		feet: 3,
		keys: 3,
		mouse: 3,
		screen: spot.screen.kind === 'laptop' ? 8 : 5
	};
}

/** Highest stack over a shorter side, mm. */
export function highestOf({ spot }: Corner, station: Way['station'], shorter: number): number {
	const sways = spot.surface.kind === 'ironing-board' ? 150 : Infinity;
	const laptop = spot.screen.kind === 'laptop';
	if (station === 'feet') return Math.min(150, (3 * shorter) / 4);
	if (station === 'keys' || station === 'mouse') return Math.min(100, sways, (3 * shorter) / 4);
	return laptop ? Math.min(350, sways, (6 * shorter) / 5) : Math.min(250, sways, shorter);
}

interface Stacks {
	/** Indexes of the pieces in use. */
	used: Set<number>;
	rise: Record<Way['station'], number>;
	count: Record<Way['station'], number>;
	narrowest: Record<Way['station'], number>;
	/** Pieces on the seat that rise more than 25. */
	thick: number;
}

function* arrangements(corner: Corner, pieces: Way[][]): Generator<Stacks> {
	const most = mostOf(corner);
	const stations = ['seat', 'feet', 'keys', 'mouse', 'screen'] as const;
	const each = <T>(value: T) =>
		Object.fromEntries(stations.map((s) => [s, value])) as Record<Way['station'], T>;
	const now: Stacks = {
		used: new Set(),
		rise: each(0),
		count: each(0),
		narrowest: each(Infinity),
		thick: 0
	};
	function* place(i: number): Generator<Stacks> {
		if (i === pieces.length) {
			yield now;
			return;
		}
		yield* place(i + 1);
		for (const { station, rise, shorter } of pieces[i] ?? []) {
			const narrowest = now.narrowest[station];
			const isThick = station === 'seat' && rise > 25;
			if (now.count[station] === most[station] || (isThick && now.thick > 0)) continue;
			if (isThick) now.thick += 1;
			now.rise[station] += rise;
			now.count[station] += 1;
			now.used.add(i);
			now.narrowest[station] = Math.min(narrowest, shorter);
			yield* place(i + 1);
			if (isThick) now.thick -= 1;
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
		if (count[station] > 0 && rise[station] > highestOf(corner, station, narrowest[station])) return false;
	if (rise.seat > (corner.spot.seat?.castors ? 30 : 70)) return false;
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

/** Told of every position: its cost, and how many things it asks someone to do. */
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

/** The heights of the checks: value of each that is judged, and how far outside its band. */
function valuesAt(corner: Corner, rise: Stacks['rise'], at: { seat: number; t: number; c: number }) {
	const { spot, person } = corner;
	const { sits, knee, thigh } = atSeat(corner);
	const q = corner.way === 'forearms-down' && sits ? 0 : spot.keys.homeRow;
	const tray = spot.keys.tray;
	const keysAt = tray ? tray.height + at.t - spot.surface.height : at.t;
	const lower = at.t - spot.surface.thickness;
	const underside = tray ? Math.min(lower, keysAt - tray.thickness) : lower;
	const s = at.seat + rise.seat;
	const E = sits ? s + lengthOf(corner, 'sittingElbow') : lengthOf(corner, 'standingElbow') + person.heel;
	const Y = sits ? s + lengthOf(corner, 'sittingEye') : lengthOf(corner, 'standingEye') + person.heel;
	const f = (sits && spot.seat?.footBar) || rise.feet;
	const k = spot.keys.kind === 'built-in' ? rise.screen : rise.keys;
	return {
		...(knee ? { knee: s - f - lengthOf(corner, 'popliteal') - person.heel } : {}),
		elbow: E - keysAt - k - q,
		eye: at.t + rise.screen + at.c - Y,
		...(thigh ? { thigh: underside - s - lengthOf(corner, 'thigh') } : {})
	} as Record<'elbow' | 'eye', number> & Partial<Record<'knee' | 'thigh', number>>;
}

const NOTHING = { seat: 0, feet: 0, keys: 0, mouse: 0, screen: 0 };

function presentOf({ spot }: Corner) {
	const sits = spot.posture === 'sitting' && spot.seat;
	return {
		seat: sits ? sits.height - sits.give : 0,
		t: spot.surface.height,
		c: spot.screen.topAboveBase
	};
}

/** How far outside its band a check may end besides, mm. */
export type Farthest = Partial<Record<'knee' | 'elbow' | 'thigh', number>>;

/** What is never traded, from how the corner is now: least room over the thighs, and how far outside its band each check may end; mm. */
export function limitsByHand(corner: Corner) {
	const now = valuesAt(corner, NOTHING, presentOf(corner));
	const bands = bandTable(corner);
	const given = corner.body.thigh;
	const sure = given && given.by !== 'guess';
	const needed = 20 + bodySd(corner, 'thigh') * (sure ? 1 : 2);
	const far = (id: 'knee' | 'elbow' | 'thigh') => {
		const value = now[id];
		const [low, , high] = id === 'thigh' ? [20, 0, Infinity] : bands[id];
		return value === undefined ? Infinity : outside(value, low, high) + 10;
	};
	return {
		now,
		leastThigh: Math.min(needed, now.thigh ?? Infinity),
		leastRoom: Math.min(needed, roomOf(now)),
		farthest: { knee: far('knee'), elbow: far('elbow'), thigh: far('thigh') }
	};
}

const roomOf = ({ knee = 0, thigh = Infinity }: { knee?: number; thigh?: number }) =>
	thigh - Math.max(0, -knee);

/** Whether a plan keeps to what is never traded. */
function keepsLimits(
	corner: Corner,
	stacks: Stacks,
	at: { seat: number; t: number; c: number },
	most: Farthest
): boolean {
	const { spot } = corner;
	const bands = bandTable(corner);
	const { now, leastThigh, leastRoom, farthest } = limitsByHand(corner);
	const then = valuesAt(corner, stacks.rise, at);
	if (then.thigh !== undefined && (then.thigh < leastThigh || roomOf(then) < leastRoom)) return false;
	for (const id of ['knee', 'elbow', 'thigh'] as const) {
		const is = then[id];
		if (is === undefined) continue;
		const [low, , high] = id === 'thigh' ? [20, 0, Infinity] : bands[id];
		const after = outside(is, low, high);
		if (after > farthest[id] || after > (most[id] ?? Infinity)) return false;
	}
	if (spot.keys.kind === 'built-in' && (stacks.rise.screen > 0 || at.t > spot.surface.height))
		if (now.elbow < 0 || then.elbow < 0) return false;
	if (stacks.rise.feet > 0 && at.seat > 600) return false;
	const range = atSeat(corner).sets ? (spot.seat?.range ?? null) : null;
	return !(stacks.count.seat > 0 && range && at.seat !== range[1] - (spot.seat?.give ?? 0));
}

function judge(corner: Corner, stacks: Stacks, pieces: number, tell: Told, most: Farthest = {}): void {
	const { spot } = corner;
	const bands = bandTable(corner);
	const counts = countsOf(corner);
	const present = presentOf(corner);
	const range = atSeat(corner).sets ? (spot.seat?.range ?? null) : null;
	const seats = positions(range, present.seat + (spot.seat?.give ?? 0)).map(
		(h) => h - (spot.seat?.give ?? 0)
	);
	for (const seat of atSeat(corner).sits ? seats : [0])
		for (const t of positions(spot.surface.range, spot.surface.height))
			for (const c of positions(spot.screen.range, spot.screen.topAboveBase)) {
				const at = { seat, t, c };
				if (!keepsLimits(corner, stacks, at, most)) continue;
				const value = valuesAt(corner, stacks.rise, at);
				let W = 0;
				let D = 0;
				for (const id of ['knee', 'elbow', 'eye'] as const) {
					const is = value[id];
					if (is === undefined) continue;
					const [low, ideal, high] = bands[id];
					W += counts[id] * paid(outside(is, low + 10, high - 10));
					D += A_CHECK[id] * Math.abs(is - ideal);
				}
				if (value.thigh !== undefined) W += counts.thigh * paid(Math.max(0, 30 - value.thigh));
				tell({ W, pieces, D }, thingsDone(corner, stacks, at));
			}
}

/** Of plans that are told one after the other, the best by the order: least W; of those less than 300 above it the fewest pieces, least W, least D. */
class BestOf {
	/** The least W, and of that the least D, by the number of pieces. */
	private readonly least: Best[] = [];

	take(cost: Best): void {
		const known = this.least[cost.pieces];
		if (!known || cost.W < known.W || (cost.W === known.W && cost.D < known.D))
			this.least[cost.pieces] = cost;
	}

	also(other: BestOf): void {
		for (const cost of other.least) if (cost) this.take(cost);
	}

	get best(): Best | null {
		const leastW = Math.min(...this.least.flatMap((cost) => (cost ? [cost.W] : [])));
		return this.least.find((cost) => cost && cost.W < leastW + 300) ?? null;
	}

	get leastW(): number {
		return Math.min(...this.least.flatMap((cost) => (cost ? [cost.W] : [])));
	}
}

/**
 * The cost of the plan that the order picks, by trying all.
 *
 * @param told what earlier plans used, as `usageText` writes it; a plan that uses the same is not counted
 * @param most further limits
 */
export function exhaustiveCost(
	corner: Corner,
	told: readonly string[] = [],
	most: Farthest = {}
): Best | null {
	const pieces = piecesOf(corner);
	const alike = pieces.map((ways) => JSON.stringify(ways));
	const all = new BestOf();
	const seen = new Set<string>();
	for (const stacks of arrangements(corner, pieces)) {
		if (!stands(corner, stacks)) continue;
		if (told.length > 0 && told.includes(textOf([...stacks.used].map((i) => alike[i] ?? '')))) continue;
		const count = Object.values(stacks.count).reduce((sum, n) => sum + n, 0);
		const key = `${count} ${Object.values(stacks.rise).join()}`;
		if (seen.has(key)) continue;
		seen.add(key);
		judge(corner, stacks, count, (cost) => all.take(cost), most);
	}
	return all.best;
}

/** The plan that the order picks with at most 0, 1, 2, … things to do, by trying all. */
export function exhaustiveLadder(corner: Corner): Best[] {
	const by = [0, 1, 2, 3, 4, 5].map(() => new BestOf());
	const seen = new Set<string>();
	for (const stacks of arrangements(corner, piecesOf(corner))) {
		if (!stands(corner, stacks)) continue;
		const count = Object.values(stacks.count).reduce((sum, n) => sum + n, 0);
		const key = `${count} ${Object.values(stacks.rise).join()}`;
		if (seen.has(key)) continue;
		seen.add(key);
		judge(corner, stacks, count, (cost, things) => by[things]?.take(cost));
	}
	const upTo = new BestOf();
	return by.map((one) => {
		upTo.also(one);
		return upTo.best ?? { W: Infinity, pieces: 0, D: 0 };
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

const METHOD = { tape: 4, 'paper-ruler': 6, card: 6, 'a4-sheets': 10, 'hand-span': 20, guess: 40 };

const FOLLOWS_STATURE = {
	popliteal: 0.8,
	sittingElbow: 0.35,
	sittingEye: 0.75,
	thigh: 0.35,
	standingElbow: 0.93,
	standingEye: 0.97
};

const SPREAD = {
	male: {
		popliteal: 29,
		sittingElbow: 31,
		sittingEye: 35,
		thigh: 15,
		standingElbow: 52,
		standingEye: 69
	},
	female: {
		popliteal: 27,
		sittingElbow: 29,
		sittingEye: 33,
		thigh: 17,
		standingElbow: 46,
		standingEye: 61
	}
};

function bodySd({ person, body }: Corner, name: Length): number {
	const given = body[name];
	if (given) return given.by === 'photo' ? given.sd : Math.sqrt(METHOD[given.by] ** 2 + 12 ** 2);
	const of = (sex: 'male' | 'female') => SPREAD[sex][name] * Math.sqrt(1 - FOLLOWS_STATURE[name] ** 2);
	return person.sex === 'unstated' ? Math.max(of('male'), of('female')) : of(person.sex);
}

/** Values of the checks as measured, and their standard deviations, from the description of the formulas. */
export function plainChecks(corner: Corner): Record<string, { value: number; sd: number }> {
	const { sits } = atSeat(corner);
	const furniture = METHOD[corner.spot.by];
	const sd = (name: Length) => bodySd(corner, name);
	const carried = corner.way === 'forearms-down' && sits;
	const root = (...parts: number[]) => Math.sqrt(parts.reduce((sum, part) => sum + part * part, 0));
	const seat = sits ? furniture : 0;
	const sds = {
		knee: root(furniture, sd('popliteal')),
		elbow: root(seat, sd(sits ? 'sittingElbow' : 'standingElbow'), furniture, carried ? 0 : 2),
		eye: root(seat, sd(sits ? 'sittingEye' : 'standingEye'), furniture, 2),
		thigh: root(furniture, furniture, furniture, sd('thigh'))
	};
	const values = valuesAt(corner, NOTHING, presentOf(corner));
	return Object.fromEntries(
		(['knee', 'elbow', 'eye', 'thigh'] as const).flatMap((id) => {
			const value = values[id];
			return value === undefined ? [] : [[id, { value, sd: sds[id] }]];
		})
	);
}
