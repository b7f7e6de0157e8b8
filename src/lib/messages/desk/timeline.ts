/** What was said and done in a case, line by line. */
export const timelineTexts = {
	theNewestFirst: 'The newest first',
	showInTheTimeline: 'Show in the timeline',
	everything: 'Everything',
	nothingHasHappenedYet: 'Nothing has happened yet.',
	showEarlierOnes: 'Show earlier ones',
	easyCorner: (who: string | null | undefined, event: string | number) => `${who ?? 'Easy Corner'} ${event}`,
	yourCoordinatorWrote: (who: string | null | undefined) => `${who ?? 'Your coordinator'} wrote`,
	noteOfSomebody: (who: string | null | undefined) => `Note of ${who ?? 'someone'}`,
	somebody: (who: string | null | undefined, how: string | number) => `${who ?? 'Someone'}, ${how}`,
	outcomeOf: (closableEn: string | number) => `Outcome of ${closableEn}.`,
	nothingMore: (why: string | number) => `Nothing more: ${why}`,
	nextTheClinicianWho: 'Next: the clinician who was asked.',
	nextOn: (nextOn: string | number) => `Next on ${nextOn}.`,
	letter: (subject: string | number) => `Letter “${subject}”,`,
	aClinicianWasAsked: (to: string | null | undefined) => `${to || 'A clinician'} was asked`,
	somebodyAboutTheReferral: (who: string | null | undefined) => `${who ?? 'Someone'}, about the referral`,
	theReferralToThe: (to: string | null, why: string | null) =>
		`The referral to ${to || 'the clinician'} ended${why ? `: ${why}` : ''}`,
	reportedThatNothingHurts: ({
		personName,
		discomfort,
		regionScoreEn
	}: {
		personName: string | number;
		discomfort: number;
		regionScoreEn: string | number;
	}) => `${personName} reported ${discomfort === 0 ? 'that nothing hurts' : regionScoreEn}`,
	was: (before: string | null, why: string) => `${before ? ` (before: ${before})` : ''}: ${why}`
};
