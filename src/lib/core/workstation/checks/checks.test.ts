import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { bandTable, plainChecks } from '../../../../../tests/support/exhaustive-plan';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { bodyOf } from '../../body/body-length';
import type { BodyLengthName } from '../corner/vocabulary';
import type { Corner } from '../corner/corner';
import { measurementGainOf, isApproximate, measureNext } from './measure-next';
import { verdictProbabilities, verdictUncertainty, verdictOf } from './verdict';
import { checkCorner } from './check-corner';
import { normalCdf } from '../../workforce/statistics/normal-cdf';

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
				const below = jstat.normal.cdf((check.low - value) / sd, 0, 1);
				const above = check.high === null ? 0 : jstat.normal.cdf((value - check.high) / sd, 0, 1);
				expect(check.below).toBeCloseTo(below, 7);
				expect(check.above).toBeCloseTo(above, 7);
				expect(check.below + check.p + check.above).toBeCloseTo(1, 12);
				const said = 1 - below - above >= 0.75 ? 'fits' : Math.max(below, above) >= 0.75 ? 'off' : 'unsure';
				expect(check.verdict).toBe(said);
				// Nothing is called wrong whose value lies in its band.
				if (said === 'off') expect(value < check.low || value > (check.high ?? Infinity)).toBe(true);
			}
		}
	});
});

describe('verdicts', () => {
	it('says nothing that is less likely than 0.75: that it fits, or which way it is off', () => {
		const at = (below: number, p: number, above: number) => verdictOf({ below, p, above });
		expect([at(0.25, 0.75, 0), at(0.2501, 0.7499, 0), at(0.75, 0.25, 0), at(0, 0.25, 0.75)]).toEqual([
			'fits',
			'unsure',
			'off',
			'off'
		]);
		// Hardly in the band, and as likely over as under it: not known to be wrong either way.
		expect(at(0.45, 0.1, 0.45)).toBe('unsure');
	});

	it('is least decided where the three are alike', () => {
		const third = 1 / 3;
		expect(verdictUncertainty({ below: third, p: third, above: third })).toBeCloseTo(2 / 3, 12);
		expect(verdictUncertainty({ below: 0, p: 1, above: 0 })).toBe(0);
		expect(verdictUncertainty({ below: 0.5, p: 0, above: 0.5 })).toBeCloseTo(0.5, 12);
	});

	it('has no upper end where the band has none', () => {
		const open = { low: 20, ideal: null, high: null };
		expect(verdictProbabilities(open, 500, 10)).toEqual({ below: 0, p: 1, above: 0 });
		expect(verdictProbabilities(open, 20, 10)).toMatchObject({ above: 0 });
		expect(verdictProbabilities(open, 20, 10).p).toBeCloseTo(0.5, 12);
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

	it('is the one that lets the sum of u fall farthest, of 300 random corners, by taking each in turn', () => {
		const lengths: readonly BodyLengthName[] = [
			'popliteal',
			'sittingElbow',
			'sittingEye',
			'thigh',
			'buttockPopliteal',
			'standingElbow',
			'standingEye'
		];
		let told = 0;
		for (let seed = 0; seed < 300; seed += 1) {
			const random = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
			// Furniture by tape: what is left to take is the person's own, each of which can be taken alone.
			const corner = { ...random, spot: { ...random.spot, by: 'tape' as const } };
			const checks = checkCorner(corner);
			const sum = (of: typeof corner) =>
				checkCorner(of).reduce((all, check) => all + verdictUncertainty(check), 0);
			const falls = lengths.flatMap((name) => {
				const mm = corner.body[name]?.mm ?? bodyOf(corner)[name].mm;
				const fall = sum(corner) - sum({ ...corner, body: { ...corner.body, [name]: { mm, by: 'tape' } } });
				return fall > 1e-12 ? [{ name, fall }] : [];
			});
			const largest = Math.max(...falls.map(({ fall }) => fall));
			const expected =
				checks.some(({ verdict }) => verdict === 'unsure') && falls.length > 0
					? falls.find(({ fall }) => fall > largest - 1e-12)?.name
					: null;
			expect(measureNext(corner, checks)).toBe(expected);
			if (expected) told += 1;
		}
		expect(told).toBeGreaterThan(50);
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

/** The same corner with every length taken by tape. */
function allTaped(corner: Corner): Corner {
	const body = Object.entries(bodyOf(corner)).map(([name, { mm }]) => [name, { mm, by: 'tape' as const }]);
	return {
		...corner,
		body: Object.fromEntries(body) as Corner['body'],
		spot: { ...corner.spot, by: 'tape' }
	};
}

describe('measurementGainOf', () => {
	it('says "about" where the sd is over 15 mm, and "at the edge" where no tape can settle it', () => {
		let [about, edges] = [0, 0];
		for (let seed = 0; seed < 400; seed += 1) {
			const random = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
			const corner = seed % 2 ? random : allTaped(random);
			const checks = checkCorner(corner);
			const certainty = measurementGainOf(corner, checks);
			for (const check of checks) {
				const { measure, isAtEdge } = certainty[check.id] ?? {};
				expect(isApproximate(check)).toBe(check.sd > 15);
				if (isApproximate(check)) about += 1;
				// Where a tape would tell more it is asked for; where none would, nobody is sent to measure again.
				if (isAtEdge) expect(measure).toBeNull();
				if (check.verdict !== 'unsure') expect(isAtEdge).toBe(false);
				if (isAtEdge) edges += 1;
			}
		}
		expect(about).toBeGreaterThan(100);
		expect(edges).toBeGreaterThan(5);
	});
});
