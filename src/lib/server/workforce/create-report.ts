import { and, desc, eq, lt, sql, type SQL } from 'drizzle-orm';
import { FINDING_IDS } from '../../core/checklist';
import { REGIONS } from '../../core/discomfort';
import {
	FIGURE_CODES,
	REPORTED_ACTIVITIES,
	MIN_GROUP_SIZE,
	type CodeFigure,
	type PublishedShare,
	type KeyFigures,
	type TeamFigure,
	type WorkforceReport,
	type WorkforceView
} from '../../core/workforce';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { organisationZone } from '../people/lock-person';
import { readPrices } from './prices';
import {
	answersScreen,
	associationsScreen,
	discomfortScreen,
	findingsScreen,
	helpScreen,
	purchasesScreen,
	timesScreen,
	type ScreenTable
} from './screens';
import { readView } from './view';

const { workforceReports } = schema;

/** Lengths of a report's period, months. */
export const REPORT_MONTHS = [1, 3, 6, 12] as const;

/** The first day of some months that end on a day. */
function firstDay(to: string, months: number): string {
	const [year = 0, month = 1] = to.split('-').map(Number);
	return new Date(Date.UTC(year, month - months, 1)).toISOString().slice(0, 10);
}

type Done = WorkforceReport['done'];

/** How many people something happened to between two days; null where too few to publish. */
async function readDone(db: Db, from: string, to: string): Promise<Done> {
	const within = (column: string) =>
		sql`(${sql.raw(column)} at time zone ${organisationZone})::date between ${from}::date and ${to}::date`;
	const sent = (where: SQL) =>
		sql`(select count(distinct person_id)::int from assessments where spot_of is null and ${where})`;
	const { rows } = await db.execute<Record<(typeof REPORTED_ACTIVITIES)[number], number>>(sql`select
		${sent(within('sent_at'))} as asked,
		${sent(within('answered_at'))} as answered,
		${sent(within('seen_at'))} as "dealtWith",
		(select count(distinct person_id)::int from observations where carried_on between ${from}::date and ${to}::date) as "carriedOut",
		(select count(distinct a.person_id)::int from equipment_requests e join assessments a on a.id = e.assessment_id
			where e.state = 'arrived' and ${within('e.changed_at')}) as arrived,
		(select count(distinct person_id)::int from referrals where ${within('at')}) as referred`);
	const [row] = rows;
	const of = (what: (typeof REPORTED_ACTIVITIES)[number]) => {
		const n = row?.[what] ?? 0;
		return n < MIN_GROUP_SIZE ? null : n;
	};
	return Object.fromEntries(REPORTED_ACTIVITIES.map((what) => [what, of(what)])) as unknown as Done;
}

const allOf = ({ figures }: ScreenTable, code: string): PublishedShare | null =>
	figures.find((one) => one.code === code)?.all ?? null;

/** The publishable figures of codes, largest first. */
function listOf(table: ScreenTable, codes: readonly string[]): CodeFigure[] {
	return codes
		.flatMap((code) => {
			const figure = allOf(table, code);
			return figure ? [{ code, figure }] : [];
		})
		.sort((a, b) => b.figure.x - a.figure.x);
}

const teamsOf = ({ groups, figures }: ScreenTable, code: string): TeamFigure[] =>
	groups
		.map((team, i) => ({ team, figure: figures.find((one) => one.code === code)?.groups[i] ?? null }))
		.sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1));

