import type { ComponentProps } from 'svelte';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';
import { checklistTextsFor } from '$lib/messages/checklist';
import { answerLines, type AnswerLine } from './answer-lines';
import type AnswersPart from './AnswersPart.svelte';
import { stationAnswers } from './station-answers';

/** Answers of one part: a title, and lines of what was asked and answered. */
interface AnswerPart {
	readonly title: string;
	readonly lines: readonly AnswerLine[];
}

type Answered = Pick<ComponentProps<typeof AnswersPart>, 'corner' | 'checklist'>;

/** All answers of a self-assessment, part by part, without what was not asked. */
export function answerParts({ corner, checklist }: Answered, t: Catalogue, unit: LengthUnit): AnswerPart[] {
	const asked = checklistFrom(checklist.version, checklist.own);
	const texts = checklistTextsFor(t.locale, asked.own);
	const stations = stationAnswers(asked, checklist.answers, checklist.facts, texts);
	return [
		...answerLines(corner, checklist, t, unit),
		...stations.map(({ name, answered }) => ({
			title: name,
			lines: answered.flatMap(({ question, answer }) => (answer ? [{ name: question, words: answer }] : []))
		}))
	].filter(({ lines }) => lines.length > 0);
}

/** The lines in which answers differ from later ones; whole parts that are the same are left out. */
export function changedParts(earlier: readonly AnswerPart[], later: readonly AnswerPart[]): AnswerPart[] {
	const known = new Set(
		later.flatMap(({ title, lines }) => lines.map(({ name, words }) => `${title}\n${name}\n${words}`))
	);
	return earlier
		.map(({ title, lines }) => ({
			title,
			lines: lines.filter(({ name, words }) => !known.has(`${title}\n${name}\n${words}`))
		}))
		.filter(({ lines }) => lines.length > 0);
}
