import type { ConditionFact } from '$lib/core/questionnaire/checklist-editor/conditions';
import type { ChecklistFault } from '$lib/core/questionnaire/checklist-editor/checklist-faults';

/** What a fault is about, in words. */
export interface FaultFacts {
	/** The question or problem; empty where it has no words yet. */
	readonly what: string;
	readonly language: string;
	/** Another question; empty for none. */
	readonly about: string;
	/** Most seconds for everyone. */
	readonly seconds: number;
}

const named = (what: string, kind: string) => (what ? `“${what}”` : kind);
const question = ({ what }: FaultFacts) => named(what, 'A question without words');
const problem = ({ what }: FaultFacts) => named(what, 'A problem without a name');

/** The checklist of the organisation: its questions, problems, versions and trial. */
export const checklistEditorTexts = {
	link: 'Checklist',
	title: 'Checklist · Easy Corner',
	heading: 'Checklist',
	lead: 'The questions that people answer about their workstation. Word them your way, change their order, leave some out, or add your own.',
	kept: 'A change reaches people with the next self-assessment they get. Links that are out keep their questions, and answers are shown and judged as they were given.',
	version: (n: number) => (n === 0 ? 'Original checklist' : `Version ${n}`),
	ownNumber: (n: number) => `${n} (your own)`,
	askedNow: (version: string) => `Asked now: ${version}`,
	editedBy: (name: string, when: string) => `Last changed by ${name}, ${when}`,
	tryIt: 'Try it yourself',
	station: (name: string, n: number) => `${name} · ${n}`,
	own: 'yours',
	reworded: 'your words',
	safety: 'safety, always asked',
	forAll: 'asked of everyone',
	onlyIf: 'only where it applies',
	edit: 'Change',
	editOf: (question: string) => `Change “${question}”`,
	leaveOut: 'Leave out',
	leaveOutOf: (question: string) => `Leave out “${question}”`,
	remove: 'Remove',
	removeOf: (what: string) => `Remove “${what}”`,
	up: (question: string) => `Move “${question}” up`,
	down: (question: string) => `Move “${question}” down`,
	drag: (question: string) => `Drag “${question}”, or move it with the arrow keys`,
	moved: (question: string, place: number, of: number) => `“${question}” is now ${place} of ${of}.`,
	leftOut: (n: number) => (n === 1 ? 'One question left out' : `${n} questions left out`),
	askAgain: 'Ask again',
	askAgainOf: (question: string) => `Ask “${question}” again`,
	add: 'Add a question',
	addTo: (station: string) => `Add a question to “${station}”`,
	problems: 'Problems you have added',
	problemsLead: 'An answer can show these, besides the problems Easy Corner knows.',
	noWords: 'No words yet',
	changes: 'Changes that are not published',
	added: (questions: string) => `Added: ${questions}`,
	removed: (questions: string) => `Left out: ${questions}`,
	changed: (questions: string) => `Changed: ${questions}`,
	changedProblems: (problems: string) => `Problems: ${problems}`,
	reordered: 'Questions in another order.',
	toComplete: 'To be completed first',
	openLinks: (n: number, shown: string) =>
		n === 0
			? 'No link is out unanswered.'
			: n === 1
				? 'One link is out unanswered; it keeps its questions.'
				: `${shown} links are out unanswered; they keep their questions.`,
	nobodyMoves: 'Nobody’s level changes by publishing: earlier answers keep their version.',
	discard: 'Discard these changes',
	published: (version: string) => `${version} is asked from the next self-assessment on.`,
	discarded: 'The changes are discarded.',
	original: 'The questions Easy Corner came with',
	replaces: 'Starting from a version replaces the changes that are not published.',
	startsFrom: (version: string) => `You are editing ${version}. Nothing is published yet.`,
	fileName: (version: number) => `checklist-${version}.json`,
	load: 'Checklist from a file',
	loadHint: 'A file that was downloaded here or in another Easy Corner. It replaces what you are editing.',
	useFile: 'Edit this checklist',
	loaded: 'You are editing the checklist of the file. Nothing is published yet.',
	faults: {
		'no-question': (facts) => `${question(facts)} has no question in ${facts.language}.`,
		'no-why': (facts) => `${question(facts)} doesn’t say in ${facts.language} why it matters.`,
		'no-answer-words': (facts) => `${question(facts)} has an answer without words in ${facts.language}.`,
		'same-answers': (facts) => `${question(facts)} has two equal answers in ${facts.language}.`,
		'few-answers': (facts) => `${question(facts)} has fewer than two answers.`,
		'leads-nowhere': (facts) =>
			`${question(facts)} has no answer that shows a problem, so nothing would come of it.`,
		'unknown-finding': (facts) => `${question(facts)} has an answer whose problem was removed.`,
		'unknown-condition': (facts) => `${question(facts)} depends on something that is no longer asked.`,
		'later-condition': (facts) => `${question(facts)} depends on “${facts.about}”, which is asked after it.`,
		'empty-condition': (facts) =>
			`${question(facts)} has a condition that nothing meets. Tick what it is asked for.`,
		'needs-left-out': (facts) =>
			`${question(facts)} is only asked after “${facts.about}”, which is left out. Leave out both, or ask both.`,
		'safety-left-out': (facts) => `${question(facts)} is about safety and is always asked.`,
		'no-name': (facts) => `${problem(facts)} has no name in ${facts.language}.`,
		'no-fix': (facts) => `${problem(facts)} doesn’t say in ${facts.language} what to do about it.`,
		'unused-finding': (facts) => `No answer shows ${problem(facts)}. Choose it for an answer, or remove it.`,
		'too-long-for-all': ({ seconds }) =>
			`Your questions for everyone take more than ${seconds} seconds together. Ask fewer people, or give them less time.`
	} satisfies Record<ChecklistFault['code'], (facts: FaultFacts) => string>,
	question: {
		title: 'A question · Easy Corner',
		back: 'Checklist',
		newHeading: (station: string) => `A new question: ${station}`,
		heading: 'A question you have added',
		shippedHeading: 'Your words for a question',
		shippedLead:
			'Leave a box empty to keep the words above it. You can’t change the problems that the answers show.',
		variants:
			'Easy Corner words this question differently for different ways of sitting, standing or working. Your words are shown to everyone.',
		inLanguage: (language: string) => `In ${language}`,
		question: 'Question',
		why: 'Why it matters',
		look: 'How to look',
		lookHint: 'May stay empty.',
		asItComes: (words: string) => `As it comes: ${words}`,
		answers: 'Answers',
		answer: (n: number) => `Answer ${n}`,
		showsOf: (answer: string) => `“${answer}” shows`,
		nothing: 'Nothing, all is well',
		newProblem: 'A new problem …',
		yourProblem: (name: string) => `${name} (yours)`,
		addAnswer: 'Add an answer',
		removeAnswer: (n: number) => `Remove answer ${n}`,
		asked: 'People who are asked',
		conditionsLead: 'Everyone, or only where all of these are true:',
		addCondition: 'Add a condition',
		removeCondition: 'Remove this condition',
		condition: 'Depends on',
		isOneOf: 'Asked for',
		facts: {
			posture: 'How they work',
			seat: 'The seat',
			backrest: 'Whether the seat has a back',
			armrest: 'Whether it has armrests',
			castors: 'Whether it has castors',
			screen: 'Screen',
			keys: 'Keyboard',
			mouse: 'Mouse',
			lenses: 'Glasses'
		} satisfies Record<ConditionFact, string>,
		yesNo: { yes: 'Yes', no: 'No' },
		answerTo: (question: string) => `Answer to: ${question}`,
		forAll: 'Ask everyone it applies to, in the short version too',
		forAllHint: (left: number) =>
			`Otherwise it is asked where something hurts that it has to do with, and in the complete version. You have ${left} seconds left for everyone.`,
		seconds: 'Time it takes, seconds',
		secondsHint: (least: number, most: number) => `${least} to ${most}. Read it aloud, look, and answer.`,
		secondsFault: (least: number, most: number) => `Enter a whole number from ${least} to ${most}.`,
		isSafety: 'It is about safety',
		isSafetyHint:
			'Then everyone is asked, every time, and nobody can leave it out. This can’t be changed later.',
		save: 'Save'
	},
	problem: {
		title: 'A problem · Easy Corner',
		heading: 'A problem you have added',
		name: 'Name of the problem',
		nameHint: 'As a heading, such as “The lamp is out of reach”.',
		fix: 'Advice',
		fixHint: 'With things that are in the house, beginning with what to do.',
		regions: 'Where it can hurt',
		household: 'Advice from Easy Corner',
		householdHint: 'In addition, or instead of your own words.',
		noAdvice: 'None',
		shop: 'Item that people can request for it',
		noItem: 'Nothing',
		isHazard: 'Someone could be injured',
		isHazardHint: 'Then you see it under Today until it is fixed. This can’t be changed later.'
	},
	trial: {
		title: 'Try the checklist · Easy Corner',
		heading: 'Try the checklist',
		lead: 'Answer as a person would. Nothing is saved or sent.',
		language: 'Language',
		found: 'Your answers show',
		foundNothing: 'Nothing yet.'
	}
};
