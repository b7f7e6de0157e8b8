import type { Region } from '$lib/core/discomfort';

/** A place on the figure that can be touched, px of the drawing. */
export interface FigurePlace {
	/** Name as the list has it: `neck`, `shoulder-left`. */
	readonly name: string;
	readonly view: 'front' | 'back';
	readonly x: number;
	readonly y: number;
	readonly rx: number;
	readonly ry: number;
}

/** Half of the outline, from the crown down the side and up the inside of the leg: across from the middle, down. */
export const HALF_OUTLINE: readonly (readonly [number, number])[] = [
	[0, 6],
	[13, 10],
	[19, 26],
	[16, 42],
	[9, 51],
	[9, 61],
	[16, 68],
	[38, 74],
	[49, 86],
	[52, 112],
	[55, 142],
	[60, 172],
	[65, 203],
	[70, 222],
	[66, 238],
	[58, 236],
	[56, 208],
	[48, 176],
	[43, 148],
	[38, 112],
	[35, 132],
	[32, 152],
	[38, 178],
	[41, 204],
	[37, 244],
	[31, 272],
	[32, 300],
	[25, 334],
	[31, 348],
	[18, 352],
	[13, 338],
	[12, 300],
	[11, 272],
	[6, 222],
	[0, 206]
];

/** The whole outline about the middle of a view, px. */
export const outlineOf = (middle: number) =>
	[
		...HALF_OUTLINE,
		...HALF_OUTLINE.slice(1, -1)
			.reverse()
			.map(([x, y]) => [-x, y] as const)
	].map(([x, y]) => ({ x: middle + x, y }));

/** Width and height of one view, px; the middle of the person is in its middle. */
export const VIEW = { width: 176, height: 374 } as const;

type Spot = readonly [across: number, down: number, rx: number, ry: number];

/** Places in the middle of the body, by the view that shows them. */
const MIDDLE: readonly (readonly ['front' | 'back', Region, Spot])[] = [
	['front', 'eyes', [0, 28, 15, 8]],
	['front', 'neck', [0, 60, 12, 9]],
	['back', 'head', [0, 25, 17, 18]],
	['back', 'neck', [0, 59, 12, 10]],
	['back', 'upper-back', [0, 104, 27, 24]],
	['back', 'low-back', [0, 164, 29, 20]]
];

/** Places with a left and a right, the same in both views. */
const SIDED: readonly (readonly [Region, Spot])[] = [
	['shoulder', [40, 85, 13, 13]],
	['elbow', [49, 148, 11, 14]],
	['wrist-hand', [62, 218, 12, 18]],
	['hip-thigh', [25, 214, 14, 26]],
	['knee', [21, 274, 12, 14]],
	['ankle-foot', [21, 340, 13, 14]]
];

/**
 * Every place of both views. Seen from the front the person's right is on the left of the drawing; from behind it is on
 * the right.
 */
export const FIGURE_PLACES: readonly FigurePlace[] = [
	...MIDDLE.map(([view, region, [x, y, rx, ry]]): FigurePlace => ({ name: region, view, x, y, rx, ry })),
	...(['front', 'back'] as const).flatMap((view) =>
		SIDED.flatMap(([region, [across, y, rx, ry]]) =>
			([1, -1] as const).map((side): FigurePlace => {
				const isLeft = (view === 'front') === (side === 1);
				return { name: `${region}-${isLeft ? 'left' : 'right'}`, view, x: side * across, y, rx, ry };
			})
		)
	)
];
