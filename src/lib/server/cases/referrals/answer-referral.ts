import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { Actor } from '../../platform/actor';
import { runDeskAct } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { requireReferral } from './require-referral';
import { clinicians } from './refer';
import { notifyClinician } from './notify-clinician';

const { referralLines, referrals } = schema;

/** Text about a referral. The key is made by the page: sent twice, it is one. */
export interface ReferralWords {
	readonly key: string;
	readonly referralId: string;
	readonly text: string;
}

/** The condition for a clinician's unread text about a person; by referral_lines_unread_idx. */
export function unreadReferrals(tx: Db, personId: string) {
	const mine = tx.select({ id: referrals.id }).from(referrals).where(eq(referrals.personId, personId));
	return and(
		inArray(referralLines.referralId, mine),
		eq(referralLines.fromClinician, true),
		isNull(referralLines.readAt)
	);
}

/** The clinician's account; undefined for a printed letter, or where the account is no clinician's any more. */
const clinicianOf = async (tx: Db, clinicianId: string | null) =>
	(await clinicians(tx)).find(({ id }) => id === clinicianId);

/**
 * Asks a question about a referral, or answers one. A clinician's text is on the day sheet until a coordinator has read it; a coordinator's
 * text is announced to the clinician by email.
 */
export async function writeOnReferral(
	db: Db,
	actor: Actor,
	{ key, referralId, text: typed }: ReferralWords,
	now: Date
): Promise<void> {
	const text = typed.trim();
	if (text === '') throw new DomainError('invalid', 'writeAFewWords', '/text');
	await inTransaction(db, async (tx) => {
		const { referral, userId, isClinician } = await requireReferral(
			tx,
			actor,
			referralId,
			'referrals:answer'
		);
		const { personId, clinicianId } = referral;
		const act = { key, personId, version: null, kind: 'referral-written' as const, isFinal: true };
		await runDeskAct(tx, actor, act, now, async ({ rows }) => {
			if (referral.endedAt) throw new DomainError('conflict', 'referralEnded');
			await tx.insert(referralLines).values({
				id: key,
				referralId,
				at: now,
				authorId: userId,
				fromClinician: isClinician,
				text
			});
			if (!isClinician) {
				await rows.update(referralLines, { readAt: now }, unreadReferrals(tx, personId));
				const asked = await clinicianOf(tx, clinicianId);
				if (asked) await notifyClinician(tx, asked, referralId, 'answered', now);
			}
			await writeAuditLine(tx, actor, { at: now, act: 'referral-written', personId });
		});
	});
}

/**
 * Ends a referral with its result. The clinician's answer is on the day sheet until a coordinator has read it; from then on they can't see
 * the case. A coordinator ends one whose answer came by letter or call; a clinician with an account is told so.
 */
export async function endReferral(
	db: Db,
	actor: Actor,
	{ key, referralId, text }: ReferralWords,
	now: Date
): Promise<void> {
	const outcome = text.trim();
	await inTransaction(db, async (tx) => {
		const { referral, userId, isClinician } = await requireReferral(
			tx,
			actor,
			referralId,
			'referrals:answer'
		);
		if (outcome === '')
			throw new DomainError('invalid', isClinician ? 'writeAnswer' : 'writeWhatCame', '/text');
		const { personId, clinicianId } = referral;
		const told = isClinician ? undefined : await clinicianOf(tx, clinicianId);
		const act = {
			key,
			personId,
			version: null,
			kind: 'referral-ended' as const,
			isFinal: isClinician || told !== undefined
		};
		await runDeskAct(tx, actor, act, now, async ({ rows }) => {
			if (referral.endedAt) throw new DomainError('conflict', 'referralEnded');
			await rows.update(referrals, { endedAt: now, outcome }, eq(referrals.id, referralId));
			if (isClinician)
				await tx.insert(referralLines).values({
					id: key,
					referralId,
					at: now,
					authorId: userId,
					fromClinician: true,
					text: outcome
				});
			else await rows.update(referralLines, { readAt: now }, unreadReferrals(tx, personId));
			if (told) await notifyClinician(tx, told, referralId, 'ended', now);
			await writeAuditLine(tx, actor, { at: now, act: 'referral-ended', personId });
		});
	});
}
