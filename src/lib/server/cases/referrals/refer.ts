import { and, asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { rolesWith } from '../../../core/platform/access/permissions';
import type { ConsentWay } from '../../../core/cases/referral/consent';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { runDeskAct, type DeskActInput } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { openReferralOf } from './open-referral';
import { notifyClinician } from './notify-clinician';

const { referralLines, referrals, users } = schema;

export function clinicians(db: Db) {
	return db
		.select({ id: users.id, name: users.name, email: users.email, language: users.language })
		.from(users)
		.where(and(inArray(users.role, rolesWith('referrals:list')), isNull(users.closedAt)))
		.orderBy(asc(users.name));
}

/** Whom a coordinator asks what, and how the person consented. */
export interface NewReferral extends DeskActInput {
	/** An account; empty where a letter is printed for someone without one. */
	readonly clinicianId: string;
	/** The recipient of a printed letter. */
	readonly toName: string;
	readonly question: string;
	/** Null where nobody said: refused. */
	readonly consentHow: ConsentWay | null;
	/** ISO date; empty for none. */
	readonly answerBy: string;
}

/**
 * Asks a clinician to look at a case: until it is ended they see what was referred, and nothing else about anybody. They get an email that
 * names nobody. If two people refer at once, the second one is shown the first referral, and nothing is replaced.
 */
export async function referCase(db: Db, actor: Actor, input: NewReferral, now: Date): Promise<void> {
	const by = requirePermission(actor, 'referrals:make');
	const { personId, clinicianId, consentHow } = input;
	const question = input.question.trim();
	const toName = clinicianId === '' ? input.toName.trim() : '';
	if (question === '') throw new DomainError('invalid', 'writeQuestion', '/question');
	if (consentHow === null) throw new DomainError('invalid', 'askFirst', '/consentHow');
	if (clinicianId === '' && toName === '') throw new DomainError('invalid', 'chooseWhomToAsk', '/toName');
	const act = { ...input, kind: 'referred' as const, isFinal: clinicianId !== '' };
	await runDeskAct(db, actor, act, now, async ({ tx, rows, actId }) => {
		const asked = (await clinicians(tx)).find(({ id }) => id === clinicianId) ?? null;
		if (clinicianId !== '' && !asked) throw new DomainError('invalid', 'chooseClinician', '/clinician');
		if (await openReferralOf(tx, personId)) throw new DomainError('conflict', 'withClinicianAlready');
		await rows.insert(referrals, {
			id: actId,
			personId,
			clinicianId: asked?.id ?? null,
			toName,
			question,
			consentHow,
			answerBy: input.answerBy || null,
			at: now,
			byId: by.id
		});
		if (asked) await notifyClinician(tx, asked, actId, 'new', now);
		const detail: Record<string, string> = asked ? { clinician: asked.id } : { printed: 'yes' };
		await writeAuditLine(tx, actor, { at: now, act: 'referred', personId, detail });
	});
}

/** A person's referrals with what was written about each, newest first; served by referrals_person_at_idx and referral_lines_at_idx. */
export async function referralsOf(db: Db, personId: string) {
	const found = await db
		.select({
			id: referrals.id,
			at: referrals.at,
			question: referrals.question,
			clinicianId: referrals.clinicianId,
			consentHow: referrals.consentHow,
			answerBy: referrals.answerBy,
			endedAt: referrals.endedAt,
			outcome: referrals.outcome,
			clinicianName: sql<string>`coalesce(${users.name}, ${referrals.toName})`
		})
		.from(referrals)
		.leftJoin(users, eq(users.id, referrals.clinicianId))
		.where(eq(referrals.personId, personId))
		.orderBy(desc(referrals.at))
		.limit(50);
	const lines = await referralLinesOf(
		db,
		found.map(({ id }) => id)
	);
	return found.map((one) => ({ ...one, lines: lines.filter(({ referralId }) => referralId === one.id) }));
}

/** What was written about referrals, oldest first; served by referral_lines_at_idx. */
export async function referralLinesOf(db: Db, referralIds: readonly string[]) {
	if (referralIds.length === 0) return [];
	const lines = await db
		.select({
			id: referralLines.id,
			referralId: referralLines.referralId,
			at: referralLines.at,
			text: referralLines.text,
			isFromClinician: referralLines.fromClinician,
			readAt: referralLines.readAt,
			authorName: users.name
		})
		.from(referralLines)
		.leftJoin(users, eq(users.id, referralLines.authorId))
		.where(inArray(referralLines.referralId, [...referralIds]))
		.orderBy(asc(referralLines.at));
	return lines.map(({ readAt, ...line }) => ({ ...line, isOpen: line.isFromClinician && readAt === null }));
}
