/** What a clinician is sent, and what is written back. */
export const referralTexts = {
	occupationalHealth: (name: string, email: string | undefined) =>
		`${name}, occupational health${email ? ` · ${email}` : ''}`,
	toTheTreatingClinician: (to: string | null | undefined) => `To ${to || 'the treating clinician'}`,
	staffNumber: (name: string, staffNumber: string | null, team: string) =>
		`${name}${staffNumber ? `, staff number ${staffNumber}` : ''}${team ? `, ${team}` : ''}`,
	whatShouldChangeAt: (question: string | null | undefined) =>
		question || 'What should change at work, and what should stay as it is?',
	answerWantedBy: (answerBy: string | number) => `Answer wanted by ${answerBy}.`,
	consentIsNotRecorded: 'Consent is not recorded yet: ask before this is sent.',
	whyNow: 'Why now',
	since: (replace: string | number, on: string | number) => `${replace}, since ${on}`,
	signsReported: 'Signs reported',
	onTheySaidIt: (sign: string, at: string, takenBackAt: string | null) =>
		`${sign}, ${at}${takenBackAt ? `; on ${takenBackAt} they said it was a slip` : ''}`,
	discomfortWorstInSeven: 'Discomfort: worst in seven days, 0 to 10',
	where: 'Where',
	now: 'Now',
	ofDaysHindersWork: ({
		days,
		kinds,
		isNo,
		isMuch
	}: {
		days: string | number;
		kinds: string | number;
		isNo: boolean;
		isMuch: boolean;
	}) => `${days} of 7 days; ${kinds}${isNo ? '' : `; hinders work ${isMuch ? 'much' : 'a little'}`}`,
	notNamedAnyMore: 'removed',
	whatWasTried: 'What was tried',
	withWord: ({ place, things, at }: { place: string; things: readonly string[]; at: string }) =>
		`${place}${things.length > 0 ? `, with ${things.join(', ')}` : ''}: ${at}`,
	theWorkplaceAsIt: 'The workstation now',
	worksAtALaptop: ({
		posture,
		seat,
		isLaptop,
		hasOwnKeys,
		hand,
		lenses
	}: {
		posture: string;
		seat: string | null;
		isLaptop: boolean;
		hasOwnKeys: boolean;
		hand: string;
		/** Null: no glasses. */ lenses: string | null;
	}) =>
		`Works ${posture}${seat ? ` ${seat}` : ''}, at a ${isLaptop ? 'laptop' : 'separate screen'} with ${hasOwnKeys ? 'its own keys' : 'a separate keyboard'}; ${hand}-handed; ${lenses ? `glasses: ${lenses}` : 'no glasses'}.`,
	atFirst: ({
		names,
		check,
		load,
		before
	}: {
		names: string;
		check: string;
		load: string;
		before: string | null;
	}) => `${names}: ${check}${load}${before ? `; at first ${before}` : ''}`,
	theseAreThePersons:
		'These are the person’s own answers, and lengths they measured at home. Nobody has examined them, and nothing here is a diagnosis.',
	referrals: 'Referrals',
	nobodyIsReferredTo: (referrals: number) =>
		referrals === 0
			? 'Nobody is referred to you now. You get a letter when someone is.'
			: 'People you were asked about. Open one to read the letter, ask back or answer.',
	wantedBy: (answerBy: string | null, isLate: boolean) =>
		answerBy ? `${isLate ? 'late, wanted' : 'wanted'} by ${answerBy}` : 'no day set',
	lastWritten: (at: string, isMine: boolean) => (isMine ? `you asked back ${at}` : `answered you ${at}`),
	askedBy: (at: string, byName: string | null) => `asked ${at}${byName ? ` by ${byName}` : ''}`,
	somebody: (authorName: string | null | undefined) => authorName ?? 'Someone',
	endedNothingWasNoted: (endedAt: string, isSaidAbove: boolean, outcome: string) =>
		`Ended ${endedAt}${isSaidAbove ? '.' : `: ${outcome || 'nothing was noted'}`}`,
	whatYouWrite: (isClinician: boolean) =>
		isClinician
			? 'Your answer, or what you want to know first'
			: 'What you write to them, or what came of it',
	endIt: (isClinician: boolean) => (isClinician ? 'Answer and end' : 'End the referral'),
	writeBack: (isClinician: boolean) => (isClinician ? 'Ask back' : 'Write to them'),
	theCoordinatorReadsIt: (isClinician: boolean) =>
		isClinician
			? 'The coordinator reads it on their day sheet. Once you have ended it, you see this case no more.'
			: 'They get a letter that something waits; its words stay here.',
	easyCorner: (name: string | number) => `${name} · Easy Corner`,
	theCase: 'The case',
	print: 'Print',
	threadTitle: (isClinician: boolean) => (isClinician ? 'Your answer' : 'With the clinician')
};
