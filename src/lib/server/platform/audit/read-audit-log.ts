import { and, desc, eq, lt, sql, type SQL } from 'drizzle-orm';
import { parseCivilDate } from '../../../core/platform/calendar/civil-date';
import { BYTE_ORDER_MARK, toCsv, type CsvFormat } from '../../../core/people/exchange/csv';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { organisationZone } from '../organisation/organisation-zone';
import { isAbout } from './is-about';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { AUDIT_ACTIONS, writeAuditLine, type AuditAction } from './write-audit-line';

const { auditLines, auditSeals, people, users } = schema;

/** Lines per page. */
const PAGE = 100;

export interface AuditLogFilter {
	readonly act: AuditAction | '';
	/** Id of the user who acted, and of the person it was about; empty for all. */
	readonly user: string;
	readonly person: string;
	/** ISO dates, inclusive; empty for no limit. */
	readonly from: string;
	readonly until: string;
	/** Only lines before this number: the next page. */
	readonly before: string;
}

const UUID = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** Earlier than any line; PostgreSQL has no year 0. */
const FIRST_DAY = '2000-01-01';

/** The filter in a URL; an unreadable value filters nothing. */
export function auditLogFilterOf(query: URLSearchParams): AuditLogFilter {
	const field = (name: string, shape: RegExp) => {
		const text = query.get(name) ?? '';
		return shape.test(text) ? text : '';
	};
	const day = (name: string) => {
		const text = field(name, DAY);
		return text >= FIRST_DAY ? (parseCivilDate(text) ?? '') : '';
	};
	return {
		act: AUDIT_ACTIONS.find((one) => one === query.get('act')) ?? '',
		user: field('user', UUID),
		person: field('person', UUID),
		from: day('from'),
		until: day('until'),
		before: field('before', /^\d{1,18}$/)
	};
}

/** Whether an account has the right to read the audit log: a coordinator's, where it was given. */
export async function mayReadAuditLog(db: Db, actor: Actor): Promise<boolean> {
	const { id } = requirePermission(actor, 'audit-log:read');
	const [user] = await db.select({ sees: users.seesRecord }).from(users).where(eq(users.id, id));
	return user?.sees ?? false;
}

export async function requireAuditLog(db: Db, actor: Actor): Promise<void> {
	if (!(await mayReadAuditLog(db, actor))) throw new DomainError('not-allowed', 'noRightToRecord');
}

function whereOf({ act, user, person, from, until, before }: AuditLogFilter): SQL | undefined {
	return and(
		act === '' ? undefined : eq(auditLines.act, act),
		user === '' ? undefined : eq(auditLines.actorId, user),
		person === '' ? undefined : isAbout(person),
		from === ''
			? undefined
			: sql`${auditLines.at} >= ${from}::date::timestamp at time zone ${organisationZone}`,
		until === ''
			? undefined
			: sql`${auditLines.at} < (${until}::date + 1)::timestamp at time zone ${organisationZone}`,
		before === '' ? undefined : lt(auditLines.id, BigInt(before))
	);
}

/** Lines of a filter, newest first. */
function linesOf(db: Db, filter: AuditLogFilter, most: number) {
	return db
		.select({
			id: sql<string>`${auditLines.id}::text`,
			at: auditLines.at,
			act: auditLines.act,
			by: auditLines.actorKind,
			user: users.name,
			personId: people.id,
			person: people.name,
			detail: auditLines.detail,
			isSealed: sql<boolean>`${auditSeals.id} is not null`
		})
		.from(auditLines)
		.leftJoin(users, eq(users.id, auditLines.actorId))
		.leftJoin(people, eq(people.id, auditLines.personId))
		.leftJoin(auditSeals, eq(auditSeals.lineId, auditLines.id))
		.where(whereOf(filter))
		.orderBy(desc(auditLines.id))
		.limit(most);
}

type AuditLogLine = Awaited<ReturnType<typeof linesOf>>[number];

/**
 * Audit-log lines, newest first, with who acted and about whom; reading them is logged too. Cost: one page along the primary key, or along
 * the index of a person, a user or an act.
 */
export async function readAuditLog(db: Db, actor: Actor, filter: AuditLogFilter, now: Date) {
	await requireAuditLog(db, actor);
	const lines = await linesOf(db, filter, PAGE + 1);
	const [seal] = await db
		.select({ hash: auditSeals.hash, at: auditSeals.at })
		.from(auditSeals)
		.orderBy(desc(auditSeals.id))
		.limit(1);
	const personId = filter.person === '' ? {} : { personId: filter.person };
	await writeAuditLine(db, actor, { at: now, act: 'record-read', ...personId });
	const shown = lines.slice(0, PAGE);
	return {
		lines: shown,
		next: lines.length > PAGE ? (shown.at(-1)?.id ?? null) : null,
		newestSeal: seal ?? null,
		users: await db.select({ id: users.id, name: users.name }).from(users).orderBy(users.name).limit(500)
	};
}

/** Lines read at a time for a download. */
const CHUNK = 2000;

/** Which lines are downloaded, and in whose words. */
export interface AuditLogExport {
	readonly filter: AuditLogFilter;
	readonly format: CsvFormat;
	readonly words: {
		/** Of the columns: number, moment, who, act, about whom, details. */
		readonly headings: readonly string[];
		readonly wordsOf: {
			/** Whoever acted without an account. */
			readonly by: (kind: AuditLogLine['by']) => string;
			readonly act: (act: string) => string;
			readonly details: (detail: AuditLogLine['detail']) => string;
		};
	};
}

/**
 * All audit-log lines of a filter as CSV, newest first; read in chunks along the primary key, so that a log of any length takes the memory
 * of one chunk. Downloading is logged, too.
 */
export async function* exportAuditLog(
	db: Db,
	actor: Actor,
	{ filter, format, words: { headings, wordsOf } }: AuditLogExport,
	now: Date
): AsyncGenerator<string> {
	await requireAuditLog(db, actor);
	const personId = filter.person === '' ? {} : { personId: filter.person };
	await writeAuditLine(db, actor, { at: now, act: 'record-exported', ...personId });
	yield BYTE_ORDER_MARK + toCsv([headings], format);
	let { before } = filter;
	for (;;) {
		const lines = await linesOf(db, { ...filter, before }, CHUNK);
		const rows = lines.map(({ id, at, act, by, user, person, detail }) => [
			id,
			at.toISOString(),
			user ?? wordsOf.by(by),
			wordsOf.act(act),
			person,
			wordsOf.details(detail)
		]);
		yield toCsv(rows, format);
		if (lines.length < CHUNK) return;
		before = lines.at(-1)?.id ?? before;
	}
}
