import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { bandTable, plainChecks } from '../../../../tests/support/exhaustive-plan';
import { randomCorner } from '../../../../tests/support/random-corner';
import { checkCorner, measureNext, normalCdf, probabilityInBand, verdictAt } from './index';

/** Φ by summing the density in small steps: slow, plain, and nothing like the series under test. */
function summedCdf(z: number): number {
	const steps = 20_000;
	const from = -12;
	const width = (z - from) / steps;
	let sum = 0;
	for (let i = 0; i < steps; i += 1) {
		const x = from + (i + 0.5) * width;
		sum += Math.exp((-x * x) / 2) * width;
	}
	return sum / Math.sqrt(2 * Math.PI);
}

describe('normalCdf', () => {
	it('agrees with JCGM 106:2012, example of a Zener diode and of a container (numbers from memory)', () => {
		// Tolerance -5.40 V, measured -5.47 V, u 0.05 V; and 490 kPa, 507 kPa, 8.6 kPa.
		expect(normalCdf(1.4)).toBeCloseTo(0.919243, 6);
		expect(normalCdf((507 - 490) / 8.6)).toBeCloseTo(0.97596, 4);
		expect(normalCdf(2)).toBeCloseTo(0.97725, 5);
	});

	it('agrees with a reference library (jstat) as far as that one goes', () => {
		for (let z = -8; z <= 8; z += 0.05) expect(normalCdf(z)).toBeCloseTo(jstat.normal.cdf(z, 0, 1), 7);
	});

	it('agrees with a plain numeric sum', () => {
		for (let z = -6; z <= 6; z += 0.37) expect(normalCdf(z)).toBeCloseTo(summedCdf(z), 7);
	});

	it('is symmetric, steady where the two formulas meet, and ends at 0 and 1', () => {
		for (const z of [0, 0.3, 1, 2.5, 3.999, 4.001, 7, 30])
			expect(normalCdf(z) + normalCdf(-z)).toBeCloseTo(1, 14);
		expect(normalCdf(4.0000001)).toBeCloseTo(normalCdf(3.9999999), 10);
		expect(normalCdf(-5)).toBeCloseTo(2.866515718791933e-7, 18);
		expect([normalCdf(-Infinity), normalCdf(Infinity)]).toEqual([0, 1]);
		expect(normalCdf(NaN)).toBeNaN();
	});
});

describe('checkCorner against the formulas written out apart from it', () => {
	it('agrees on values, bands, sd, p and verdict for 500 random corners', () => {
		for (let seed = 0; seed < 500; seed += 1) {
			const corner = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
			const expected = plainChecks(corner);
			const bands = bandTable(corner);
			const checks = checkCorner(corner);
			expect(checks.map((check) => check.id)).toEqual(Object.keys(expected));
			for (const check of checks) {
				const { value, sd } = expected[check.id] ?? { value: NaN, sd: NaN };
				expect(check.value).toBe(value);
				expect(check.sd).toBeCloseTo(sd, 9);
				const band = check.id === 'thigh' ? [20, null, null] : bands[check.id];
				expect([check.low, check.ideal, check.high]).toEqual(band);
				const p =
					(check.high === null ? 1 : normalCdf((check.high - value) / sd)) -
					normalCdf((check.low - value) / sd);
				expect(check.p).toBeCloseTo(p, 9);
				expect(check.verdict).toBe(p >= 0.75 ? 'fits' : p <= 0.25 ? 'off' : 'unsure');
			}
		}
	});
});

describe('verdicts', () => {
	it('fits from 0.75, is off up to 0.25, and unsure between', () => {
		expect([0.75, 0.7499, 0.2501, 0.25].map(verdictAt)).toEqual(['fits', 'unsure', 'unsure', 'off']);
	});

	it('has no upper end where the band has none', () => {
		const open = { low: 20, ideal: null, high: null };
		expect(probabilityInBand(open, 500, 10)).toBe(1);
		expect(probabilityInBand(open, 20, 10)).toBeCloseTo(0.5, 12);
	});
});

describe('measureNext', () => {
	const base = randomCorner(1, { rigid: 0, soft: 0, span: 0 });
	const corner = {
		...base,
		way: 'upright' as const,
		person: {
			...base.person,
			stature: 1700,
			sex: 'female' as const,
			lenses: 'none' as const,
			back: 'any' as const,
			heel: 0
		},
		body: {},
		spot: {
			...base.spot,
			posture: 'sitting' as const,
			by: 'tape' as const,
			surface: { height: 651, thickness: 30, depth: 750, range: null },
			seat: {
				height: 440,
				give: 5,
				range: null,
				depth: 420,
				backrest: true,
				lumbar: true,
				armrest: null,
				castors: false
			},
			keys: { kind: 'separate' as const, homeRow: 20, base: [440, 130] as const },
			screen: { ...base.spot.screen, topAboveBase: 520 }
		}
	};

	it('asks for the elbow first, which can hardly be told from stature', () => {
		expect(measureNext(corner, checkCorner(corner))).toBe('sittingElbow');
	});

	it('asks for nothing where nothing is unsure', () => {
		const high = { ...corner, spot: { ...corner.spot, surface: { ...corner.spot.surface, height: 950 } } };
		expect(checkCorner(high).filter((check) => check.verdict === 'unsure')).toEqual([]);
		expect(measureNext(high, checkCorner(high))).toBeNull();
	});

	it('asks for nothing that a tape has taken', () => {
		for (let seed = 0; seed < 200; seed += 1) {
			const random = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
			const next = measureNext(random, checkCorner(random));
			if (next === 'seat' || next === 'surface' || next === 'thickness')
				expect(random.spot.by).not.toBe('tape');
			else if (next !== null) expect(random.body[next]?.by).not.toBe('tape');
		}
	});
});
