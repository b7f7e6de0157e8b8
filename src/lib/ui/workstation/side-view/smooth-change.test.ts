import { describe, expect, it } from 'vitest';
import { planCorner } from '$lib/core/plan/plan-corner';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { mixSection } from './mix-section';
import { smoothPath } from './smooth-path';

const pairs = Array.from({ length: 25 }, (_, seed) => {
	const corner = randomCorner(seed + 900, { rigid: 6, soft: 2, span: seed % 2 === 0 ? 80 : 0 });
	return { now: sideViewOf(corner, null), after: sideViewOf(corner, planCorner(corner, 1).plans[0] ?? null) };
});

describe('the change from one section to another', () => {
	it('begins where the person sits now and ends exactly at the plan', () => {
		for (const { now, after } of pairs) {
			const start = mixSection(now, after, 0);
			expect(start.figure.body).toEqual(now.figure.body);
			expect(start.eye).toEqual(now.eye);
			expect(start.furniture.surface).toEqual(now.furniture.surface);
			expect(start.furniture.screen.top).toEqual(now.furniture.screen.top);
			expect(mixSection(now, after, 1)).toBe(after);
		}
	});

	it('goes straight there: half way is in the middle', () => {
		for (const { now, after } of pairs) {
			const half = mixSection(now, after, 0.5);
			for (const [i, point] of half.figure.body.entries()) {
				const [a, b] = [now.figure.body[i], after.figure.body[i]];
				expect(point.y).toBeCloseTo(((a?.y ?? 0) + (b?.y ?? 0)) / 2, 9);
			}
			for (const level of half.levels) {
				const heightIn = (levels: typeof now.levels) =>
					levels.find(({ name }) => name === level.name)?.y ?? 0;
				expect(level.y).toBeCloseTo((heightIn(now.levels) + heightIn(after.levels)) / 2, 9);
			}
		}
	});

	it('has the stacks and verdicts of where it goes: a book is there or it is not', () => {
		for (const { now, after } of pairs) {
			const part = mixSection(now, after, 0.3);
			expect(part.furniture.pieces).toBe(after.furniture.pieces);
			expect(part.checks).toBe(after.checks);
		}
	});

	it('does not turn a sitting person into a standing one', () => {
		const sitting = pairs.find(({ now }) => now.posture === 'sitting')?.now;
		const standing = pairs.find(({ now }) => now.posture === 'standing')?.now;
		if (!sitting || !standing) throw new Error('No two postures');
		expect(mixSection(sitting, standing, 0.5)).toBe(standing);
	});
});

describe('a smooth line', () => {
	const corners = [
		{ x: 0, y: 0 },
		{ x: 100, y: 0 },
		{ x: 100, y: 50 },
		{ x: 0, y: 50 }
	];

	it('goes through every point, and back to the first where it is closed', () => {
		const ends = (path: string) =>
			[...path.matchAll(/[MC ](-?[\d.]+) (-?[\d.]+)(?=C|Z|$)/g)].map(([, x, y]) => [x, y].map(Number));
		expect(ends(smoothPath(corners, false))).toEqual(corners.map(({ x, y }) => [x, y]));
		const closed = smoothPath(corners, true);
		expect(ends(closed)).toEqual([...corners, corners[0]].map((point) => [point?.x, point?.y]));
		expect(closed.endsWith('Z')).toBe(true);
	});

	it('is straight along points that lie on a line', () => {
		const path = smoothPath(
			[0, 10, 20, 30].map((x) => ({ x, y: 7 })),
			false
		);
		const ys = [...path.matchAll(/[\d.]+ ([\d.]+)/g)].map(([, y]) => Number(y));
		expect(new Set(ys)).toEqual(new Set([7]));
	});

	it('is nothing without points', () => {
		expect(smoothPath([], true)).toBe('');
	});
});
