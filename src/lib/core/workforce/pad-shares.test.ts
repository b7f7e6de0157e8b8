import { describe, expect, it } from 'vitest';
import { COMPRESSED_FRACTION } from '../workstation/household/placement-modes';
import { normal } from '../../../../seed/profiles';
import { Dice } from '../../../../seed/random';
import { estimatePadShare, padCode, padCodes, padShares } from './pad-shares';

const usual = 100 * COMPRESSED_FRACTION.pillow;

describe('how far pads sink', () => {
	it('stays near common practice with few people, and follows many', () => {
		const few = estimatePadShare('pillow', [{ percent: 60, count: 1 }]);
		const many = estimatePadShare('pillow', [{ percent: 60, count: 200 }]);
		expect(few.percent).toBeGreaterThan(usual);
		expect(few.percent).toBeLessThan(50);
		expect(many.percent).toBeGreaterThan(58);
		expect(many.high - many.low).toBeLessThan(few.high - few.low);
		expect(estimatePadShare('pillow', [{ percent: usual, count: 40 }]).percent).toBe(usual);
	});

	it('is not carried away by someone who measured something else', () => {
		const shares = [{ percent: 30, count: 20 }];
		const slipped = estimatePadShare('pillow', [...shares, { percent: 900, count: 1 }]);
		expect(slipped.percent).toBeLessThanOrEqual(34);
	});

	it('has the true share in its interval about as often as it says', () => {
		const dice = new Dice(7);
		let inside = 0;
		const runs = 400;
		for (let run = 0; run < runs; run += 1) {
			const truth = usual * Math.exp(normal(dice, 0, 0.3));
			const found = Array.from({ length: 12 }, () => ({
				percent: Math.round(truth * Math.exp(normal(dice, 0, 0.25))),
				count: 1
			}));
			const { low, high } = estimatePadShare('pillow', found);
			if (truth >= low - 0.5 && truth <= high + 0.5) inside += 1;
		}
		// Four standard errors of a share of 95 % in 400 runs are 4.4 points.
		expect(inside / runs).toBeGreaterThan(0.9);
	});

	it('is told only where the number of people who measured is published', () => {
		const counts = { [padCode('pillow')]: [6], 'pad pillow 40': [4], 'pad pillow 50': [2] };
		const figure = { x: 6, n: 9, share: 6 / 9, low: 0.3, high: 0.9 };
		const table = (all: typeof figure | null) => ({
			figures: [{ code: padCode('pillow'), all, groups: [] }]
		});
		expect(padShares({ counts }, table(figure))).toMatchObject([{ kind: 'pillow', people: 6 }]);
		expect(padShares({ counts }, table(null))).toEqual([]);
		expect(padCodes({ cushion: 62 })).toEqual(['pad cushion', 'pad cushion 62']);
	});
});
