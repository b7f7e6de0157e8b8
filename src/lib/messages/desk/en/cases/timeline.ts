import type { LookResult } from '$lib/core/cases/contact';
import type { TimelineGroup } from '$lib/core/cases/timeline';
import { typed } from '../../../typed';

/** What was said and done in a case, line by line. */
export const timelineTexts = {
	newestFirst: 'Newest first',
	showInTimeline: 'Show in the timeline',
	everything: 'Everything',
	nothingYet: 'Nothing has happened yet.',
	showEarlier: 'Show earlier entries',
	act: (who: string | null | undefined, event: string | number) => `${who ?? 'Easy Corner'} ${event}`,
	coordinatorWrote: (who: string | null | undefined) => `${who ?? 'A coordinator'} wrote`,
	noteBy: (who: string | null | undefined) => `Note by ${who ?? 'someone'}`,
	contact: (who: string | null | undefined, how: string | number) => `${who ?? 'Someone'}: ${how}`,
	saw: (list: string) => `Seen: ${list}.`,
	sawHeight: {
		fits: (height: string) => `${height} fits`,
		problem: (height: string) => `${height} is a problem`
	} satisfies Record<LookResult, (height: string) => string>,
	hazardsFixed: (hazards: string) => `Put right, as they said: ${hazards}.`,
	outcomeOf: (closableEn: string | number) => `Outcome of ${closableEn}.`,
	noNextStep: (why: string | number) => `No next step: ${why}`,
	nextClinician: 'Next step: referral to a clinician.',
	nextContactOn: (nextOn: string | number) => `Next contact on ${nextOn}.`,
	email: (subject: string | number) => `Email “${subject}”,`,
	clinicianAsked: (to: string | null | undefined) => `${to || 'A clinician'} was asked`,
	aboutReferral: (who: string | null | undefined) => `${who ?? 'Someone'}, about the referral`,
	referralClosed: (to: string | null, why: string | null) =>
		`The referral to ${to || 'the clinician'} was closed${why ? `: ${why}` : ''}`,
	reported: ({
		personName,
		discomfort,
		score
	}: {
		personName: string | number;
		discomfort: number;
		score: string | number;
	}) => `${personName} reported ${discomfort === 0 ? 'no discomfort' : score}`,
	changedFrom: (before: string | null, why: string) =>
		`${before ? ` (before: ${before})` : ''}${why === '' ? '' : `: ${why}`}`,
	/** Names of the filters. */
	groups: {
		answers: 'Answers',
		messages: 'Messages',
		calls: 'Contacts',
		letters: 'Emails',
		plan: 'Plan',
		things: 'Equipment',
		clinician: 'Clinician',
		notes: 'Notes',
		desk: 'Case and settings',
		looks: 'Views'
	} satisfies Record<TimelineGroup, string>,
	/** States of an email. */
	emailStates: typed<Readonly<Record<string, string>>>({
		waiting: 'on its way',
		delivered: 'delivered',
		bounced: 'returned',
		failed: 'not delivered'
	}),
	/** What someone said about a problem at their workstation. */
	problemTicked: {
		done: 'fixed a problem',
		'not-here': 'said that a problem can’t be fixed there',
		open: 'marked a problem as not fixed'
	},
	stepDone: (step: string) => `carried out: ${step}`,
	stepUndone: (step: string) => `undid: ${step}`,
	actAbout: (act: string, about: string) => `${act}: ${about}`,
	actFor: (act: string, day: string) => `${act} for ${day}`
};
