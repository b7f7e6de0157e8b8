import { and, asc, eq, inArray, isNull, ne, or, sql } from 'drizzle-orm';
import { ROSTER_FIELDS, type RosterField } from '../../core/people/exchange/roster-fields';
import { deskWords } from '../../messages/desk';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { reassessCase } from '../cases/case-assessments/reassess-cases';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { isOutcomeAwaited } from './erasure/erase-person';
import { countRows } from './erasure/own-rows';
import { lockPeople } from './lock-person';
import { searchCondition } from './people-filter';

const s = schema;
const { people, personMerges } = s;

/** Most records found by a search. */
const MOST_FOUND = 12;

/** Records among which somebody looks for the second one of a person. Cost: by the index of the search, for the records shown. */
async function findOthers(db: Db, personId: string, search: string) {
	const found = searchCondition(search.trim());
	if (!found) return [];
	return db
		.select({ id: people.id, name: people.name, email: people.email, team: people.team })
		.from(people)
		.where(and(found, ne(people.id, personId)))
		.orderBy(asc(people.name), asc(people.id))
		.limit(MOST_FOUND);
}

async function recordOf(db: Db, personId: string) {
	const [person] = await db.select().from(people).where(eq(people.id, personId));
	if (!person) throw new DomainError('not-found', 'noPerson');
	const details = Object.fromEntries(ROSTER_FIELDS.map((name) => [name, person[name]])) as Record<
		RosterField,
		string
	>;
	return {
		id: person.id,
		details,
		hasLeft: person.leftAt !== null,
		has: await countRows(db, personId),
		isAwaited: await isOutcomeAwaited(db, personId)
	};
}

/** A record, and the one to merge into it; the search while none is chosen. */
export async function readMergePage(
	db: Db,
	actor: Actor,
	personId: string,
	{ search, withId }: { readonly search: string; readonly withId: string | null }
) {
	requirePermission(actor, 'people:change');
	requirePermission(actor, 'people:erase');
	return {
		record: await recordOf(db, personId),
		other: withId === null || withId === personId ? null : await recordOf(db, withId),
		search,
		found: withId === null ? await findOthers(db, personId, search) : []
	};
}

/** Two records of one person, and which details are kept from the second. */
export interface Merge {
	/** The record that stays. */
	readonly personId: string;
	/** The record that goes: everything in it moves to the first. */
	readonly otherId: string;
	readonly detailsOfOther: readonly RosterField[];
}

/**
 * Makes one record of two: answers, plans, messages, contacts, notes, referrals, follow-ups, emails and rounds of the second move to the
 * first, which is assessed again by all of it. Nothing of what a person said is lost; only the second's earlier results and days,
 * computed from it, go. Can't be undone. Cost: a statement for each table.
 * @throws DomainError where a warning sign or complaint in one of them awaits an outcome: an outcome for one must not close another
 */
export async function mergePeople(
	db: Db,
	actor: Actor,
	{ personId, otherId, detailsOfOther }: Merge,
	now: Date
): Promise<void> {
	requirePermission(actor, 'people:change');
	requirePermission(actor, 'people:erase');
	if (personId === otherId) throw new DomainError('invalid', 'mergeSame', '/other');
	await inTransaction(db, async (tx) => {
		const locked = await lockPeople(tx, [personId, otherId]);
		const [kept, gone] = [personId, otherId].map((id) => locked.find((person) => person.id === id));
		if (!kept || !gone) throw new DomainError('not-found', 'noPerson');
		for (const { id, name } of [kept, gone])
			if (await isOutcomeAwaited(tx, id))
				throw new DomainError('conflict', { code: 'outcomeBeforeMerging', facts: { name } });
		await moveReports(tx, personId, otherId);
		await moveOpenOnes(tx, personId, otherId, now);
		await moveBreaks(tx, personId, otherId);
		// Nobody goes through two workstations at once: one that is open in the other record ends.
		await tx
			.update(s.sharedSessions)
			.set({ endedAt: now, endedBy: 'coordinator' })
			.where(and(eq(s.sharedSessions.personId, otherId), isNull(s.sharedSessions.endedAt)));
		for (const table of [
			s.assessments,
			s.messages,
			s.contacts,
			s.notes,
			s.referrals,
			s.emails,
			s.signLifts,
			s.checkIns,
			s.followUps,
			s.sharedSessions,
			s.secondOpinionCases
		])
			await tx.update(table).set({ personId }).where(eq(table.personId, otherId));
		// What was done before can't be taken back row by row: the rows are another record's now.
		await tx
			.update(s.deskActs)
			.set({ changes: null })
			.where(inArray(s.deskActs.personId, [personId, otherId]));
		await tx.insert(personMerges).values({ fromId: otherId, intoId: personId, at: now });
		await tx.update(personMerges).set({ intoId: personId }).where(eq(personMerges.intoId, otherId));
		await tx.delete(people).where(eq(people.id, otherId));
		const taken = Object.fromEntries(detailsOfOther.map((name) => [name, gone[name]]));
		await tx
			.update(people)
			.set({
				...taken,
				// Somebody who is still here in one of them is here.
				leftAt: kept.leftAt && gone.leftAt,
				bouncedAt: detailsOfOther.includes('email') ? gone.bouncedAt : kept.bouncedAt,
				version: sql`${people.version} + 1`
			})
			.where(eq(people.id, personId));
		await reassessCase(tx, personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'people-merged', personId, detail: { from: otherId } });
	});
}

