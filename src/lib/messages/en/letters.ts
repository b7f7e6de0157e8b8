import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';

export const emailTexts = {
	subject: `Check your home workstation (about ${PROMISED_MINUTES.short} minutes)`,
	body: (name: string, until: string | null) =>
		[
			`Hello ${name},`,
			`Please check your home workstation${until ? ` by ${until}` : ''}. You answer some questions and measure a few heights. You’ll get a plan that uses things you have at home.`,
			`It takes about ${PROMISED_MINUTES.short} minutes. A tape measure helps, but sheets of paper will do. We don’t ask for photos. You can stop and come back later.`,
			'Your personal link works for as long as your answers are saved. It opens them, so please don’t share it.',
			'If anything hurts badly, or numbness stays or wakes you at night, don’t wait for this. See a doctor.'
		].join('\n\n'),
	/** What the button of an email says: what it opens. */
	buttons: {
		assessment: 'Open my self-assessment',
		messages: 'Read the message',
		plan: 'Open my plan',
		checkIn: 'Answer the check-in',
		referral: 'Read the referral',
		password: 'Choose a password',
		account: 'Review my account',
		desk: 'Open Easy Corner'
	},
	messageSubject: 'You have a message about your workstation',
	messageBody: (name: string) =>
		[
			`Hello ${name},`,
			'Your coordinator has written to you. You can read the message and answer it on your personal page. For your privacy, this email doesn’t repeat it.'
		].join('\n\n'),
	equipmentSubject: 'There is news about your equipment',
	equipmentBody: (name: string) =>
		[
			`Hello ${name},`,
			'There is news about something you asked for. You can read it on your personal page. For your privacy, this email doesn’t say what it is.'
		].join('\n\n'),
	reminderSubject: (subject: string) => `Reminder: ${subject}`,
	reminderBody: (name: string) =>
		[
			`Hello ${name},`,
			'Your self-assessment isn’t finished yet. Everything you’ve entered is saved, and you can continue where you stopped.',
			'If you’d rather not take part, or something is in the way, tell your coordinator on the same page. That’s an answer too.'
		].join('\n\n'),
	checkInSubject: 'How is your workstation now? (one minute)',
	checkInBody: (name: string) =>
		[
			`Hello ${name},`,
			'Some weeks ago you finished the changes to your workstation. What is still in place, and how do you feel? It takes one minute.'
		].join('\n\n'),
	checkInReminderSubject: 'Reminder: one minute about your workstation',
	checkInReminderBody: (name: string) =>
		[
			`Hello ${name},`,
			'We asked how your workstation is now and haven’t heard from you yet. It takes one minute. If something came undone, we’d like to know that too.'
		].join('\n\n'),
	planSubject: 'Your plan is ready to start',
	planBody: (name: string) =>
		[
			`Hello ${name},`,
			'Some weeks ago you got a plan for your workstation, made of things you have at home. You haven’t ticked any of its steps yet.',
			'If a step doesn’t work at your place, say so on the plan, and we’ll make a new one without it. You can also write to your coordinator there.'
		].join('\n\n'),
	recheckSubject: 'Time for your next self-assessment',
	recheckBody: (name: string) =>
		[
			`Hello ${name},`,
			'It’s been a while since you measured your workstation. Bodies, glasses and chairs change. Your last answers are filled in, so you only correct what’s different now.',
			'Your new personal link opens them. Please don’t share it.'
		].join('\n\n'),
	clinicianSubject: {
		asked: 'You have a new referral in Easy Corner',
		answered: 'Your question about a referral was answered',
		ended: 'A referral in Easy Corner has ended'
	},
	clinicianBody: {
		asked: (name: string) =>
			[
				`Hello ${name},`,
				'An occupational health coordinator asks for your advice about someone who works at a screen at home. Sign in to read the referral, ask back or answer. For their privacy, this email doesn’t say who it is.'
			].join('\n\n'),
		answered: (name: string) =>
			[
				`Hello ${name},`,
				'What you asked about a referral has been answered. Sign in to read it. For their privacy, this email doesn’t say who it is about.'
			].join('\n\n'),
		ended: (name: string) =>
			[
				`Hello ${name},`,
				'A coordinator has ended a referral. You don’t need to answer it any more. For privacy, this email doesn’t say who it was about.'
			].join('\n\n')
	},
	accountSubject: { invitation: 'Your account in Easy Corner', reset: 'Forgot your password?' },
	accountBody: {
		invitation: (name: string) =>
			[
				`Hello ${name},`,
				'You’ve been invited to Easy Corner. Choose a password to open your account. The link works once, for seven days.'
			].join('\n\n'),
		reset: (name: string) =>
			[
				`Hello ${name},`,
				'Someone asked for a new password for your account. If that was you, choose one within two hours. If not, you don’t need to do anything, and your password stays as it is.'
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
		'log-taken': 'Your access to the audit log has ended',
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
				'A passkey was added to your account: anyone with that device can sign in as you. If that was not you, remove it on the page of your account, choose another password, and tell the person who runs Easy Corner.'
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
