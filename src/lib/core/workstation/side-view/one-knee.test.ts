import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { bodyOf } from '../../body/body-length';
import { setUpAsMeasured } from '../checks/set-up';
import { distance } from './geometry';
import { sideViewOf } from './side-view';
import { postureOf } from './posture';

const corners = Array.from({ length: 300 }, (_, seed) => randomCorner(seed, { rigid: 4, soft: 2, span: 20 }));
const standing = corners.filter(({ spot }) => spot.posture === 'standing');
/** As the way itself offers it: a little under the hollow of the knee. */
const stoolOf = (corner: (typeof corners)[number]) => bodyOf(corner).popliteal.mm + corner.person.heel - 20;

describe('one knee on a stool', () => {
	it('is drawn for whoever stands, on a stool as high as is told, and for nobody else', () => {
		expect(standing.length).toBeGreaterThan(40);
		for (const corner of corners) {
			const stoolMm = stoolOf(corner);
			const section = sideViewOf(corner, null, null, 'standard', stoolMm);
			if (corner.spot.posture !== 'standing') expect(section.stool).toBeNull();
			else expect(section.stool).toMatchObject({ y: 0, height: stoolMm });
		}
	});

	it('lies on the stool, and neither floats over it nor sinks into it', () => {
		for (const corner of standing) {
			const { figure, stool } = sideViewOf(corner, null, null, 'standard', stoolOf(corner));
			if (!stool) throw new Error('no stool');
			const over = figure.farLeg.filter(({ x }) => x > stool.x && x < stool.x + stool.width);
			expect(Math.min(...over.map(({ y }) => y))).toBeCloseTo(stool.height, 5);
		}
	});

	it('keeps the thigh as long as the other one, from hip to knee', () => {
		for (const corner of standing) {
			const p = postureOf(corner, bodyOf(corner), setUpAsMeasured(corner));
			const { figure } = sideViewOf(corner, null, null, 'standard', stoolOf(corner));
			const front = Math.max(...figure.farLeg.map(({ x }) => x));
			const thigh = distance(p.hip, p.knee);
			// The front of the knee is no further from the hip than its thigh and half the knee.
			expect(front - p.hip.x).toBeLessThanOrEqual(thigh + 0.05 * p.stature);
			expect(front).toBeGreaterThan(p.hip.x);
		}
	});

	it('changes nothing but the far leg: no check, no level, no gap', () => {
		for (const corner of standing.slice(0, 40)) {
			const { figure, stool, extent, ...rest } = sideViewOf(corner, null, null, 'standard', stoolOf(corner));
			const split = sideViewOf(corner, null);
			expect(stool && extent.x).toBeLessThanOrEqual(split.extent.x);
			expect(rest.checks).toEqual(split.checks);
			expect({ levels: rest.levels, gaps: rest.gaps, zones: rest.zones }).toEqual({
				levels: split.levels,
				gaps: split.gaps,
				zones: split.zones
			});
			expect({ ...figure, farLeg: [] }).toEqual({ ...split.figure, farLeg: [] });
			expect(figure.farLeg).not.toEqual(split.figure.farLeg);
		}
	});
});
