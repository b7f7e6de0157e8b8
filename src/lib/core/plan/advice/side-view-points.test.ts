import { describe, expect, it } from 'vitest';
import { randomPerson } from '../../../../../tests/support/random-person';
import { seatKindOf } from '../../workstation/corner/seat-kinds';
import { STEP_PLACES } from '../step-places';
import { SIDE_VIEW_POINTS, sideViewPointsFor } from './side-view-points';

const PEOPLE = Array.from({ length: 300 }, (_, seed) => randomPerson(seed).corner);
const EVERY_STEP = STEP_PLACES.map((place) => ({ place }));

describe('what is looked at from the side', () => {
	it('is ten points, each asked of someone', () => {
		const asked = new Set(PEOPLE.flatMap((corner) => sideViewPointsFor(corner, []).map(({ id }) => id)));
		expect(Object.keys(SIDE_VIEW_POINTS)).toHaveLength(10);
		expect([...asked].sort()).toEqual(Object.keys(SIDE_VIEW_POINTS).sort());
	});

	it('leads back to a step that the plan has, or to none', () => {
		for (const corner of PEOPLE) {
			for (const { step } of sideViewPointsFor(corner, EVERY_STEP)) expect(step).not.toBeNull();
			for (const { step } of sideViewPointsFor(corner, [{ place: 'screen' }]))
				expect([null, 'screen']).toContain(step);
			for (const { step } of sideViewPointsFor(corner, [])) expect(step).toBeNull();
		}
	});

	it('asks nobody in a wheelchair for feet on the floor, and nobody who stands for hips and knees', () => {
		for (const corner of PEOPLE) {
			const ids = sideViewPointsFor(corner, EVERY_STEP).map(({ id }) => id);
			if (seatKindOf(corner) === 'wheelchair') expect(ids).not.toContain('whole-foot');
			if (seatKindOf(corner) === null) expect(ids).not.toContain('hip-against-knee');
		}
	});
});
