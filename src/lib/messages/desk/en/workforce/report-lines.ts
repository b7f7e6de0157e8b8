import type { PurchaseId } from '$lib/core/plan/purchases';
import type { DecisionKind, DecisionResult } from '$lib/core/workforce/decision-outcome';

/** Sentences of the report. Numbers are already formatted. */
export const reportTexts = {
	/** What was done, by its kind: how many people, and what. */
	done: {
		asked: (people: string) => `At least ${people} were sent a self-assessment.`,
		answered: (people: string) => `At least ${people} answered.`,
		dealtWith: (people: string) => `At least ${people} had their answers dealt with.`,
		carriedOut: (people: string) => `At least ${people} carried out their plan.`,
		arrived: (people: string) => `At least ${people} received equipment.`,
		referred: (people: string) => `At least ${people} were referred to a clinician.`
	},
	/** Acts on too few people to publish, listed in {@link reportTexts.fewDone}. */
	doneByFew: {
		asked: 'were sent a self-assessment',
		answered: 'answered',
		dealtWith: 'had their answers dealt with',
		carriedOut: 'carried out their plan',
		arrived: 'received equipment',
		referred: 'were referred to a clinician'
	},
	nothingDone: 'In this period, no action concerned five people or more.',
	fewDone: (acts: string) => `Fewer than five people ${acts}.`,
	shares: {
		answered: (share: string, interval: string, people: string) =>
			`${share} of people answered their latest self-assessment (${interval}; ${people}).`,
		hurts: (share: string, interval: string, people: string) =>
			`${share} report discomfort (${interval}; ${people}).`,
		found: (share: string, interval: string, people: string) =>
			`${share} have a problem at their workstation (${interval}; ${people}).`,
		problem: (share: string, interval: string, people: string) =>
			`${share} have a height problem (${interval}; ${people}).`,
		open: (share: string, interval: string, people: string) =>
			`${share} have a height problem that nothing at home can fix (${interval}; ${people}).`
	},
	before: ({
		month,
		share,
		by,
		low,
		high,
		isClear
	}: Readonly<Record<'month' | 'share' | 'by' | 'low' | 'high', string>> & { isClear: boolean }) =>
		`At the end of ${month} it was ${share}: ${isClear ? 'a clear difference' : 'no clear difference'} (${by} percentage points, ${low} to ${high}).`,
	heights: (fits: string, unknown: string) =>
		`Everything fits for ${fits}. For ${unknown}, it isn’t known yet.`,
	paired: ({
		people,
		first,
		now,
		by,
		low,
		high
	}: Readonly<Record<'people' | 'first' | 'now' | 'by' | 'low' | 'high', string>>) =>
		`${people} reported more than once. ${first} of them had discomfort at first and ${now} have it now: ${by} percentage points (${low} to ${high}).`,
	coursesOf: (course: string, parts: string) => `${course}: ${parts}.`,
	/** Items as a sentence has them: “Should we buy …?” */
	things: {
		'keyboard-and-mouse': 'a separate keyboard and mouse',
		footrest: 'an adjustable footrest',
		'foot-bar': 'a bar or ring for the feet',
		'seat-cushion': 'a firm seat cushion',
		monitor: 'a monitor on an adjustable stand',
		chair: 'a chair with adjustable height',
		'another-surface': 'a height-adjustable table'
	} satisfies Readonly<Record<PurchaseId, string>>,
	/** @param things a list, as a sentence has it */
	buy: (things: string, cost: string | null) =>
		`Should we buy ${things}?${cost ? ` Together, that costs ${cost}.` : ''}`,
	thingFor: (thing: string, people: string) => `${thing} for ${people}`,
	silentTeams: (teams: readonly string[], all: string | null) =>
		`Should a manager speak to ${teams.join(', ')}? Fewer people answer there than elsewhere${all ? ` (${all} of everyone)` : ''}. Otherwise, they get another reminder.`,
	teamWithShare: (team: string, share: string) => `${team} (${share})`,
	buyHelps: (helped: string, people: string) =>
		`It would help ${helped} of ${people} with a height problem that items at home can’t fix.`,
	buyLess: (thing: string, cost: string) => `The smallest step: ${thing}, ${cost}.`,
	results: {
		open: 'Nothing was decided.',
		agreed: 'Agreed.',
		declined: 'Declined.',
		postponed: 'Postponed.'
	} satisfies Readonly<Record<DecisionResult, string>>,
	outcomes: {
		buy: () => 'Equipment.',
		teams: (team: string) => `Answers in ${team}.`,
		time: (problem: string) => `Working time for plans (“${problem}”).`,
		first: (problem: string) => `“${problem}” first.`
	} satisfies Readonly<Record<DecisionKind, (about: string) => string>>,
	thenAndNow: (before: string, now: string) => `Then ${before}, now ${now}.`,
	thenAndNowHidden: 'Too few people to compare.',
	withoutTeam: 'people without a team',
	workingTime: (problem: string, share: string) =>
		`Can people use working time to carry out their plans? The most common problem is “${problem}”, at ${share} of workstations.`,
	/** @param region as a sentence has it */
	firstProblem: (problem: string, region: string, ratio: string) =>
		`Should “${problem}” come first? People with this problem report discomfort (${region}) ${ratio} times as often. This shows a link, not a cause.`
};
