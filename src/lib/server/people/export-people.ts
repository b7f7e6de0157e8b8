import { and, asc, eq, sql } from 'drizzle-orm';
import { csvOf, ROSTER_FIELDS } from '../../core/exchange';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { whereOf, type PeopleFilter } from './people-filter';

const { cases, people } = schema;

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
			.where(and(whereOf(filter), sql`${people.id} > ${after}::uuid`))
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
