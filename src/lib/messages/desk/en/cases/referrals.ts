/** What a clinician is sent, and what they write back. */
export const referralTexts = {
	sender: (name: string, email: string | undefined) =>
		`${name}, occupational health${email ? ` · ${email}` : ''}`,
	recipient: (to: string | null | undefined) => `To ${to || 'the treating clinician'}`,
	patient: (name: string, staffNumber: string | null, team: string) =>
		`${name}${staffNumber ? `, staff number ${staffNumber}` : ''}${team ? `, ${team}` : ''}`,
	question: (question: string | null | undefined) =>
		question || 'Which changes at work do you advise, and what should stay the same?',
	answerBy: (answerBy: string | number) => `Please answer by ${answerBy}.`,
	noConsentYet: 'Consent isn’t recorded yet. Ask the employee before you send this.',
	whyNow: 'Why now',
	reasonSince: (replace: string | number, on: string | number) => `${replace}, since ${on}`,
	signsReported: 'Warning signs reported',
	signReport: (sign: string, at: string, takenBackAt: string | null) =>
		`${sign}, ${at}${takenBackAt ? `; on ${takenBackAt} they said they tapped it by mistake` : ''}`,
	discomfortHeading: 'Discomfort: worst in seven days, 0 to 10',
	where: 'Where',
	now: 'Now',
	daysAndHindrance: ({
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
	noLongerNamed: 'removed',
	stepsTried: 'Steps tried so far',
	stepTried: ({ place, things, at }: { place: string; things: readonly string[]; at: string }) =>
		`${place}${things.length > 0 ? `, with ${things.join(', ')}` : ''}: ${at}`,
	workstationNow: 'The workstation now',
	howTheyWork: ({
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
	checkLine: ({
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
	ownAnswersNote:
		'These are the person’s own answers, and lengths they measured at home. No one has examined them, and nothing here is a diagnosis.',
	heading: 'Referrals',
	listLead: (referrals: number) =>
		referrals === 0
			? 'You have no referrals. We’ll email you when there’s one.'
			: 'Open a referral to read it, ask a question or answer.',
	neededBy: (answerBy: string | null, isLate: boolean) =>
		answerBy ? `${isLate ? 'overdue, needed' : 'needed'} by ${answerBy}` : 'no date set',
	lastWritten: (at: string, isMine: boolean) =>
		isMine ? `you asked a question on ${at}` : `coordinator answered on ${at}`,
	askedBy: (at: string, byName: string | null) => `asked ${at}${byName ? ` by ${byName}` : ''}`,
	author: (authorName: string | null | undefined) => authorName ?? 'Someone',
	closedOn: (endedAt: string, isSaidAbove: boolean, outcome: string) =>
		`Closed on ${endedAt}${isSaidAbove ? '.' : `: ${outcome || 'no notes'}`}`,
	replyLabel: (isClinician: boolean) =>
		isClinician ? 'Your answer or question' : 'Your message, or the result',
	closeReferral: (isClinician: boolean) => (isClinician ? 'Send answer and close' : 'Close the referral'),
	sendReply: (isClinician: boolean) => (isClinician ? 'Send question' : 'Send message'),
	replyHint: (isClinician: boolean) =>
		isClinician
			? 'The coordinator sees it in Today. After you close the referral, you can no longer see this case.'
			: 'The clinician gets an email that there is a message. The email doesn’t repeat it.',
	pageTitle: (name: string | number) => `${name} · Easy Corner`,
	backToCase: 'Back to the case',
	print: 'Print',
	threadTitle: (isClinician: boolean) => (isClinician ? 'Your answer' : 'Messages with the clinician')
};
