import { chosenOption, isFieldAnswered, type Answers, type QuestionnaireMode } from './answers/fields';
import { discomfortFromAnswers } from './answers/discomfort-answers';
import { factsOfAnswers } from './answers/checklist-fields';
import { partialChecks, type PartialCorner } from './answers/partial-checks';
import { regionsOfFinding, type FindingId } from './checklist/findings';
import type { OwnParts } from './checklist/own-parts';
import type { Facts } from '../plan/conditions/facts';
import { isAnswered, questionsOf, type QuestionnaireContext, type Question } from './question';
import { isTypedLength, answerSeconds } from './answer-time';
import {
	checkInformationValue,
	complaintsOf,
	worstScoreOfRegions,
	type Complaints
} from './check-information';
import { choiceInformationValue } from './choice-information';
import { lengthInformationValue } from './length-information';
import { NO_INFORMATION, type InformationValue } from './information-value';

/** A question with what its answer could change, by how much, and its cost. */
export interface QuestionValue extends InformationValue {
	readonly question: Question;
	/** Time it takes the person, s. */
	readonly seconds: number;
}

/** Everything that a value depends on. */
interface Known {
	readonly answers: Answers;
	readonly partial: PartialCorner | null;
	readonly facts: Facts;
	readonly complaints: Complaints;
	readonly own: OwnParts | undefined;
}

/** Lengths that matter if a region is sore that these findings affect. */
const WHERE_SORE: Readonly<Partial<Record<string, readonly FindingId[]>>> = {
	distance: ['screen-too-near', 'screen-too-far'],
	armrestHeight: ['armrest-too-high', 'armrest-meets-table']
};

/** The share of soreness that a length without a height check is worth. Our working assumption. */
const OF_SORENESS = 0.8;

function worthOfOther(id: string, { complaints }: Known): InformationValue {
	const worth =
		OF_SORENESS *
		worstScoreOfRegions(
			complaints,
			(WHERE_SORE[id] ?? []).flatMap((finding) => regionsOfFinding(finding))
		);
	return worth > 0 ? { changes: ['order'], worth } : NO_INFORMATION;
}

function worthOf(question: Question, known: Known): InformationValue {
	switch (question.kind) {
		case 'signs':
			return { changes: ['level'], worth: 1 };
		case 'discomfort':
			return { changes: ['level', 'order'], worth: 1 };
		case 'house':
			return { changes: ['step'], worth: 1 };
		case 'length': {
			const worth = lengthInformationValue(question.id, known.answers, known.partial);
			return worth.worth > 0 ? worth : worthOfOther(question.id, known);
		}
		case 'choice':
			return choiceInformationValue(question.id, known.answers, known.partial, known.complaints);
		case 'check':
			return checkInformationValue(question.item, known.facts, known.complaints, known.own);
	}
}

/**
 * The value of each open question: whether an answer could change a verdict, a step, the order or a level, given what is known; by how
 * much; and the seconds it takes. In page order; a question whose answer could change nothing has the value 0. Cost: some checks of one
 * workstation per length; no plan is solved, so this can run after every answer.
 * @param questions all questions these answers lead to, where known
 */
export function selectQuestions(
	answers: Answers,
	asking: QuestionnaireContext,
	questions: readonly Question[] = questionsOf(answers, asking)
): QuestionValue[] {
	const facts = factsOfAnswers(answers, asking.way);
	const known: Known = {
		answers,
		partial: partialChecks(answers, asking.way),
		facts,
		complaints: complaintsOf(discomfortFromAnswers(answers).reports, facts.hand),
		own: asking.checklist.own
	};
	return questions
		.filter((question) => !isAnswered(question, answers))
		.map((question) => ({ question, ...worthOf(question, known), seconds: answerSeconds(question) }));
}

/** From this value on, a question is asked whatever it costs: no result is possible without it, or it is about safety. */
const ALWAYS_FROM = 1;

/** Time for all questions of the short version, s. Our assumption: what the email promises. */
const BUDGET_S = 375;

/** Most lengths typed in the short version. Our assumption: people asked for more stop half-way. */
const MOST_LENGTHS = 8;

/** A value below this is not worth anyone's time in the short version. Our working assumption. */
const LEAST_WORTH = 0.1;

/** Complaints are always followed up: this many questions about them are asked whatever the time, from this value on. Our assumption. */
const ABOUT_COMPLAINTS = { most: 3, from: 0.4 } as const;

/** Whether an answer would change a verdict or what is built, not only what is looked at first. */
const isOfPlan = ({ changes }: QuestionValue) => changes.includes('verdict') || changes.includes('step');

/**
 * The open questions of the short or complete version, in page order. The short version asks what no result is possible without, what is
 * about safety, and what could change a verdict or a step, with a limited number of typed lengths; what tells most about complaints; and,
 * until the time is used up, the most valuable of the rest for their seconds. Questions already answered count towards that time.
 * @param questions all questions these answers lead to, where known
 */
export function openQuestions(
	answers: Answers,
	asking: QuestionnaireContext,
	route: QuestionnaireMode,
	questions: readonly Question[] = questionsOf(answers, asking)
): Question[] {
	const all = selectQuestions(answers, asking, questions);
	if (route === 'complete') return all.map(({ question }) => question);
	const worthy = all.filter(({ worth }) => worth >= LEAST_WORTH);
	const isFirst = (one: QuestionValue) => one.worth >= ALWAYS_FROM || isOfPlan(one);
	const typed = questions.filter((one) => isTypedLength(one) && isAnswered(one, answers)).length;
	const needed = worthy.filter((one) => isTypedLength(one.question) && one.worth >= ALWAYS_FROM).length;
	// Whether the screen height must be measured is known with its kind.
	const kept = isFieldAnswered(answers, 'screenKind') ? 0 : 1;
	const surplus = new Set(
		worthy
			.filter((one) => isTypedLength(one.question) && one.worth < ALWAYS_FROM)
			.sort((a, b) => b.worth - a.worth)
			.slice(Math.max(0, MOST_LENGTHS - typed - needed - kept))
	);
	const complaints = worthy
		.filter((one) => !isFirst(one) && !isTypedLength(one.question) && one.worth >= ABOUT_COMPLAINTS.from)
		.sort((a, b) => b.worth - a.worth)
		.slice(0, ABOUT_COMPLAINTS.most);
	const chosen = new Set(
		worthy.filter((one) => isFirst(one) && !surplus.has(one)).map(({ question }) => question.id)
	);
	for (const { question } of complaints) chosen.add(question.id);
	const spent = questions
		.filter((question) => isAnswered(question, answers) || chosen.has(question.id))
		.reduce((sum, question) => sum + answerSeconds(question), 0);
	let left = BUDGET_S - spent;
	const rest = worthy
		.filter((one) => !chosen.has(one.question.id) && !surplus.has(one))
		.sort((a, b) => b.worth / b.seconds - a.worth / a.seconds);
	for (const { question, seconds } of rest) {
		if (seconds > left) continue;
		chosen.add(question.id);
		left -= seconds;
	}
	return all.flatMap(({ question }) => (chosen.has(question.id) ? [question] : []));
}

/** The version a person takes: their own choice, or that of the round. */
export function questionnaireModeOf(answers: Answers, sent: QuestionnaireMode): QuestionnaireMode {
	return answers.route ? chosenOption(answers, 'route') : sent;
}
