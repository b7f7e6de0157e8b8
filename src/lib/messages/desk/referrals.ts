/** What a clinician is sent, and what they write back. */
export const referralTexts = {
	occupationalHealth: (name: string, email: string | undefined) =>
		`${name}, occupational health${email ? ` · ${email}` : ''}`,
	toTheTreatingClinician: (to: string | null | undefined) => `To ${to || 'the treating clinician'}`,
	staffNumber: (name: string, staffNumber: string | null, team: string) =>
		`${name}${staffNumber ? `, staff number ${staffNumber}` : ''}${team ? `, ${team}` : ''}`,
	whatShouldChangeAt: (question: string | null | undefined) =>
		question || 'What should change at work, and what should stay as it is?',
	answerWantedBy: (answerBy: string | number) => `Please answer by ${answerBy}.`,
	consentIsNotRecorded: 'Consent isn’t recorded yet. Ask the employee before you send this.',
	whyNow: 'Why now',
	since: (replace: string | number, on: string | number) => `${replace}, since ${on}`,
	signsReported: 'Warning signs reported',
	onTheySaidIt: (sign: string, at: string, takenBackAt: string | null) =>
		`${sign}, ${at}${takenBackAt ? `; on ${takenBackAt} they said they tapped it by mistake` : ''}`,
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
	}) => `${days} of 7 days; ${kinds}${isNo ? '' : `; hinders work ${isMuch ? 'a lot' : 'a little'}`}`,
	notNamedAnyMore: 'removed',
	whatWasTried: 'Steps tried so far',
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
		`Works ${posture}${seat ? ` ${seat}` : ''}, at a ${isLaptop ? 'laptop' : 'separate screen'} with ${hasOwnKeys ? 'its own keyboard' : 'a separate keyboard'}; ${hand}-handed; ${lenses ? `glasses: ${lenses}` : 'no glasses'}.`,
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
		'These are the person’s own answers, and lengths they measured at home. No one has examined them, and nothing here is a diagnosis.',
	referrals: 'Referrals',
	nobodyIsReferredTo: (referrals: number) =>
		referrals === 0
			? 'You have no referrals. We’ll email you when there’s one.'
			: 'Open a referral to read it, ask a question or answer.',
	wantedBy: (answerBy: string | null, isLate: boolean) =>
		answerBy ? `${isLate ? 'overdue, needed' : 'needed'} by ${answerBy}` : 'no date set',
	lastWritten: (at: string, isMine: boolean) =>
		isMine ? `you asked a question on ${at}` : `coordinator answered on ${at}`,
	askedBy: (at: string, byName: string | null) => `asked ${at}${byName ? ` by ${byName}` : ''}`,
	author: (authorName: string | null | undefined) => authorName ?? 'Someone',
	endedNothingWasNoted: (endedAt: string, isSaidAbove: boolean, outcome: string) =>
		`Closed on ${endedAt}${isSaidAbove ? '.' : `: ${outcome || 'no notes'}`}`,
	whatYouWrite: (isClinician: boolean) =>
		isClinician ? 'Your answer or question' : 'Your message, or the result',
	endIt: (isClinician: boolean) => (isClinician ? 'Send answer and close' : 'Close the referral'),
	writeBack: (isClinician: boolean) => (isClinician ? 'Send question' : 'Send message'),
	theCoordinatorReadsIt: (isClinician: boolean) =>
		isClinician
			? 'The coordinator sees it in Today. After you close the referral, you can no longer see this case.'
			: 'The clinician gets an email that there is a message. The email doesn’t repeat it.',
	easyCorner: (name: string | number) => `${name} · Easy Corner`,
	theCase: 'Back to the case',
	print: 'Print',
	threadTitle: (isClinician: boolean) => (isClinician ? 'Your answer' : 'Messages with the clinician')
};
