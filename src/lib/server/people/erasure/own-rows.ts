import { asc, eq, inArray } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import { isAbout } from '../../platform/audit/is-about';
import { schema, type Db } from '../../platform/db/client';
import { publishedProperty } from '../../platform/db/published-names';

const s = schema;

/** Every table with rows about one person, with the name of those rows in an export. The tests compare it with the database. */
export const OF_PERSON = {
	assessments: s.assessments,
	judgements: s.assessmentResults,
	reportedSigns: s.reportedSigns,
	signsLifted: s.signLifts,
	checkIns: s.checkIns,
	messages: s.messages,
	contacts: s.contacts,
	notes: s.notes,
	referrals: s.referrals,
	followUps: s.followUps,
	letters: s.emails,
	rounds: s.roundPeople,
	breaks: s.breakSettings,
	breakWeeks: s.breakWeeks,
	walkthroughs: s.sharedSessions
} as const;

/** The same for tables whose rows belong to a self-assessment. */
export const OF_ASSESSMENT = {
	plans: s.plans,
	equipment: s.equipmentRequests,
	measuredAgain: s.remeasurements,
	discomfort: s.reportedDiscomfort,
	problemsTicked: s.findingTicks
} as const;

/** Tables derived from others, or only about how the program works: they are deleted with the person and say nothing further about them. */
export const WITHOUT_NEWS = [
	'cases',
	'observations',
	'purchase_needs',
	'published_states',
	'desk_acts',
	// What an import changed, to be undone on the same day.
	'roster_import_people',
	'link_uses',
	'deputy_alerts',
	// What was assessed already, as two coordinators judged it without a name.
	'second_opinion_cases',
	'case_visitors'
] as const;

/** Columns that open something, or that only the program reads. */
const NEVER_GIVEN =
	/^(?:tokenHash|linkPath|calendarHash|nonce|key|tries|claimedUntil|nextTryAt|code|wrongCodes|revision|answersRevision|version|seq)$/;

type Row = Record<string, unknown>;

const given = (row: Row): Row =>
	Object.fromEntries(
		Object.entries(row).flatMap(([name, value]) =>
			NEVER_GIVEN.test(name) || value === null ? [] : [[publishedProperty(name), value]]
		)
	);

type WithPerson = PgTable & { readonly personId: PgColumn };
type WithAssessment = PgTable & { readonly assessmentId: PgColumn };

async function rowsOf<T extends Record<string, PgTable>>(
	tables: T,
	read: (table: PgTable) => Promise<Row[]>
): Promise<{ [K in keyof T]: Row[] }> {
	const found: Partial<Record<keyof T, Row[]>> = {};
	// One after another: it is for one person, and takes no connections from others.
	for (const [name, table] of Object.entries(tables)) found[name as keyof T] = (await read(table)).map(given);
	return found as { [K in keyof T]: Row[] };
}

/** Everything known about one person, table by table, as stored; without the secret of a link. */
export async function ownRows(db: Db, personId: string) {
	const [person] = await db.select().from(s.people).where(eq(s.people.id, personId));
	if (!person) return null;
	const ofPerson = await rowsOf(OF_PERSON, (table) =>
		db
			.select()
			.from(table)
			.where(eq((table as WithPerson).personId, personId))
	);
	const ids = await db
		.select({ id: s.assessments.id })
		.from(s.assessments)
		.where(eq(s.assessments.personId, personId));
	const assessmentIds = ids.map(({ id }) => id);
	const ofAssessment = await rowsOf(OF_ASSESSMENT, (table) =>
		db
			.select()
			.from(table)
			.where(inArray((table as WithAssessment).assessmentId, assessmentIds))
	);
	const planIds = ofAssessment.plans.map(({ id }) => String(id));
	const referralIds = ofPerson.referrals.map(({ id }) => String(id));
	const sharedSessionIds = ofPerson.walkthroughs.map(({ id }) => String(id));
	return {
		person: given(person),
		...ofPerson,
		// What coordinators keep to themselves is not disclosed.
		notes: ofPerson.notes.filter(({ isDisclosed }) => isDisclosed === true),
		...ofAssessment,
		stepsDone: (await db.select().from(s.stepEvents).where(inArray(s.stepEvents.planId, planIds))).map(given),
		referralLines: (
			await db.select().from(s.referralLines).where(inArray(s.referralLines.referralId, referralIds))
		).map(given),
		walkthroughEntries: (
			await db
				.select()
				.from(s.sharedSessionEntries)
				.where(inArray(s.sharedSessionEntries.sharedSessionId, sharedSessionIds))
		).map(given),
		record: (
			await db
				.select({
					at: s.auditLines.at,
					act: s.auditLines.act,
					by: s.auditLines.actorKind,
					name: s.users.name
				})
				.from(s.auditLines)
				.leftJoin(s.users, eq(s.users.id, s.auditLines.actorId))
				.where(isAbout(personId))
				.orderBy(asc(s.auditLines.id))
		).map(given)
	};
}

type RowKind = Exclude<keyof NonNullable<Awaited<ReturnType<typeof ownRows>>>, 'person' | 'record'>;

/** The number of rows of each kind, without those of the audit log. */
export async function countRows(db: Db, personId: string): Promise<{ kind: RowKind; n: number }[]> {
	const rows = await ownRows(db, personId);
	if (!rows) return [];
	const isCounted = (kind: keyof typeof rows): kind is RowKind => kind !== 'person' && kind !== 'record';
	return (Object.keys(rows) as (keyof typeof rows)[])
		.filter(isCounted)
		.map((kind) => ({ kind, n: rows[kind].length }))
		.filter(({ n }) => n > 0);
}
