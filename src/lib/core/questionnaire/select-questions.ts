import {
	chosenOption,
	discomfortFromAnswers,
	factsOfAnswers,
	isFieldAnswered,
	partialChecks,
	type Answers,
	type PartialCorner,
	type QuestionnaireMode
} from '../answers';
import { regionsOfFinding, type FindingId } from '../checklist';
import type { Facts } from '../conditions';
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

/** A question with what its answer could change, how much, and what it costs. */
export interface QuestionValue extends InformationValue {
	readonly question: Question;
	/** What it costs the person, s. */
	readonly seconds: number;
}

/** Everything that a worth hangs on. */
interface Known {
	readonly answers: Answers;
	readonly partial: PartialCorner | null;
	readonly facts: Facts;
	readonly complaints: Complaints;
}

/** Lengths that matter where one of the places hurts that these findings make sore. */
const WHERE_SORE: Readonly<Partial<Record<string, readonly FindingId[]>>> = {
	distance: ['screen-too-near', 'screen-too-far'],
	armrestHeight: ['armrest-too-high', 'armrest-meets-table']
};

/** A length that no check of heights rests on is worth so much of how sore the places are. Our working assumption. */
const OF_SORENESS = 0.8;

function worthOfOther(id: string, { complaints }: Known): InformationValue {
	const worth =
		OF_SORENESS * worstScoreOfRegions(complaints, (WHERE_SORE[id] ?? []).flatMap(regionsOfFinding));
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
			return checkInformationValue(question.item, known.facts, known.complaints);
	}
}

/**
 * For each question that is open: whether an answer could change a verdict, a step, the order or a level, given what is known by now, how
 * much, and the seconds it costs. In the order of the walk; what an answer could not change anything by comes with a worth of 0.
 *
 * Cost: some checks of one corner for each length; nothing is solved, so that it can follow every answer.
 *
 * @param questions all that these answers ask, where they are known
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
		complaints: complaintsOf(discomfortFromAnswers(answers).reports, facts.hand)
	};
	return questions
		.filter((question) => !isAnswered(question, answers))
		.map((question) => ({ question, ...worthOf(question, known), seconds: answerSeconds(question) }));
}

/** From this worth on a question is asked whatever it costs: nothing can be said without it, or it is about safety. */
const ALWAYS_FROM = 1;

/** Time for everything that is asked on the short route, s. Our assumption: what the letter promises. */
const BUDGET_S = 375;

/** Most lengths that are typed on the short route. Our assumption: who measures more stops half-way. */
const MOST_LENGTHS = 8;

/** A worth below this is not worth anybody's time on the short route. Our working assumption. */
const LEAST_WORTH = 0.1;

/** What hurts is always looked into: so many questions about it are asked whatever the time, from this worth on. Our assumption. */
const ABOUT_COMPLAINTS = { most: 3, from: 0.4 } as const;

/** Whether an answer would change what the checks say or what is built, not only what is looked at first. */
const isOfPlan = ({ changes }: QuestionValue) => changes.includes('verdict') || changes.includes('step');

/**
 * The questions that a route asks and that are open, in the order of the walk. The short route asks what nothing can be said without, what
 * is about safety and what could change a verdict or a step, by at most so many lengths that are typed; what tells most of the complaints; of
 * the rest what is worth most for its seconds until the time is used up. What has been answered counts in that time.
 *
 * @param questions all that these answers ask, where they are known
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
	// Whether the screen's height must be measured is known with its kind.
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

/** The route that someone takes: their own choice, else that of what was sent. */
export function questionnaireModeOf(answers: Answers, sent: QuestionnaireMode): QuestionnaireMode {
	return answers.route ? chosenOption(answers, 'route') : sent;
}
