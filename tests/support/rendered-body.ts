import { A4_MM, BANK_CARD_MM } from '$lib/core/body/measuring/known-lengths';
import { pictureOf, type Camera, type SpacePoint } from '$lib/core/body/side-photo/camera';
import { ASIDE_OF_STATURE, SCALE_ASIDE_OF_STATURE } from '$lib/core/body/side-photo/depths';
import {
	PHOTO_JOINTS,
	type PhotoJoint,
	type PhotoMarks,
	type PhotoScale,
	type PicturePoint,
	type SheetCorners
} from '$lib/core/body/side-photo/marks';
import { findSheetCorners, type GreyPicture } from '$lib/core/body/side-photo/find-sheet-corners';
import type { Dice } from '../../seed/random';

/** How a body is drawn and photographed. */
export interface RenderedView {
	readonly marks: PhotoMarks;
	readonly person: { readonly stature: number; readonly heel: number; readonly sex: 'unstated' };
	/** The body's own points in its plane, mm, x forwards. */
	readonly truth: Readonly<Record<PhotoJoint | 'floor' | 'seat', { readonly x: number; readonly y: number }>>;
	readonly camera: Camera;
}

/** What a view varies besides body and camera. */
export interface ViewOptions {
	readonly scale: PhotoScale;
	/** Whether the file says the focal length. */
	readonly isFocalKnown: boolean;
	/** How far marks are off, standard deviation in pixels. */
	readonly markPx: number;
	/** How far a joint is looked for from where it is, standard deviation in mm. */
	readonly placingMm: number;
	readonly isStanding?: boolean;
	/** How many upright lines are marked, two at most; both if left out. */
	readonly uprights?: number;
	/** The sheet's edges are looked for in the picture; otherwise its corners are as good as they are marked. */
	readonly findsEdges?: boolean;
}

const RAD = Math.PI / 180;
const [WIDTH, HEIGHT] = [3000, 2250];

/** A draw of the normal distribution. */
function normal(dice: Dice, sd: number): number {
	const u = dice.int(1, 1_000_000) / 1_000_001;
	const v = dice.int(0, 1_000_000) / 1_000_001;
	return sd * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * v);
}

const between = (dice: Dice, from: number, to: number) => from + ((to - from) * dice.int(0, 10_000)) / 10_000;

/** A point at a length from another, at an angle from straight up, degrees forwards. */
const along = (from: { x: number; y: number }, length: number, degrees: number) => ({
	x: from.x + length * Math.sin(degrees * RAD),
	y: from.y + length * Math.cos(degrees * RAD)
});

/** A body of some stature in some posture: segments by Drillis and Contini's shares, each person's own a little longer or shorter. */
function bodyOf(dice: Dice, isStanding: boolean) {
	const stature = dice.int(1500, 1950);
	const own = (share: number) => share * stature * (1 + normal(dice, 0.03));
	const trunk = isStanding ? between(dice, -5, 10) : between(dice, -20, 20);
	const hip = { x: 0, y: 0 };
	const shoulder = along(hip, own(0.288), trunk);
	const neck = along(hip, own(0.31), trunk - 3);
	const ear = along(neck, own(0.09), trunk + between(dice, 15, 60));
	const eye = along(ear, own(0.045), between(dice, 60, 110));
	const upperArm = between(dice, 130, 185);
	const elbow = along(shoulder, own(0.186), upperArm);
	const forearm = between(dice, 75, 120);
	const wrist = along(elbow, own(0.146), forearm);
	const knuckle = along(wrist, own(0.05), forearm + between(dice, -30, 25));
	const thigh = isStanding ? between(dice, 172, 182) : between(dice, 80, 105);
	const knee = along(hip, own(0.245), thigh);
	const ankle = along(knee, own(0.246), isStanding ? between(dice, 176, 186) : between(dice, 150, 210));
	const floor = { x: ankle.x - 30, y: ankle.y - own(0.039) };
	const seat = { x: 60, y: -own(0.05) };
	const all = { eye, ear, neck, shoulder, elbow, wrist, knuckle, hip, knee, ankle, floor, seat };
	const truth = Object.fromEntries(
		Object.entries(all).map(([name, { x, y }]) => [name, { x, y: y - floor.y }])
	) as RenderedView['truth'];
	return { stature, truth };
}

/** A white sheet before a grey wall with a shade, blurred by a pixel and with the noise of a camera indoors. */
export function pictureOfSheet(dice: Dice, corners: SheetCorners): GreyPicture {
	const data = new Uint8Array(WIDTH * HEIGHT).fill(110);
	const xs = corners.map(({ x }) => x);
	const ys = corners.map(({ y }) => y);
	const room = 60;
	const [left, right] = [
		Math.max(0, Math.floor(Math.min(...xs)) - room),
		Math.min(WIDTH, Math.max(...xs) + room)
	];
	const [top, bottom] = [
		Math.max(0, Math.floor(Math.min(...ys)) - room),
		Math.min(HEIGHT, Math.max(...ys) + room)
	];
	const [a, b, c] = corners;
	const around = Math.sign((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x));
	const edges = corners.map((from, i) => {
		const to = corners[(i + 1) % 4]!;
		const length = Math.hypot(to.x - from.x, to.y - from.y);
		const [across, up] = [(-around * (to.y - from.y)) / length, (around * (to.x - from.x)) / length];
		return { across, up, offset: across * from.x + up * from.y };
	});
	/** How far inside the sheet, px; negative outside. */
	const depth = (x: number, y: number) => {
		let least = Infinity;
		for (const { across, up, offset } of edges) least = Math.min(least, across * x + up * y - offset);
		return least;
	};
	/** How much of a pixel the sheet covers, in sixteenths. */
	const covered = (x: number, y: number) => {
		const middle = depth(x, y);
		if (Math.abs(middle) > 1) return middle > 0 ? 16 : 0;
		let inside = 0;
		for (let i = 0; i < 16; i += 1)
			if (depth(x - 0.375 + (i % 4) / 4, y - 0.375 + Math.floor(i / 4) / 4) >= 0) inside += 1;
		return inside;
	};
	for (let y = top; y < bottom; y += 1)
		for (let x = left; x < right; x += 1) {
			const inside = covered(x, y);
			const wall = 100 + ((x - left) / (right - left)) * 40;
			const light = wall + (inside / 16) * (225 - wall) + (dice.int(-6, 6) + dice.int(-6, 6)) / 2;
			data[y * WIDTH + x] = Math.round(Math.min(255, Math.max(0, light)));
		}
	return { width: WIDTH, height: HEIGHT, data };
}