/** Warning signs as reported: of one that stands in both, the earlier report stays as one that was made before. */
async function moveReports(tx: Db, personId: string, otherId: string): Promise<void> {
	await tx.execute(sql`update reported_signs r set taken_back_at = coalesce(r.taken_back_at, n.at)
		from reported_signs n
		where r.person_id in (${personId}, ${otherId}) and n.person_id in (${personId}, ${otherId})
			and r.person_id <> n.person_id and r.sign = n.sign and r.taken_back_at is null and n.taken_back_at is null
			and (r.at < n.at or (r.at = n.at and r.person_id = ${otherId}))`);
	await tx.update(s.reportedSigns).set({ personId }).where(eq(s.reportedSigns.personId, otherId));
}

/** Of what can be open only once, the newer self-assessment and the sooner follow-up stay open. */
async function moveOpenOnes(tx: Db, personId: string, otherId: string, now: Date): Promise<void> {
	const outcome = deskWords.merge.followUpOutcome;
	const both = [personId, otherId];
	const open = await tx
		.select({ id: s.assessments.id })
		.from(s.assessments)
		.where(
			and(
				inArray(s.assessments.personId, both),
				isNull(s.assessments.placeOf),
				isNull(s.assessments.answeredAt),
				isNull(s.assessments.revokedAt)
			)
		)
		.orderBy(sql`${s.assessments.sentAt} desc`);
	const [, ...older] = open.map(({ id }) => id);
	if (older.length > 0)
		await tx
			.update(s.assessments)
			.set({ revokedAt: now, endedWhy: 'replaced' })
			.where(or(inArray(s.assessments.id, older), inArray(s.assessments.placeOf, older)));
	const laterOfTwo = sql`f.person_id in (${personId}, ${otherId}) and n.person_id in (${personId}, ${otherId})
		and f.person_id <> n.person_id and f.kind = n.kind and f.done_at is null and n.done_at is null
		and (f.due > n.due or (f.due = n.due and f.person_id = ${otherId}))`;
	// A day that the policy gave is computed anew; one that was kept as done would not be given again.
	await tx.execute(
		sql`delete from follow_ups f using follow_ups n where f.policy_day is not null and ${laterOfTwo}`
	);
	await tx.execute(sql`update follow_ups f set done_at = ${now.toISOString()}::timestamptz, outcome = ${outcome}
		from follow_ups n where ${laterOfTwo}`);
	await tx.execute(sql`update check_ins c set ended_at = ${now.toISOString()}::timestamptz, remind_on = null, to_call = false
		from check_ins n
		where c.person_id in (${personId}, ${otherId}) and n.person_id in (${personId}, ${otherId})
			and c.person_id <> n.person_id and c.kind = n.kind and c.answered_at is null and c.ended_at is null
			and n.answered_at is null and n.ended_at is null
			and (c.asked_at < n.asked_at or (c.asked_at = n.asked_at and c.person_id = ${otherId}))`);
	// In a round of both, the one that answered counts.
	await tx.execute(sql`delete from round_people r using round_people n
		where r.person_id in (${personId}, ${otherId}) and n.person_id in (${personId}, ${otherId})
			and r.person_id <> n.person_id and r.round_id = n.round_id
			and (case when (r.state = 'answered') = (n.state = 'answered') then r.person_id = ${otherId} else n.state = 'answered' end)`);
	await tx.update(s.roundPeople).set({ personId }).where(eq(s.roundPeople.personId, otherId));
}

/** Break settings of the record that stays, or else of the other; the weeks of both. */
async function moveBreaks(tx: Db, personId: string, otherId: string): Promise<void> {
	await tx.execute(sql`insert into break_settings (person_id, break_schedule, share, shared_at)
		select ${personId}, break_schedule, share, shared_at from break_settings where person_id = ${otherId} on conflict do nothing`);
	await tx.execute(sql`update break_weeks w set person_id = ${personId} where w.person_id = ${otherId}
		and not exists (select from break_weeks k where k.person_id = ${personId} and k.week = w.week)`);
}

/** The record that one was merged into; null where it wasn't. One key look-up. */
export async function mergedInto(db: Db, personId: string): Promise<string | null> {
	const [row] = await db
		.select({ intoId: personMerges.intoId })
		.from(personMerges)
		.where(eq(personMerges.fromId, personId));
	return row?.intoId ?? null;
}
