import { keysOverSurfaceMm } from '../checks/check-values';
import type { SetUp } from '../checks/set-up';
import { footBarOf, seatKindOrChair, SEAT_RULES } from '../corner/seat-kinds';
import type { Corner, HouseholdItem } from '../corner/corner';
import type { HouseholdKind, SeatKind } from '../corner/vocabulary';
import type { Station } from '../household/stations';
import { pieceIds } from '../corner/piece-ids';
import type { Plan } from '../../plan/plan-corner';
import { gazeAngle } from '../../body/sight/gaze';
import { clamp, distance, point, type Rectangle, type Point } from './geometry';
import type { Posture } from './posture';

/** An item of a stack in the side view. */
export interface DrawnPiece extends Rectangle {
	readonly station: Station;
	readonly id: string;
	readonly kind: HouseholdKind;
	readonly label: string;
}

/** Furniture and items in the side view, mm. */
export interface DrawnFurniture {
	readonly seat: {
		readonly kind: SeatKind;
		readonly slab: Rectangle;
		readonly back: readonly [Point, Point] | null;
		readonly lumbar: boolean;
		readonly castors: boolean;
	} | null;
	readonly surface: Rectangle;
	readonly screen: {
		readonly kind: 'laptop' | 'monitor';
		/** What stands on the surface or the stack: the laptop's base, the monitor's stand. */
		readonly foot: Rectangle;
		readonly top: Point;
		readonly bottom: Point;
		/** Middle of the visible screen, the target of the line of sight. */
		readonly middle: Point;
	};
	readonly keys: Rectangle | null;
	readonly mouse: Rectangle | null;
	/** What carries keyboard and mouse below the surface; null where they stand on it. */
	readonly tray: Rectangle | null;
	/** What the feet rest on at a high seat; null where there is none. */
	readonly footBar: Rectangle | null;
	readonly pieces: readonly DrawnPiece[];
}

/** Depth of a seat as drawn where none was given, mm: stools and balls are as deep as wide. Our assumption. */
const DRAWN_DEPTH_MM: Readonly<Record<SeatKind, number>> = {
	chair: 430,
	stool: 340,
	ball: 560,
	wheelchair: 430,
	sofa: 620,
	bed: 900,
	saddle: 340,
	kneeling: 400,
	floor: 600
};

/** Thickness of a seat, a laptop's base and a monitor's stand as drawn, mm. */
const SEAT_SLAB_MM = 42;
const LAPTOP_BASE_MM = 18;
const MONITOR_FOOT_MM = 14;

/** How far a laptop's lid and a monitor tilt back as drawn, degrees. */
const LEAN_DEG = { laptop: 18, monitor: 6 } as const;

const MOUSE = { width: 105, height: 36 } as const;

/** Thickness of a foot bar as drawn, mm. */
const FOOT_BAR_MM = 24;

function keysDepth({ spot }: Corner): number {
	return Math.min(...(spot.keys.kind === 'built-in' ? spot.screen.base : spot.keys.base));
}

/** The keyboard's front edge: the home row is in the middle of a keyboard, behind the middle of a laptop. */
function keysFront(corner: Corner, p: Posture): number {
	return p.homeRow.x - keysDepth(corner) * (corner.spot.keys.kind === 'built-in' ? 0.62 : 0.55);
}

/** Room for the palms in front of the keyboard, mm. */
const PALM_ROOM_MM = 45;

function surfaceBox(corner: Corner, p: Posture, setUp: SetUp): Rectangle {
	const { thickness, depth } = corner.spot.surface;
	const front = keysFront(corner, p) - PALM_ROOM_MM;
	return { x: front, y: setUp.surface - thickness, width: depth, height: thickness };
}

/** Visible width of the widest item of a stack, mm: the longer sides run across. 0 where nothing is built. */
function stackWidth(plan: Plan | null, station: Station): number {
	return Math.max(0, ...(plan?.stations[station].pieces ?? []).map((piece) => piece.size[1]));
}

