import { describe, expect, it } from 'vitest';
import { bodyOf, estimateBodyLength } from './body-length';

/** Bodyspace, British adults 19 to 65 (from memory): mean sitting elbow over mean stature. */
describe('estimateBodyLength', () => {
	it('keeps the proportion of the means', () => {
		expect(estimateBodyLength({ stature: 1610, sex: 'female' }, 'sittingElbow').mm).toBe(235);
		expect(estimateBodyLength({ stature: 1740, sex: 'male' }, 'popliteal').mm).toBe(440);
		expect(estimateBodyLength({ stature: 1640, sex: 'female' }, 'buttockPopliteal').mm).toBe(489);
	});

	it('takes the mean of the two and the larger sd where the sex is unstated', () => {
		const of = (sex: 'female' | 'male' | 'unstated') =>
			estimateBodyLength({ stature: 1700, sex }, 'sittingEye');
		expect(of('unstated').mm).toBe(Math.round((1700 * 790) / 1740 / 2 + (1700 * 740) / 1610 / 2));
		expect(of('unstated').sd).toBe(Math.max(of('female').sd, of('male').sd));
	});

	it('leaves to the elbow nearly all of its spread, to the standing eye nearly none', () => {
		const elbow = estimateBodyLength({ stature: 1700, sex: 'male' }, 'sittingElbow');
		const eye = estimateBodyLength({ stature: 1700, sex: 'male' }, 'standingEye');
		expect(elbow.sd).toBeCloseTo(31 * Math.sqrt(1 - 0.35 ** 2), 9);
		expect(eye.sd).toBeCloseTo(69 * Math.sqrt(1 - 0.97 ** 2), 9);
	});
});

describe('bodyOf', () => {
	it('takes what was measured, with the sd of its method and of holding still', () => {
		const person = {
			stature: 1700,
			sex: 'female',
			heel: 0,
			hand: 'right',
			lenses: 'none',
			back: 'any',
			wrists: 'well'
		} as const;
		const body = bodyOf({ person, body: { thigh: { mm: 151, by: 'a4-sheets' } } });
		expect(body.thigh).toEqual({ mm: 151, sd: Math.hypot(10, 12), from: 'a4-sheets' });
		expect(body.popliteal.from).toBe('estimate');
	});
});
