import { randomInt, randomUUID } from 'node:crypto';
import { and, asc, desc, eq, inArray, isNull, or, sql, type SQL } from 'drizzle-orm';
import {
	compareOpinions,
	levelField,
	OPINION_SIZE,
	spreadOverLevels
} from '../../../core/cases/second-opinion/compare-opinions';
import { TRIAGE_LEVELS, type TriageLevel } from '../../../core/cases/triage/policy';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { loadCaseRecord } from '../case-assessments/load-case-record';
import { newestAssessmentResult } from '../case-assessments/newest-assessment-result';
import { coordinators } from '../case-owner';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { readPersonPlace } from '../../people/lock-person';

const { people, secondOpinionCases, secondOpinions, users } = schema;

/** Cases of each level from which ten are drawn. */
const MOST_OF_LEVEL = 20;

/** Most second opinions listed. */
const MOST_LISTED = 50;

const RANDOM_STEPS = 2 ** 31;
const random = () => randomInt(RANDOM_STEPS) / RANDOM_STEPS;

/** Some answered cases of each level, from a random person on and around to it again; served by cases_level_idx. */
async function candidates(db: Db): Promise<{ personId: string; level: TriageLevel }[]> {
	const start = randomUUID();
	const from = (after: SQL) => sql`
		select c.person_id from cases c join people p on p.id = c.person_id
		where c.level = l.level and c.answered_at is not null and p.left_at is null and ${after}
		order by c.person_id limit ${MOST_OF_LEVEL}`;
	const { rows } = await db.execute<{ person_id: string; level: TriageLevel }>(sql`
		select c.person_id, l.level from unnest(${sql.param(TRIAGE_LEVELS)}::level[]) l (level)
		cross join lateral (
			(${from(sql`c.person_id >= ${start}::uuid`)}) union all (${from(sql`c.person_id < ${start}::uuid`)})
			limit ${MOST_OF_LEVEL}) c`);
	return rows.map(({ person_id, level }) => ({ personId: person_id, level }));
}

/**
 * Asks a colleague to judge ten cases as well, each without seeing the other's levels or anyone's name. The cases are kept as they are now.
 * Cost: two reads for each case.
 * @returns its id
 * @throws DomainError where the colleague may not open the cases, or there are none
 */
export async function askSecondOpinion(db: Db, actor: Actor, colleague: string, now: Date): Promise<string> {
	const { id: startedBy } = requirePermission(actor, 'cases:read');
	const known = await coordinators(db);
	if (colleague === startedBy || !known.some(({ id }) => id === colleague))
		throw new DomainError('invalid', 'chooseCoordinator', '/colleague');
	const chosen = spreadOverLevels(await candidates(db), OPINION_SIZE, random);
	const drawn: (typeof secondOpinionCases.$inferInsert)[] = [];
	return inTransaction(db, async (tx) => {
		const [made] = await tx
			.insert(secondOpinions)
			.values({ startedBy, askedUser: colleague, startedAt: now })
			.returning({ id: secondOpinions.id });
		if (!made) throw new Error('An insert returned no row');
		for (const { personId } of chosen) {
			const person = await readPersonPlace(tx, personId);
			const result = await newestAssessmentResult(tx, personId);
			if (!person || !result) continue;
			const { file: record } = await loadCaseRecord(tx, person, now);
			drawn.push({
				opinionId: made.id,
				place: drawn.length,
				personId,
				record,
				level: result.level,
				reason: result.reasons[0]?.code ?? null
			});
		}
		if (drawn.length === 0) throw new DomainError('conflict', 'noCasesToJudge');
		await tx.insert(secondOpinionCases).values(drawn);
		await writeAuditLine(tx, actor, { at: now, act: 'second-opinion-started' });
		return made.id;
	});
}

/** The colleagues who can be asked: coordinators with an open account, without oneself. */
export async function colleaguesOf(db: Db, actor: Actor): Promise<{ id: string; name: string }[]> {
	const { id } = requirePermission(actor, 'cases:read');
	return (await coordinators(db)).filter((one) => one.id !== id);
}

export interface OpinionLine {
	readonly id: string;
	readonly startedAt: Date;
	/** The other one's name. */
	readonly colleague: string;
	/** Whose levels are still missing. */
	readonly isMineOpen: boolean;
	readonly isTheirsOpen: boolean;
}

