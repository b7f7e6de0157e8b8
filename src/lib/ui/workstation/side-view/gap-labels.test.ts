import { describe, expect, it } from 'vitest';
import { distanceOutsideBand } from '$lib/core/body/guidance/band';
import { formatLength } from '$lib/core/body/length/format-length';
import { planCorner } from '$lib/core/plan/plan-corner';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import { messagesFor } from '$lib/messages';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { frameFor } from './frame';
import { freeLabelPlace, boxesOverlap, labelRoom, type LabelRoom } from './free-place';
import { gapLabels, zoneShapes } from './gap-labels';
import { levelLabels } from './level-labels';
import { pieceLabelRoom, pieceLabels } from './piece-labels';

const t = messagesFor();
const WIDTHS = [300, 350, 420, 560, 640, 900];

/** Corners as they are and after their plan: 80 sections, most of them with gaps. */
const sections = Array.from({ length: 40 }, (_, seed) => {
	const corner = randomCorner(seed + 300, { rigid: 6, soft: 2, span: 0 });
	const plan = planCorner(corner, 1).plans[0] ?? null;
	return [sideViewOf(corner, null), sideViewOf(corner, plan)];
}).flat();

const drawn = WIDTHS.flatMap((width) =>
	sections.map((section) => {
		const frame = frameFor([section], width, 620);
		const taken = [
			...pieceLabels(section, frame, t).map(pieceLabelRoom),
			...levelLabels(section, frame, t, 'cm').map(({ words }) => labelRoom(words))
		];
		return { section, frame, taken, labels: gapLabels(section, frame, t, 'cm', taken) };
	})
);

