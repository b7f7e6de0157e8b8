import { describe, expect, it } from 'vitest';
import { checkCorner } from '$lib/core/workstation/checks/check-corner';
import { setUpAsMeasured } from '$lib/core/workstation/checks/set-up';
import { planCorner, setUpAfter } from '$lib/core/plan/plan-corner';
import { planSteps } from '$lib/core/plan/plan-steps';
import { remeasuredHeightsOf } from '$lib/core/workstation/side-view/remeasured-heights';
import { messagesFor } from '$lib/messages';
import { randomCorner } from '../../../../tests/support/random-corner';
import { Remeasurement } from './remeasurement.svelte';
import { stepWords } from './step-words';

const t = messagesFor();
const planned = Array.from({ length: 40 }, (_, seed) => {
	const corner = randomCorner(seed + 300, { rigid: 9, soft: 4, span: seed % 3 === 0 ? 90 : 0 });
	const plan = planCorner(corner, 1).plans[0];
	if (!plan) throw new Error('Every corner has a plan, if only to leave it');
	return { corner, plan, steps: planSteps(corner, plan, checkCorner(corner)) };
});

describe('the words of a step', () => {
	it('name every piece and the height that comes of it, in each unit', () => {
		let seen = 0;
		for (const { steps } of planned)
			for (const step of steps)
				for (const unit of ['cm', 'mm', 'in'] as const) {
					const words = stepWords(step, t, unit).join(' ');
					expect(words).not.toMatch(/undefined|NaN|\bnull\b/);
					for (const { label } of step.pieces) expect(words).toContain(label);
					if (step.pieces.length > 1) expect(words).toMatch(/^.*From the bottom up/);
					seen += 1;
				}
		expect(seen).toBeGreaterThan(200);
	});

	it('are sentences', () => {
		for (const { steps } of planned)
			for (const step of steps)
				for (const sentence of stepWords(step, t, 'cm')) expect(sentence).toMatch(/^\S.*[.]$/su);
	});
});

describe('what is measured again', () => {
	const [first] = planned;
	if (!first) throw new Error('no plan');
	const { corner, plan } = first;

	const standing = remeasuredHeightsOf(corner, setUpAsMeasured(corner));
	const nothing = { kept: null, standing };

	it('begins empty, with what the plan comes to as a hint, and takes what is typed', () => {
		const again = new Remeasurement(corner, plan, nothing, 'cm');
		expect(again.touched).toBe(false);
		expect(again.isEmpty).toBe(true);
		expect(again.fields.map((field) => again.text(field))).toEqual(again.fields.map(() => ''));
		expect(again.planned).toEqual(remeasuredHeightsOf(corner, setUpAfter(corner, plan)));
		expect(again.lengths).toEqual(standing);
		const before = again.lengths;
		again.set('surface', '71.5');
		expect(again.touched).toBe(true);
		expect(again.lengths).toEqual({ ...before, surface: 715 });
		expect(again.isEmpty).toBe(false);
		expect(again.texts).toMatchObject({ surface: '71.5', screenTop: '' });
	});

	it('shows what was saved earlier as a value, and only that', () => {
		const again = new Remeasurement(corner, plan, { kept: { screenTop: 1205 }, standing }, 'cm');
		expect(again.text('screenTop')).toBe('120.5');
		expect(again.text('surface')).toBe('');
		expect(again.isEmpty).toBe(false);
	});

	it('sends nothing while a field can not be read, and keeps what stood there', () => {
		const again = new Remeasurement(corner, plan, nothing, 'cm');
		const before = again.lengths.screenTop;
		again.set('screenTop', 'high');
		expect(again.issue('screenTop')?.code).toBe('not-a-length');
		expect(again.texts).toBeNull();
		expect(again.lengths.screenTop).toBe(before);
	});

	it('goes on with what was typed without network', () => {
		const again = new Remeasurement(corner, plan, nothing, 'cm', { surface: '70', other: '9' });
		expect(again.text('surface')).toBe('70');
		expect(again.touched).toBe(true);
		expect(Object.keys(again.texts ?? {})).not.toContain('other');
	});

	it('asks for no seat where one stands', () => {
		const standing = {
			...corner,
			spot: { ...corner.spot, posture: 'standing' as const, seat: null }
		};
		const plans = planCorner(standing, 1).plans;
		const heights = remeasuredHeightsOf(standing, setUpAsMeasured(standing));
		const before = { kept: null, standing: heights };
		const again = new Remeasurement(standing, plans[0] ?? plan, before, 'cm');
		expect(again.fields).toEqual(['surface', 'keysOn', 'screenTop']);
		expect(again.lengths.seatUnder).toBeNull();
	});
});
