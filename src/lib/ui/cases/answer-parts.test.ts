import { describe, expect, it } from 'vitest';
import { checklistAnswersOf, factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
import { CHECKLIST_VERSIONS, newestChecklist } from '$lib/core/questionnaire/checklist/checklist';
import { messagesFor } from '$lib/messages';
import { randomAnswers } from '../../../../tests/support/random-answers';
import { randomCorner } from '../../../../tests/support/random-corner';
import { answerParts, changedParts } from './answer-parts';

const t = messagesFor();

/** The answers of a random person, as their case shows them. */
function partsOf(seed: number) {
	const answers = randomAnswers(seed);
	const checklist = {
		version: newestChecklist(CHECKLIST_VERSIONS).version,
		own: null,
		answers: checklistAnswersOf(answers),
		facts: factsOfAnswers(answers, 'upright'),
		care: [],
		devices: [],
		photo: null,
		arms: 'both',
		byPhone: null
	} as const;
	return answerParts({ corner: randomCorner(seed, { rigid: 4, soft: 2, span: 0 }), checklist }, t, 'cm');
}

const linesOf = (parts: ReturnType<typeof partsOf>) =>
	parts.flatMap(({ title, lines }) => lines.map(({ name, words }) => `${title} | ${name} | ${words}`));

describe('the answers of a self-assessment, part by part', () => {
	const all = Array.from({ length: 60 }, (_, seed) => partsOf(seed));

	it('have a title, at least one line each, and words in every line', () => {
		for (const parts of all) {
			expect(parts.length).toBeGreaterThan(3);
			for (const { title, lines } of parts) {
				expect(title).not.toMatch(/^$|undefined/);
				expect(lines.length, title).toBeGreaterThan(0);
				for (const { name, words } of lines) expect(`${name}: ${words}`).not.toMatch(/^: |: $|undefined|NaN/);
			}
		}
	});

	it('that are the same as later ones leave nothing to show', () => {
		for (const parts of all) expect(changedParts(parts, parts)).toEqual([]);
	});

	it('that differ are shown whole, in their order, and nothing else is', () => {
		for (const [i, earlier] of all.entries()) {
			const later = all[(i + 1) % all.length] ?? [];
			const known = new Set(linesOf(later));
			const shown = changedParts(earlier, later);
			expect(linesOf(shown)).toEqual(linesOf(earlier).filter((line) => !known.has(line)));
			for (const { lines } of shown) expect(lines.length).toBeGreaterThan(0);
			// With the later ones, they tell all that was answered before.
			const told = new Set([...linesOf(shown), ...known]);
			for (const line of linesOf(earlier)) expect(told.has(line)).toBe(true);
		}
	});
});
