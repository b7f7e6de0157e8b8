import { A4_MM, BANK_CARD_MM } from '../measuring/known-lengths';
import { pictureOf, type Camera } from './camera';
import { ASIDE_OF_STATURE, DEPTH_SD_MM, SCALE_ASIDE_OF_STATURE } from './depths';
import { leastSquares, type Fit } from './least-squares';
import type { FlatScale, PhotoMarks, PicturePoint, TableScale } from './marks';

const RAD = Math.PI / 180;

/** What is known of a camera held by a person or put on a shelf, before anything is marked. Our working assumptions. */
const CAMERA_SD = {
	yaw: 8 * RAD,
	pitch: 6 * RAD,
	roll: 2 * RAD,
	/** Of the logarithm. */
	distance: 0.6,
	distortion: 0.02
} as const;

const USUAL_DISTANCE_MM = 2500;

/** Most phones' main camera as a 35 mm camera's, mm, and how far phones differ from it, as a share. From memory. */
const USUAL_FOCAL = { mm: 26, sd: 0.1 } as const;

/** The same where the file says it: how exact that is, as a share. */
const STATED_FOCAL_SD = 0.02;

/** Diagonal of a 35 mm picture, mm. */
const FILM_DIAGONAL_MM = 43.27;

/** How far a sheet that is held or leaned stands off the picture's plane, rad. Our assumption. */
const SHEET_TILT_SD = 3 * RAD;

/** Beyond what a camera could show, mm. */
const ANYWHERE_MM = 3000;

/** How exactly a point is marked with the magnifier, as a share of the picture's longer side; a pixel at least. */
const MARK_SD = 1 / 2000;

/** How exactly a point of this picture is marked, px. */
export const markSdPx = ({ widthPx, heightPx }: PhotoMarks): number =>
	Math.max(1, Math.max(widthPx, heightPx) * MARK_SD);

/** The camera's parameters in the order of a fit. */
const CAMERA_PARAMETERS = 6;

/** The camera of fitted parameters. */
export function cameraAt(marks: PhotoMarks, at: readonly number[]): Camera {
	const [yaw = 0, pitch = 0, roll = 0, logDistance = 0, logFocal = 0, distortion = 0] = at;
	return {
		yaw,
		pitch,
		roll,
		distanceMm: Math.exp(logDistance),
		focalPx: Math.exp(logFocal),
		distortion,
		centre: { x: marks.widthPx / 2, y: marks.heightPx / 2 }
	};
}

/** A parameter: where it starts, and the mean and standard deviation that are known beforehand. */
interface Parameter {
	readonly start: number;
	readonly mean: number;
	readonly sd: number;
}

const known = (mean: number, sd: number): Parameter => ({ start: mean, mean, sd });

/** A part of what was marked: parameters of its own, and where they put its points in the picture. */
interface Part {
	readonly parameters: readonly Parameter[];
	readonly seen: readonly PicturePoint[];
	/** How exactly its points are known, px. */
	readonly sdPx: number;
	place(camera: Camera, at: readonly number[]): PicturePoint[];
}

const between = (a: PicturePoint, b: PicturePoint) => Math.hypot(a.x - b.x, a.y - b.y);

/** A part that says how far away the camera is. */
type ScalePart = Part & { readonly distanceMm: number };

function sheetPart({ kind, corners, sdPx }: FlatScale, start: Camera, markPx: number): ScalePart {
	const size = kind === 'a4' ? A4_MM : BANK_CARD_MM;
	const [c0, c1, c2, c3] = corners;
	const first = between(c0, c1) + between(c2, c3);
	const second = between(c1, c2) + between(c3, c0);
	const [a, b] = first >= second ? [size.long, size.short] : [size.short, size.long];
	const distanceMm = (2 * start.focalPx * (a + b)) / (first + second);
	// Upwards is less in a picture.
	const turn = Math.sign((c1.x - c0.x) * (c0.y - c2.y) - (c2.x - c0.x) * (c0.y - c1.y)) || 1;
	const perMm = start.focalPx / distanceMm;
	const middle = {
		x: (c0.x + c1.x + c2.x + c3.x) / 4 - start.centre.x,
		y: start.centre.y - (c0.y + c1.y + c2.y + c3.y) / 4
	};
	const angle = Math.atan2(c0.y - c1.y, c1.x - c0.x);
	const own = [
		[-a / 2, (-turn * b) / 2],
		[a / 2, (-turn * b) / 2],
		[a / 2, (turn * b) / 2],
		[-a / 2, (turn * b) / 2]
	] as const;
	return {
		distanceMm,
		parameters: [
			{ start: middle.x / perMm, mean: 0, sd: ANYWHERE_MM },
			{ start: middle.y / perMm, mean: 0, sd: ANYWHERE_MM },
			{ start: angle, mean: angle, sd: 1 },
			known(0, SHEET_TILT_SD),
			known(0, SHEET_TILT_SD)
		],
		seen: corners,
		sdPx: sdPx ?? markPx,
		place: (camera, [x = 0, y = 0, turned = 0, aside = 0, tilted = 0]) =>
			own.map(([u, v]) => {
				const across = u * Math.cos(turned) - v * Math.sin(turned);
				const up = u * Math.sin(turned) + v * Math.cos(turned);
				return pictureOf(camera, {
					x: x + across * Math.cos(aside),
					y: y + up * Math.cos(tilted),
					z: across * Math.sin(aside) + up * Math.sin(tilted)
				});
			})
	};
}

