import type { SharedSessionEnd } from '../../../core/questionnaire/shared-session/shared-session';
import { isOne } from '../platform/numbers';

/** A person and a coordinator on the phone, who look at one side view. Both doors show these texts. */
export const sharedSessionTexts = {
	lead: 'Call your coordinator, or wait for their call. You both see the same drawing of your workstation, and what either of you enters appears on it at once.',
	saved:
		'We save only what you both see: the answers, the plan you agree on and the next date. Nothing is listened to, filmed or recorded.',
	start: 'Start and get a code',
	yourCode: 'Your code',
	readOut:
		'Read this code out to your coordinator. They can come in only with it, and you can end this at any time.',
	here: (names: string, count: number) => `${names} ${isOne(count) ? 'is' : 'are'} here with you.`,
	notHere: 'Your coordinator isn’t here yet.',
	personHere: (name: string) => `${name} is here and sees what you enter.`,
	personAway: (name: string) => `${name} doesn’t have the page open right now.`,
	alsoHere: (names: string) => `Also here: ${names}.`,
	lost: 'The connection is lost. We’ll send your entries as soon as it’s back.',
	stations: 'Where to look',
	pointing: (name: string) => `${name} is pointing here.`,
	noQuestions: 'Nothing is asked here.',
	entered: 'Entered together',
	nothingEntered: 'Nothing has been entered yet.',
	entry: {
		byPerson: (name: string) => `entered by ${name}`,
		readOut: (name: string) => `read out to ${name}`
	},
	cleared: 'cleared',
	aColleague: 'a coordinator',
	plan: 'The plan',
	noPlan: 'There’s no plan yet. It needs the answers that are still open.',
	makePlan: 'Make the plan',
	makeAgain: 'Make the plan again',
	behind: 'The answers have changed since this plan was made.',
	stillOpen: (n: number) => (isOne(n) ? 'One answer is still open' : `${n} answers are still open`),
	onOtherPages: 'The rest is on the pages about warning signs, discomfort and things at home.',
	noSteps: 'Nothing has to change at this workstation.',
	agree: 'I agree to this plan',
	agreed: {
		you: 'You agree.',
		other: (name: string) => `${name} agrees.`,
		both: 'You both agree to this plan.'
	},
	next: 'Next date',
	nextOn: (day: string) => `Your coordinator will follow up on ${day}.`,
	noNext: 'Your coordinator will set the next date.',
	end: 'End the walkthrough',
	summary: {
		title: 'Summary',
		heading: (day: string) => `Walkthrough on ${day}`,
		with: (names: string) => `With ${names}.`,
		endedBy: {
			person: 'Ended by the employee.',
			coordinator: 'Ended by the coordinator.',
			time: 'Ended after two hours.'
		} satisfies Record<SharedSessionEnd, string>,
		nothingAgreed: 'No plan was agreed on.',
		nextOn: (day: string) => `Next date: ${day}.`,
		noNext: 'No next date was set.'
	}
};
