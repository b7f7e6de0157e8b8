import { describe, expect, it } from 'vitest';
import { keptAdvice, offersOf, stepsToDo, adviseCorner } from '$lib/core/advice';
import { findingRule } from '$lib/core/checklist';
import { distanceOutside } from '$lib/core/guidance';
import { formatLength } from '$lib/core/length';
import { sectionOf } from '$lib/core/section';
import { messagesFor } from '$lib/messages';
import { adviceForPage } from '$lib/messages/advice-for-page';
import { checklistTextsFor } from '$lib/messages/checklist';
import { gapLabels } from '$lib/ui/section/gap-labels';
import { frameFor } from '$lib/ui/section/frame';
import { checkWords } from '$lib/ui/gap-mark/check-words';
import { stepCheck, stepWords } from '$lib/ui/plan/step-words';
import { randomCorner } from '../support/random-corner';

const t = messagesFor('en');
/** Answers that find what has cautions of its own. */
const EVERY_ANSWER = {
	'check.strips': 'into-another',
	'check.stacks': 'wobble',
	'check.pointing-hand': 'tired',
	'check.standing-time': 'all-day'
};

const cm = (mm: number) => formatLength(mm, 'cm', { locale: t.locale });

/** Random people of all ways, backs, lenses, seats and keys, with the steps that they are given. */
const people = Array.from({ length: 600 }, (_, seed) => {
	const corner = randomCorner(seed + 5000, { rigid: 8, soft: 3, span: seed % 2 ? 60 : 0 });
	const advice = keptAdvice(adviseCorner(corner));
	const plan = offersOf(corner, advice)[0]?.plan ?? null;
	return { corner, advice, plan, steps: stepsToDo(corner, advice, 0) };
});

/** How often a rule had something to hold: a rule that nothing ever met would hold of anything. */
function held(rule: (person: (typeof people)[number]) => number): number {
	return people.reduce((sum, person) => sum + rule(person), 0);
}

describe('what one person is told', () => {
	it('sets a seat as it is measured, empty, and says apart what it is under them', () => {
		const seats = held(({ corner, plan, steps }) => {
			const step = steps.find(({ place }) => place === 'seat');
			if (!step || step.setTo === null || !plan || !corner.spot.seat) return 0;
			const empty = (plan.heights.seat ?? 0) + corner.spot.seat.give;
			const words = stepWords(step, t, 'cm').join(' ');
			expect(words).toContain(t.steps.set.seat(cm(empty)));
			expect(words).toContain(
				`Under you it is then at ${cm((plan.heights.seat ?? 0) + plan.stations.seat.rise)}`
			);
			return 1;
		});
		expect(seats).toBeGreaterThan(30);
	});

	it('gives a screen that is moved its instruction: the top edge, where the drawing has it', () => {
		const screens = held(({ corner, plan, steps }) => {
			const step = steps.find(({ place }) => place === 'screen');
			if (!step || step.setTo === null || !plan) return 0;
			expect(stepWords(step, t, 'cm').join(' ')).toContain(t.steps.set.screen(cm(step.setTo)));
			expect(step.setTo).toBeCloseTo(sectionOf(corner, plan).furniture.screen.top.y, 6);
			return 1;
		});
		expect(screens).toBeGreaterThan(10);
	});

	it('never meets the top edge of a screen that was planned far under the eye, nor looks over one that was not', () => {
		const low = held(({ corner, steps }) => {
			const step = steps.find(({ place }) => place === 'screen');
			if (!step) return 0;
			const isLow = ['bifocal', 'progressive'].includes(corner.person.lenses);
			expect(stepCheck(step, t, 'cm').includes('look over the screen')).toBe(isLow);
			return isLow ? 1 : 0;
		});
		expect(low).toBeGreaterThan(50);
	});

	it('has no roll in a hollow that is eased by rounding, nor where one sits at the front of the seat', () => {
		const free = held(({ corner, advice, steps }) => {
			const isFree = corner.person.back === 'eased-by-rounding' || corner.way === 'active';
			if (!isFree) return 0;
			expect(advice.findings.map(({ finding }) => finding)).not.toContain('no-low-back-support');
			if (corner.way === 'active') expect(steps.map(({ place }) => place)).not.toContain('back');
			return 1;
		});
		expect(free).toBeGreaterThan(100);
	});

	it('has one number for a gap: in the drawing, in the words, and as far as the value lies beyond its band', () => {
		const gaps = held(({ corner, plan }) => {
			let told = 0;
			for (const section of [sectionOf(corner, null), sectionOf(corner, plan)]) {
				const labels = gapLabels(section, frameFor([section], 640, 620), t, 'cm');
				for (const { check, lines } of labels) {
					const result = section.checks.find(({ id }) => id === check);
					if (!result) throw new Error(`The drawing has a gap of ${check}, which was not checked`);
					expect(lines[0]).toBe(cm(distanceOutside(result, result.value)));
					const words = checkWords(result, t, 'cm', section.certainty[check]);
					if (!section.certainty[check]?.isAtEdge) expect(words).toContain(lines[0]);
					told += 1;
				}
			}
			return told;
		});
		expect(gaps).toBeGreaterThan(500);
	});

	it('has every caution of a finding beside it, where its risk is', () => {
		const texts = checklistTextsFor('en');
		const cautious = held(({ corner, advice }) => {
			const told = { answers: EVERY_ANSWER, discomfort: [], checklistVersion: 1 };
			let shown = 0;
			for (const { finding, cautions } of adviceForPage(corner, advice, told, 'en').findings) {
				expect(cautions).toEqual(findingRule(finding).cautions.map((caution) => texts.cautions[caution]));
				shown += cautions.length;
			}
			return shown;
		});
		expect(cautious).toBeGreaterThan(100);
	});

	it('is asked for nothing where every check fits, and never for more than the ladder recommends', () => {
		const rungs = held(({ advice, plan, steps }) => {
			if (advice.before.every(({ verdict }) => verdict === 'fits')) expect(steps).toEqual([]);
			if (steps.length === 0) return 0;
			expect(plan).toEqual(advice.ladder?.at(-1)?.plan);
			return 1;
		});
		expect(rungs).toBeGreaterThan(200);
	});
});
