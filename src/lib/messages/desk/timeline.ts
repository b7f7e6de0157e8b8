/** What was said and done in a case, line by line. */
export const timelineTexts = {
	theNewestFirst: 'Newest first',
	showInTheTimeline: 'Show in the timeline',
	everything: 'Everything',
	nothingHasHappenedYet: 'Nothing has happened yet.',
	showEarlierOnes: 'Show earlier entries',
	easyCorner: (who: string | null | undefined, event: string | number) => `${who ?? 'Easy Corner'} ${event}`,
	yourCoordinatorWrote: (who: string | null | undefined) => `${who ?? 'Your coordinator'} wrote`,
	noteOfSomebody: (who: string | null | undefined) => `Note by ${who ?? 'someone'}`,
	contact: (who: string | null | undefined, how: string | number) => `${who ?? 'Someone'}, ${how}`,
	outcomeOf: (closableEn: string | number) => `Outcome of ${closableEn}.`,
	nothingMore: (why: string | number) => `No next step: ${why}`,
	nextTheClinicianWho: 'Next step: referral to a clinician.',
	nextOn: (nextOn: string | number) => `Next contact on ${nextOn}.`,
	letter: (subject: string | number) => `Email “${subject}”,`,
	aClinicianWasAsked: (to: string | null | undefined) => `${to || 'A clinician'} was asked`,
	somebodyAboutTheReferral: (who: string | null | undefined) => `${who ?? 'Someone'}, about the referral`,
	theReferralToThe: (to: string | null, why: string | null) =>
		`The referral to ${to || 'the clinician'} was closed${why ? `: ${why}` : ''}`,
	reportedThatNothingHurts: ({
		personName,
		discomfort,
		regionScoreEn
	}: {
		personName: string | number;
		discomfort: number;
		regionScoreEn: string | number;
	}) => `${personName} reported ${discomfort === 0 ? 'no discomfort' : regionScoreEn}`,
	was: (before: string | null, why: string) =>
		`${before ? ` (before: ${before})` : ''}${why === '' ? '' : `: ${why}`}`
};
