import { describe, expect, it } from 'vitest';
import { randomPerson } from '../../../../../tests/support/random-person';
import { bodyOf } from '../../body/body-length';
import type { Corner } from '../corner/corner';
import { drawnDimension } from './drawn-dimension';
import { sideViewOf } from './side-view';

const CORNERS = Array.from({ length: 200 }, (_, seed) => randomPerson(seed).corner);

/** Lengths whose arrow is exactly as long as they are, mm. */
function lengthsOf(corner: Corner): Record<string, number> {
	const body = bodyOf(corner);
	const { surface, seat, screen } = corner.spot;
	const always = {
		surfaceHeight: surface.height,
		surfaceThickness: surface.thickness,
		surfaceDepth: surface.depth,
		topAboveBase: screen.topAboveBase
	};
	return corner.spot.posture === 'standing' || !seat
		? {
				...always,
				standingElbow: body.standingElbow.mm + corner.person.heel,
				standingEye: body.standingEye.mm + corner.person.heel
			}
		: { ...always, sittingElbow: body.sittingElbow.mm, sittingEye: body.sittingEye.mm };
}

describe('a length that is asked', () => {
	it('is drawn as long as it is, from where to where', () => {
		for (const corner of CORNERS) {
			const section = sideViewOf(corner, null);
			for (const [name, mm] of Object.entries(lengthsOf(corner))) {
				const drawn = drawnDimension(name as Parameters<typeof drawnDimension>[0], section);
				if (!drawn) throw new Error(`${name} is drawn`);
				const { axis, from, to } = drawn;
				expect(axis === 'up' ? to.y - from.y : to.x - from.x, name).toBeCloseTo(mm, 6);
			}
		}
	});

	it('stands within what is shown of the drawing', () => {
		for (const corner of CORNERS.slice(0, 60))
			for (const name of [
				'surfaceHeight',
				'seatHeight',
				'popliteal',
				'sittingElbow',
				'distance',
				'homeRow'
			] as const) {
				const drawn = drawnDimension(name, sideViewOf(corner, null));
				if (!drawn) continue;
				const { around, from, to } = drawn;
				for (const { x, y } of [from, to]) {
					expect(x).toBeGreaterThanOrEqual(around.x);
					expect(x).toBeLessThanOrEqual(around.x + around.width);
					expect(y).toBeGreaterThanOrEqual(around.y);
					expect(y).toBeLessThanOrEqual(around.y + around.height);
				}
			}
	});

	it('of no seat is not drawn where one stands', () => {
		const standing = CORNERS.find(({ spot }) => spot.posture === 'standing');
		if (!standing) throw new Error('some stand');
		expect(drawnDimension('seatHeight', sideViewOf(standing, null))).toBeNull();
	});
});
