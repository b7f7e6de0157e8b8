import type { Point } from '../../workstation/side-view/geometry';

/** Joints that are marked in a picture taken from the side, from the head down; on the side that faces the camera. */
export const PHOTO_JOINTS = [
	'eye',
	'ear',
	'neck',
	'shoulder',
	'elbow',
	'wrist',
	'knuckle',
	'hip',
	'knee',
	'ankle'
] as const;

/** One of {@link PHOTO_JOINTS}. */
export type PhotoJoint = (typeof PHOTO_JOINTS)[number];

/** Joints that a line connects, as a body has them. */
export const PHOTO_LIMBS = [
	['eye', 'ear', 'neck', 'shoulder', 'elbow', 'wrist', 'knuckle'],
	['shoulder', 'hip', 'knee', 'ankle']
] as const satisfies readonly (readonly PhotoJoint[])[];

/** Pairs of points of something upright. */
export const UPRIGHT_MARKS = [
	['upright1', 'upright2'],
	['upright3', 'upright4']
] as const;

/** The corners of a sheet or card, in order around it. */
export const CORNER_MARKS = ['corner1', 'corner2', 'corner3', 'corner4'] as const;

/** A point that someone marks in a picture. */
export type PhotoMarkName =
	| PhotoJoint
	| (typeof CORNER_MARKS)[number]
	| (typeof UPRIGHT_MARKS)[number][number]
	| 'tableTop'
	| 'floor'
	| 'seat';

/** What in the picture has a known size. */
export const PHOTO_SCALES = ['a4', 'card', 'table'] as const;

/** One of {@link PHOTO_SCALES}. */
export type PhotoScale = (typeof PHOTO_SCALES)[number];

/** A point of the picture: pixels right of and below its upper left corner. */
export type PicturePoint = Point;

/** The corners of a sheet or card in order around it, from any. */
export type SheetCorners = readonly [PicturePoint, PicturePoint, PicturePoint, PicturePoint];

/** A sheet or card in the picture. */
export interface FlatScale {
	readonly kind: Exclude<PhotoScale, 'table'>;
	readonly corners: SheetCorners;
	/** Standard deviation of a corner where its edges were found in the picture (`findSheetCorners`), px; left out where it was not. */
	readonly sdPx?: number;
}

/** A table of known height: the upper side of its edge beside the person. */
export interface TableScale {
	readonly kind: 'table';
	readonly top: PicturePoint;
	readonly heightMm: number;
	/** Standard deviation of the height, mm. */
	readonly sdMm: number;
}

/** Everything marked in a picture. */
export interface PhotoMarks {
	readonly widthPx: number;
	readonly heightPx: number;
	readonly joints: Readonly<Record<PhotoJoint, PicturePoint>>;
	/** The floor under the person's heel. */
	readonly floor: PicturePoint;
	/** The seat under the person's thigh; null standing. */
	readonly seat: PicturePoint | null;
	readonly scale: FlatScale | TableScale;
	/**
	 * Two points each of what is upright, such as the sides of a door frame; none where there is nothing. One says how the camera was held
	 * askew, two apart from each other also how it was tilted.
	 */
	readonly uprights: readonly (readonly [PicturePoint, PicturePoint])[];
	/** Focal length as a 35 mm camera's, mm, where the file says it; otherwise that of most phones is assumed. */
	readonly focalMm: number | null;
}
