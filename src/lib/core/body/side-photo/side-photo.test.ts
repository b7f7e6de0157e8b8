import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import {
	pictureOfSheet,
	renderedView,
	type RenderedView,
	type ViewOptions
} from '../../../../../tests/support/rendered-body';
import { FIGURE_PROPORTIONS } from '../../workstation/side-view/posture';
import { angleAt, distance } from '../../workstation/side-view/geometry';
import { pictureOf, pointAtDepth, type Camera } from './camera';
import { findSheetCorners } from './find-sheet-corners';
import { leastSquares } from './least-squares';
import { invert, solve } from './matrix';
import { readSidePhoto } from './read-side-photo';
import type { PhotoMarks, SheetCorners } from './marks';

const DEG = 180 / Math.PI;

/** The body's own angles and heights, by the names of the reading. */
function trueNumbers({ truth: at, person }: RenderedView) {
	const radius = FIGURE_PROPORTIONS.elbowRadius * person.stature;
	const forearm = Math.atan2(at.wrist.y - at.elbow.y, at.wrist.x - at.elbow.x);
	const hand = Math.atan2(at.knuckle.y - at.wrist.y, at.knuckle.x - at.wrist.x);
	return {
		angles: {
			neck: Math.atan2(at.ear.x - at.neck.x, at.ear.y - at.neck.y) * DEG,
			'head-trunk': angleAt(at.shoulder, at.ear, at.hip),
			elbow: angleAt(at.elbow, at.shoulder, at.wrist),
			wrist: (hand - forearm) * DEG,
			hip: angleAt(at.hip, at.shoulder, at.knee),
			knee: angleAt(at.knee, at.hip, at.ankle)
		},
		heights: { eye: at.eye.y, elbow: at.elbow.y - radius, seat: at.seat.y },
		lengths: {
			sittingEye: at.eye.y - at.seat.y,
			sittingElbow: at.shoulder.y - distance(at.shoulder, at.elbow) - radius - at.seat.y
		}
	};
}

/** How far each number of many views is off, and in standard deviations. */
function misses(n: number, options: ViewOptions, seed = 11) {
	const dice = new Dice(seed);
	const off: Record<'angles' | 'heights' | 'lengths', { by: number; sds: number }[]> = {
		angles: [],
		heights: [],
		lengths: []
	};
	for (let i = 0; i < n; i += 1) {
		const view = renderedView(dice, options);
		const read = readSidePhoto(view.marks, view.person);
		const known = trueNumbers(view);
		for (const kind of ['angles', 'heights', 'lengths'] as const)
			for (const [name, value] of Object.entries(known[kind])) {
				const found = (read[kind] as Record<string, { value: number; sd: number }>)[name]!;
				off[kind].push({ by: Math.abs(found.value - value), sds: Math.abs(found.value - value) / found.sd });
			}
	}
	const share = (kind: keyof typeof off, isWithin: (one: { by: number; sds: number }) => boolean) =>
		off[kind].filter(isWithin).length / off[kind].length;
	return { share };
}

const SHEET: ViewOptions = { scale: 'a4', isFocalKnown: true, markPx: 1.5, placingMm: 0, findsEdges: true };