/**
 * A random body seen by a random camera from 1.5 to 4 m away, turned and tilted by up to 15° in all: what a person with a good eye would mark
 * in its picture, and the body itself.
 */
export function renderedView(dice: Dice, options: ViewOptions): RenderedView {
	const { stature, truth } = bodyOf(dice, options.isStanding ?? false);
	const distanceMm = between(dice, 1500, 4000);
	const off = between(dice, 0, 15) * RAD;
	const direction = between(dice, 0, 360) * RAD;
	const focalMm = options.isFocalKnown
		? between(dice, 23, 50)
		: Math.min(30, Math.max(22, 26 + normal(dice, 2)));
	const focalPx =
		(focalMm * (1 + (options.isFocalKnown ? normal(dice, 0.01) : 0)) * Math.hypot(WIDTH, HEIGHT)) / 43.27;
	const yaw = off * Math.cos(direction);
	const pitch = off * Math.sin(direction);
	const camera: Camera = {
		yaw,
		pitch,
		roll: normal(dice, 1.5) * RAD,
		distanceMm,
		focalPx,
		distortion: normal(dice, 0.015),
		centre: { x: WIDTH / 2, y: HEIGHT / 2 }
	};
	// Aimed so that the middle of the body is in the middle of the picture.
	const middle = { x: 150, y: options.isStanding ? 850 : 650 };
	const aim = { x: Math.tan(yaw) * distanceMm, y: Math.tan(pitch) * distanceMm };
	const [body, arm] = [normal(dice, 20), normal(dice, 15)];
	const seen = (name: keyof typeof ASIDE_OF_STATURE, at: { x: number; y: number }): SpacePoint => {
		const isArm = name === 'elbow' || name === 'wrist' || name === 'knuckle';
		return {
			x: at.x - middle.x + aim.x,
			y: at.y - middle.y - aim.y,
			z:
				(ASIDE_OF_STATURE[name] - SCALE_ASIDE_OF_STATURE) * stature +
				body +
				(isArm ? arm : 0) +
				normal(dice, 8)
		};
	};
	const marked = ({ x, y }: PicturePoint): PicturePoint => ({
		x: x + normal(dice, options.markPx),
		y: y + normal(dice, options.markPx)
	});
	const mark = (p: SpacePoint) => marked(pictureOf(camera, p));
	const point = (name: keyof typeof ASIDE_OF_STATURE) => {
		const { x, y } = truth[name];
		return mark(
			seen(name, { x: x + normal(dice, options.placingMm), y: y + normal(dice, options.placingMm) })
		);
	};
	const inRoom = (x: number, y: number, z: number) => ({
		x: x - middle.x + aim.x,
		y: y - middle.y - aim.y,
		z
	});
	const at = (x: number, y: number, z: number) => mark(inRoom(x, y, z));
	const sheet = options.scale === 'card' ? BANK_CARD_MM : A4_MM;
	const turned = normal(dice, 10) * RAD;
	const [aside, tilted] = [normal(dice, 2) * RAD, normal(dice, 2) * RAD];
	const corner = (u: number, v: number): PicturePoint => {
		const across = u * Math.cos(turned) - v * Math.sin(turned);
		const up = u * Math.sin(turned) + v * Math.cos(turned);
		return pictureOf(
			camera,
			inRoom(
				250 + across * Math.cos(aside),
				truth.hip.y + up * Math.cos(tilted),
				across * Math.sin(aside) + up * Math.sin(tilted)
			)
		);
	};
	const [w, h] = [sheet.long / 2, sheet.short / 2];
	const corners: SheetCorners = [corner(-w, h), corner(w, h), corner(w, -h), corner(-w, -h)];
	const byHand = corners.map(marked) as unknown as SheetCorners;
	const found = options.findsEdges ? findSheetCorners(pictureOfSheet(dice, corners), byHand) : null;
	const tableMm = dice.int(680, 780);
	const uprights = [
		[at(-400, 1700, -350), at(-400, 300, -350)],
		[at(900, 1700, -300), at(900, 300, -300)]
	] as const;
	return {
		camera,
		truth,
		person: { stature, heel: 0, sex: 'unstated' },
		marks: {
			widthPx: WIDTH,
			heightPx: HEIGHT,
			joints: Object.fromEntries(PHOTO_JOINTS.map((name) => [name, point(name)])) as PhotoMarks['joints'],
			floor: point('floor'),
			seat: options.isStanding ? null : point('seat'),
			scale:
				options.scale === 'table'
					? {
							kind: 'table',
							top: at(350, tableMm, normal(dice, 25)),
							heightMm: tableMm + normal(dice, 4),
							sdMm: 4
						}
					: { kind: options.scale, corners: byHand, ...found },
			uprights: uprights.slice(0, options.uprights ?? 2),
			focalMm: options.isFocalKnown ? focalMm : null
		}
	};
}
