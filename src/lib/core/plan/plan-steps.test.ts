import { describe, expect, it } from 'vitest';
import { DEMO_PEOPLE } from '../../../../seed/people';
import { cornerFromAnswers } from '../answers';
import { planCorner, planSteps } from './index';

function stepsOf(name: string) {
	const person = DEMO_PEOPLE.find((p) => p.name.startsWith(name));
	const { corner } = cornerFromAnswers(person?.answers ?? {}, 'upright');
	const report = corner && planCorner(corner, 1);
	const plan = report?.plans[0];
	if (!corner || !plan) throw new Error(`${name} has no plan`);
	return { plan, steps: planSteps(corner, plan, report.before) };
}

describe('planSteps', () => {
	it('come from the floor up, each with its pieces, its height and its check', () => {
		const { plan, steps } = stepsOf('Mirela');
		expect(steps.map((step) => step.place)).toEqual(['seat', 'feet', 'back', 'keys', 'screen', 'distance']);
		const [seat, feet, back, , screen] = steps;
		expect(seat?.rise).toBe(plan.stations.seat.rise);
		expect(seat?.target).toBe((plan.heights.seat ?? 0) + plan.stations.seat.rise);
		expect(feet?.pieces.map((piece) => piece.id)).toEqual(plan.stations.feet.pieces.map((piece) => piece.id));
		expect(screen?.after?.id).toBe('eye');
		// The towel that is rolled is not one that lies on the seat.
		expect(seat?.pieces.map((piece) => piece.id)).not.toContain(back?.pieces[0]?.id);
	});

	it('carry their cautions where the risk is', () => {
		const mirela = stepsOf('Mirela').steps;
		expect(mirela.find((step) => step.place === 'screen')?.cautions).toEqual([
			'push-before-use',
			'laptop-vents'
		]);
		expect(mirela.find((step) => step.place === 'feet')?.cautions).toEqual(['nobody-stands-on-it']);
		expect(mirela.find((step) => step.place === 'seat')?.cautions).toEqual(['pads-rock']);
		expect(stepsOf('Teodor').steps.find((step) => step.place === 'screen')?.cautions).toContain(
			'compromise-half-hour'
		);
	});

	it('build nothing where all fits: a chair that moves is set nearer to the ideal, no more', () => {
		const { plan, steps } = stepsOf('Ansa');
		expect(plan.cost).toMatchObject({ W: 0, pieces: 0 });
		expect(steps.map((step) => step.place)).toEqual(['seat', 'keys']);
	});
});
