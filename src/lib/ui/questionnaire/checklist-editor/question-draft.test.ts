import { describe, expect, it } from 'vitest';
import { makeOwnChecklist, type ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
import { newestChecklist, CHECKLIST_VERSIONS } from '$lib/core/questionnaire/checklist/checklist';
import {
	saveFinding,
	saveItem,
	unchangedChecklist,
	withNextId
} from '$lib/core/questionnaire/checklist-editor/edit-checklist';
import type { ChecklistFault } from '$lib/core/questionnaire/checklist-editor/checklist-faults';
import { deskTexts } from '$lib/messages/desk/en/index';
import { ChecklistTrial } from './checklist-trial.svelte';
import { DocumentWords } from './document-words';
import { NEW_PROBLEM, ProblemDraft, QuestionDraft } from './question-draft.svelte';

const { version } = newestChecklist(CHECKLIST_VERSIONS);
const start = unchangedChecklist(version);

/** A document with a question about a lamp, and its problem. */
function withLamp(): { document: ChecklistDocument; id: string; problem: string } {
	const problem = withNextId(start, 'light', false);
	const found = saveFinding(
		problem.document,
		{ id: problem.id, regions: ['shoulder'], household: ['light-the-room'], shop: ['desk-lamp'] },
		{ en: { name: 'The lamp is out of reach', fix: 'Move the lamp to the table.' } }
	);
	const question = withNextId(found, 'light', false);
	const document = saveItem(
		question.document,
		{
			id: question.id,
			station: 'light',
			when: [{ of: 'item:evening', isOneOf: ['warm'] }],
			answers: [
				{ id: 'a1', finding: null },
				{ id: 'a3', finding: problem.id }
			],
			isForAll: true,
			seconds: 12
		},
		{
			en: {
				question: 'Can you reach your lamp?',
				why: 'It strains.',
				look: '',
				answers: { a1: 'Yes', a3: 'No' }
			}
		}
	);
	return { document, id: question.id, problem: problem.id };
}

describe('a question while it is edited', () => {
	it('posts what it was read with, where nothing is changed', () => {
		const { document, id, problem } = withLamp();
		const { posted } = new QuestionDraft(id, 'light', document, ['en', 'de'], null);
		expect(posted).toEqual({
			id,
			station: 'light',
			isSafety: false,
			item: {
				when: [{ of: 'item:evening', isOneOf: ['warm'] }],
				answers: [
					{ id: 'a1', finding: null },
					{ id: 'a3', finding: problem }
				],
				isForAll: true,
				seconds: 12
			},
			words: {
				en: {
					question: 'Can you reach your lamp?',
					why: 'It strains.',
					look: '',
					answers: { a1: 'Yes', a3: 'No' }
				},
				de: { question: '', why: '', look: '', answers: { a1: '', a3: '' } }
			},
			problems: []
		});
	});

	it('gives no answer an id that another had, and leaves no words of one that was removed', () => {
		const { document, id } = withLamp();
		const draft = new QuestionDraft(id, 'light', document, ['en'], null);
		draft.addAnswer();
		expect(draft.answers.map((answer) => answer.id)).toEqual(['a1', 'a3', 'a4']);
		draft.removeAnswer('a3');
		expect(draft.posted.words.en?.answers).toEqual({ a1: 'Yes', a4: '' });
		expect(draft.answerWords('a1')).toBe('Yes');
		expect(draft.answerWords('a4')).toBe('');
	});

	it('posts a new problem with the answers that show it, and none that no answer shows any more', () => {
		const draft = new QuestionDraft(null, 'feet', start, ['en'], null);
		draft.show('a1', NEW_PROBLEM);
		draft.show('a2', NEW_PROBLEM);
		draft.show('a1', 'feet-hanging');
		const [, second] = draft.problems;
		if (!second) throw new Error('two problems were added');
		second.words.en = { name: 'Cold feet', fix: 'Put a rug under the table.' };
		second.isSafety = true;
		expect(draft.problemOf('new-2')).toBe(second);
		const { item, problems } = draft.posted;
		expect(item?.answers).toEqual([
			{ id: 'a1', finding: 'feet-hanging' },
			{ id: 'a2', finding: 'new-1' }
		]);
		expect(problems).toMatchObject([{ isSafety: true, words: { en: { name: 'Cold feet' } } }]);
		draft.show('a2', '');
		expect(draft.posted.problems).toEqual([]);
	});

	it('can be saved only with a time within its limits, and posts words alone for a shipped question', () => {
		const draft = new QuestionDraft(null, 'feet', start, ['en'], null);
		expect(draft.hasTime).toBe(true);
		for (const typed of ['', '4', '61', '7.5', 'ten', '-8']) {
			draft.seconds = typed;
			expect(draft.hasTime, typed).toBe(false);
		}
		draft.seconds = ' 60 ';
		expect(draft.hasTime).toBe(true);
		const reworded = new QuestionDraft('get-up', 'moving', start, ['en'], ['seldom', 'every-half-hour']);
		expect(reworded.posted.item).toBeNull();
		expect(Object.keys(reworded.words.en?.answers ?? {})).toEqual(['seldom', 'every-half-hour']);
	});

	it('adds and removes conditions, each with a key of its own', () => {
		const { document, id } = withLamp();
		const draft = new QuestionDraft(id, 'light', document, ['en'], null);
		draft.addCondition('posture');
		const [first, second] = draft.when;
		expect(first?.key).not.toBe(second?.key);
		draft.removeCondition(first?.key ?? 0);
		expect(draft.posted.item?.when).toEqual([{ of: 'posture', isOneOf: [] }]);
	});

	it('reads a problem that was added with all that it is tied to', () => {
		const { document, problem } = withLamp();
		expect(new ProblemDraft(problem, document, ['en', 'de']).posted).toEqual({
			isSafety: false,
			finding: { regions: ['shoulder'], household: ['light-the-room'], shop: ['desk-lamp'] },
			words: {
				en: { name: 'The lamp is out of reach', fix: 'Move the lamp to the table.' },
				de: { name: '', fix: '' }
			}
		});
	});
});

describe('the words of a checklist that is edited', () => {
	it('name every question and problem, also one that was taken out, and say each fault as a sentence', () => {
		const { document, id, problem } = withLamp();
		const words = new DocumentWords(document, 'en', { 'own-feet-9': 'An old question', [id]: 'Older words' });
		expect(words.question(id)).toBe('Can you reach your lamp?');
		expect(words.problem(problem)).toBe('The lamp is out of reach');
		expect(words.question('own-feet-9')).toBe('An old question');
		expect(words.question('own-feet-10')).toBe('');
		// Someone on a chair is meant where a question is worded by how people work.
		expect(words.question('get-up')).toBe('How often do you get up?');
		for (const code of Object.keys(deskTexts.checklistEditor.faults) as ChecklistFault['code'][]) {
			const text = words.fault({ code, of: id, language: 'de', about: 'evening' });
			expect(text).toMatch(/^[A-Z“].*\.$/);
			expect(text).not.toMatch(/undefined|null|“”/);
			expect(words.fault({ code, of: 'own-feet-10', language: 'fr', about: '' })).not.toMatch(
				/undefined|null/
			);
		}
	});
});

describe('a checklist while it is tried', () => {
	it('asks what a person would be asked and finds what a person’s answers would show', () => {
		const { document, id, problem } = withLamp();
		const trial = new ChecklistTrial(() => makeOwnChecklist(document, document.basedOn));
		const asks = () => trial.items.some((item) => item.id === id);
		expect(asks()).toBe(false);
		trial.set('check.evening', 'warm');
		expect(asks()).toBe(true);
		trial.set(`check.${id}`, 'a3');
		expect(trial.found).toEqual([{ finding: problem, fixes: ['light-the-room'] }]);
		trial.set('check.evening', '');
		expect(trial.found).toEqual([]);
		trial.set('posture', 'standing');
		expect(trial.items.map((item) => item.id)).not.toContain('whole-foot');
	});
});
