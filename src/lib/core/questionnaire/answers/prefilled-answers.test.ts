import { describe, expect, it } from 'vitest';
import { prefilledAnswers } from './prefilled-answers';

const setUp = {
	seat: 450,
	surface: 730,
	screenTopAboveBase: 480,
	pads: 0,
	softs: 0,
	feet: 0,
	keys: 0,
	screen: 0
};

describe('answers put in again', () => {
	it('keep what someone sat on, where it was asked another way', () => {
		expect(prefilledAnswers({ drawnAs: 'wheelchair' }, setUp)).toMatchObject({
			seatKind: 'wheelchair',
			drawnAs: 'standard'
		});
		expect(prefilledAnswers({ 'check.chair': 'ball' }, setUp).seatKind).toBe('ball');
		expect(prefilledAnswers({ 'check.chair': 'chair' }, setUp).seatKind).toBeUndefined();
		expect(prefilledAnswers({ 'check.chair': 'ball', seatKind: 'stool' }, setUp).seatKind).toBe('stool');
	});

	it('leave out how someone felt, what they had done and what did not work', () => {
		const fields = {
			'sign.chest-pain': 'no',
			'pain.neck.worst': '5',
			'tick.seat': 'yes',
			'out.t0': 'yes',
			// Nothing hurt then: that says nothing of today. Nor does a floor that was clear.
			hurts: 'no',
			'check.strips': 'into-the-wall',
			'check.walkway': 'out-of-the-way',
			stature: '168'
		};
		expect(prefilledAnswers(fields, setUp)).toEqual({ stature: '168' });
	});
});
