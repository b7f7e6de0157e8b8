import type { Reason } from '$lib/core/triage';
import { regionsEn } from './triage-en';

const WORDS: Readonly<Record<Reason['code'], (name: string, reason: Reason) => string>> = {
	'emergency-sign': (name) =>
		`Hello ${name}, you told of a sign that can’t wait. If it is there now, or comes back, call your emergency number at once; don’t wait for me. I am trying to reach you by phone as well.`,
	'professional-sign': (name) =>
		`Hello ${name}, thank you for telling me. What you describe should be looked at by a clinician before anything is changed at the table. I can arrange that: does that suit you, and when can you be reached?`,
	severe: (name) =>
		`Hello ${name}, that is a lot to work with. Please let a clinician look at it: I can arrange that. Until then: shorter spells, up and about every half hour, and stop what makes it worse.`,
	'not-better': (name) =>
		`Hello ${name}, you have done your part and it is not noticeably better. That is worth a clinician’s look rather than another change at the table. May I arrange it?`,
	moderate: (name, reason) =>
		`Hello ${name}, thank you for measuring. ${
			'report' in reason
				? `Your ${regionsEn[reason.report.region]} should have it easier`
				: 'It should be easier'
		} once the steps of your plan are done; start from the floor up and tick them as you go. How is it after a week? Write to me here.`,
	'hinders-much': (name) =>
		`Hello ${name}, thank you for measuring. Since it hinders your work, let’s not wait: please do the steps of your plan this week, and tell me here what is in the way.`,
	unclosable: (name) =>
		`Hello ${name}, what you have at home does not close the last gap, so that is for us. Ask for the piece on your plan page, by one tap, or write here if it would not fit.`,
	request: (name) => `Hello ${name}, thank you for writing. `,
	'open-plan': (name) =>
		`Hello ${name}, your plan needs nothing but what you have at home. Please do it from the floor up, tick each step, and measure again at the end. Write to me if something wobbles or is missing.`,
	'nothing-open': (name) =>
		`Hello ${name}, thank you for measuring: nothing stands open. Keep moving, and write to me here when something changes.`
};

/** The text that matches the first of a case's reasons, to be read through and sent or changed. */
export function replyEn(name: string, reasons: readonly Reason[]): string {
	const [first] = reasons;
	const words = first ? WORDS[first.code] : WORDS['nothing-open'];
	return words(name.split(' ')[0] ?? name, first ?? { code: 'nothing-open', level: 'settled' });
}