/** The closest position of the screen's back edge (or a monitor's middle) behind the keyboard and its stack. */
function nearestScreenX(corner: Corner, p: Posture, plan: Plan | null, footDepth: number): number {
	const keysMiddle = keysFront(corner, p) + keysDepth(corner) / 2;
	const behindKeys = keysMiddle + Math.max(keysDepth(corner), stackWidth(plan, 'keys')) / 2;
	const half = corner.spot.screen.kind === 'laptop' ? footDepth / 2 : 0;
	return behindKeys + Math.max(footDepth, stackWidth(plan, 'screen')) / 2 + half + 10;
}

/** Position of the screen's lower edge: at the given viewing distance, as far as keyboard and surface leave room. */
function screenX(
	corner: Corner,
	p: Posture,
	surface: Rectangle,
	plan: Plan | null,
	middle: { readonly y: number; readonly leansBy: number; readonly distance: number },
	footDepth: number
): number {
	const { spot } = corner;
	if (spot.keys.kind === 'built-in') return keysFront(corner, p) + footDepth;
	const height = Math.min(Math.abs(middle.y - p.tallEye.y), middle.distance * 0.8);
	const wanted = p.tallEye.x + Math.sqrt(middle.distance ** 2 - height ** 2) - middle.leansBy;
	const nearest = nearestScreenX(corner, p, plan, footDepth);
	return clamp(wanted, nearest, Math.max(nearest, surface.x + surface.width - 15));
}

function screenOf(
	corner: Corner,
	p: Posture,
	setUp: SetUp,
	surface: Rectangle,
	plan: Plan | null,
	distance: number
): DrawnFurniture['screen'] {
	const { kind, base, visibleHeight } = corner.spot.screen;
	const depth = Math.min(...base);
	const footY = setUp.surface + setUp.screen;
	const topY = footY + setUp.screenTopAboveBase;
	const lean = Math.tan((LEAN_DEG[kind] * Math.PI) / 180);
	const laptop = kind === 'laptop';
	const lowY = laptop ? footY + LAPTOP_BASE_MM * 0.7 : Math.max(footY + 20, topY - visibleHeight);
	const middleY = topY - visibleHeight / 2;
	const x = screenX(
		corner,
		p,
		surface,
		plan,
		{ y: middleY, leansBy: (middleY - lowY) * lean, distance },
		depth
	);
	const foot = laptop
		? { x: x - depth, y: footY, width: depth, height: LAPTOP_BASE_MM }
		: { x: x - depth / 2, y: footY, width: depth, height: MONITOR_FOOT_MM };
	const onScreen = (y: number) => point(x + (y - lowY) * lean, y);
	return { kind, foot, top: onScreen(topY), bottom: onScreen(lowY), middle: onScreen(middleY) };
}

function seatOf(corner: Corner, setUp: SetUp): DrawnFurniture['seat'] {
	const { seat, posture } = corner.spot;
	if (!seat || posture === 'standing') return null;
	const back = 0.27 * corner.person.stature;
	const kind = seatKindOrChair(seat);
	const { hasBack } = SEAT_RULES[kind];
	const depth = (hasBack ? seat.depth : undefined) ?? DRAWN_DEPTH_MM[kind];
	const leans = hasBack ? seat.backrest === true : kind === 'wheelchair' || kind === 'sofa';
	// A sofa and a bed reach down to the floor.
	const thickness = SEAT_RULES[kind].isForWork ? SEAT_SLAB_MM : Math.max(SEAT_SLAB_MM, setUp.seat - 40);
	return {
		kind,
		slab: { x: -22, y: setUp.seat - thickness, width: depth + 22, height: thickness },
		back: leans ? [point(-30, setUp.seat + 120), point(-62, setUp.seat + 120 + back)] : null,
		lumbar: seat.lumbar,
		castors: seat.castors
	};
}

/** The household item of which a plan's item is a copy. */
export function itemOfPiece(corner: Pick<Corner, 'household'>, id: string): HouseholdItem {
	const item = corner.household.find((h) => pieceIds(h.id, h.count ?? 1).includes(id));
	if (!item) throw new RangeError(`The household has no piece ${id}`);
	return item;
}

interface Ground {
	readonly middleX: number;
	readonly y: number;
}

