import { describe, expect, it } from 'vitest';
import { DEMO_PEOPLE } from '../../../../seed/people';
import { cornerFromAnswers } from '../questionnaire/answers/corner-from-answers';
import { laptopArrangements } from './laptop';
import { planCorner } from './plan-corner';
import { planSteps } from './plan-steps';

function solved(name: string) {
	const person = DEMO_PEOPLE.find((p) => p.name.startsWith(name));
	const { corner } = cornerFromAnswers(person?.answers ?? {}, 'upright');
	const report = corner && planCorner(corner, 1);
	const plan = report?.plans[0];
	if (!corner || !plan) throw new Error(`${name} has no plan`);
	return { corner, report, plan };
}

function stepsOf(name: string) {
	const { corner, report, plan } = solved(name);
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
		// A laptop that is typed on stays low; one that is only read from is raised, for a spell.
		const { corner, report, plan } = solved('Teodor');
		const reading = laptopArrangements(corner, plan, report.before)?.reading;
		if (!reading) throw new Error('Teodor has a laptop alone');
		const steps = planSteps(corner, reading, report.before);
		expect(steps.find((step) => step.place === 'screen')?.cautions).toContain('half-hour-spells');
	});

	it('build and set nothing where all fits', () => {
		const { plan, steps } = stepsOf('Ansa');
		expect(plan.cost).toMatchObject({ W: 0, pieces: 0 });
		expect(steps.map((step) => step.place)).toEqual(['keys']);
		expect(steps.some(({ moves }) => moves)).toBe(false);
	});
});
