import { and, desc, eq, isNull, lt, sql, type SQL } from 'drizzle-orm';
import { ROSTER_FIELDS } from '../../core/people/exchange/roster-fields';
import type { KeptPerson } from '../../core/people/exchange/import-report';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { revertRows } from '../platform/acts/changed-rows';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { isoDay } from '../platform/clock';
import { reassessCases } from '../cases/case-assessments/reassess-cases';
import { schema, type Db } from '../platform/db/client';
import { inSavepoint, inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { OF_PERSON } from './erasure/own-rows';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { readOrganisation } from '../platform/organisation/read-organisation';
import { detailsOfPerson } from './import-record';
import { publishChange } from '../platform/live/changes';
import { lockPeople } from './lock-person';
import { queueJob } from '../platform/jobs/queue-job';

const { cases, deskActs, people, rosterImports, rosterImportPeople, users } = schema;

/** Imports of the organisation's day that is not over yet, newest first: each can be undone once. Served by roster_imports_day_idx. */
export async function importsOfToday(db: Db, actor: Actor, now: Date) {
	requirePermission(actor, 'people:change');
	const { timeZone } = await readOrganisation(db);
	return db
		.select({
			id: rosterImports.id,
			at: rosterImports.at,
			by: users.name,
			added: rosterImports.added,
			changed: rosterImports.changed,
			moved: rosterImports.moved,
			undoneAt: rosterImports.undoneAt
		})
		.from(rosterImports)
		.leftJoin(users, eq(users.id, rosterImports.userId))
		.where(eq(rosterImports.onDay, isoDay(now, timeZone)))
		.orderBy(desc(rosterImports.at))
		.limit(20);
}

/** Who did something on their own pages since a moment: answered or began to, reported, wrote, ticked, measured or requested. */
const hasActedSince = (at: Date): SQL<boolean> => {
	const since = sql`${at.toISOString()}::timestamptz`;
	return sql<boolean>`(
		exists (select from assessments a where a.person_id = people.id
			and greatest(a.consented_at, a.saved_at, a.answered_at, a.signs_at) > ${since})
		or exists (select from check_ins c where c.person_id = people.id and c.answered_at > ${since})
		or exists (select from reported_signs s where s.person_id = people.id and s.at > ${since})
		or exists (select from finding_ticks t join assessments a on a.id = t.assessment_id
			where a.person_id = people.id and t.at > ${since})
		or exists (select from remeasurements r join assessments a on a.id = r.assessment_id
			where a.person_id = people.id and r.at > ${since})
		or exists (select from equipment_requests e join assessments a on a.id = e.assessment_id
			where a.person_id = people.id and e.asked_at > ${since})
		or exists (select from step_events s join plans p on p.id = s.plan_id join assessments a on a.id = p.assessment_id
			where a.person_id = people.id and s.at > ${since})
		or exists (select from messages m where m.person_id = people.id and m.from_person and m.at > ${since}))`;
};

/** Whether anything was sent to a person or noted of them. */
const hasRows: SQL<boolean> = sql<boolean>`(${sql.join(
	Object.values(OF_PERSON).map(
		(table) => sql`exists (select from ${table} where ${table.personId} = people.id)`
	),
	sql` or `
)})`;

/**
 * Undoes an import on the same day of the organisation, whoever made it: people whom it added go, those it changed are as before, and those
 * it marked as leavers or returned are not. Someone who has done anything since, whom a colleague has changed, or whom something was sent
 * stays as they are and is named. Cost: some statements for all who were added or changed, and some for each who was moved.
 * @throws DomainError where the day is over, or it was undone before
 */
export async function undoImport(
	db: Db,
	actor: Actor,
	id: string,
	now: Date
): Promise<{ readonly undone: number; readonly kept: readonly KeptPerson[] }> {
	requirePermission(actor, 'people:change');
	return inTransaction(db, async (tx) => {
		const [made] = await tx.select().from(rosterImports).where(eq(rosterImports.id, id)).for('update');
		const { timeZone } = await readOrganisation(tx);
		if (!made) throw new DomainError('not-found', 'noImport');
		if (made.undoneAt) throw new DomainError('conflict', 'importUndone');
		if (made.onDay !== isoDay(now, timeZone)) throw new DomainError('conflict', 'importTooOld');
		const acts = await tx
			.select({ id: deskActs.id, personId: deskActs.personId, changes: deskActs.changes })
			.from(deskActs)
			.where(and(eq(deskActs.batch, id), isNull(deskActs.undoneAt)));
		const written = await tx
			.select({ personId: rosterImportPeople.personId })
			.from(rosterImportPeople)
			.where(eq(rosterImportPeople.importId, id));
		const concerned = [...new Set([...acts, ...written].map(({ personId }) => personId))];
		if (concerned.length > 0) await lockPeople(tx, concerned);
		const kept = new Map((await refusalsOf(tx, made, concerned)).map((person) => [person.personId, person]));
		const moved = new Set<string>();
		for (const act of acts) {
			if (kept.has(act.personId) || !act.changes) continue;
			const { changes } = act;
			// One person's refusal is theirs alone.
			const refused = await inSavepoint(tx, (alone) => revertRows(alone, changes)).then(
				() => null,
				(error: unknown) => error
			);
			if (refused instanceof DomainError) {
				const [person] = await tx
					.select({ personId: people.id, name: people.name })
					.from(people)
					.where(eq(people.id, act.personId));
				if (person) kept.set(act.personId, { ...person, why: 'changed' });
				continue;
			}
			if (refused) throw refused;
			await tx.update(deskActs).set({ undoneAt: now, changes: null }).where(eq(deskActs.id, act.id));
			moved.add(act.personId);
		}
		const restored = await restore(tx, id, [...kept.keys()]);
		const again = concerned.filter((personId) => moved.has(personId));
		if (again.length > 0) {
			await reassessCases(tx, await lockPeople(tx, again), now);
			await publishChange(tx, 'desk');
		}
		await tx.update(rosterImports).set({ undoneAt: now }).where(eq(rosterImports.id, id));
		await tx.delete(rosterImportPeople).where(eq(rosterImportPeople.importId, id));
		await queueJob(tx, 'reassessment');
		const undone = new Set([...restored, ...moved]).size;
		await writeAuditLine(tx, actor, { at: now, act: 'import-undone', detail: { undone, kept: kept.size } });
		const names = [...kept.values()].sort((a, b) => (a.name < b.name ? -1 : 1));
		return { undone, kept: names };
	});
}

/** Whom undoing leaves as they are, with the reason: what they did themselves counts most. */
async function refusalsOf(
	tx: Db,
	{ id, at }: typeof rosterImports.$inferSelect,
	concerned: readonly string[]
): Promise<KeptPerson[]> {
	if (concerned.length === 0) return [];
	const { rows } = await tx.execute<KeptPerson & Record<string, unknown>>(sql`
		select people.id as "personId", people.name, case
			when ${hasActedSince(at)} then 'acted'
			when r.person_id is not null and ${detailsOfPerson} <> r.after then 'changed'
			else 'sent' end as why
		from ${people} left join ${rosterImportPeople} r on r.person_id = people.id and r.import_id = ${id}::uuid
		where people.id = any(${sql.param(concerned)}::uuid[]) and (${hasActedSince(at)}
			or (r.person_id is not null and ${detailsOfPerson} <> r.after)
			or (r.person_id is not null and r.before is null and ${hasRows})
			or (r.before is not null and exists (select from ${people} o
				where lower(o.email) = r.before ->> 'email' and o.id <> people.id)))`);
	return rows.map(({ personId, name, why }) => ({ personId, name, why }));
}

/**
 * Removes those whom the import added and gives the others their details back, except those who stay.
 * @returns ids of all of them
 */
async function restore(tx: Db, id: string, kept: readonly string[]): Promise<string[]> {
	const mine = sql`r.import_id = ${id}::uuid and r.person_id = people.id and not (people.id = any(${sql.param(kept)}::uuid[]))`;
	const { rows: gone } = await tx.execute<{ id: string }>(
		sql`delete from ${people} using ${rosterImportPeople} r where ${mine} and r.before is null returning people.id`
	);
	const set = ROSTER_FIELDS.map(
		(field) => sql`${sql.identifier(people[field].name)} = r.before ->> ${field}::text`
	);
	const { rows: back } = await tx.execute<{ id: string }>(sql`update ${people}
		set ${sql.join([...set, sql`version = people.version + 1`], sql`, `)}
		from ${rosterImportPeople} r where ${mine} and r.before is not null returning people.id`);
	const ids = back.map((row) => row.id);
	// Where they live decides on working days: the queue assesses them again, and what that alone makes due waits.
	if (ids.length > 0)
		await tx.execute(
			sql`update ${cases} set rules_version = '' where person_id = any(${sql.param(ids)}::uuid[]) and rules_version is not null`
		);
	return [...gone.map((row) => row.id), ...ids];
}

/** Deletes what imports of earlier days changed of people: they can't be undone any longer. Served by roster_imports_day_idx. */
export async function purgeImportRecords(db: Db, now: Date): Promise<void> {
	const today = sql`(${now.toISOString()}::timestamptz at time zone ${organisationZone})::date`;
	const old = db.select({ id: rosterImports.id }).from(rosterImports).where(lt(rosterImports.onDay, today));
	await db.delete(rosterImportPeople).where(sql`${rosterImportPeople.importId} in (${old})`);
}
