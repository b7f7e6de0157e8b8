import { and, desc, eq, gt, isNull } from 'drizzle-orm';
import type { Actor } from '../actor';
import { newestReMeasurement, ticksOf } from '../assessments/open-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { chainOf } from '../follow-ups/list-follow-ups';
import { stateOf } from '../people/list-people';
import { equipmentOf } from './decide-equipment';
import { messagesOf } from './messages';
import { needCase, type CaseReader } from './need-case';
import { notesOf } from './notes';
import { referralsOf } from './refer';

const { assessments, auditLines, cases, followUps, people, users } = schema;

/** Where one self-assessment stands, in the terms of `stateOf`. */
function stateOfRow(row: typeof assessments.$inferSelect, now: Date) {
	const { sentAt, expiresAt, revokedAt, savedAt, consentedAt, answeredAt } = row;
	return stateOf(
		{ sentAt, linkEndsAt: expiresAt, revokedAt, startedAt: savedAt ?? consentedAt, answeredAt },
		now
	);
}

/** Self-assessments of a person that are read, the newest first: the history of ten years at two a year. */
const MOST_ASSESSMENTS = 20;

/**
 * Everything the case page shows of one person. That it was looked at is on record, once an hour for each reader.
 *
 * Cost: a dozen reads by index, each bounded.
 */
export async function readCase(db: Db, actor: Actor, personId: string, now: Date) {
	const reader = await needCase(db, actor, personId);
	const [row] = await db
		.select({ person: people, listed: cases })
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.where(eq(people.id, personId));
	if (!row) throw new Fault('not-found', 'This person is not in the list. They may have been removed.');
	const sent = await db
		.select()
		.from(assessments)
		.where(eq(assessments.personId, personId))
		.orderBy(desc(assessments.sentAt))
		.limit(MOST_ASSESSMENTS);
	const main = sent.filter((a) => a.spotOf === null);
	const newest = main[0] ?? null;
	const answered = main.find((a) => a.answeredAt !== null) ?? null;
	const [[followUp], equipment, chain, notes, messages, referrals, ticks, again, log] = await Promise.all([
		db
			.select()
			.from(followUps)
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt))),
		equipmentOf(db, personId),
		chainOf(db, personId),
		notesOf(db, personId),
		messagesOf(db, personId),
		referralsOf(db, personId),
		answered ? ticksOf(db, answered.id) : {},
		answered ? newestReMeasurement(db, answered.id) : null,
		newestAuditLines(db, personId)
	]);
	await noteReading(db, actor, reader, personId, now);
	return {
		...row,
		...(newest ? stateOfRow(newest, now) : stateOf(null, now)),
		newest,
		answered,
		/** All that was answered, the oldest first. */
		answers: main.filter((a) => a.answeredAt !== null && a.corner !== null).reverse(),
		ticks,
		again,
		equipment,
		chain,
		notes,
		messages,
		referrals,
		followUp: followUp ?? null,
		/** Further spots of the newest answers: the same person and household at another table. */
		spots: sent.filter((a) => a.spotOf !== null && a.spotOf === answered?.id && a.corner !== null).reverse(),
		history: main.map((a) => ({
			id: a.id,
			sentAt: a.sentAt,
			answeredAt: a.answeredAt,
			state: stateOfRow(a, now).state
		})),
		log
	};
}

/** A case as it is read. */
export type Case = Awaited<ReturnType<typeof readCase>>;

const LOG_LINES = 30;

/** The newest lines about a person; served by audit_lines_person_at_idx. */
function newestAuditLines(db: Db, personId: string) {
	return db
		.select({ at: auditLines.at, act: auditLines.act, actorKind: auditLines.actorKind, userName: users.name })
		.from(auditLines)
		.leftJoin(users, eq(users.id, auditLines.actorId))
		.where(eq(auditLines.personId, personId))
		.orderBy(desc(auditLines.at), desc(auditLines.id))
		.limit(LOG_LINES);
}

const HOUR_MS = 3_600_000;

/** Puts on record that somebody looked at the case, once an hour. */
async function noteReading(
	db: Db,
	actor: Actor,
	reader: CaseReader,
	personId: string,
	now: Date
): Promise<void> {
	const [known] = await db
		.select({ id: auditLines.id })
		.from(auditLines)
		.where(
			and(
				eq(auditLines.personId, personId),
				gt(auditLines.at, new Date(now.getTime() - HOUR_MS)),
				eq(auditLines.act, 'case-read'),
				eq(auditLines.actorId, reader.id)
			)
		)
		.limit(1);
	if (!known) await writeAuditLine(db, actor, { at: now, act: 'case-read', personId });
}
