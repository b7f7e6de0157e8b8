import type { CountOverAll } from '$lib/core/cases/triage/policy-effect';
import type { PolicyField, PolicyPart, PolicyUnit } from '$lib/core/cases/triage/policy-settings';

/** The limits of a list of days. */
export interface ListLimits {
	readonly fewest: number;
	readonly longest: number;
	readonly least: number;
	readonly most: number;
	readonly apart: number;
}

const people = (n: number, shown: string) => (n === 1 ? 'One person' : `${shown} people`);

/** Levels, deadlines and reminders that the organisation sets. */
export const policyTexts = {
	link: 'Levels and deadlines',
	title: 'Levels and deadlines · Easy Corner',
	heading: 'Levels and deadlines',
	lead: 'Choose the scores that give a case its level, how soon you act, and when people are reminded and asked again.',
	signs:
		'Warning signs keep their level and their day, and reported weakness is always urgent. No setting changes that.',
	version: (n: number) => (n === 0 ? 'Original settings' : `Version ${n}`),
	current: (version: string) => `Now: ${version}`,
	parts: {
		levels: 'Levels',
		deadlines: 'Working days to act',
		reminders: 'Reminders',
		'check-ins': 'Check-ins',
		rechecks: 'Next self-assessment'
	} satisfies Record<PolicyPart, string>,
	fields: {
		clinicianFrom: 'For a clinician: from a score of',
		soonFrom: 'This week: from a score of',
		tinglingDays: 'Tingling or numbness, for a clinician: on this many days a week',
		tinglingFrom: 'Tingling or numbness, for a clinician: or from a score of',
		unclosableFrom: 'A problem that no plan fixes, this week: from a score of',
		notBetterDays: 'No better after the plan, for a clinician: after',
		notBetterFrom: 'No better after the plan, for a clinician: from a score of',
		clinicianDays: 'For a clinician',
		soonDays: 'This week',
		helpDays: 'Waiting for you',
		homeDays: 'Self-help',
		answerDays: 'A message from an employee',
		reminderDays: 'Reminders of an unanswered email: after',
		notBegunRemindDays: 'Reminder of a plan that isn’t started: after',
		notBegunStuckDays: 'A plan that isn’t started appears under Today: after',
		checkInDays: 'After the plan is carried out',
		unfinishedDays: 'While steps are open: after',
		unfinishedTimes: 'While steps are open: at most',
		recheckDays: 'Usually: after',
		recheckSoonerDays: 'With discomfort: after',
		recheckSoonerFrom: 'With discomfort means: from a score of'
	} satisfies Record<PolicyField, string>,
	units: {
		score: 'of 10',
		days: 'days',
		'working-days': 'working days',
		times: 'times'
	} satisfies Record<PolicyUnit, string>,
	limits: (least: number, most: number) => `allowed: ${least} to ${most}`,
	listLimits: ({ fewest, longest, least, most, apart }: ListLimits) =>
		`${fewest} to ${longest} numbers from ${least} to ${most}, in order${apart > 1 ? ` and at least ${apart} apart` : ''}`,
	now: (value: string) => `now ${value}`,
	preview: 'See what would change',
	previewFirst: 'Nothing is published until you have seen what would change.',
	previewOutdated: 'You have changed a setting since. See what would change again, then publish.',
	nothingDiffers: 'Nothing differs from the settings that apply now.',
	wouldChange: 'Changes if you publish',
	changed: (field: string, before: string, after: string) => `${field} ${after} instead of ${before}`,
	exact: (of: number, shown: string) =>
		of === 1 ? 'We looked at the only case there is.' : `We looked at all ${shown} cases.`,
	sampled: (looked: string, of: string) =>
		`We looked at ${looked} of ${of} cases, drawn at random. The numbers for all of them are estimates; the range behind each holds in 19 of 20 such draws.`,
	count: ({ n, low, high }: CountOverAll, shown: (n: number) => string) =>
		low === high ? people(n, shown(n)) : `About ${shown(n)} people (${shown(low)} to ${shown(high)})`,
	move: (count: string, from: string, to: string) => `${count}: from “${from}” to “${to}”`,
	nobodyMoves: 'Nobody’s level would change.',
	otherDays: (count: string) => `${count} would get another day to act by, check-in or next self-assessment.`,
	askedSooner: (count: string) =>
		`${count} would be asked sooner than now. Emails that are due only because of this wait until you release them.`,
	listed: (n: number) => (n === 1 ? 'See this person' : `See ${n} of them`),
	published: (version: string) =>
		`${version} applies now. We’re assessing every case again; Today says how many are left.`,
	original: 'The settings Easy Corner came with',
	startsFrom: (version: string) => `The form shows ${version}. Nothing is published yet.`,
	load: 'Settings from a file',
	loadHint: 'A file that was downloaded here or in another Easy Corner.',
	useFile: 'Show these settings',
	fileName: (version: number) => `levels-and-deadlines-${version}.json`,
	loaded: 'The form shows the settings of the file. Nothing is published yet.'
};