/** The base of each stack: below the middle of what it carries, on the floor, the seat or the surface. */
function grounds(
	p: Posture,
	setUp: SetUp,
	screen: DrawnFurniture['screen'],
	keys: Rectangle
): Readonly<Record<Station, Ground>> {
	return {
		seat: { middleX: 0.11 * p.stature, y: setUp.seat },
		feet: { middleX: p.ankle.x + 0.035 * p.stature, y: 0 },
		keys: { middleX: keys.x + keys.width / 2, y: setUp.surface },
		mouse: { middleX: keys.x + keys.width / 2 + 30, y: setUp.surface },
		screen: { middleX: screen.foot.x + screen.foot.width / 2, y: setUp.surface }
	};
}

/** The share of its planned rise that a stack has: re-measured pads rise more or less than planned. */
function shareOfRise(plan: Plan, setUp: SetUp, station: Station): number {
	const planned = plan.stations[station].rise;
	const actual: Partial<Record<Station, number>> = { seat: setUp.pads, feet: setUp.feet, keys: setUp.keys };
	return planned > 0 ? Math.max(0.1, (actual[station] ?? planned) / planned) : 1;
}

function piecesOf(
	corner: Corner,
	plan: Plan,
	setUp: SetUp,
	at: Readonly<Record<Station, Ground>>
): DrawnPiece[] {
	const drawn: DrawnPiece[] = [];
	for (const station of ['seat', 'feet', 'mouse', 'keys', 'screen'] as const) {
		const share = shareOfRise(plan, setUp, station);
		let y = at[station].y;
		for (const piece of plan.stations[station].pieces) {
			const { kind, label } = itemOfPiece(corner, piece.id);
			// The longer side runs across, as the screen's base and both feet do: the shorter one is visible.
			const width = Math.min(piece.size[1], 520);
			drawn.push({
				station,
				id: piece.id,
				kind,
				label,
				x: at[station].middleX - width / 2,
				y,
				width,
				height: piece.rise * share
			});
			y += piece.rise * share;
		}
	}
	return drawn;
}

/**
 * Furniture, screen, keyboard and stacks of a workstation in the side view.
 * @param distanceMm eye to the middle of the screen
 */
export function drawnFurniture(
	corner: Corner,
	p: Posture,
	setUp: SetUp,
	plan: Plan | null,
	distanceMm: number
): DrawnFurniture {
	const surface = surfaceBox(corner, p, setUp);
	const screen = screenOf(corner, p, setUp, surface, plan, distanceMm);
	const keysGround = setUp.surface + keysOverSurfaceMm(corner);
	const keys = {
		x: keysFront(corner, p),
		y: keysGround + setUp.keys,
		width: keysDepth(corner),
		height: corner.spot.keys.homeRow
	};
	const separate = corner.spot.keys.kind === 'separate';
	const mouseY = keysGround + (plan?.stations.mouse.rise ?? 0);
	const { tray } = corner.spot.keys;
	const bar = footBarOf(corner);
	return {
		seat: seatOf(corner, setUp),
		surface,
		screen,
		keys: separate ? keys : null,
		mouse: corner.spot.mouse === 'separate' ? { x: keys.x + keys.width + 12, y: mouseY, ...MOUSE } : null,
		tray: tray
			? {
					x: keys.x - PALM_ROOM_MM,
					y: keysGround - tray.thickness,
					width: keys.width + 2 * PALM_ROOM_MM,
					height: tray.thickness
				}
			: null,
		footBar:
			bar === null
				? null
				: { x: p.ankle.x - 10, y: bar - FOOT_BAR_MM, width: 2 * FOOT_BAR_MM, height: FOOT_BAR_MM },
		pieces: plan ? piecesOf(corner, plan, setUp, grounds(p, setUp, screen, keys)) : []
	};
}

/** Angle of the line of sight below the horizontal, degrees, from the drawn eye to the middle of the screen. */
export function drawnGazeAngle(p: Posture, { middle }: DrawnFurniture['screen']): number {
	return gazeAngle(p.eye.y - middle.y, distance(p.eye, middle));
}
