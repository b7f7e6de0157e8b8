import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';

export const emailTexts = {
	subject: 'Does your corner fit you?',
	body: (name: string, until: string | null) =>
		[
			`Hello ${name},`,
			'You work from home, so nobody sees whether your table and chair fit you. This self-assessment works it out. You measure a few heights, and it tells you what to change with things you have at home.',
			`It takes about ${PROMISED_MINUTES.short} minutes. A tape measure helps, but sheets of paper will do. We don’t ask for photos. You can stop and come back later.`,
			`${until ? `Please answer by ${until}. ` : ''}Your personal link works for as long as your answers are kept. It opens them, so please don’t share it.`,
			'If anything hurts badly, or numbness stays or wakes you at night, don’t wait for this. See a doctor.'
		].join('\n\n'),
	button: 'Begin',
	messageSubject: 'A message about your corner',
	messageBody: (name: string) =>
		[
			`Hello ${name},`,
			'Your coordinator has written to you. Open your personal link to read it and answer. For your privacy, this letter doesn’t repeat it.'
		].join('\n\n'),
	equipmentSubject: 'News of what you asked for',
	equipmentBody: (name: string) =>
		[
			`Hello ${name},`,
			'There is news of something you asked for. Open your personal link to see where it stands. For your privacy, this letter doesn’t say what it is.'
		].join('\n\n'),
	reminderSubject: (subject: string) => `Reminder: ${subject}`,
	reminderBody: (name: string) =>
		[
			`Hello ${name},`,
			'Your self-assessment is still open. What you’ve typed so far is kept, and you can pick up where you left off.',
			'If you’d rather not, or something is in the way, tell your coordinator through the same link. That’s an answer too.'
		].join('\n\n'),
	checkInSubject: 'How is your corner holding up? One minute',
	checkInBody: (name: string) =>
		[
			`Hello ${name},`,
			'You changed your workplace some weeks ago. Is it holding up? It takes one minute to tell us, through your personal link.'
		].join('\n\n'),
	checkInReminderSubject: 'Reminder: one minute about your corner',
	checkInReminderBody: (name: string) =>
		[
			`Hello ${name},`,
			'We asked how your corner is holding up and haven’t heard from you yet. It takes one minute. If it no longer holds, we’d like to know that too.'
		].join('\n\n'),
	planSubject: 'Your plan is waiting for you',
	planBody: (name: string) =>
		[
			`Hello ${name},`,
			'Some weeks ago you got a plan for your workplace, made of things you have at home. You haven’t ticked any of its steps yet. Your personal link opens it.',
			'If something doesn’t work at your place, say so on the plan, and we’ll make a new one without it. You can also write to your coordinator there.'
		].join('\n\n'),
	recheckSubject: 'Time for another look at your corner',
	recheckBody: (name: string) =>
		[
			`Hello ${name},`,
			'It’s been a while since you measured your workplace. Bodies, glasses and chairs change. Your last answers are filled in, so you only correct what’s different now.',
			'Your new personal link opens them. Please don’t share it.'
		].join('\n\n'),
	clinicianSubject: {
		asked: 'A referral waits for you in Easy Corner',
		answered: 'An answer about a referral in Easy Corner',
		ended: 'A referral in Easy Corner has ended'
	},
	clinicianBody: {
		asked: (name: string) =>
			[
				`Hello ${name},`,
				'An occupational health coordinator asks for your advice about someone who works at a screen at home. Sign in to read the letter, ask back or answer. For their privacy, this letter doesn’t say who it is.'
			].join('\n\n'),
		answered: (name: string) =>
			[
				`Hello ${name},`,
				'What you asked about a referral has been answered. Sign in to read it. For their privacy, this letter doesn’t say who it is about.'
			].join('\n\n'),
		ended: (name: string) =>
			[
				`Hello ${name},`,
				'A coordinator has ended a referral that waited for your answer: nothing more is asked of you. For privacy, this letter doesn’t say whose it was.'
			].join('\n\n')
	},
	accountSubject: { invitation: 'Your account in Easy Corner', reset: 'Choose another password' },
	accountBody: {
		invitation: (name: string) =>
			[
				`Hello ${name},`,
				'You’ve been invited to Easy Corner. Choose a password with the link below. It works once, for seven days.'
			].join('\n\n'),
		reset: (name: string) =>
			[
				`Hello ${name},`,
				'Someone asked for a new password for your account. If that was you, choose one with the link below within two hours. If not, do nothing, and your password stays as it is.'
			].join('\n\n')
	},
	/** What happened to an account, told to its owner. */
	noticeSubject: {
		'new-device': 'Signed in from a new browser',
		tries: 'Someone is trying passwords for your account',
		codes: 'Someone is guessing the codes of your second factor',
		password: 'Your password was changed',
		passkey: 'A passkey was added to your account',
		'passkey-removed': 'A passkey was removed from your account',
		'factor-set': 'Your account has a second factor now',
		'factor-ended': 'The second factor of your account was removed',
		'log-given': 'You now have access to the audit log',
		'log-taken': 'You no longer have access to the audit log',
		provider: 'Your account opens by your organisation’s sign-in'
	},
	noticeBody: {
		'new-device': (name: string) =>
			[
				`Hello ${name},`,
				'Someone signed in to your account from a browser that was not used before. If that was you, do nothing. If not, choose another password, and sign out everywhere else on the page of your account.'
			].join('\n\n'),
		tries: (name: string) =>
			[
				`Hello ${name},`,
				'Someone tried several wrong passwords for your account. We slow them down. Browsers that you have used before still work. If your password is short or used elsewhere, choose another.'
			].join('\n\n'),
		codes: (name: string) =>
			[
				`Hello ${name},`,
				'Someone entered your password correctly and then several wrong codes. If that was you, wait a few minutes and try again. If not, someone knows your password: change it now, and tell the person who runs Easy Corner.'
			].join('\n\n'),
		password: (name: string) =>
			[
				`Hello ${name},`,
				'The password of your account was changed, and every other browser signed out. If that was not you, have a link sent to your address at once, and tell the person who runs Easy Corner.'
			].join('\n\n'),
		passkey: (name: string) =>
			[
				`Hello ${name},`,
				'A passkey was added to your account: whoever holds that device can sign in as you. If that was not you, take it away on the page of your account, choose another password, and tell the person who runs Easy Corner.'
			].join('\n\n'),
		'passkey-removed': (name: string) =>
			[
				`Hello ${name},`,
				'A passkey was removed from your account. If that was not you, choose another password, sign out everywhere else on the page of your account, and tell the person who runs Easy Corner.'
			].join('\n\n'),
		'factor-set': (name: string) =>
			[
				`Hello ${name},`,
				'From now on, signing in to your account takes a code from a phone as well as your password. If you didn’t set that up, someone else did and you can no longer get in: tell the person who runs Easy Corner at once.'
			].join('\n\n'),
		'factor-ended': (name: string) =>
			[
				`Hello ${name},`,
				'The codes from your phone were removed as a second factor, so a password alone opens your account. If that was not you, change your password now, and tell the person who runs Easy Corner.'
			].join('\n\n'),
		'log-given': (name: string) =>
			[
				`Hello ${name},`,
				'A colleague gave you access to the audit log. It shows who did what, and whose data they viewed. If you don’t need it, ask them to take it back.'
			].join('\n\n'),
		'log-taken': (name: string) =>
			[
				`Hello ${name},`,
				'A colleague ended your access to the audit log. If you don’t know why, ask the coordinators who still have it.'
			].join('\n\n'),
		provider: (name: string) =>
			[
				`Hello ${name},`,
				'Someone signed in to your account with your organisation’s own sign-in for the first time. From now on you can use it too. If that was not you, tell the person who runs Easy Corner at once.'
			].join('\n\n')
	}
};
