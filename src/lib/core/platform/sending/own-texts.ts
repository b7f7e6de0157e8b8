import type { ReasonCode } from '../../cases/case-assessment/vocabulary';
import { EMPLOYEE_EMAIL_KINDS, type EmployeeEmailKind } from './email-kinds';

/**
 * Reasons whose suggested reply an organisation can word. Replies to warning signs are not among them: they agree with what the person's
 * stop page says.
 */
export const REPLY_REASONS = [
	'severe',
	'not-better',
	'moderate',
	'hinders-much',
	'back-again',
	'unclosable',
	'hazard',
	'stuck',
	'open-plan',
	'findings',
	'nothing-open'
] as const satisfies readonly ReasonCode[];

/** Suggested replies, by their reason; and to someone who hasn't answered. */
export const REPLY_KINDS = [...REPLY_REASONS, 'silent'] as const;

/** One of {@link REPLY_KINDS}. */
export type ReplyKind = (typeof REPLY_KINDS)[number];

/** The text that a new round begins with, and what is printed at the end of a letter to a clinician. */
const OTHER_TEXTS = ['round', 'referral-letter'] as const;

/** A text that an organisation can word: an email to employees, a suggested reply, a round's usual text, the end of a printed letter. */
export type OwnTextKind = EmployeeEmailKind | `reply-${ReplyKind}` | (typeof OTHER_TEXTS)[number];

/** The name under which a reply's text is stored. */
export const replyTextKind = (kind: ReplyKind): `reply-${ReplyKind}` => `reply-${kind}`;

/** Every text that an organisation can word. */
export const OWN_TEXT_KINDS: readonly OwnTextKind[] = [
	...EMPLOYEE_EMAIL_KINDS,
	...REPLY_KINDS.map((kind) => replyTextKind(kind)),
	...OTHER_TEXTS
];

/** Whether a text is a suggested reply, which has no subject and is read on the person's page. */
export const isReplyText = (kind: OwnTextKind): kind is `reply-${ReplyKind}` => kind.startsWith('reply-');

/** Whether a text has a subject: what is sent as an email has one. */
export const hasSubject = (kind: OwnTextKind): boolean => !isReplyText(kind) && kind !== 'referral-letter';

/** The fields that a text can have, with their braces. */
export function fieldsOfText(kind: OwnTextKind): readonly string[] {
	if (isReplyText(kind)) return ['{name}'];
	const common = ['{name}', '{organisation}', '{contact}'];
	if (kind === 'round') return [...common, '{until}'];
	return kind === 'reminder' ? [...common, '{subject}', '{minutes}'] : common;
}

/** Longest texts, characters. */
export const OWN_TEXT_LENGTHS = { subject: 120, body: 3000 } as const;

/** A text as an organisation words it. */
export interface OwnText {
	/** Empty for a reply. */
	readonly subject: string;
	/** With the greeting; an empty line separates paragraphs. */
	readonly body: string;
}

/** Fills the fields of a text in one pass: a value that looks like a field is not filled again, and other braces stay as typed. */
export function filledFields(text: string, fields: Readonly<Record<string, string>>): string {
	return text.replace(/\{([a-z]+)\}/g, (whole, field: string) =>
		Object.hasOwn(fields, field) ? (fields[field] ?? whole) : whole
	);
}

/** The first name in a person's name, as messages address them. */
export const firstNameOf = (name: string): string => name.split(' ')[0] ?? name;
