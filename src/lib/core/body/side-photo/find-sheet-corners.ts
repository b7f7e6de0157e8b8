import type { PicturePoint, SheetCorners } from './marks';

/** How bright a picture is at each pixel, by rows from the top, 0 to 255. */
export interface GreyPicture {
	readonly width: number;
	readonly height: number;
	readonly data: Uint8Array | Uint8ClampedArray;
}

/** Corners found in a picture, with their standard deviation, px. */
export interface FoundCorners {
	readonly corners: SheetCorners;
	readonly sdPx: number;
}

/** Places along an edge where it is looked for: not near the corners, where two edges meet. */
const PLACES = 48;
const [FIRST, LAST] = [0.08, 0.92];

/** How far across the marked edge it is looked for, as a share of the sheet's shorter side; and in pixels. */
const ACROSS = { share: 0.12, leastPx: 4, mostPx: 24 } as const;

/** A change of brightness per pixel below this is no edge. */
const LEAST_STEEPNESS = 3;

/** Share of an edge's places that must lie on one straight line. */
const LEAST_AGREEING = 0.5;

/** Points farther from the line are no part of the edge, px. */
const OFF_LINE_PX = 1.5;

/** Nothing is known more exactly: blur, the lens and the sheet's own bend, px. Our assumption. */
const LEAST_SD_PX = 0.3;

/** Brightness between pixels; that of the nearest one outside the picture. */
function brightness({ width, height, data }: GreyPicture, x: number, y: number): number {
	const [cx, cy] = [Math.min(Math.max(x, 0), width - 1.001), Math.min(Math.max(y, 0), height - 1.001)];
	const [x0, y0] = [Math.floor(cx), Math.floor(cy)];
	const [dx, dy] = [cx - x0, cy - y0];
	const at = (i: number, j: number) => data[(y0 + j) * width + x0 + i] ?? 0;
	return (at(0, 0) * (1 - dx) + at(1, 0) * dx) * (1 - dy) + (at(0, 1) * (1 - dx) + at(1, 1) * dx) * dy;
}

/** A straight line: points p with `normal · p = offset`. */
interface Line {
	readonly normal: PicturePoint;
	readonly offset: number;
	/** Standard deviation of one point from it, px, and how many there are. */
	readonly sdPx: number;
	readonly points: number;
}

/** Where brightness changes most on a short way across a marked edge; null where there is no edge. */
function steepest(
	picture: GreyPicture,
	from: PicturePoint,
	across: PicturePoint,
	reachPx: number
): PicturePoint | null {
	const profile = Array.from({ length: 2 * reachPx + 1 }, (_, i) =>
		brightness(picture, from.x + across.x * (i - reachPx), from.y + across.y * (i - reachPx))
	);
	const slopes = profile.map(
		(_, i) => Math.abs((profile[i + 1] ?? profile[i]!) - (profile[i - 1] ?? profile[i]!)) / 2
	);
	let best = 1;
	for (let i = 1; i < slopes.length - 1; i += 1) if (slopes[i]! > slopes[best]!) best = i;
	if (slopes[best]! < LEAST_STEEPNESS) return null;
	// Between pixels: the top of the parabola through the three slopes.
	const [before, at, after] = [slopes[best - 1]!, slopes[best]!, slopes[best + 1]!];
	const bend = before - 2 * at + after;
	const shift = bend === 0 ? 0 : Math.min(Math.max((before - after) / (2 * bend), -0.5), 0.5);
	const by = best + shift - reachPx;
	return { x: from.x + across.x * by, y: from.y + across.y * by };
}

/** The line through most of the points. */
function lineThrough(points: readonly PicturePoint[]): Line | null {
	let kept = points;
	for (let round = 0; round < 6; round += 1) {
		if (kept.length < 4) return null;
		const mean = {
			x: kept.reduce((sum, p) => sum + p.x, 0) / kept.length,
			y: kept.reduce((sum, p) => sum + p.y, 0) / kept.length
		};
		let [xx, xy, yy] = [0, 0, 0];
		for (const p of kept) {
			xx += (p.x - mean.x) ** 2;
			xy += (p.x - mean.x) * (p.y - mean.y);
			yy += (p.y - mean.y) ** 2;
		}
		const along = Math.atan2(2 * xy, xx - yy) / 2;
		const normal = { x: -Math.sin(along), y: Math.cos(along) };
		const offset = normal.x * mean.x + normal.y * mean.y;
		const awayOf = (p: PicturePoint) => normal.x * p.x + normal.y * p.y - offset;
		const away = kept.map(awayOf);
		const sdPx = Math.sqrt(away.reduce((sum, d) => sum + d * d, 0) / Math.max(1, kept.length - 2));
		const near = points.filter((p) => Math.abs(awayOf(p)) <= Math.max(OFF_LINE_PX, 0.5 * sdPx));
		if (near.length === kept.length && near.every((p) => kept.includes(p)))
			return kept.length < LEAST_AGREEING * PLACES ? null : { normal, offset, sdPx, points: kept.length };
		kept = near;
	}
	return null;
}

function crossing(a: Line, b: Line): PicturePoint | null {
	const turned = a.normal.x * b.normal.y - a.normal.y * b.normal.x;
	if (Math.abs(turned) < 0.2) return null;
	return {
		x: (a.offset * b.normal.y - b.offset * a.normal.y) / turned,
		y: (b.offset * a.normal.x - a.offset * b.normal.x) / turned
	};
}

/**
 * The corners of a sheet or card to a fraction of a pixel: each edge is looked for across the line between two marked corners, and where two
 * edges cross is a corner. In perspective, that says far better how the camera was turned than any hand could mark.
 * @param marked the corners as marked, in order around the sheet, at most some pixels off
 * @returns null where an edge doesn't stand out from its background
 */
export function findSheetCorners(picture: GreyPicture, marked: SheetCorners): FoundCorners | null {
	const sides = marked.map((from, i) => {
		const to = marked[(i + 1) % 4]!;
		return { from, to, length: Math.hypot(to.x - from.x, to.y - from.y) };
	});
	const shortest = Math.min(...sides.map(({ length }) => length));
	const reachPx = Math.round(Math.min(Math.max(shortest * ACROSS.share, ACROSS.leastPx), ACROSS.mostPx));
	if (shortest < 2 * reachPx) return null;
	const lines = sides.map(({ from, to, length }) => {
		const across = { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
		const points = Array.from(
			{ length: PLACES },
			(_, i) => FIRST + ((LAST - FIRST) * i) / (PLACES - 1)
		).flatMap((share) => {
			const at = { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
			return steepest(picture, at, across, reachPx) ?? [];
		});
		return lineThrough(points);
	});
	const corners = lines.map((line, i) => {
		const before = lines[(i + 3) % 4];
		return line && before ? crossing(before, line) : null;
	});
	const [a, b, c, d] = corners;
	if (!a || !b || !c || !d) return null;
	const isFar = [a, b, c, d].some((p, i) => Math.hypot(p.x - marked[i]!.x, p.y - marked[i]!.y) > 2 * reachPx);
	if (isFar) return null;
	const worst = Math.max(...lines.map((line) => (line ? line.sdPx / Math.sqrt(line.points / 4) : 0)));
	return { corners: [a, b, c, d], sdPx: Math.max(LEAST_SD_PX, worst) };
}