describe('a picture from the side, of known bodies seen by a camera 1.5 to 4 m away and up to 15° off', () => {
	it('gives angles within 3° and heights within 2 cm in 95 of 100, by a sheet of A4', () => {
		const { share } = misses(40, SHEET);
		expect(share('angles', ({ by }) => by <= 3)).toBeGreaterThanOrEqual(0.95);
		expect(share('heights', ({ by }) => by <= 20)).toBeGreaterThanOrEqual(0.95);
		expect(share('lengths', ({ by }) => by <= 20)).toBeGreaterThanOrEqual(0.95);
	});

	it.each([
		{ ...SHEET, isFocalKnown: false, placingMm: 4 },
		{ ...SHEET, findsEdges: false, placingMm: 4 },
		{ ...SHEET, scale: 'card', placingMm: 4 },
		{ ...SHEET, scale: 'table', isFocalKnown: false, placingMm: 4 }
	] as const)(
		'is as exact as it says, whatever it goes by: $scale, edges $findsEdges, focal length $isFocalKnown',
		(options) => {
			const { share } = misses(30, options);
			for (const kind of ['angles', 'heights', 'lengths'] as const)
				expect(share(kind, ({ sds }) => sds <= 2)).toBeGreaterThanOrEqual(0.92);
		}
	);

	it('says less exactly what it sees less of', () => {
		const { marks, person } = renderedView(new Dice(3), SHEET);
		const sd = (over: Partial<PhotoMarks>) =>
			readSidePhoto({ ...marks, ...over }, person).heights.eye?.sd ?? 0;
		const { scale } = marks;
		if (scale.kind === 'table') throw new Error('a sheet');
		const byHand = { kind: scale.kind, corners: scale.corners };
		expect(sd({ scale: byHand })).toBeGreaterThan(sd({}));
		expect(sd({ focalMm: null })).toBeGreaterThan(sd({ focalMm: 26 }));
		expect(sd({ uprights: marks.uprights.slice(0, 1) })).toBeGreaterThan(sd({}));
		expect(sd({ uprights: [] })).toBeGreaterThan(sd({ uprights: marks.uprights.slice(0, 1) }));
		const byTable = renderedView(new Dice(3), { ...SHEET, scale: 'table' });
		expect(readSidePhoto(byTable.marks, byTable.person).heights.eye?.sd).toBeGreaterThan(sd({}));
	});

	it('is the same facing left', () => {
		const { marks, person } = renderedView(new Dice(5), { ...SHEET, findsEdges: false });
		const flip = ({ x, y }: { x: number; y: number }) => ({ x: marks.widthPx - x, y });
		const { scale, uprights } = marks;
		const flipped = readSidePhoto(
			{
				...marks,
				joints: Object.fromEntries(
					Object.entries(marks.joints).map(([name, at]) => [name, flip(at)])
				) as typeof marks.joints,
				floor: flip(marks.floor),
				seat: marks.seat && flip(marks.seat),
				scale:
					scale.kind === 'table'
						? scale
						: { ...scale, corners: scale.corners.map(flip) as unknown as SheetCorners },
				uprights: uprights.map(([top, foot]) => [flip(top), flip(foot)])
			},
			person
		);
		const straight = readSidePhoto(marks, person);
		for (const [name, { value }] of Object.entries(straight.angles))
			expect(flipped.angles[name as 'neck'].value).toBeCloseTo(value, 3);
		expect(flipped.heights.eye?.value).toBeCloseTo(straight.heights.eye?.value ?? 0, 1);
	});

	it('gives someone standing the heights of eye and elbow over the floor, without shoes', () => {
		const view = renderedView(new Dice(8), { ...SHEET, isStanding: true });
		const read = readSidePhoto(view.marks, { ...view.person, heel: 20 });
		expect(read.heights.seat).toBeUndefined();
		expect(Object.keys(read.lengths).sort()).toEqual(['standingElbow', 'standingEye']);
		expect(read.lengths.standingEye?.value).toBeCloseTo((read.heights.eye?.value ?? 0) - 20, 6);
	});

	it('questions four corners that are no sheet, and an arm that no one has', () => {
		const { marks, person } = renderedView(new Dice(2), { ...SHEET, findsEdges: false });
		if (marks.scale.kind === 'table') throw new Error('a sheet');
		const [a, b, c, d] = marks.scale.corners;
		const bent = { ...marks.scale, corners: [a, { x: b.x + 60, y: b.y }, c, d] as const };
		expect(readSidePhoto({ ...marks, scale: bent }, person).issues).toContain('scale');
		const { shoulder, elbow } = marks.joints;
		const low = { x: elbow.x, y: elbow.y + (elbow.y - shoulder.y) };
		expect(readSidePhoto({ ...marks, joints: { ...marks.joints, elbow: low } }, person).issues).toContain(
			'upper-arm'
		);
		expect(readSidePhoto(marks, person).issues).toEqual([]);
	});
});

