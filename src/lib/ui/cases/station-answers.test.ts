import { describe, expect, it } from 'vitest';
import { askedItems, newestChecklist, CHECKLIST_VERSIONS } from '$lib/core/questionnaire/checklist/checklist';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { checklistAnswersOf, factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
import { checklistTextsFor } from '$lib/messages/checklist';
import { DEMO_PEOPLE } from '../../../../seed/people';
import { stationAnswers } from './station-answers';

const texts = checklistTextsFor('en');
const newest = newestChecklist(CHECKLIST_VERSIONS);

describe('stationAnswers', () => {
	it('has every question that a person could be asked once: answered in its words, or not asked', () => {
		for (const { answers } of DEMO_PEOPLE) {
			if (!answers) continue;
			const facts = factsOfAnswers(answers, 'upright');
			const given = checklistAnswersOf(answers);
			const stations = stationAnswers(newest, given, facts, texts);
			const asked = askedItems(newest, facts, given);
			const told = stations.flatMap(({ answered, notAsked }) => [
				...answered.map(({ question }) => question),
				...notAsked
			]);
			expect(told).toHaveLength(asked.length);
			expect(told.every((question) => question !== '')).toBe(true);
			for (const { answered } of stations)
				for (const { id, answer } of answered) {
					expect(given[id]).toBeDefined();
					expect(answer).not.toBe('');
				}
		}
	});

	it('says what an answer finds, and nothing of a checklist that is not known', () => {
		const facts = factsOfAnswers({}, 'upright');
		const [light] = stationAnswers(newest, { papers: 'flat' }, facts, texts).filter(
			({ station }) => station === 'light'
		);
		expect(light?.answered.find(({ id }) => id === 'papers')?.finding).toBe(texts.findings['papers-flat']);
		expect(stationAnswers(checklistFrom(99, null), { papers: 'flat' }, facts, texts)).toEqual([]);
	});
});
