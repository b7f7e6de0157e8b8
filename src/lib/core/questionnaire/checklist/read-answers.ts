import { pointerToken, type Issue } from '../../platform/issue';
import type { Checklist, ChecklistAnswers } from './checklist';

/**
 * What is wrong with checklist answers, as data; empty where nothing is. Answers to questions that are not (or no longer) asked are no
 * error: they are kept and have no effect.
 */
export function checklistAnswerIssues(checklist: Checklist, answers: ChecklistAnswers): Issue[] {
	return Object.entries(answers).flatMap(([id, answer]): Issue[] => {
		const at = `/${pointerToken(id)}`;
		const item = checklist.items.find((i) => i.id === id);
		if (!item) return [{ code: 'unknown-question', at, text: `there is no question ${id}` }];
		if (item.answers.some((option) => option.id === answer)) return [];
		const known = item.answers.map((option) => option.id).join(', ');
		return [{ code: 'unknown-answer', at, text: `must be one of ${known}` }];
	});
}
