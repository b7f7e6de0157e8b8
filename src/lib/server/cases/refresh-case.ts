import { and, asc, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { civilDate } from '../../core/calendar';
import { checkCorner } from '../../core/checks';
import { worstOf } from '../../core/discomfort';
import { actBy, DEFAULT_POLICY, LEVELS, type Level, type OpenRequest, type Reason } from '../../core/triage';
import { schema, type Db } from '../db/client';
import { isoDay } from '../clock';
import { workCalendarOf } from '../people/work-calendar-of';

const { assessments, cases, equipmentRequests, followUps, messages, people, referrals, roundPeople } = schema;

/** Reports that the trend shows at most. */
const TREND_REPORTS = 8;

const SETTLED = LEVELS.indexOf('settled');

const rankOf = ({ level }: Reason) => LEVELS.indexOf(level);

/** The newest self-assessments of a person, the newest first; served by assessments_person_sent_idx. */
function assessmentsOf(db: Db, personId: string) {
	return db
		.select({
			id: assessments.id,
			sentAt: assessments.sentAt,
			savedAt: assessments.savedAt,
			consentedAt: assessments.consentedAt,
			answeredAt: assessments.answeredAt,
			expiresAt: assessments.expiresAt,
			revokedAt: assessments.revokedAt,
			corner: assessments.corner,
			checksOff: assessments.checksOff,
			checksUnsure: assessments.checksUnsure,
			costPlanned: assessments.costPlanned,
			discomfort: assessments.discomfort,
			levelRank: assessments.levelRank,
			reasons: assessments.reasons,
			signsAt: assessments.signsAt,
			seenAt: assessments.seenAt
		})
		.from(assessments)
		.where(and(eq(assessments.personId, personId), isNull(assessments.spotOf)))
		.orderBy(desc(assessments.sentAt))
		.limit(TREND_REPORTS);
}

/** What waits for a coordinator beside answers, with since when. */
async function requestsOpen(db: Db, personId: string): Promise<{ request: OpenRequest; at: Date }[]> {
	const [equipment] = await db
		.select({ at: equipmentRequests.askedAt })
		.from(equipmentRequests)
		.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
		.where(and(eq(assessments.personId, personId), eq(equipmentRequests.state, 'asked')))
		.orderBy(asc(equipmentRequests.askedAt))
		.limit(1);
	const [message] = await db
		.select({ at: messages.at })
		.from(messages)
		.where(and(eq(messages.personId, personId), eq(messages.fromPerson, 1), isNull(messages.answeredAt)))
		.orderBy(asc(messages.at))
		.limit(1);
	const [silent] = await db
		.select({ at: assessments.sentAt })
		.from(roundPeople)
		.innerJoin(assessments, eq(assessments.id, roundPeople.assessmentId))
		.where(and(eq(roundPeople.personId, personId), eq(roundPeople.toCall, 1), isNull(assessments.answeredAt)))
		.limit(1);
	return [
		...(equipment ? [{ request: 'equipment' as const, at: equipment.at }] : []),
		...(message ? [{ request: 'question' as const, at: message.at }] : []),
		...(silent ? [{ request: 'silent' as const, at: silent.at }] : [])
	];
}

/**
 * Locks a person before anything else of theirs: every act on a case begins with it, so that two at once stand in line and
 * never wait for each other in a ring.
 */
export async function lockPerson(db: Db, personId: string): Promise<typeof people.$inferSelect | null> {
	const [person] = await db.select().from(people).where(eq(people.id, personId)).for('update');
	return person ?? null;
}

/**
 * Works out anew what lists need to know of a person, within the transaction of the act that may have changed it. The
 * person's row is locked first, so that two acts at once leave what the later of them saw.
 *
 * Cost: eight small reads by index and one write.
 */
export async function refreshCase(db: Db, personId: string, now: Date): Promise<void> {
	const person = await lockPerson(db, personId);
	if (!person) return;
	const sent = await assessmentsOf(db, personId);
	const [newest] = sent;
	const answered = sent.find((a) => a.answeredAt !== null);
	// Signs speak before the answers are in, so the newest that was judged counts, answered or not.
	const judged = sent.find((a) => a.levelRank !== null);
	const waits = judged && judged.seenAt === null ? judged : null;
	const asked = await requestsOpen(db, personId);
	const [followUp] = await db
		.select({ due: followUps.due })
		.from(followUps)
		.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
	const [referral] = await db
		.select({ clinicianId: referrals.clinicianId })
		.from(referrals)
		.where(and(eq(referrals.personId, personId), isNull(referrals.endedAt), isNotNull(referrals.clinicianId)))
		.orderBy(desc(referrals.at))
		.limit(1);
	const isOpen = !person.leftAt && (waits !== null || asked.length > 0);
	const own = (waits ?? (isOpen ? null : judged))?.reasons.filter(({ code }) => code !== 'request') ?? [];
	const reasons = [
		...own,
		...asked.map(({ request }): Reason => ({ code: 'request', level: 'help', request }))
	].sort((a, b) => rankOf(a) - rankOf(b));
	const [first] = reasons;
	const levelRank = first ? rankOf(first) : SETTLED;
	const since = [...(waits ? [waits.answeredAt ?? waits.signsAt ?? now] : []), ...asked.map(({ at }) => at)];
	const openSince = isOpen ? new Date(Math.min(...since.map(Number))) : null;
	const from = openSince && civilDate(isoDay(openSince, person.timeZone || 'UTC'));
	const level: Level = LEVELS[levelRank] ?? 'settled';
	const worsts = sent.filter((a) => a.answeredAt !== null).map((a) => worstOf(a.discomfort));
	const values = {
		levelRank,
		reasons,
		openSince,
		actBy: from ? actBy(level, from, DEFAULT_POLICY, workCalendarOf(person.country)) : null,
		openW: answered?.costPlanned ?? 0,
		followUpOn: person.leftAt ? null : (followUp?.due ?? null),
		marks: answered?.corner ? [...checkCorner(answered.corner)] : [],
		worsts: worsts.reverse(),
		sentAt: newest?.sentAt ?? null,
		startedAt: newest?.savedAt ?? newest?.consentedAt ?? null,
		answeredAt: newest?.answeredAt ?? null,
		linkEndsAt: newest?.expiresAt ?? null,
		revokedAt: newest?.revokedAt ?? null,
		checksOff: newest?.checksOff ?? null,
		checksUnsure: newest?.checksUnsure ?? null,
		referredTo: referral?.clinicianId ?? null
	};
	await db
		.insert(cases)
		.values({ personId, ...values })
		.onConflictDoUpdate({
			target: cases.personId,
			set: {
				...values,
				// Something new opens a settled case again.
				...(isOpen ? { settledAt: null, settledReason: '' } : {}),
				version: sql`${cases.version} + 1`
			}
		});
}
