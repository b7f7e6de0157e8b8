import { sql, type SQL } from 'drizzle-orm';
import { BYTE_ORDER_MARK, toCsv, type CsvFormat } from '../../core/people/exchange/csv';
import { ROSTER_FIELDS, type RosterField } from '../../core/people/exchange/roster-fields';
import type { ExportColumn } from '../../core/people/exchange/export-columns';
import { PENDING_REQUEST_STATES } from '../../core/plan/equipment';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { peopleWhere, type PeopleFilter } from './people-filter';

const { assessments, cases, equipmentRequests, assessmentResults, people, users } = schema;

/** People read at once while a table is written. */
const EXPORT_CHUNK = 5000;

/** A moment as the organisation's date. */
const dayOf = (moment: SQL) => sql`to_char(${moment} at time zone ${organisationZone}, 'YYYY-MM-DD')`;

/** The worst score of the newest assessment. */
const worst = sql`(select j.document -> 'worsts' -> -1 from ${assessmentResults} j where j.id = ${cases.assessmentResultId})`;

/** Each column as text; empty where unknown. */
const STANDING: Readonly<Record<Exclude<ExportColumn, RosterField>, SQL>> = {
	state: sql`case when ${cases.answeredAt} is not null then 'answered' when ${cases.startedAt} is not null then 'started'
		when ${cases.sentAt} is not null then 'sent' else 'none' end`,
	answered: dayOf(sql`${cases.answeredAt}`),
	level: sql`${cases.level}::text`,
	'open since': sql`${cases.openSince}::text`,
	'act by': sql`${cases.actBy}::text`,
	'checks off': sql`${cases.checksOff}::text`,
	'checks unsure': sql`${cases.checksUnsure}::text`,
	'worst discomfort': sql`${worst} ->> 'worst'`,
	where: sql`(select string_agg(d ->> 'region', ' ' order by (d ->> 'worst')::int desc, d ->> 'region')
		from ${assessments} a, jsonb_array_elements(a.discomfort) d
		where a.person_id = ${people.id} and a.answered_at = ${cases.answeredAt} and a.place_of is null and (d ->> 'worst')::int > 0)`,
	'asked for': sql`(select string_agg(e.purchase || ' ' || e.state, '; ' order by e.asked_at) from ${equipmentRequests} e
		join ${assessments} a on a.id = e.assessment_id where a.person_id = ${people.id} and e.state in (${sql.join(
			PENDING_REQUEST_STATES.map((state) => sql`${state}`),
			sql`, `
		)}))`,
	'follow-up': sql`${cases.followUpOn}::text`,
	'looked after by': sql`(select o.name from ${users} o where o.id = ${people.ownerId})`,
	left: dayOf(sql`${people.leftAt}`)
};

const isRosterField = (column: ExportColumn): column is RosterField =>
	ROSTER_FIELDS.some((field) => field === column);

const textOf = (column: ExportColumn): SQL =>
	sql`coalesce(${isRosterField(column) ? sql`${people[column]}` : STANDING[column]}, '')`;

/** Who is exported, and how. */
interface PeopleExport {
	readonly filter: PeopleFilter;
	readonly columns: readonly ExportColumn[];
	/** As RFC 4180 has it, if left out. */
	readonly format?: CsvFormat;
}

/**
 * The people of a filter as CSV in the chosen columns, with the byte order mark by which spreadsheets recognise the encoding. Read in
 * chunks by id: the table may have any length, and only one chunk is in memory.
 */
export async function* exportPeople(
	db: Db,
	actor: Actor,
	{ filter, columns, format }: PeopleExport,
	now: Date
): AsyncGenerator<string> {
	requirePermission(actor, 'people:export');
	await writeAuditLine(db, actor, { at: now, act: 'people-exported' });
	yield BYTE_ORDER_MARK + toCsv([columns], format);
	const row = sql`array[${sql.join(columns.map(textOf), sql`, `)}]`;
	let after = '00000000-0000-0000-0000-000000000000';
	for (;;) {
		const { rows } = await db.execute<{ id: string; row: string[] }>(sql`
			select ${people.id} as id, ${row} as row from ${people} join ${cases} on ${cases.personId} = ${people.id}
			where ${peopleWhere(filter) ?? sql`true`} and ${people.id} > ${after}::uuid
			order by ${people.id} limit ${EXPORT_CHUNK}`);
		if (rows.length === 0) return;
		yield toCsv(
			rows.map((line) => line.row),
			format
		);
		after = rows.at(-1)?.id ?? after;
	}
}
