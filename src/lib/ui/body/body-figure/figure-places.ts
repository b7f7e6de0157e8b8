import { REGIONS, type Region } from '$lib/core/cases/discomfort/regions';

/** A place on the figure that can be touched, px of the drawing. */
export interface FigurePlace {
	/** Name as in the list: `neck`, `shoulder-left`. */
	readonly name: string;
	readonly view: 'front' | 'back';
	readonly x: number;
	readonly y: number;
	readonly rx: number;
	readonly ry: number;
}

/** Half of the outline, from the crown down the side and up the inside of the leg: distance from the middle, distance from the top. */
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

/** The whole outline around the middle of a view, px. */
export const outlineOf = (middle: number) =>
	[
		...HALF_OUTLINE,
		...HALF_OUTLINE.slice(1, -1)
			.reverse()
			.map(([x, y]) => [-x, y] as const)
	].map(([x, y]) => ({ x: middle + x, y }));

/** Width and height of a view, px; the person is centred. */
export const VIEW = { width: 176, height: 374 } as const;

type Spot = readonly [across: number, down: number, rx: number, ry: number];

/** Where a region is drawn: in the middle of the body in the view that shows it, or on both sides, the same in both views. */
type DrawnRegion = Readonly<Partial<Record<'front' | 'back' | 'sides', Spot>>>;

const DRAWN_REGIONS: Readonly<Record<Region, DrawnRegion>> = {
	head: { back: [0, 25, 17, 18] },
	eyes: { front: [0, 28, 15, 8] },
	neck: { front: [0, 60, 12, 9], back: [0, 59, 12, 10] },
	shoulder: { sides: [40, 85, 13, 13] },
	'upper-back': { back: [0, 104, 27, 24] },
	elbow: { sides: [49, 148, 11, 14] },
	'wrist-hand': { sides: [62, 218, 12, 18] },
	'low-back': { back: [0, 164, 29, 20] },
	'hip-thigh': { sides: [25, 214, 14, 26] },
	knee: { sides: [21, 274, 12, 14] },
	'ankle-foot': { sides: [21, 340, 13, 14] }
};

const VIEWS = ['front', 'back'] as const;

function placesOf(region: Region): FigurePlace[] {
	const drawn = DRAWN_REGIONS[region];
	return VIEWS.flatMap((view) => {
		const middle = drawn[view];
		const places: FigurePlace[] = [];
		if (middle) places.push({ name: region, view, x: middle[0], y: middle[1], rx: middle[2], ry: middle[3] });
		if (drawn.sides) {
			const [across, y, rx, ry] = drawn.sides;
			for (const side of [1, -1]) {
				const isLeft = (view === 'front') === (side === 1);
				places.push({ name: `${region}-${isLeft ? 'left' : 'right'}`, view, x: side * across, y, rx, ry });
			}
		}
		return places;
	});
}

/**
 * Every place of both views, from the head down. From the front, the person's right is on the left of the drawing; from behind, on the
 * right.
 */
export const FIGURE_PLACES: readonly FigurePlace[] = REGIONS.flatMap(placesOf);
