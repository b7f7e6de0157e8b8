import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { csvOf, ROSTER_FIELDS } from '../../core/exchange';
import { needCoordinator, type Actor } from '../actor';
import { sendWithin } from '../assessments/send-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { lockPerson, refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { setFollowUpWithin } from '../follow-ups/set-follow-up';
import { whereIds, whereOf, type PeopleFilter } from './people-filter';

const { assessments, cases, followUps, people, roundPeople } = schema;

/** People that a bulk act reaches at most. */
export const MOST_IN_BULK = 500;

/** What is done to many at once. */
export type BulkAct =
	| { readonly kind: 'send' }
	| { readonly kind: 'team'; readonly team: string }
	| { readonly kind: 'leave' }
	| { readonly kind: 'return' }
	| { readonly kind: 'follow-up'; readonly due: string; readonly reason: string };

/** Who a bulk act is for: those that were ticked, or everyone that a filter shows. */
export type BulkWhom = { readonly ids: readonly string[] } | { readonly filter: PeopleFilter };

/**
 * Does one thing to many people, all of them or none.
 *
 * @param expected how many were shown when it was asked; refused where it has changed since
 * @returns how many it was done to
 */
export async function actInBulk(
	db: Db,
	actor: Actor,
	input: { whom: BulkWhom; act: BulkAct; expected: number },
	now: Date
): Promise<number> {
	needCoordinator(actor);
	const { whom, act, expected } = input;
	return db.transaction(async (tx) => {
		const rows = await tx
			.select({ id: people.id })
			.from(people)
			.innerJoin(cases, eq(cases.personId, people.id))
			.where('ids' in whom ? whereIds(whom.ids) : whereOf(whom.filter, now))
			.orderBy(asc(people.id))
			.limit(MOST_IN_BULK + 1);
		if (rows.length > MOST_IN_BULK)
			throw new Fault(
				'invalid',
				`That is more than ${MOST_IN_BULK} people at once: narrow the list, or make a round.`
			);
		if (rows.length !== expected)
			throw new Fault(
				'conflict',
				`It would be ${rows.length} people now, not ${expected}. Look again, then do it.`
			);
		for (const { id } of rows) await actOn(tx, actor, id, act, now);
		return rows.length;
	});
}

async function actOn(tx: Db, actor: Actor, personId: string, act: BulkAct, now: Date): Promise<void> {
	switch (act.kind) {
		case 'send':
			await sendWithin(tx, actor, { personId }, now);
			return;
		case 'team':
			await tx
				.update(people)
				.set({ team: act.team.trim(), version: sql`${people.version} + 1` })
				.where(eq(people.id, personId));
			await writeAuditLine(tx, actor, { at: now, act: 'person-changed', personId });
			return;
		case 'leave':
			return leave(tx, actor, personId, now);
		case 'return':
			await tx.update(people).set({ leftAt: null }).where(eq(people.id, personId));
			await refreshCase(tx, personId, now);
			await writeAuditLine(tx, actor, { at: now, act: 'person-returned', personId });
			return;
		case 'follow-up':
			await setFollowUpWithin(tx, actor, { personId, due: act.due, reason: act.reason }, now);
			await refreshCase(tx, personId, now);
	}
}

/** Somebody leaves: links end, nobody reminds them, follow-ups are done. What was is kept until they are removed. */
async function leave(tx: Db, actor: Actor, personId: string, now: Date): Promise<void> {
	await lockPerson(tx, personId);
	await tx
		.update(people)
		.set({ leftAt: now })
		.where(and(eq(people.id, personId), isNull(people.leftAt)));
	await tx
		.update(assessments)
		.set({ revokedAt: now })
		.where(
			and(eq(assessments.personId, personId), isNull(assessments.answeredAt), isNull(assessments.revokedAt))
		);
	await tx
		.update(followUps)
		.set({ doneAt: now, outcome: 'Has left' })
		.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
	await tx.update(roundPeople).set({ remindOn: null, toCall: 0 }).where(eq(roundPeople.personId, personId));
	await refreshCase(tx, personId, now);
	await writeAuditLine(tx, actor, { at: now, act: 'person-left', personId });
}

/** What is known of a person, as the coordinator may change it. */
export interface PersonDetails {
	readonly name: string;
	readonly email: string;
	readonly team: string;
	readonly country: string;
	readonly timeZone: string;
	readonly language: string;
}

const CHANGED =
	'Somebody else changed this person meanwhile. What they wrote is shown; change it again if yours still stands.';

/** Changes what is known of a person. A new address is tried again, if letters to the old one came back. */
export async function changePerson(
	db: Db,
	actor: Actor,
	{ id, version, ...details }: PersonDetails & { id: string; version: number },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const person = await lockPerson(tx, id);
		if (!person) throw new Fault('not-found', 'This person is not in the list any more.');
		if (person.version !== version) throw new Fault('conflict', CHANGED);
		const email = details.email.trim().toLowerCase();
		if (details.name.trim() === '') throw new Fault('invalid', 'Give the person’s name.', '/name');
		const [taken] = await tx
			.select({ id: people.id })
			.from(people)
			.where(eq(sql`lower(${people.email})`, email));
		if (taken && taken.id !== id)
			throw new Fault('conflict', 'Somebody with this address is in the list already.', '/email');
		await tx
			.update(people)
			.set({
				...details,
				name: details.name.trim(),
				team: details.team.trim(),
				email,
				version: version + 1,
				...(email === person.email ? {} : { bouncedAt: null })
			})
			.where(eq(people.id, id));
		await refreshCase(tx, id, now);
		await writeAuditLine(tx, actor, { at: now, act: 'person-changed', personId: id });
	});
}

/** People read at once while a table is written. */
const EXPORT_CHUNK = 2000;

/**
 * The people that a filter shows as CSV, in the columns that an import takes, so that it can be taken in again. Read in chunks by
 * id: the table may be of any length.
 */
export async function* exportPeople(
	db: Db,
	actor: Actor,
	filter: PeopleFilter,
	now: Date
): AsyncGenerator<string> {
	needCoordinator(actor);
	await writeAuditLine(db, actor, { at: now, act: 'people-exported' });
	yield csvOf([[...ROSTER_FIELDS, 'answered', 'checksOff']]);
	let after = '00000000-0000-0000-0000-000000000000';
	for (;;) {
		const rows = await db
			.select({ person: people, answeredAt: cases.answeredAt, checksOff: cases.checksOff })
			.from(people)
			.innerJoin(cases, eq(cases.personId, people.id))
			.where(and(whereOf(filter, now), sql`${people.id} > ${after}::uuid`))
			.orderBy(asc(people.id))
			.limit(EXPORT_CHUNK);
		if (rows.length === 0) return;
		yield csvOf(
			rows.map(({ person, answeredAt, checksOff }) => [
				...ROSTER_FIELDS.map((field) => person[field]),
				answeredAt?.toISOString().slice(0, 10) ?? '',
				answeredAt && checksOff !== null ? String(checksOff) : ''
			])
		);
		after = rows.at(-1)?.person.id ?? after;
	}
}
