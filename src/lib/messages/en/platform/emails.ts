import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { Organisation } from '$lib/core/platform/organisation';
import type { EmailKind } from '$lib/core/platform/sending/email-kinds';
import type { EmailFields } from '../../text-parts';

/** The text of one kind of email. An empty line separates paragraphs. */
interface EmailText {
	readonly subject: string | ((fields: EmailFields) => string);
	readonly paragraphs: (fields: EmailFields) => readonly string[];
	/** What the button opens. */
	readonly button: string;
}

const isNotYou = 'If this wasn’t you, change your password now and tell the person who runs Easy Corner.';

/** The sender, in the first sentence of an invitation. */
const introduction = ({ contact, organisation }: EmailFields) => {
	if (contact && organisation) return `I’m ${contact} from ${organisation}. `;
	if (organisation) return `This email comes from ${organisation}. `;
	return '';
};

const byDay = (until: string | null) => (until ? ` by ${until}` : '');

export const emailTexts = {
	greeting: ({ name }: EmailFields) => `Hello ${name},`,
	kinds: {
		invitation: {
			subject: `Check your home workstation (about ${PROMISED_MINUTES.short} minutes)`,
			paragraphs: (fields) => [
				`${introduction(fields)}Please answer some questions about your home workstation and measure a few heights${byDay(fields.until)}. You’ll get a plan that uses things you have at home.`,
				`It takes about ${PROMISED_MINUTES.short} minutes. A tape measure helps, but sheets of paper will do. We don’t ask for photos. You can stop and continue later.`,
				'If anything hurts badly, or numbness stays or wakes you at night, don’t wait for this. See a doctor.'
			],
			button: 'Start my self-assessment'
		},
		reminder: {
			subject: ({ subject }) => `Reminder: ${subject}`,
			paragraphs: ({ minutesLeft }) => [
				minutesLeft === null
					? `You haven’t started your self-assessment yet. It takes about ${PROMISED_MINUTES.short} minutes.`
					: `Your self-assessment isn’t finished yet. Everything you’ve entered is saved. It takes about ${minutesLeft === 1 ? 'one more minute' : `${minutesLeft} more minutes`}.`,
				'If something is in the way, or you’d rather not take part, tell your coordinator on the same page. That’s an answer too.'
			],
			button: 'Continue my self-assessment'
		},
		message: {
			subject: 'You have a message about your workstation',
			paragraphs: () => [
				'Your coordinator has written to you. You can read the message and answer it on your personal page. For your privacy, this email doesn’t repeat it.'
			],
			button: 'Read the message'
		},
		equipment: {
			subject: 'There is news about your equipment',
			paragraphs: () => [
				'There is news about something you asked for. You can read it on your personal page. For your privacy, this email doesn’t say what it is.'
			],
			button: 'See my equipment'
		},
		'plan-reminder': {
			subject: 'Your plan is ready to start',
			paragraphs: () => [
				'Some weeks ago you got a plan for your workstation. It uses things you have at home. You haven’t ticked any of its steps yet.',
				'If a step doesn’t work at your place, say so on the plan and we’ll make a new one without it. You can also write to your coordinator there.'
			],
			button: 'Open my plan'
		},
		'trial-question': {
			subject: 'How was today? (one question)',
			paragraphs: () => [
				'You’re trying another way to sit or another plan, and comparing it with your own. How comfortable was today? It’s one question, at the top of your plan.',
				'Stop if anything hurts more than before. You can end this on your plan, too.'
			],
			button: 'Say how today was'
		},
		'check-in': {
			subject: 'How is your workstation now? (two to three minutes)',
			paragraphs: () => [
				'Some weeks ago you finished the changes to your workstation. What is still in place, and how do you feel? It takes two to three minutes to tell us.'
			],
			button: 'Answer the check-in'
		},
		'check-in-reminder': {
			subject: 'Reminder: how is your workstation now?',
			paragraphs: () => [
				'We asked how your workstation is and haven’t heard from you yet. It takes two to three minutes. If something is no longer in place, we’d like to know that too.'
			],
			button: 'Answer the check-in'
		},
		recheck: {
			subject: 'Time for your next self-assessment',
			paragraphs: () => [
				'It’s been a while since you measured your workstation. Bodies, glasses and chairs change. Your last answers are filled in, so you only correct what’s different now.'
			],
			button: 'Check my workstation again'
		},
		'recheck-reminder': {
			subject: 'Reminder: time for your next self-assessment',
			paragraphs: () => [
				'Your next self-assessment isn’t finished yet. Your last answers are filled in, so you only correct what’s different now.',
				'If something is in the way, or you’d rather not take part, tell your coordinator on the same page. That’s an answer too.'
			],
			button: 'Check my workstation again'
		},
		'referral-new': {
			subject: 'You have a new referral in Easy Corner',
			paragraphs: () => [
				'An occupational health coordinator asks for your advice about someone who works at a screen at home. Sign in to read the referral, ask a question or answer. For their privacy, this email doesn’t say who it is.'
			],
			button: 'Read the referral'
		},
		'referral-answered': {
			subject: 'Your question about a referral was answered',
			paragraphs: () => [
				'The coordinator has answered your question about a referral. Sign in to read the answer. For the employee’s privacy, this email doesn’t say who it is about.'
			],
			button: 'Read the answer'
		},
		'referral-ended': {
			subject: 'A referral in Easy Corner was cancelled',
			paragraphs: () => [
				'A coordinator has cancelled a referral. You don’t need to answer it. For the employee’s privacy, this email doesn’t say who it was about.'
			],
			button: 'See my referrals'
		},
		'deputy-alert': {
			subject: 'Please act now: a report in Easy Corner hasn’t been opened',
			paragraphs: () => [
				'An employee reported something that can be an emergency, and no coordinator has opened it yet. You’re their deputy. Sign in, open the report at the top of the list and call the person.',
				'For their privacy, this email doesn’t say who it is.'
			],
			button: 'Open the list'
		},
		'account-invitation': {
			subject: 'Your account in Easy Corner',
			paragraphs: () => [
				'You’ve been invited to Easy Corner. Choose a password to open your account. The link works once and for seven days.'
			],
			button: 'Choose a password'
		},
		'password-reset': {
			subject: 'Forgot your password?',
			paragraphs: () => [
				'Someone asked for a new password for your account. If it was you, choose one within two hours. If not, you don’t need to do anything: your password stays the same.'
			],
			button: 'Choose a new password'
		},
		'api-token': {
			subject: 'A program got access to your account',
			paragraphs: () => [
				'Someone made an API token under your account. A program with it can do what the token allows, in your name. If it was you, you don’t need to do anything.',
				'If it wasn’t you, end the token on your account page and change your password.'
			],
			button: 'Review my account'
		},
		'new-device': {
			subject: 'Someone signed in from a new browser',
			paragraphs: () => [
				'Someone signed in to your account from a browser that you haven’t used before. If it was you, you don’t need to do anything.',
				'If it wasn’t you, change your password and sign out all other browsers on your account page.'
			],
			button: 'Review my account'
		},
		tries: {
			subject: 'Someone is trying passwords for your account',
			paragraphs: () => [
				'Someone tried several wrong passwords for your account. We slow down their attempts. You can still sign in from browsers that you’ve used before.',
				'If your password is short, or you use it elsewhere, change it.'
			],
			button: 'Review my account'
		},
		codes: {
			subject: 'Someone is guessing your sign-in codes',
			paragraphs: () => [
				'Someone entered your correct password and then several wrong codes. If it was you, wait a few minutes and try again.',
				'If it wasn’t you, someone knows your password. Change it now and tell the person who runs Easy Corner.'
			],
			button: 'Review my account'
		},
		password: {
			subject: 'Your password was changed',
			paragraphs: () => [
				'The password of your account was changed. We signed out all your other browsers.',
				'If this wasn’t you, use “Forgot your password?” on the sign-in page now, and tell the person who runs Easy Corner.'
			],
			button: 'Review my account'
		},
		passkey: {
			subject: 'A passkey was added to your account',
			paragraphs: () => [
				'A passkey was added to your account. Anyone who can unlock that device can sign in as you.',
				'If this wasn’t you, remove the passkey on your account page. Then change your password and tell the person who runs Easy Corner.'
			],
			button: 'Review my account'
		},
		'passkey-removed': {
			subject: 'A passkey was removed from your account',
			paragraphs: () => [
				'A passkey was removed from your account. It can no longer be used to sign in.',
				`${isNotYou} Sign out all other browsers on your account page too.`
			],
			button: 'Review my account'
		},
		'factor-set': {
			subject: 'Your account now has a second factor',
			paragraphs: () => [
				'From now on, you need a code from your phone as well as your password to sign in.',
				'If you didn’t set this up, someone else did and you can no longer sign in. Tell the person who runs Easy Corner now.'
			],
			button: 'Review my account'
		},
		'factor-ended': {
			subject: 'The second factor of your account was removed',
			paragraphs: () => [
				'Codes from your phone are no longer needed to sign in. Your password alone opens your account.',
				isNotYou
			],
			button: 'Review my account'
		},
		'log-given': {
			subject: 'You now have access to the audit log',
			paragraphs: () => [
				'A colleague gave you access to the audit log. It shows who did what, and whose data they viewed. If you don’t need it, ask them to remove your access.'
			],
			button: 'Open my account'
		},
		'log-taken': {
			subject: 'You no longer have access to the audit log',
			paragraphs: () => [
				'A colleague removed your access to the audit log. If you don’t know why, ask the coordinators who still have it.'
			],
			button: 'Open my account'
		},
		provider: {
			subject: 'Your account now opens with your organisation’s sign-in',
			paragraphs: () => [
				'Someone signed in to your account with your organisation’s sign-in for the first time. From now on you can use it too.',
				'If this wasn’t you, tell the person who runs Easy Corner now.'
			],
			button: 'Review my account'
		}
	} satisfies Readonly<Record<EmailKind, EmailText>> as Readonly<Record<EmailKind, EmailText>>,

	/** What stands below each email: how it is used, who wrote it and how to tell that it is genuine. */
	footer: {
		/** Note below the button of an email with a personal link. */
		personalLink: 'This link opens your personal page. Please don’t forward it.',
		participation: ({ participation, dutyLaw }: Pick<Organisation, 'participation' | 'dutyLaw'>) =>
			participation === 'voluntary'
				? 'Taking part is voluntary.'
				: `Taking part is part of your employer’s health and safety duty${dutyLaw ? ` (${dutyLaw})` : ''}.`,
		seenBy: (organisation: string) =>
			`People with the coordinator role${organisation ? ` at ${organisation}` : ''} see your answers, and a clinician if you agree. Others see only totals of five people or more.`,
		genuine: ({ genuinePage, phone }: Pick<Organisation, 'genuinePage' | 'phone'>) => {
			if (genuinePage && phone) return `Is this email genuine? See ${genuinePage} or call ${phone}.`;
			if (genuinePage) return `Is this email genuine? See ${genuinePage}.`;
			if (phone) return `Is this email genuine? Call ${phone}.`;
			return '';
		},
		product: (organisation: string) =>
			organisation
				? `${organisation} uses Easy Corner for home-workstation self-assessments.`
				: 'Sent by Easy Corner, the tool for home-workstation self-assessments.',
		/** Footer of automatic emails. */
		stopReminders: (address: string) => `Don’t want reminders? Stop them here: ${address}`,
		phone: (phone: string) => `Phone: ${phone}`
	},

	/** The text of a new round, with the fields that are filled in for each person. */
	round: {
		subject: `Check your home workstation (about ${PROMISED_MINUTES.short} minutes)`,
		body: [
			'Hello {name},',
			'I’m {contact} from {organisation}. Please answer some questions about your home workstation and measure a few heights by {until}. You’ll get a plan that uses things you have at home.',
			`It takes about ${PROMISED_MINUTES.short} minutes. A tape measure helps, but sheets of paper will do. We don’t ask for photos. You can stop and continue later.`,
			'If anything hurts badly, or numbness stays or wakes you at night, don’t wait for this. See a doctor.'
		].join('\n\n'),
		/** Used instead of the organisation's or contact's name until they are set. */
		unknownOrganisation: 'your organisation',
		unknownContact: 'your coordinator'
	}
};
