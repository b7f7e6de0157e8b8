import { describe, expect, it } from 'vitest';
import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
import { planCorner } from '$lib/core/plan/plan-corner';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import { messagesFor } from '$lib/messages';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { frameFor } from './frame';
import { pieceLabels, type PieceLabel } from './piece-labels';
import { pieceShape } from './piece-shape';

const KINDS: readonly HouseholdKind[] = [
	'book',
	'binder',
	'ream',
	'board-game',
	'sturdy-box',
	'light-box',
	'step-stool',
	'towel',
	'blanket',
	'pillow',
	'cushion',
	'bolster'
];

/** Every point that the pen goes to, px; arcs by their ends. */
function points(path: string): { x: number; y: number }[] {
	let [x, y] = [0, 0];
	return [...path.matchAll(/([MhvHVaZ])([^MhvHVaZ]*)/g)].map(([, command, rest = '']) => {
		const numbers = rest
			.trim()
			.split(/[\s,]+/)
			.filter(Boolean)
			.map(Number);
		const [a = 0, b = 0] = numbers;
		if (command === 'M') [x, y] = [a, b];
		else if (command === 'h') x += a;
		else if (command === 'v') y += a;
		else if (command === 'H') x = a;
		else if (command === 'V') y = a;
		else if (command === 'a') [x, y] = [x + (numbers[5] ?? NaN), y + (numbers[6] ?? NaN)];
		return { x, y };
	});
}

describe('the drawing of a piece', () => {
	const boxes = [
		{ x: 10, y: 20, width: 90, height: 12 },
		{ x: 0, y: 0, width: 60, height: 3 },
		{ x: -30, y: 5, width: 24, height: 48 },
		{ x: 7.3, y: 1.9, width: 140.5, height: 33.3 }
	];

	it('stays within its size, so that stacks touch and never overlap, for every kind and shape', () => {
		for (const kind of KINDS)
			for (const box of boxes) {
				const { outline, detail } = pieceShape(kind, box);
				for (const path of [outline, detail]) {
					expect(path).not.toMatch(/NaN|undefined|Infinity/);
					for (const { x, y } of points(path)) {
						expect(x).toBeGreaterThanOrEqual(box.x - 0.6);
						expect(x).toBeLessThanOrEqual(box.x + box.width + 0.6);
						expect(y).toBeGreaterThanOrEqual(box.y - 0.6);
						expect(y).toBeLessThanOrEqual(box.y + box.height + 0.6);
					}
				}
			}
	});

	it('reaches its top and its bottom: what is drawn is as high as what was measured', () => {
		for (const kind of KINDS)
			for (const box of boxes) {
				const ys = points(pieceShape(kind, box).outline).map(({ y }) => y);
				expect(Math.min(...ys)).toBeCloseTo(box.y, 0);
				expect(Math.max(...ys)).toBeCloseTo(box.y + box.height, 0);
			}
	});

	it('tells kinds apart by shape, not by colour', () => {
		const box = { x: 0, y: 0, width: 80, height: 30 };
		const drawn = ['book', 'ream', 'sturdy-box', 'step-stool', 'towel', 'pillow'] as const;
		const shapes = drawn.map((kind) => Object.values(pieceShape(kind, box)).join());
		expect(new Set(shapes).size).toBe(drawn.length);
	});
});

describe('the names in the drawing', () => {
	const t = messagesFor();
	const sections = Array.from({ length: 40 }, (_, seed) => {
		const corner = randomCorner(seed + 100, { rigid: 9, soft: 3, span: 0 });
		return sideViewOf(corner, planCorner(corner, 1).plans[0] ?? null);
	});
	const labelled = [330, 560, 900].flatMap((width) =>
		sections.map((section) => {
			const frame = frameFor([section], width, 620);
			return { section, frame, labels: pieceLabels(section, frame, t) };
		})
	);
	const left = ({ x, anchor, text }: PieceLabel) => {
		const width = text.length * 5.6;
		return anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
	};

	it('lie within the drawing, over the floor and clear of the ruler', () => {
		for (const { frame, labels } of labelled)
			for (const label of labels) {
				expect(label.y).toBeLessThanOrEqual(frame.height);
				expect(label.y).toBeGreaterThan(0);
				expect(left(label)).toBeGreaterThanOrEqual(frame.rulerPx - 3);
			}
	});

	it('that stand outside never lie on each other', () => {
		for (const { labels } of labelled) {
			const outside = labels.filter((label) => label.leader !== null);
			for (const side of ['start', 'end'] as const) {
				const ys = outside.filter(({ anchor }) => anchor === side).map(({ y, x }) => ({ y, x }));
				for (const [i, a] of ys.entries())
					for (const b of ys.slice(i + 1))
						if (Math.abs(a.x - b.x) < 40) expect(Math.abs(a.y - b.y)).toBeGreaterThanOrEqual(12.9);
			}
		}
	});

	it('begin their leader lines at their piece', () => {
		for (const { section, frame, labels } of labelled)
			for (const { id, leader } of labels) {
				const piece = section.furniture.pieces.find((p) => p.id === id);
				if (!leader || !piece) continue;
				const edges = section.furniture.pieces
					.filter((p) => p.label === piece.label && p.station === piece.station)
					.flatMap((p) => [frame.x(p.x), frame.x(p.x + p.width)]);
				expect(Math.min(...edges.map((x) => Math.abs(x - leader.x1)))).toBeLessThan(0.01);
			}
	});

	it('count neighbours of one name once', () => {
		const texts = labelled.flatMap(({ labels }) =>
			labels.filter(({ leader }) => leader).map(({ text }) => text)
		);
		expect(texts.some((text) => /^\d+ × /.test(text))).toBe(true);
		expect(texts.every((text) => text.length <= 22)).toBe(true);
	});
});
