import { describe, expect, it } from 'vitest';
import { exhaustiveCost } from '../../../../tests/support/exhaustive-plan';
import { randomCorner } from '../../../../tests/support/random-corner';
import { planCorner } from './index';

describe('planCorner against an exhaustive search written apart from it', () => {
	it.each(Array.from({ length: 30 }, (_, i) => i))('agrees on ten random corners, batch %i', (batch) => {
		for (let i = 0; i < 10; i += 1) {
			const seed = 1000 * batch + i;
			const corner = randomCorner(seed, { rigid: 6, soft: 2, span: i % 3 === 0 ? 24 : 0, fewerBoxes: true });
			const { plans, proven } = planCorner(corner, 1);
			expect({ seed, proven, ...plans[0]?.cost }).toEqual({ seed, proven: true, ...exhaustiveCost(corner) });
		}
	});
});
