import {
	type BodyLengthName,
	type HouseholdKind,
	type MeasuringMethod,
	type SeatKind,
	SEAT_KINDS
} from '$lib/core/workstation/corner/vocabulary';
import type { Corner, HouseholdItem, MeasuredLength } from '$lib/core/workstation/corner/corner';
import { REGIONS } from '$lib/core/cases/discomfort/regions';
import { Dice } from '../../seed/random';

const METHODS: readonly MeasuringMethod[] = [
	'tape',
	'paper-ruler',
	'a4-sheets',
	'card',
	'hand-span',
	'guess'
];
/** Mostly chairs. */
const SEATS: readonly SeatKind[] = [...Array.from({ length: 12 }, () => 'chair' as const), ...SEAT_KINDS];

const RIGID: readonly HouseholdKind[] = [
	'book',
	'ream',
	'board-game',
	'sturdy-box',
	'light-box',
	'step-stool',
	'binder'
];
const SOFT: readonly HouseholdKind[] = ['pillow', 'cushion', 'towel', 'blanket', 'bolster'];

/** How large a random corner may be. */
export interface RandomSize {
	readonly rigid: number;
	readonly soft: number;
	/** Width of the ranges of things that move, mm; 0 for none. */
	readonly span: number;
	/** Boxes only one in so many rigid pieces. */
	readonly fewerBoxes?: boolean;
}

function body(dice: Dice): Corner['body'] {
	const centre: Record<BodyLengthName, number> = {
		popliteal: 415,
		sittingElbow: 235,
		sittingEye: 760,
		thigh: 155,
		buttockPopliteal: 485,
		standingElbow: 1040,
		standingEye: 1560
	};
	const measured: Partial<Record<BodyLengthName, MeasuredLength>> = {};
	for (const name of Object.keys(centre) as BodyLengthName[])
		if (dice.chance(0.6)) measured[name] = { mm: centre[name] + dice.int(-60, 60), by: dice.pick(METHODS) };
	return measured;
}

function size(dice: Dice, kind: HouseholdKind): [number, number, number] {
	switch (kind) {
		case 'book':
		case 'binder':
			return [dice.int(190, 340), dice.int(14, 80), dice.int(130, 280)];
		case 'ream':
			return [297, 210, dice.int(48, 54)];
		case 'board-game':
			return [dice.int(250, 450), dice.int(180, 320), dice.int(35, 80)];
		case 'sturdy-box':
		case 'light-box':
			return [dice.int(180, 450), dice.int(120, 380), dice.int(60, 320)];
		case 'step-stool':
			return [dice.int(280, 420), dice.int(200, 320), dice.int(150, 260)];
		case 'pillow':
		case 'cushion':
			return [dice.int(280, 800), dice.int(290, 450), dice.int(30, 180)];
		case 'towel':
		case 'blanket':
			return [dice.int(900, 2000), dice.int(500, 1400), dice.int(2, 9)];
		case 'bolster':
			return [600, 180, 180];
	}
}

function household(dice: Dice, limits: RandomSize): HouseholdItem[] {
	const items: HouseholdItem[] = [];
	const add = (kind: HouseholdKind, most: number) => {
		const count = dice.int(1, Math.min(most, 3));
		const id = `${kind[0]}${items.length}`;
		items.push({
			id,
			kind,
			label: `${kind} ${items.length}`,
			size: size(dice, kind),
			...(count > 1 ? { count } : {})
		});
		return count;
	};
	const kinds = limits.fewerBoxes ? RIGID.filter((k) => !k.endsWith('box') || dice.chance(0.3)) : RIGID;
	for (let left = dice.int(0, limits.rigid); left > 0;) left -= add(dice.pick(kinds), left);
	for (let left = dice.int(0, limits.soft); left > 0;) left -= add(dice.pick(SOFT), left);
	return items;
}

function range(dice: Dice, at: number, span: number): [number, number] | null {
	if (span === 0 || dice.chance(0.6)) return null;
	const below = dice.int(0, span);
	return [at - below, at + dice.int(0, span - below)];
}

/** A random, valid corner document. */
export function randomCorner(seed: number, limits: RandomSize): Corner {
	const dice = new Dice(seed);
	const standing = dice.chance(0.25);
	const laptop = dice.chance(0.6);
	const kind = dice.pick(SEATS);
	const isHigh = kind === 'stool' && dice.chance(0.3);
	const surface = standing || isHigh ? dice.int(850, 1080) : dice.int(680, 790);
	const seat = isHigh ? dice.int(600, 720) : kind === 'saddle' ? dice.int(500, 640) : dice.int(400, 520);
	const isSeparate = !laptop || dice.chance(0.6);
	const thickness = dice.int(15, 60);
	const tray =
		isSeparate && dice.chance(0.1)
			? { height: surface - dice.int(60, 120), thickness: dice.int(10, 30) }
			: null;
	const top = laptop ? dice.int(180, 250) : dice.int(380, 560);
	return {
		format: 'easy-corner.corner/3',
		person: {
			stature: dice.int(1480, 1960),
			sex: dice.pick(['female', 'male', 'unstated']),
			heel: dice.int(0, 40),
			hand: dice.pick(['right', 'left']),
			lenses: dice.pick(['none', 'single-vision', 'bifocal', 'progressive', 'trifocal']),
			back: dice.pick(['any', 'any', 'eased-by-arching', 'eased-by-rounding']),
			wrists: 'well',
			...(dice.chance(0.4) ? { sore: [dice.pick(REGIONS)] } : {})
		},
		body: body(dice),
		way: dice.pick(['upright', 'open', 'forearms-down', 'active']),
		spot: {
			posture: standing ? 'standing' : 'sitting',
			by: dice.pick(METHODS),
			surface: {
				kind: dice.chance(0.1) ? 'ironing-board' : 'table',
				height: surface,
				thickness,
				depth: 750,
				range: range(dice, surface, limits.span)
			},
			seat: standing
				? null
				: {
						kind,
						height: seat,
						give: dice.int(0, 40),
						range: range(dice, seat, limits.span),
						depth: 420,
						backrest: true,
						lumbar: false,
						armrest: null,
						castors: kind === 'chair' && dice.chance(0.3),
						footBar: isHigh && dice.chance(0.5) ? dice.int(150, 350) : null
					},
			screen: {
				kind: laptop ? 'laptop' : 'monitor',
				topAboveBase: top,
				visibleHeight: 190,
				base: laptop ? [dice.int(290, 380), dice.int(200, 260)] : [dice.int(180, 260), dice.int(150, 240)],
				range: laptop ? null : range(dice, top, limits.span),
				distance: 520
			},
			keys: {
				kind: isSeparate ? 'separate' : 'built-in',
				tray,
				homeRow: dice.int(10, 35),
				base: [dice.int(280, 450), dice.int(110, 180)]
			},
			mouse: dice.pick(['separate', 'touchpad'])
		},
		household: household(dice, limits)
	};
}
