import { and, asc, eq, isNull } from 'drizzle-orm';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { recordRead } from '../../platform/audit/record-read';
import { schema, type Db } from '../../platform/db/client';
import { requireReferral } from './require-referral';
import { referralLetterOf } from './referral-letter';
import { referralLinesOf } from './refer';

const { people, referrals, users } = schema;

/** A referral as its clinician sees it: the letter and what was written about it. Opening it is logged, once an hour for each reader. */
export async function readReferral(db: Db, actor: Actor, referralId: string, now: Date) {
	const { referral, userId, isClinician } = await requireReferral(db, actor, referralId, 'referrals:read');
	const [letter, lines] = await Promise.all([
		referralLetterOf(db, referral.personId, referral, { id: userId }),
		referralLinesOf(db, [referralId])
	]);
	if (actor.kind === 'user')
		await recordRead(db, actor, { act: 'case-read', personId: referral.personId }, now);
	return {
		id: referralId,
		isClinician,
		endedAt: referral.endedAt,
		outcome: referral.outcome,
		...(isClinician ? {} : { personId: referral.personId }),
		letter,
		lines: lines.map(({ id, at, text, isFromClinician, authorName }) => ({
			id,
			at,
			text,
			isFromClinician,
			authorName
		}))
	};
}

/** A clinician's open referrals, soonest wanted answer first; served by referrals_clinician_idx. */
export async function referralsFor(db: Db, actor: Actor) {
	const clinician = requirePermission(actor, 'referrals:list');
	const found = await db
		.select({
			id: referrals.id,
			at: referrals.at,
			answerBy: referrals.answerBy,
			question: referrals.question,
			name: people.name,
			team: people.team,
			byName: users.name
		})
		.from(referrals)
		.innerJoin(people, eq(people.id, referrals.personId))
		.leftJoin(users, eq(users.id, referrals.byId))
		.where(and(eq(referrals.clinicianId, clinician.id), isNull(referrals.endedAt)))
		.orderBy(asc(referrals.answerBy), asc(referrals.at))
		.limit(200);
	const lines = await referralLinesOf(
		db,
		found.map(({ id }) => id)
	);
	return found.map((one) => {
		const last = lines.findLast(({ referralId }) => referralId === one.id);
		return { ...one, last: last ? { at: last.at, isMine: last.isFromClinician } : null };
	});
}