/** The table's edge above the floor under the heel. */
function tablePart(
	scale: TableScale,
	floor: PicturePoint,
	statureMm: number,
	start: Camera,
	markPx: number
): ScalePart {
	const distanceMm = (start.focalPx * scale.heightMm) / (Math.abs(scale.top.y - floor.y) || 1);
	const perMm = start.focalPx / distanceMm;
	const across = (p: PicturePoint) => (p.x - start.centre.x) / perMm;
	const heel = (ASIDE_OF_STATURE.floor - SCALE_ASIDE_OF_STATURE) * statureMm;
	return {
		distanceMm,
		parameters: [
			{ start: across(floor), mean: 0, sd: ANYWHERE_MM },
			{ start: (start.centre.y - floor.y) / perMm, mean: 0, sd: ANYWHERE_MM },
			known(heel, DEPTH_SD_MM.body),
			{ start: across(scale.top), mean: 0, sd: ANYWHERE_MM },
			known(0, 2 * DEPTH_SD_MM.body),
			known(scale.heightMm, scale.sdMm)
		],
		seen: [floor, scale.top],
		sdPx: markPx,
		place: (camera, [x = 0, y = 0, z = 0, topX = 0, topZ = 0, height = 0]) => [
			pictureOf(camera, { x, y, z }),
			pictureOf(camera, { x: topX, y: y + height, z: topZ })
		]
	};
}

/** Something upright behind the person stands off the plane by up to this, mm. */
const UPRIGHT_DEPTH = { mean: -300, sd: 500 } as const;

function uprightPart(
	[a, b]: readonly [PicturePoint, PicturePoint],
	start: Camera,
	distanceMm: number,
	markPx: number
): Part {
	const perMm = start.focalPx / distanceMm;
	const place = (p: PicturePoint) => ({
		x: (p.x - start.centre.x) / perMm,
		y: (start.centre.y - p.y) / perMm
	});
	const [top, foot] = [place(a), place(b)];
	const free = (at: number): Parameter => ({ start: at, mean: 0, sd: 2 * ANYWHERE_MM });
	return {
		parameters: [
			free((top.x + foot.x) / 2),
			free(top.y),
			free(foot.y),
			known(UPRIGHT_DEPTH.mean, UPRIGHT_DEPTH.sd)
		],
		seen: [a, b],
		sdPx: markPx,
		place: (camera, [x = 0, y1 = 0, y2 = 0, z = 0]) => [
			pictureOf(camera, { x, y: y1, z }),
			pictureOf(camera, { x, y: y2, z })
		]
	};
}

/** Turned one way or the other: a small sheet looks nearly the same, and the better fit is taken. */
const START_YAWS = [0, 8 * RAD, -8 * RAD];

/** A fitted camera, with how well what was marked agrees with it. */
export interface CameraFit extends Fit {
	readonly camera: Camera;
}

/**
 * The camera that took a picture: the most probable one by what is known beforehand and what was marked. The size of the sheet, the card or
 * the table gives the distance, the shape of a sheet in perspective how far the camera is turned, and what is upright how far it is held askew
 * and tilted. What the marks don't say stays as uncertain as it was.
 * @param statureMm the person's height, mm
 */
export function fitCamera(marks: PhotoMarks, statureMm: number): CameraFit {
	const diagonal = Math.hypot(marks.widthPx, marks.heightPx);
	const focalPx = ((marks.focalMm ?? USUAL_FOCAL.mm) * diagonal) / FILM_DIAGONAL_MM;
	const focalSd = marks.focalMm === null ? USUAL_FOCAL.sd : STATED_FOCAL_SD;
	const markPx = markSdPx(marks);
	const straight = cameraAt(marks, [0, 0, 0, Math.log(USUAL_DISTANCE_MM), Math.log(focalPx), 0]);
	const scale =
		marks.scale.kind === 'table'
			? tablePart(marks.scale, marks.floor, statureMm, straight, markPx)
			: sheetPart(marks.scale, straight, markPx);
	const parts: Part[] = [
		scale,
		...marks.uprights.map((pair) => uprightPart(pair, straight, scale.distanceMm, markPx))
	];
	const parameters: Parameter[] = [
		known(0, CAMERA_SD.yaw),
		known(0, CAMERA_SD.pitch),
		known(0, CAMERA_SD.roll),
		{ start: Math.log(scale.distanceMm), mean: Math.log(USUAL_DISTANCE_MM), sd: CAMERA_SD.distance },
		known(Math.log(focalPx), focalSd),
		known(0, CAMERA_SD.distortion),
		...parts.flatMap((part) => part.parameters)
	];
	const residuals = (at: readonly number[]) => {
		const camera = cameraAt(marks, at);
		let from = CAMERA_PARAMETERS;
		const off = parts.flatMap((part) => {
			const placed = part.place(camera, at.slice(from, (from += part.parameters.length)));
			return part.seen.flatMap(({ x, y }, i) => [
				(placed[i]!.x - x) / part.sdPx,
				(placed[i]!.y - y) / part.sdPx
			]);
		});
		return [...off, ...parameters.map(({ mean, sd }, i) => (at[i]! - mean) / sd)];
	};
	const scales = parameters.map(({ sd }) => sd);
	const starts = marks.scale.kind === 'table' ? START_YAWS.slice(0, 1) : START_YAWS;
	const fits = starts.map((yaw) =>
		leastSquares(residuals, [yaw, ...parameters.slice(1).map(({ start }) => start)], scales)
	);
	const best = fits.reduce((one, other) => (other.cost < one.cost ? other : one));
	return { ...best, camera: cameraAt(marks, best.at) };
}
