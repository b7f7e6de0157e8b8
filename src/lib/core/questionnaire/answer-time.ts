import { LENGTH_FIELDS } from './answers/fields';
import type { RedFlagGroup } from './answers/red-flag-answers';
import type { Question } from './question';

/** Time to measure and type a length, s. Our working assumption. */
const LENGTH_S = 25;

/** Time for a tap, s. Our working assumption. */
const TAP_S = 1.5;

/** Reading speed, words per second: 200 a minute. Our working assumption. */
const WORDS_PER_S = 200 / 60;

/** Words on the screen with each kind of question, help folded; the benchmark of the self-assessment counts them as displayed. */
const WORDS: Readonly<Record<Exclude<Question['kind'], 'signs'>, number>> = {
	discomfort: 40,
	length: 20,
	choice: 11,
	check: 15,
	house: 32
};

/** The same for each group of warning signs, without the answers. */
const SIGN_WORDS: Readonly<Record<RedFlagGroup, number>> = {
	emergency: 75,
	urgent: 41,
	professional: 47,
	distress: 18
};

const wordsOf = (question: Question) =>
	question.kind === 'signs' ? SIGN_WORDS[question.group] : WORDS[question.kind];

/** Taps for each kind of question; those of a length are part of measuring it. */
const TAPS: Readonly<Record<Question['kind'], number>> = {
	signs: 1,
	discomfort: 6,
	length: 1,
	choice: 1,
	check: 1,
	house: 8
};

/** Time to read that many words, s. */
export function readingSeconds(words: number): number {
	return words / WORDS_PER_S;
}

/** Whether a length is typed; some offer common values to tap. */
export function isTypedLength(question: Question): boolean {
	return question.kind === 'length' && !('picks' in LENGTH_FIELDS[question.id]);
}

/** The time a person needs to answer a question, s. */
export function answerSeconds(question: Question): number {
	if (question.kind === 'check' && question.item.seconds) return question.item.seconds;
	return (
		readingSeconds(wordsOf(question)) + TAPS[question.kind] * TAP_S + (isTypedLength(question) ? LENGTH_S : 0)
	);
}

/** The duration of a self-assessment, s: the figure promised in the email and on the first page. */
export function questionnaireSeconds({
	words,
	taps,
	lengths
}: {
	readonly words: number;
	readonly taps: number;
	readonly lengths: number;
}): number {
	return readingSeconds(words) + taps * TAP_S + lengths * LENGTH_S;
}
