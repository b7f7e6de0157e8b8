import { describe, expect, it } from 'vitest';
import { checklistFrom } from './checklist/own-checklist';
import { randomAnswers } from '../../../../tests/support/random-answers';
import { prefilledSpotFields } from './answers/shared-fields';
import { addThingFields, THING_CHOICES } from './answers/household-things';
import { QUESTIONNAIRE_PAGES } from './answers/questionnaire-pages';
import type { Answers } from './answers/fields';
import type { HouseholdKind } from '../workstation/corner/vocabulary';
import { skippedQuestionsOf } from './skipped-questions';
import {
	minutesLeft,
	pageAfter,
	pageBefore,
	questionAfter,
	questionBefore,
	questionnaireOf
} from './questionnaire';
import { openQuestions } from './select-questions';

const ASKING = { way: 'upright', checklist: checklistFrom(3, null) } as const;
const MANY = Array.from({ length: 60 }, (_, seed) => randomAnswers(seed));

describe('a walk', () => {
	it('goes on to what is open and comes back over what was answered', () => {
		for (const answers of MANY) {
			const walk = questionnaireOf(answers, ASKING, 'short');
			const place = (id: string) => walk.steps.findIndex((step) => step.id === id);
			let at = questionAfter(walk, null);
			let passed = 0;
			while (at) {
				expect(walk.open).toContain(at);
				const next = questionAfter(walk, at.id);
				if (next) expect(place(next.id)).toBeGreaterThan(place(at.id));
				at = next;
				passed += 1;
			}
			expect(passed).toBe(walk.open.length);
			const last = walk.steps.at(-1);
			if (last) expect(questionBefore(walk, last.id)).toBe(walk.steps.at(-2) ?? null);
			if (walk.steps[0]) expect(questionBefore(walk, walk.steps[0].id)).toBeNull();
		}
	});

	it('skips pages on which nothing is open, forwards, and on which nothing is asked, backwards', () => {
		for (const answers of MANY) {
			const walk = questionnaireOf(answers, ASKING, 'short');
			for (const page of QUESTIONNAIRE_PAGES) {
				const next = pageAfter(walk, page);
				if (next) expect(walk.open.some((question) => question.page === next)).toBe(true);
				const before = pageBefore(walk, page);
				if (before)
					expect(QUESTIONNAIRE_PAGES.indexOf(before)).toBeLessThan(QUESTIONNAIRE_PAGES.indexOf(page));
			}
		}
	});

	it('of some pages asks nothing of the others', () => {
		const walk = questionnaireOf({}, ASKING, 'complete', ['hands', 'mouse']);
		expect(new Set(walk.steps.map(({ page }) => page))).toEqual(new Set(['hands', 'mouse']));
	});

	it('has minutes left as long as anything is open', () => {
		expect(minutesLeft([])).toBe(0);
		expect(minutesLeft(openQuestions({}, ASKING, 'short'))).toBeGreaterThanOrEqual(3);
		expect(minutesLeft(openQuestions({}, ASKING, 'complete'))).toBeGreaterThan(10);
	});
});

describe('a closer look', () => {
	it('holds every question that was not answered, by station, with its minutes', () => {
		for (const answers of MANY) {
			const closer = skippedQuestionsOf(answers, ASKING);
			const open = openQuestions(answers, ASKING, 'complete').length;
			expect(closer.reduce((sum, { questions }) => sum + questions, 0)).toBe(open);
			for (const { minutes } of closer) expect(minutes).toBeGreaterThanOrEqual(1);
		}
	});
});

describe('a further spot', () => {
	it('begins with the person, their habits and their laptop, and asks what differs', () => {
		const answers: Answers = {
			unit: 'cm',
			stature: '170',
			hurts: 'no',
			by: 'tape',
			posture: 'sitting',
			surfaceHeight: '74',
			screenKind: 'laptop',
			screenSize: '14',
			mouse: 'separate',
			'check.get-up': 'seldom',
			'check.walkway': 'out-of-the-way'
		};
		const carried = prefilledSpotFields(answers);
		expect(carried).toEqual({
			unit: 'cm',
			stature: '170',
			hurts: 'no',
			by: 'tape',
			screenKind: 'laptop',
			screenSize: '14',
			mouse: 'separate',
			'check.get-up': 'seldom'
		});
		// A monitor stays where it stands.
		expect(prefilledSpotFields({ ...answers, screenKind: 'monitor' })).not.toHaveProperty('screenKind');
	});
});

describe('one more thing of a kind', () => {
	it('is counted with those that are listed, or begins with its usual size', () => {
		const thing = (kind: HouseholdKind, label: string, isOwn = false) => ({
			...THING_CHOICES.find((one) => one.kind === kind)!,
			label,
			isOwn
		});
		const book = thing('book', 'Book');
		const one = addThingFields({ unit: 'cm' }, book, 'cm') ?? {};
		expect(one).toMatchObject({ 'thing.0.kind': 'book', 'thing.0.count': '1', 'thing.0.c': '3.5' });
		expect(addThingFields({ unit: 'cm', ...one }, book, 'cm')).toEqual({ 'thing.0.count': '2' });
		expect(addThingFields({ unit: 'cm', ...one, 'thing.0.count': 'two' }, book, 'cm')).toEqual({
			'thing.0.count': '1'
		});
		expect(addThingFields({ unit: 'cm', ...one }, thing('ream', 'Ream'), 'cm')).toMatchObject({
			'thing.1.kind': 'ream'
		});
		// An organisation's own item isn't another one of the usual kind.
		const box = { ...thing('book', 'Laptop box', true), size: [330, 250, 90] as const };
		const both = { unit: 'cm', ...one, ...addThingFields({ unit: 'cm', ...one }, box, 'cm') };
		expect(both).toMatchObject({ 'thing.0.count': '1', 'thing.1.label': 'Laptop box', 'thing.1.c': '9.0' });
		expect(addThingFields(both, box, 'cm')).toEqual({ 'thing.1.count': '2' });
	});
});
