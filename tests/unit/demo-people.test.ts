import { describe, expect, it } from 'vitest';
import { cornerFromAnswers } from '$lib/core/questionnaire/answers/corner-from-answers';
import { discomfortFromAnswers } from '$lib/core/questionnaire/answers/discomfort-answers';
import { redFlagsOf } from '$lib/core/questionnaire/answers/checklist-fields';
import { adviseCorner } from '$lib/core/plan/advice/advise-corner';
import { validateCorner } from '$lib/core/workstation/corner/validate-corner';
import { DEMO_PEOPLE } from '../../seed/people';

describe('the hand-written people of the demo', () => {
	const answered = DEMO_PEOPLE.flatMap(({ name, answers }) => (answers ? [{ name, answers }] : []));

	it('have names and addresses of their own, at the invented organisation', () => {
		expect(new Set(DEMO_PEOPLE.map(({ name }) => name)).size).toBe(DEMO_PEOPLE.length);
		expect(new Set(DEMO_PEOPLE.map(({ email }) => email)).size).toBe(DEMO_PEOPLE.length);
		for (const { email, shows } of DEMO_PEOPLE) {
			expect(email).toMatch(/@lanterns\.example$/);
			expect(shows.length).toBeGreaterThan(10);
		}
	});

	it('answered after they were asked', () => {
		for (const { sentDaysAgo, answeredDaysAgo, answers } of DEMO_PEOPLE)
			if (answers) expect(answeredDaysAgo ?? 0).toBeLessThanOrEqual(sentDaysAgo);
	});

	it.each(answered)('are cases that the program takes as they are: $name', ({ answers }) => {
		const { corner, issues } = cornerFromAnswers(answers, 'upright');
		expect(issues).toEqual([]);
		expect(validateCorner(corner).ok).toBe(true);
		expect(discomfortFromAnswers(answers).issues).toEqual([]);
	});

	it('show between them a corner that fits, a home that mends much, one that leaves something open, pain and none', () => {
		const cases = answered.map(({ answers }) => {
			const { corner } = cornerFromAnswers(answers, 'upright');
			if (!corner) throw new Error('no corner');
			const { before, plans } = adviseCorner(corner);
			const off = before.filter(({ verdict }) => verdict === 'off').length;
			return {
				off,
				open: plans[0]?.open.length ?? off,
				signs: redFlagsOf(answers).length,
				pains: discomfortFromAnswers(answers).reports.length
			};
		});
		expect(cases.some(({ off }) => off === 0)).toBe(true);
		expect(cases.some(({ off, open }) => open < off)).toBe(true);
		expect(cases.some(({ off, open }) => off > 0 && open > 0)).toBe(true);
		expect(cases.some(({ pains }) => pains > 0)).toBe(true);
		expect(cases.some(({ pains, signs }) => pains === 0 && signs === 0)).toBe(true);
	});
});
