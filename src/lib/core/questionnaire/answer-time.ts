import { LENGTH_FIELDS, type RedFlagGroup } from '../answers';
import type { Question } from './question';

/** How long a length takes to measure and type, s. Our working assumption. */
const LENGTH_S = 25;

/** How long a tap takes, s. Our working assumption. */
const TAP_S = 1.5;

/** Reading speed, words a second: 200 a minute. Our working assumption. */
const WORDS_PER_S = 200 / 60;

/** Words that are on the screen with each kind of question, help folded; the walk's benchmark counts them as they are shown. */
const WORDS: Readonly<Record<Exclude<Question['kind'], 'signs'>, number>> = {
	discomfort: 40,
	length: 20,
	choice: 11,
	check: 15,
	house: 32
};

/** The same of each group of signs, without the answers. */
const SIGN_WORDS: Readonly<Record<RedFlagGroup, number>> = {
	emergency: 75,
	urgent: 41,
	professional: 47,
	distress: 18
};

const wordsOf = (question: Question) =>
	question.kind === 'signs' ? SIGN_WORDS[question.group] : WORDS[question.kind];

/** Taps that each kind takes; a length's are part of its measuring. */
const TAPS: Readonly<Record<Question['kind'], number>> = {
	signs: 1,
	discomfort: 6,
	length: 1,
	choice: 1,
	check: 1,
	house: 8
};

/** How long reading so many words takes, s. */
export function readingSeconds(words: number): number {
	return words / WORDS_PER_S;
}

/** Whether a length is typed; some have usual ones to tap. */
export function isTypedLength(question: Question): boolean {
	return question.kind === 'length' && !('picks' in LENGTH_FIELDS[question.id]);
}

/** What an answer to a question costs the person, s. */
export function answerSeconds(question: Question): number {
	return (
		readingSeconds(wordsOf(question)) + TAPS[question.kind] * TAP_S + (isTypedLength(question) ? LENGTH_S : 0)
	);
}

/** What a walk of some doings costs, s: the figure that letter and first page promise. */
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