describe('the edges of a sheet', () => {
	it('are found to a third of a pixel from corners marked by hand', () => {
		const dice = new Dice(21);
		for (let i = 0; i < 6; i += 1) {
			const turn = dice.int(-20, 20) / DEG;
			const at = { x: dice.int(800, 2000), y: dice.int(700, 1500) };
			const corner = (u: number, v: number) => ({
				x: at.x + u * Math.cos(turn) - v * Math.sin(turn),
				y: at.y + u * Math.sin(turn) + v * Math.cos(turn)
			});
			const corners: SheetCorners = [
				corner(-150, -106),
				corner(152, -104),
				corner(149, 107),
				corner(-151, 105)
			];
			const marked = corners.map(({ x, y }) => ({ x: x + dice.int(-5, 5), y: y + dice.int(-5, 5) }));
			const found = findSheetCorners(pictureOfSheet(dice, corners), marked as unknown as SheetCorners);
			const off = found?.corners.map((one, k) => distance(one, corners[k]!)) ?? [Infinity];
			expect(Math.max(...off)).toBeLessThan(0.34);
			expect(found?.sdPx).toBeLessThan(0.5);
		}
	});

	it('are not found where there is nothing', () => {
		const grey = { width: 400, height: 300, data: new Uint8Array(120_000).fill(120) };
		const marked: SheetCorners = [
			{ x: 100, y: 100 },
			{ x: 250, y: 100 },
			{ x: 250, y: 200 },
			{ x: 100, y: 200 }
		];
		expect(findSheetCorners(grey, marked)).toBeNull();
	});
});

describe('a camera', () => {
	const camera = fc.record({
		yaw: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
		pitch: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
		roll: fc.double({ min: -0.1, max: 0.1, noNaN: true }),
		distanceMm: fc.double({ min: 1500, max: 4000, noNaN: true }),
		focalPx: fc.double({ min: 1500, max: 4000, noNaN: true }),
		distortion: fc.double({ min: -0.03, max: 0.03, noNaN: true }),
		centre: fc.constant({ x: 1500, y: 1125 })
	});
	const point = fc.record({
		x: fc.integer({ min: -700, max: 700 }),
		y: fc.integer({ min: -700, max: 700 }),
		z: fc.integer({ min: -200, max: 100 })
	});

	it('gives back the point that it shows', () => {
		fc.assert(
			fc.property(camera, point, (seen: Camera, at) => {
				const back = pointAtDepth(seen, pictureOf(seen, at), at.z);
				expect(Math.hypot(back.x - at.x, back.y - at.y)).toBeLessThan(0.05);
			})
		);
	});
});

describe('linear algebra', () => {
	it('solves and inverts what it is given', () => {
		const a = [
			[4, 2, 0.6],
			[2, 5, 1],
			[0.6, 1, 3]
		];
		const x = solve(a, [1, 2, 3]);
		for (const [i, row] of a.entries())
			expect(row.reduce((sum, v, k) => sum + v * x[k]!, 0)).toBeCloseTo(i + 1, 10);
		const inverse = invert(a);
		expect(a[0]!.reduce((sum, v, k) => sum + v * inverse[k]![0]!, 0)).toBeCloseTo(1, 10);
		expect(a[0]!.reduce((sum, v, k) => sum + v * inverse[k]![1]!, 0)).toBeCloseTo(0, 10);
		expect(() =>
			solve(
				[
					[1, 2],
					[2, 1]
				],
				[1, 1]
			)
		).toThrow(RangeError);
	});

	it('finds the mean and its standard error by least squares', () => {
		const seen = [3.1, 2.9, 3.4, 2.6, 3.05];
		const fit = leastSquares(([mean = 0]) => seen.map((value) => (value - mean) / 0.3), [0], [1]);
		expect(fit.at[0]).toBeCloseTo(3.01, 6);
		expect(Math.sqrt(fit.covariance[0]![0]!)).toBeCloseTo(0.3 / Math.sqrt(5), 6);
	});
});
