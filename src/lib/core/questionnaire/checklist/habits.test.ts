import { describe, expect, it } from 'vitest';
import { factsOf } from '../../plan/conditions/facts';
import { randomPerson } from '../../../../../tests/support/random-person';
import { checklistOf, CHECKLIST_VERSIONS } from './checklist';
import { HABIT_IDS, HABITS, habitsOf } from './habits';

const newest = checklistOf(3) ?? { version: 0, items: [] };
const PEOPLE = Array.from({ length: 200 }, (_, seed) => randomPerson(seed));

describe('habits', () => {
	it('name answers that there are: one that is fine, one that finds something', () => {
		const items = CHECKLIST_VERSIONS.flatMap(({ items: all }) => all);
		for (const { item, so, notSo } of HABIT_IDS.flatMap((id) => [...HABITS[id]])) {
			const answers = items.findLast(({ id }) => id === item)?.answers ?? [];
			expect(answers.find(({ id }) => id === so)?.finding, item).toBeNull();
			expect(answers.find(({ id }) => id === notSo)?.finding, item).toEqual(expect.any(String));
		}
	});

	it('are six for everybody, and are asked of nobody whom the question does not suit', () => {
		const asked = new Set<string>();
		for (const { corner } of PEOPLE) {
			const facts = factsOf(corner);
			const habits = habitsOf(newest, facts, {});
			expect(habits.map(({ id }) => id)).toEqual(HABIT_IDS);
			for (const { question } of habits) if (question) asked.add(question.item);
			const moving = habits.find(({ id }) => id === 'up-and-about')?.question?.item;
			if (facts.seat === 'wheelchair') expect(moving).toBe('weight-shift');
			if (facts.mouse === 'touchpad')
				expect(habits.find(({ id }) => id === 'mouse-close')?.question).toBeNull();
		}
		expect([...asked].sort()).toEqual(
			['get-up', 'mouse-place', 'phone', 'read-sitting-back', 'reflections', 'weight-shift', 'wrist'].sort()
		);
	});

	it('follow what was answered, in the walk or by a tap: it is so, it isn’t, nothing was said', () => {
		const corner = PEOPLE.map((person) => person.corner).find(
			({ spot }) => spot.mouse === 'separate' && spot.seat?.kind === 'chair'
		);
		if (!corner) throw new Error('Nobody of these people has a chair and a mouse');
		for (const id of HABIT_IDS) {
			const state = (answers: Record<string, string>) =>
				habitsOf(newest, factsOf(corner), answers).find((habit) => habit.id === id);
			const question = state({})?.question;
			if (!question) throw new Error(id);
			expect(state({})).toMatchObject({ isSo: null, finding: null });
			expect(state({ [question.item]: question.so })).toMatchObject({ isSo: true, finding: null });
			expect(state({ [question.item]: question.notSo })).toMatchObject({
				isSo: false,
				finding: expect.any(String)
			});
		}
	});
});
