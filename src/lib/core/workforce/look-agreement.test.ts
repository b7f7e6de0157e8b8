import { describe, expect, it } from 'vitest';
import { lookAgreement, type RecordedLook } from './look-agreement';

const look = (known: RecordedLook['known'], saw: RecordedLook['saw'], times = 1): RecordedLook[] =>
	Array.from({ length: times }, () => ({ known, saw }));

describe('how well answers agree with a coordinator’s own look', () => {
	it('counts people by height, and all heights together beyond chance', () => {
		// The table of Cohen’s own measure as it is often shown, a = 20, b = 5, c = 10, d = 15: kappa 0.40 by hand,
		// since 35 of 50 agree and 25 of 50 would by chance.
		const looks = [
			...look({ eye: 'fits' }, { eye: 'fits' }, 20),
			...look({ eye: 'fits' }, { eye: 'problem' }, 5),
			...look({ eye: 'off' }, { eye: 'fits' }, 10),
			...look({ eye: 'off' }, { eye: 'problem' }, 15)
		];
		const told = lookAgreement(looks);
		expect(told?.people).toBe(50);
		expect(told?.kappa?.value).toBeCloseTo(0.4, 10);
		expect(told?.kappa?.low).toBeLessThan(0.4);
		expect(told?.checks).toMatchObject([{ check: 'eye', figure: { x: 35, n: 50 } }]);
	});

	it('leaves out what the answers leave open, and what nobody looked at', () => {
		const looks = [
			...look({ eye: 'unsure', elbow: 'off' }, { eye: 'fits', elbow: 'problem' }, 6),
			...look({ eye: 'unsure' }, { eye: 'problem' }, 30),
			...look({ elbow: 'fits' }, {}, 30)
		];
		const told = lookAgreement(looks);
		expect(told?.people).toBe(6);
		expect(told?.checks.map(({ check }) => check)).toEqual(['elbow']);
		// Everybody agrees on a single answer: chance alone would, too.
		expect(told?.kappa).toBeNull();
	});

	it('is not told of fewer than five people, nor where a few of them would be', () => {
		expect(lookAgreement(look({ eye: 'off' }, { eye: 'problem' }, 4))).toBeNull();
		const twoDiffer = [
			...look({ eye: 'off' }, { eye: 'problem' }, 8),
			...look({ eye: 'off' }, { eye: 'fits' }, 2)
		];
		expect(lookAgreement(twoDiffer)).toMatchObject({ kappa: null, checks: [{ check: 'eye', figure: null }] });
	});
});