/** The second opinions that an account takes part in, newest first; two index look-ups. */
export async function listSecondOpinions(db: Db, actor: Actor): Promise<OpinionLine[]> {
	const { id: me } = requirePermission(actor, 'cases:read');
	const rows = await db
		.select()
		.from(secondOpinions)
		.where(or(eq(secondOpinions.startedBy, me), eq(secondOpinions.askedUser, me)))
		.orderBy(desc(secondOpinions.startedAt))
		.limit(MOST_LISTED);
	const ids = rows.flatMap(({ startedBy, askedUser }) => [startedBy, askedUser]);
	const names =
		ids.length > 0
			? await db.select({ id: users.id, name: users.name }).from(users).where(inArray(users.id, ids))
			: [];
	return rows.map((row) => {
		const isMine = row.startedBy === me;
		const other = isMine ? row.askedUser : row.startedBy;
		const [mine, theirs] = isMine
			? [row.startedLevels, row.askedLevels]
			: [row.askedLevels, row.startedLevels];
		return {
			id: row.id,
			startedAt: row.startedAt,
			colleague: names.find(({ id }) => id === other)?.name ?? '',
			isMineOpen: mine === null,
			isTheirsOpen: theirs === null
		};
	});
}

async function ownOpinion(db: Db, actor: Actor, id: string) {
	const { id: me } = requirePermission(actor, 'cases:read');
	const [row] = await db.select().from(secondOpinions).where(eq(secondOpinions.id, id));
	if (!row || (row.startedBy !== me && row.askedUser !== me))
		throw new DomainError('not-found', 'noSecondOpinion');
	return { row, isStarter: row.startedBy === me };
}

/**
 * A second opinion: its cases without names, and once both have judged them, both opinions with the names and what the rules say. A case
 * whose person was erased since then is gone from it.
 */
export async function readSecondOpinion(db: Db, actor: Actor, id: string) {
	const { row, isStarter } = await ownOpinion(db, actor, id);
	const found = await db
		.select({
			place: secondOpinionCases.place,
			personId: secondOpinionCases.personId,
			name: people.name,
			record: secondOpinionCases.record,
			level: secondOpinionCases.level,
			reason: secondOpinionCases.reason
		})
		.from(secondOpinionCases)
		.innerJoin(people, eq(people.id, secondOpinionCases.personId))
		.where(eq(secondOpinionCases.opinionId, id))
		.orderBy(secondOpinionCases.place);
	const { startedLevels, askedLevels } = row;
	const [mine, theirs] = isStarter ? [startedLevels, askedLevels] : [askedLevels, startedLevels];
	const isDone = mine !== null && theirs !== null;
	const levelsOf = (levels: readonly TriageLevel[]) => found.map(({ place }) => levels[place] ?? 'done');
	return {
		id,
		isMineOpen: mine === null,
		isTheirsOpen: theirs === null,
		colleague: (await listSecondOpinions(db, actor)).find((one) => one.id === id)?.colleague ?? '',
		cases: found.map(({ place, record }) => ({ place, record })),
		compared: isDone
			? {
					...compareOpinions(found, levelsOf(mine), levelsOf(theirs)),
					people: found.map(({ personId, name }) => ({ id: personId, name }))
				}
			: null
	};
}

/**
 * Gives one's levels, once.
 * @param levels by the places of the cases
 * @throws DomainError where they are given already, or one is missing
 */
export async function judgeSecondOpinion(
	db: Db,
	actor: Actor,
	id: string,
	levels: readonly (TriageLevel | undefined)[]
): Promise<void> {
	const { isStarter } = await ownOpinion(db, actor, id);
	const rows = await db
		.select({ place: secondOpinionCases.place })
		.from(secondOpinionCases)
		.where(eq(secondOpinionCases.opinionId, id))
		.orderBy(asc(secondOpinionCases.place));
	const missing = rows.find(({ place }) => levels[place] === undefined);
	if (missing) throw new DomainError('invalid', 'judgeEveryCase', `/${levelField(missing.place)}`);
	// A case whose person was erased has a place, and nothing to judge.
	const given = Array.from({ length: (rows.at(-1)?.place ?? -1) + 1 }, (_, place) => levels[place] ?? 'done');
	const mine = isStarter ? secondOpinions.startedLevels : secondOpinions.askedLevels;
	const written = await db
		.update(secondOpinions)
		.set(isStarter ? { startedLevels: given } : { askedLevels: given })
		.where(and(eq(secondOpinions.id, id), isNull(mine)))
		.returning({ id: secondOpinions.id });
	if (written.length === 0) throw new DomainError('conflict', 'judgedAlready');
}
