import { UNSET_ORGANISATION, type Organisation } from '../core/platform/organisation';
import { PROMISED_MINUTES } from '../core/questionnaire/promise';
import { isEmployeeEmail, type EmailKind } from '../core/platform/sending/email-kinds';
import { filledFields, type OwnText } from '../core/platform/sending/own-texts';
import { emailTexts as german } from './de/platform/emails';
import { emailTexts as spanish } from './es/platform/emails';
import { emailTexts as french } from './fr/platform/emails';
import { emailTexts as english } from './en/platform/emails';
import { languageOf, type Language } from './languages';
import type { EmailTexts } from './shapes';
import type { EmailFields } from './text-parts';

/** The texts by language: a file of their own, since no page has them. */
const EMAIL_TEXTS: Readonly<Record<Language, EmailTexts>> = {
	en: english,
	de: german,
	fr: french,
	es: spanish
};

/** The texts of emails in a language, or in English. */
export function emailTextsFor(locale = 'en'): EmailTexts {
	return EMAIL_TEXTS[languageOf(locale)];
}

/** The texts of an email and their language. */
export interface EmailWords {
	readonly kind: EmailKind;
	readonly language: Language;
	readonly subject: string;
	readonly body: string;
}

/** Who gets an email, and in which language they want it. */
export interface EmailReader {
	readonly name: string;
	/** BCP 47; English by default. */
	readonly language?: string;
}

/** What an email of a kind is made of besides its reader. */
export type EmailDetails = Partial<Pick<EmailFields, 'until' | 'subject' | 'minutesLeft'>>;

/** The words of an email. They hold no health data. @param from who writes */
export function emailWords(
	kind: EmailKind,
	{ name, language: wanted = 'en' }: EmailReader,
	{
		name: organisation,
		contactName: contact
	}: Pick<Organisation, 'name' | 'contactName'> = UNSET_ORGANISATION,
	details: EmailDetails = {}
): EmailWords {
	const texts = emailTextsFor(wanted);
	const fields = { name, organisation, contact, until: null, subject: '', minutesLeft: null, ...details };
	const { subject, paragraphs } = texts.kinds[kind];
	return {
		kind,
		language: languageOf(wanted),
		subject: typeof subject === 'string' ? subject : subject(fields),
		body: [texts.greeting(fields), ...paragraphs(fields)].join('\n\n')
	};
}

/** The words of an email as an organisation has worded it, with its fields filled. @param from who writes */
export function ownEmailWords(
	kind: EmailKind,
	{ name, language: wanted = 'en' }: EmailReader,
	{ subject, body }: OwnText,
	from: Pick<Organisation, 'name' | 'contactName'>,
	details: EmailDetails = {}
): EmailWords {
	const fields = {
		name,
		...organisationFields(from, wanted),
		subject: details.subject ?? '',
		minutes: String(details.minutesLeft ?? PROMISED_MINUTES.short)
	};
	return {
		kind,
		language: languageOf(wanted),
		subject: filledFields(subject, fields),
		body: filledFields(body, fields)
	};
}

/** The software's words of an email with its fields in place of values, to start from. */
export function emailWithFields(kind: EmailKind, language: Language): OwnText {
	const { subject, body } = emailWords(
		kind,
		{ name: '{name}', language },
		{ name: '{organisation}', contactName: '{contact}' },
		{ subject: '{subject}' }
	);
	return { subject, body };
}

/** What an email's button says: what it opens. */
export const emailButton = (kind: EmailKind, locale = 'en'): string =>
	emailTextsFor(locale).kinds[kind].button;

/** Kinds whose email says whether taking part is voluntary, and who sees the answers. */
const ASKS_FOR_ANSWERS: readonly EmailKind[] = ['invitation', 'reminder', 'recheck', 'recheck-reminder'];

/** Kinds that employees can ask us to stop: emails that the schedule sends and nobody requested. */
export const STOPPABLE_KINDS: readonly EmailKind[] = [
	'reminder',
	'plan-reminder',
	'trial-question',
	'check-in-reminder',
	'recheck-reminder'
];

/** The subject shown in a mailbox: the organisation's name first, so that people know who writes. */
export function subjectLine(subject: string, { name }: Pick<Organisation, 'name'>): string {
	return name === '' || subject.includes(name) ? subject : `${name}: ${subject}`;
}

/** The parts of an email around its text. */
export interface EmailFrame {
	/** Shown directly below the button; empty for none. */
	readonly belowButton: string;
	/** The sender and how to reach them, one line each. */
	readonly signature: readonly string[];
	/** Small print that helps people trust the email. */
	readonly notes: readonly string[];
}

/**
 * The parts of an email of a kind around its text.
 *
 * @param stopAddress where reminders can be stopped; empty where there is no such place
 */
export function emailFrame(
	kind: EmailKind,
	organisation: Organisation,
	locale = 'en',
	stopAddress = ''
): EmailFrame {
	const { footer } = emailTextsFor(locale);
	const { name, contactName, contactRole, phone, address } = organisation;
	const post = address.split('\n').map((line) => line.trim());
	const signature = [
		contactName,
		[contactRole, name].filter((part) => part !== '').join(', '),
		phone && footer.phone(phone),
		...post
	];
	const asks = ASKS_FOR_ANSWERS.includes(kind) && name !== '';
	const notes = [
		asks ? footer.participation(organisation) : '',
		asks ? footer.seenBy(name) : '',
		footer.genuine(organisation),
		footer.product(name),
		stopAddress && STOPPABLE_KINDS.includes(kind) ? footer.stopReminders(stopAddress) : ''
	];
	return {
		belowButton: isEmployeeEmail(kind) ? footer.personalLink : '',
		signature: signature.filter((line) => line !== ''),
		notes: notes.filter((note) => note !== '')
	};
}

/** Fields that the texts of a round may contain. */
export const ROUND_FIELDS = ['{name}', '{until}', '{organisation}', '{contact}'] as const;

type RoundField = 'name' | 'until' | 'organisation' | 'contact';

/** Fills the fields of a round's text. */
export const filledText = (text: string, fields: Readonly<Record<RoundField, string>>): string =>
	filledFields(text, fields);

/** Values of a round's fields that come from the organisation and its contact. */
export function organisationFields(
	{ name, contactName }: Pick<Organisation, 'name' | 'contactName'>,
	locale = 'en'
): { organisation: string; contact: string } {
	const { round } = emailTextsFor(locale);
	return {
		organisation: name || round.unknownOrganisation,
		contact: contactName || round.unknownContact
	};
}
