import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { forecastRound, isWithin, LEAST_INVITATIONS } from './forecast-round';
import { predictCount } from './predicted-count';
import { FORECAST_KINDS, FORECAST_WEEKS, weekShares, type WeeklyDelays } from './weekly-delays';
import { seededRandom } from '../../../../../seed/random';

const none: WeeklyDelays = { happened: [], lastSeen: [] };

describe('a predicted count', () => {
	it('has the mean and the spread of the beta-binomial distribution', () => {
		// 20 of 40: the quantiles of the beta-binomial with a = b = 20.5 and n = 100, by its sums written out.
		const { low, expected, high } = predictCount(100, 0.5, 40);
		expect(expected).toBe(50);
		expect(low + high).toBe(100);
		// Its standard deviation is sqrt(n p q (a + b + n) / (a + b + 1)) = 9.16; nine of ten lie within 1.645 of it.
		const sd = Math.sqrt((100 * 0.25 * (41 + 100)) / 42);
		expect(high - 50).toBeGreaterThan(1.5 * sd);
		expect(high - 50).toBeLessThan(1.8 * sd);
	});

	it('is wider than chance alone, the more so the less it rests on', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 20, max: 3000 }),
				fc.double({ min: 0.05, max: 0.9, noNaN: true }),
				(n, share) => {
					const width = (weight: number) => {
						const { low, high } = predictCount(n, share, weight);
						return high - low;
					};
					const { low, high } = predictCount(n, share, 100);
					expect(low).toBeLessThanOrEqual(n * share + 1);
					expect(high).toBeGreaterThanOrEqual(n * share - 1);
					expect(low).toBeGreaterThanOrEqual(0);
					expect(high).toBeLessThanOrEqual(n);
					expect(width(20)).toBeGreaterThanOrEqual(width(200));
				}
			),
			{ numRuns: 60 }
		);
	});

	it('of a hundred thousand people is a number, too', () => {
		const { low, expected, high } = predictCount(100_000, 0.3, 200);
		expect(expected).toBeCloseTo(30_000);
		expect(low).toBeGreaterThan(22_000);
		expect(high).toBeLessThan(38_000);
	});
});

describe('the share of each week', () => {
	it('adds up to the share that Kaplan and Meier give, with invitations that were sent lately', () => {
		// 10 invitations: 4 answer in the first week, 2 were sent this week, 2 of the remaining 4 answer in the second.
		const shares = weekShares({ happened: [4, 2], lastSeen: [2, 2] });
		expect(shares[0]).toEqual({ share: 0.4, seen: 10 });
		expect(shares[1]?.share).toBeCloseTo(0.3);
		expect(shares[1]?.seen).toBe(4);
		expect(shares.slice(2).every(({ share }) => share === 0)).toBe(true);
	});
});

describe('a forecast', () => {
	it('is made from thirty earlier invitations on', () => {
		const delays = (n: number) => ({
			answers: { happened: [n - 10], lastSeen: [0, 10] },
			calls: none,
			checkIns: none
		});
		expect(forecastRound(delays(LEAST_INVITATIONS - 1), 50)).toBeNull();
		expect(forecastRound(delays(LEAST_INVITATIONS), 0)).toBeNull();
		const made = forecastRound(delays(LEAST_INVITATIONS), 90);
		expect(made).toMatchObject({ people: 90, from: 30 });
		expect(made?.weeks).toHaveLength(1);
		expect(made?.weeks[0]?.answers.expected).toBeCloseTo(60);
		expect(made?.total.calls.expected).toBe(0);
	});

	it('holds what comes in nine of ten, for rounds of which the truth is known', () => {
		// A made-up workforce: weekly chances of an answer, a call and a check-in that nobody is told.
		const chance = seededRandom(7);
		let within = 0;
		let all = 0;
		for (let i = 0; i < 120; i += 1) {
			const weekly = FORECAST_KINDS.map(() => Array.from({ length: 4 }, () => 0.05 + 0.25 * chance()));
			const draw = (people: number) =>
				weekly.map((chances) => {
					const happened = Array.from({ length: FORECAST_WEEKS }, () => 0);
					let left = people;
					for (const [week, one] of chances.entries()) {
						const now = Array.from({ length: left }, () => chance()).filter((u) => u < one).length;
						happened[week] = now;
						left -= now;
					}
					return { happened, left };
				});
			const earlier = draw(150);
			const [answers, calls, checkIns] = earlier.map(({ happened, left }) => ({
				happened,
				lastSeen: Array.from({ length: FORECAST_WEEKS }, (_, week) =>
					week === FORECAST_WEEKS - 1 ? left : 0
				)
			}));
			const made = forecastRound({ answers: answers!, calls: calls!, checkIns: checkIns! }, 80);
			const came = draw(80);
			for (const [k, kind] of FORECAST_KINDS.entries())
				for (const [week, one] of (made?.weeks ?? []).entries()) {
					all += 1;
					if (isWithin(one[kind], came[k]!.happened[week]!)) within += 1;
				}
		}
		expect(within / all).toBeGreaterThan(0.87);
	});

	it('takes hours from all three, with a range around them', () => {
		const delays = { happened: [20, 10], lastSeen: [0, 20] };
		const made = forecastRound({ answers: delays, calls: delays, checkIns: delays }, 100);
		const [first] = made?.weeks ?? [];
		expect(first?.hours.expected).toBeCloseTo((40 * (4 + 15 + 3)) / 60);
		expect(first?.hours.low).toBeLessThan(first?.hours.expected ?? 0);
		expect(first?.hours.high).toBeGreaterThan(first?.hours.expected ?? 0);
	});
});
