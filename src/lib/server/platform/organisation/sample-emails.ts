import { eq } from 'drizzle-orm';
import { EMAIL_KINDS, isEmployeeEmail, type EmailKind } from '../../../core/platform/sending/email-kinds';
import { DEFAULT_DATE_LOCALE } from '../../../messages';
import { emailTextsFor, emailWords, ownEmailWords, type EmailWords } from '../../../messages/emails';
import { LANGUAGES, type Language } from '../../../messages/languages';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { composeEmail, type ComposedEmail } from '../email/compose-email';
import { queueEmail } from '../email/queue-email';
import { roundSample } from '../../people/rounds/round-words';
import { editedText, originalText } from '../texts/edit-own-text';
import { logoDataUrl } from './logo-data-url';
import { readLogo, readOrganisation } from './read-organisation';

const { users } = schema;

/** An email that can be previewed: any kind, and that of a round. */
export type SampleKind = EmailKind | 'round';

interface Sample {
	readonly kind: SampleKind;
	readonly language: Language;
}

/** Every email that can be previewed. */
export const SAMPLE_KINDS: readonly SampleKind[] = [...EMAIL_KINDS, 'round'];

/** The email named in a URL; the first kind, in English, where it names none. */
export const sampleOf = (query: URLSearchParams): Sample => ({
	kind: SAMPLE_KINDS.find((one) => one === query.get('kind')) ?? EMAIL_KINDS[0],
	language: LANGUAGES.find((one) => one === query.get('language')) ?? LANGUAGES[0]
});

/** A day and a number of minutes in place of a person's own. */
const SAMPLE_DETAILS = {
	until: new Intl.DateTimeFormat(DEFAULT_DATE_LOCALE, { dateStyle: 'long', timeZone: 'UTC' }).format(
		new Date('2030-03-30T00:00:00Z')
	),
	minutesLeft: 5
} as const;

/** Where a sample's button leads: back to the page that shows it, and to nobody's answers. */
const linkOf = ({ kind, language }: Sample) => `/desk/organisation/emails?kind=${kind}&language=${language}`;

async function wordsFor(db: Db, actor: Actor & { readonly id: string }, sample: Sample): Promise<EmailWords> {
	const [user] = await db.select({ name: users.name }).from(users).where(eq(users.id, actor.id));
	const details = { ...SAMPLE_DETAILS, subject: emailTextsFor(sample.language).round.subject };
	const reader = { name: user?.name ?? '', language: sample.language };
	const from = await readOrganisation(db);
	const { kind, language } = sample;
	if (kind === 'round') {
		const text = (await editedText(db, { kind, language })) ?? originalText({ kind, language });
		return roundSample(text, reader, from);
	}
	const own = isEmployeeEmail(kind) ? await editedText(db, { kind, language }) : null;
	return own ? ownEmailWords(kind, reader, own, from, details) : emailWords(kind, reader, from, details);
}

/** An email of a kind as it arrives, addressed to whoever previews it; in the words being edited, where there are any. */
export async function previewEmail(
	db: Db,
	actor: Actor & { readonly id: string },
	sample: Sample & { readonly origin: string }
): Promise<ComposedEmail> {
	requirePermission(actor, 'settings:change');
	const logo = await readLogo(db);
	return composeEmail(await wordsFor(db, actor, sample), {
		organisation: await readOrganisation(db),
		logo: logo && { ...logo, address: logoDataUrl(logo) },
		link: `${sample.origin}${linkOf(sample)}`
	});
}

/**
 * Sends an email of a kind to whoever asked.
 * @returns the address it goes to
 */
export async function sendSampleEmail(
	db: Db,
	actor: Actor & { readonly id: string },
	sample: Sample,
	now: Date
): Promise<string> {
	requirePermission(actor, 'settings:change');
	const [user] = await db
		.select({ name: users.name, email: users.email })
		.from(users)
		.where(eq(users.id, actor.id));
	if (!user) return '';
	await queueEmail(db, {
		personId: null,
		toName: user.name,
		toEmail: user.email,
		linkPath: linkOf(sample),
		writtenAt: now,
		...(await wordsFor(db, actor, sample))
	});
	return user.email;
}