describe('the words of a gap', () => {
	it('are there for every gap, as long as its check says', () => {
		for (const { section, labels } of drawn) {
			expect(labels.map(({ check }) => check)).toEqual(section.gaps.map(({ check }) => check));
			for (const { check, lines } of labels) {
				const told = section.checks.find(({ id }) => id === check);
				const outside = told ? distanceOutsideBand(told, told.value) : NaN;
				expect(outside).toBeGreaterThan(0);
				expect(lines[0]).toBe(formatLength(outside, 'cm', { locale: 'en' }));
			}
		}
		expect(new Set(drawn.flatMap(({ labels }) => labels.map(({ check }) => check))).size).toBeGreaterThan(2);
	});

	it('lie within the drawing, right of the ruler', () => {
		for (const { frame, labels } of drawn)
			for (const label of labels) {
				const box = labelRoom(label.words);
				expect(box.left).toBeGreaterThanOrEqual(frame.rulerPx);
				expect(box.right).toBeLessThanOrEqual(frame.width);
				expect(box.top).toBeGreaterThanOrEqual(0);
				expect(box.bottom).toBeLessThanOrEqual(frame.height);
			}
	});

	it('never lie on each other, nor on a name or a height', () => {
		for (const { labels, taken } of drawn) {
			const rooms = [...taken];
			for (const { check, words } of labels) {
				const room = labelRoom(words);
				expect(
					rooms.some((other) => boxesOverlap(room, other)),
					check
				).toBe(false);
				rooms.push(room);
			}
		}
	});

	it('say on which side a thing is, as its check counts', () => {
		let told = 0;
		for (const { section, labels } of drawn)
			for (const [i, { check, lines }] of labels.entries()) {
				const of = section.checks.find(({ id }) => id === check);
				if (lines.length === 1 || !of) continue;
				expect(lines.slice(1).join(' ')).toBe(
					t.section.gap[section.gaps[i]?.against ?? 'keys'][of.value < of.low ? 'low' : 'high']
				);
				told += 1;
			}
		expect(told).toBeGreaterThan(50);
	});

	it('end before the far leg of the table, in more lines where there is little room', () => {
		let broken = 0;
		for (const { section, frame, labels } of drawn)
			for (const { check, lines, words } of labels) {
				if (check === 'eye' || lines.length === 1) continue;
				const { surface } = section.furniture;
				// A single word that is too long for what is left stands over the leg rather than nowhere.
				if (lines.slice(1).every((line) => !line.includes(' '))) continue;
				expect(labelRoom(words).right).toBeLessThanOrEqual(frame.x(surface.x + surface.width) - 14);
				if (lines.length > 2) broken += 1;
			}
		expect(broken).toBeGreaterThan(5);
	});

	it('keep off the board of the table wherever the drawing has its usual width', () => {
		const onBoard = drawn.filter(({ section, frame, labels }) => {
			const { x, y, width, height } = section.furniture.surface;
			const board = {
				left: frame.x(x),
				right: frame.x(x + width),
				top: frame.y(y + height),
				bottom: frame.y(y)
			};
			return frame.width >= 500 && labels.some(({ words }) => boxesOverlap(labelRoom(words), board));
		});
		expect(onBoard.map(({ frame, labels }) => ({ width: frame.width, labels }))).toEqual([]);
	});

	it('are only numbers where the drawing is narrow', () => {
		for (const { frame, labels } of drawn)
			for (const { lines } of labels) expect(lines.length > 1).toBe(frame.width >= 360);
	});

	it('have a zone for every band, as high as the band, and the height there is within it just where nothing is off', () => {
		for (const { section, frame } of drawn) {
			const zones = zoneShapes(section, frame);
			for (const check of section.checks) {
				const zone = zones.find((shape) => shape.check === check.id);
				if (check.id === 'thigh') {
					expect(zone).toBeUndefined();
					continue;
				}
				expect(zone?.height).toBeCloseTo(((check.high ?? 0) - check.low) * frame.perMm, 6);
				const gap = section.gaps.find((one) => one.check === check.id);
				if (gap) {
					// From the edge of the zone to the height there is.
					const edges = [zone?.y ?? NaN, (zone?.y ?? NaN) + (zone?.height ?? NaN)];
					expect(Math.min(...edges.map((y) => Math.abs(y - frame.y(gap.from.y))))).toBeLessThan(0.001);
				} else if (check.verdict !== 'fits') expect(distanceOutsideBand(check, check.value)).toBe(0);
			}
		}
	});

	it('belong to a line as long as the gap', () => {
		for (const { section, frame, labels } of drawn)
			for (const [i, { top, bottom }] of labels.entries()) {
				const gap = section.gaps[i];
				expect(bottom - top).toBeCloseTo(Math.abs((gap?.from.y ?? 0) - (gap?.to.y ?? 0)) * frame.perMm, 6);
			}
	});
});

describe('a free place', () => {
	const edge: LabelRoom = { left: 0, right: 200, top: 0, bottom: 200 };
	const words = { x: 100, y: 100, anchor: 'middle', widthPx: 40, lines: 1 } as const;

	it('is where the words stand best, if nothing is there', () => {
		expect(freeLabelPlace(words, [], edge)).toEqual(words);
	});

	it('is a line further down, or up where down is taken too', () => {
		const here = labelRoom(words);
		expect(freeLabelPlace(words, [here], edge).y).toBe(113);
		expect(freeLabelPlace(words, [{ ...here, bottom: 200 }], edge).y).toBe(87);
	});

	it('is off a drawn line, but rather on it than on what is taken', () => {
		const here = labelRoom(words);
		expect(freeLabelPlace(words, [], edge, [here]).y).toBe(113);
		expect(freeLabelPlace(words, [{ ...here, bottom: 200 }], edge, [{ ...here, top: 0 }]).y).toBe(87);
		expect(freeLabelPlace(words, [], edge, [edge])).toEqual(words);
	});

	it('is within the edge', () => {
		const outside = { ...words, x: 195, y: 2 };
		const room = labelRoom(freeLabelPlace(outside, [], edge));
		expect([room.right, room.top]).toEqual([200, 0]);
	});

	it('is the best one where all is taken: words are never left out', () => {
		expect(freeLabelPlace(words, [edge], edge)).toEqual(words);
	});
});
