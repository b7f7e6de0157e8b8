import { createHash } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { RED_FLAGS } from '../../../core/cases/discomfort/red-flags';
import { messagesFor } from '../../../messages';
import { deskTextsIn } from '../../../messages/desk';
import { DESK_LANGUAGES } from '../../../messages/desk-language';
import { languageOf, type Language } from '../../../messages/languages';
import { stopTextsFor } from '../../../messages/stop';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';

const { languageReviews } = schema;

export interface SafetyText {
	readonly key: string;
	readonly english: string;
	readonly translated: string;
}

const EXAMPLE_NUMBER = '112';

/** The warning signs as coordinators read them; none in a language that the desk isn't in. */
function deskSignsOf(language: Language): Readonly<Record<string, string>> {
	const there = DESK_LANGUAGES.find((one) => one === language);
	if (!there) return {};
	const { signs } = deskTextsIn(there).triage;
	return Object.fromEntries(RED_FLAGS.map((flag) => [`desk.sign.${flag}`, signs[flag]]));
}

/** Every text shown to a person with a warning sign, and to the coordinator who reads it, by a stable key. */
function safetyTextsOf(locale: string): Readonly<Record<string, string>> {
	const t = messagesFor(locale);
	const stop = stopTextsFor(locale);
	return {
		...Object.fromEntries(RED_FLAGS.map((flag) => [`sign.${flag}`, t.first.signs[flag]])),
		stopTitle: t.first.stopTitle,
		call: t.first.call(EXAMPLE_NUMBER),
		callElsewhere: t.first.callElsewhere,
		todayTitle: t.first.today.title,
		todayDoes: t.first.today.does(EXAMPLE_NUMBER),
		coordinatorKnows: t.first.coordinatorKnows,
		...Object.fromEntries(stop.do.map((words, i) => [`stop.do.${i}`, words])),
		'stop.reportReceived': stop.reportReceived,
		'stop.distressTitle': stop.distressTitle,
		'stop.distressLead': stop.distressLead,
		'stop.distressNoLine': stop.distressNoLine(EXAMPLE_NUMBER),
		...Object.fromEntries(stop.distressDo.map((words, i) => [`stop.distressDo.${i}`, words])),
		'stop.distressTold': stop.distressTold,
		...deskSignsOf(languageOf(locale))
	};
}

const hashOf = (language: Language) =>
	createHash('sha256')
		.update(JSON.stringify(safetyTextsOf(language)))
		.digest('base64url');

/** Whether a language's warning-sign texts may be shown alone: English, and those reviewed in their present wording. One key look-up. */
export async function areSignsReviewed(db: Db, locale: string): Promise<boolean> {
	const language = languageOf(locale);
	if (language === 'en') return true;
	const [row] = await db
		.select({ hash: languageReviews.textsHash })
		.from(languageReviews)
		.where(eq(languageReviews.language, language));
	return row?.hash === hashOf(language);
}

/** The safety texts of a language next to the English ones, and the reviewer. */
export async function reviewPage(db: Db, actor: Actor, language: Language) {
	requirePermission(actor, 'settings:change');
	const english = safetyTextsOf('en');
	const translated = safetyTextsOf(language);
	const texts = Object.entries(translated).map(([key, words]): SafetyText => ({
		key,
		english: english[key] ?? '',
		translated: words
	}));
	const [review] = await db
		.select({ reviewedBy: languageReviews.reviewedBy, reviewedAt: languageReviews.reviewedAt })
		.from(languageReviews)
		.where(eq(languageReviews.language, language));
	const isCurrent = await areSignsReviewed(db, language);
	return { texts, review: isCurrent ? (review ?? null) : null };
}

/** Records the reviewer of a language's safety texts: from now on they are shown without the English. */
export async function confirmReview(
	db: Db,
	actor: Actor,
	{ language, reviewedBy }: { readonly language: Language; readonly reviewedBy: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	const name = reviewedBy.trim();
	if (name === '') throw new DomainError('invalid', 'reviewerName', '/reviewedBy');
	await inTransaction(db, async (tx) => {
		const row = { reviewedBy: name, textsHash: hashOf(language), reviewedAt: now };
		await tx
			.insert(languageReviews)
			.values({ language, ...row })
			.onConflictDoUpdate({ target: languageReviews.language, set: row });
		await writeAuditLine(tx, actor, { at: now, act: 'translation-reviewed', detail: { language } });
	});
}