/** Computes a report from what was kept of assessments until its last day. */
async function workOut(db: Db, from: string, to: string): Promise<Omit<WorkforceReport, 'before'>> {
	const view: WorkforceView = {
		on: to,
		closings: [to],
		today: null,
		by: 'team',
		group: null,
		team: null,
		teams: []
	};
	const answers = await answersScreen(db, view);
	const discomfort = await discomfortScreen(db, view);
	const findings = await findingsScreen(db, view);
	const help = await helpScreen(db, view);
	const buy = await purchasesScreen(db, view);
	const times = await timesScreen(db, view);
	const { found } = await associationsScreen(db, view);
	const prices = await readPrices(db);
	const key: KeyFigures = {
		answered: allOf(answers.table, FIGURE_CODES.answered),
		hurts: allOf(discomfort.table, FIGURE_CODES.hurts),
		found: allOf(findings.table, FIGURE_CODES.found),
		open: allOf(buy.table, FIGURE_CODES.open)
	};
	return {
		format: 'easy-corner.report/1',
		from,
		to,
		people: discomfort.table.people.all,
		done: await readDone(db, from, to),
		key,
		regions: listOf(discomfort.table, REGIONS),
		paired: discomfort.paired,
		findings: listOf(findings.table, FINDING_IDS),
		gaps: findings.gaps,
		associations: found.slice(0, 8),
		courses: help.courses,
		times: { act: times.act, fix: times.fix },
		purchases: listOf(buy.table, buy.things).map(({ code, figure }) => {
			const price = prices.find(({ purchase }) => purchase === code);
			return {
				purchase: code as (typeof buy.things)[number],
				people: figure.x,
				cents: price?.cents ?? null,
				currency: price?.currency ?? null
			};
		}),
		teams: {
			answered: teamsOf(answers.table, FIGURE_CODES.answered),
			hurts: teamsOf(discomfort.table, FIGURE_CODES.hurts)
		}
	};
}

/** A report in the list. */
export interface ReportLine {
	readonly id: string;
	readonly fromDay: string;
	readonly toDay: string;
	readonly madeAt: Date;
}

/** Most reports listed, newest first. */
const MOST_LISTED = 100;

/** The reports made, newest first. */
export function listReports(db: Db, actor: Actor): Promise<ReportLine[]> {
	requirePermission(actor, 'workforce:read');
	const { id, fromDay, toDay, madeAt } = workforceReports;
	return db
		.select({ id, fromDay, toDay, madeAt })
		.from(workforceReports)
		.orderBy(desc(toDay), desc(madeAt))
		.limit(MOST_LISTED);
}

/** A report as it was made. */
export async function readReport(db: Db, actor: Actor, id: string) {
	requirePermission(actor, 'workforce:read');
	const [report] = await db.select().from(workforceReports).where(eq(workforceReports.id, id));
	if (!report) throw new DomainError('not-found', 'noReport');
	return report;
}

/**
 * Makes a report for some months that end on a closing day, and stores it. Made twice with one key, it is one. Cost: that of all workforce
 * pages together. Nothing is locked while it is computed.
 * @param key made by the page, the id of the report
 */
export async function createReport(
	db: Db,
	actor: Actor,
	{ key, to, months }: { key: string; to: string; months: number },
	today: string,
	now: Date
): Promise<string> {
	const { id: madeBy } = requirePermission(actor, 'reports:make');
	const { closings } = await readView(db, actor, new URLSearchParams(), today);
	if (!closings.includes(to)) throw new DomainError('invalid', 'chooseMonthEnd', '/to');
	const from = firstDay(to, months);
	const worked = await workOut(db, from, to);
	const [before] = await db
		.select({ to: workforceReports.toDay, document: workforceReports.document })
		.from(workforceReports)
		.where(lt(workforceReports.toDay, to))
		.orderBy(desc(workforceReports.toDay), desc(workforceReports.madeAt))
		.limit(1);
	const document: WorkforceReport = {
		...worked,
		before: before ? { to: before.to, key: before.document.key } : null
	};
	await inTransaction(db, async (tx) => {
		const made = await tx
			.insert(workforceReports)
			.values({ id: key, fromDay: from, toDay: to, madeAt: now, madeBy, document })
			.onConflictDoNothing()
			.returning({ id: workforceReports.id });
		if (made.length > 0)
			await writeAuditLine(tx, actor, { at: now, act: 'report-made', detail: { from, to } });
	});
	return key;
}

/** Deletes a report made by mistake. */
export async function deleteReport(db: Db, actor: Actor, id: string, now: Date): Promise<void> {
	requirePermission(actor, 'reports:make');
	await inTransaction(db, async (tx) => {
		const gone = await tx
			.delete(workforceReports)
			.where(and(eq(workforceReports.id, id)))
			.returning({ to: workforceReports.toDay });
		for (const { to } of gone)
			await writeAuditLine(tx, actor, { at: now, act: 'report-dropped', detail: { to } });
	});
}
