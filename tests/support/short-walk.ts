import { BODY_PLACES, PAIN_PARTS, painField } from '$lib/core/questionnaire/answers/discomfort-answers';
import { listedThings } from '$lib/core/questionnaire/answers/household-things';
import { RED_FLAG_GROUPS } from '$lib/core/questionnaire/answers/red-flag-answers';
import { redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
import { thingField, type Answers, LENGTH_FIELDS } from '$lib/core/questionnaire/answers/fields';
import { openQuestions } from '$lib/core/questionnaire/select-questions';
import { answerSeconds } from '$lib/core/questionnaire/answer-time';
import type { QuestionnaireContext, Question } from '$lib/core/questionnaire/question';
import { precautionField } from '$lib/core/questionnaire/answers/precaution-answers';
import { PRECAUTIONS } from '$lib/core/workstation/corner/vocabulary';

/** The fields that an answer to a question fills. */
function fieldsOf(question: Question, full: Answers): string[] {
	if (question.kind === 'signs') return RED_FLAG_GROUPS[question.group].map(redFlagField);
	if (question.kind === 'discomfort')
		return [
			'hurts',
			'arms',
			...PRECAUTIONS.map(precautionField),
			...BODY_PLACES.flatMap((place) => PAIN_PARTS.map((part) => painField(place, part)))
		];
	if (question.kind === 'house')
		return [
			'hasThings',
			...listedThings(full).flatMap((i) =>
				(['kind', 'label', 'a', 'b', 'c', 'count'] as const).map((part) => thingField(i, part))
			)
		];
	return [question.id];
}

/** What someone goes through on the short route whose whole answers are known. */
export interface ShortWalk {
	readonly answers: Answers;
	readonly questions: readonly Question[];
	readonly seconds: number;
	/** How many lengths were typed. */
	readonly lengths: number;
}

/** Walks the short route question by question, answering each as the whole answers say. */
export function shortWalkOf(full: Answers, asking: QuestionnaireContext): ShortWalk {
	const answers: Record<string, string> = { unit: full.unit ?? 'cm' };
	const questions: Question[] = [];
	const passed = new Set<string>();
	for (;;) {
		const next = openQuestions(answers, asking, 'short').find(({ id }) => !passed.has(id));
		if (!next) break;
		passed.add(next.id);
		questions.push(next);
		for (const field of fieldsOf(next, full)) {
			const text = full[field];
			if (text !== undefined) answers[field] = text;
		}
		if (next.kind === 'house' && listedThings(answers).length === 0) answers.hasThings = 'no';
	}
	const typed = questions.filter(
		({ kind, id }) => kind === 'length' && !('picks' in LENGTH_FIELDS[id as keyof typeof LENGTH_FIELDS])
	);
	return {
		answers,
		questions,
		seconds: questions.reduce((sum, question) => sum + answerSeconds(question), 0),
		lengths: typed.length
	};
}
