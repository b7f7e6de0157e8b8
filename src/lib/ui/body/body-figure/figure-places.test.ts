import { describe, expect, it } from 'vitest';
import { hasSides, REGIONS } from '$lib/core/cases/discomfort/regions';
import { FIGURE_PLACES, HALF_OUTLINE, VIEW } from './figure-places';

describe('the figure', () => {
	it('has a place for every region, on both sides where there are two', () => {
		const names = new Set(FIGURE_PLACES.map(({ name }) => name));
		const wanted = REGIONS.flatMap((region) =>
			hasSides(region) ? [`${region}-left`, `${region}-right`] : [region]
		);
		expect([...names].sort()).toEqual([...wanted].sort());
	});

	it('shows sides as they are seen: from the front the right hand is on the left', () => {
		const x = (name: string, view: 'front' | 'back') =>
			FIGURE_PLACES.find((place) => place.name === name && place.view === view)?.x ?? NaN;
		expect(x('wrist-hand-right', 'front')).toBeLessThan(0);
		expect(x('wrist-hand-right', 'back')).toBeGreaterThan(0);
		for (const { name, view, y } of FIGURE_PLACES.filter((place) => place.name.endsWith('-left'))) {
			const other = name.replace('-left', '-right');
			expect(x(other, view)).toBe(-x(name, view));
			expect(FIGURE_PLACES.find((place) => place.name === other && place.view === view)?.y).toBe(y);
		}
	});

	it('has room for a finger at each place, and none covers the middle of another', () => {
		for (const view of ['front', 'back'] as const) {
			const places = FIGURE_PLACES.filter((place) => place.view === view);
			for (const a of places) {
				expect(Math.min(a.rx, a.ry)).toBeGreaterThanOrEqual(8);
				for (const b of places) {
					if (a === b) continue;
					const far = ((b.x - a.x) / a.rx) ** 2 + ((b.y - a.y) / a.ry) ** 2;
					expect(far).toBeGreaterThan(1);
				}
			}
		}
	});

	it('lies within its view', () => {
		for (const { x, y, rx, ry } of FIGURE_PLACES) {
			expect(Math.abs(x) + rx).toBeLessThanOrEqual(VIEW.width / 2);
			expect(y - ry).toBeGreaterThanOrEqual(0);
			expect(y + ry).toBeLessThanOrEqual(VIEW.height);
		}
		for (const [across, down] of HALF_OUTLINE) {
			expect(across).toBeGreaterThanOrEqual(0);
			expect(across).toBeLessThanOrEqual(VIEW.width / 2);
			expect(down).toBeLessThanOrEqual(VIEW.height);
		}
	});
});
