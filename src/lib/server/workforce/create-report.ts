import { and, desc, eq, lt } from 'drizzle-orm';
import { FINDING_IDS } from '../../core/questionnaire/checklist/findings';
import { REGIONS } from '../../core/cases/discomfort/regions';
import { FIGURE_CODES, firstChoiceCode } from '../../core/workforce/codes';
import { comparedGroups } from '../../core/workforce/compared-groups';
import { decisionOutcomes, decisionsOf } from '../../core/workforce/report-decisions';
import {
	NO_ACTIVITIES,
	type CodeFigure,
	type KeyFigures,
	type TeamFigure,
	type WorkforceReport
} from '../../core/workforce/report';
import { threePartsOf } from '../../core/workforce/three-parts';
import type { PublishedShare } from '../../core/workforce/figures';
import type { RecordedDecisions } from '../../core/workforce/decision-outcome';
import type { WorkforceView } from '../../core/workforce/view';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { readClosingParts } from './closing-parts';
import { overviewScreen } from './overview';
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

const { users, workforceReports } = schema;

/** The first day of some months that end on a day. */
function firstDay(to: string, months: number): string {
	const [year = 0, month = 1] = to.split('-').map(Number);
	return new Date(Date.UTC(year, month - months, 1)).toISOString().slice(0, 10);
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

/** Teams in which fewer people answer than chance explains. */
function quietTeamsOf({ groups, figures }: ScreenTable): string[] {
	const answered = figures.find(({ code }) => code === FIGURE_CODES.answered);
	if (!answered) return [];
	return comparedGroups(answered).flatMap((one, i) => (one?.differs === 'lower' ? [groups[i] ?? ''] : []));
}

/** Computes a report from what was kept of assessments until its last day. */
async function workOut(
	db: Db,
	{ from, to, months }: { from: string; to: string; months: number }
): Promise<Omit<WorkforceReport, 'before'>> {
	const view: WorkforceView = {
		on: to,
		isLive: false,
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
	const { activities } = await readClosingParts(db, to);
	const prices = await readPrices(db);
	const { points, currency } = await overviewScreen(db, view);
	const key: KeyFigures = {
		answered: allOf(answers.table, FIGURE_CODES.answered),
		hurts: allOf(discomfort.table, FIGURE_CODES.hurts),
		found: allOf(findings.table, FIGURE_CODES.found),
		problem: allOf(findings.table, FIGURE_CODES.problem),
		open: allOf(buy.table, FIGURE_CODES.open)
	};
	return {
		format: 'easy-corner.report/2',
		from,
		to,
		people: discomfort.table.people.all,
		done: activities[months] ?? NO_ACTIVITIES,
		key,
		heights: threePartsOf(findings.table, null),
		regions: listOf(discomfort.table, REGIONS),
		paired: discomfort.paired,
		findings: listOf(findings.table, FINDING_IDS),
		gaps: findings.gaps,
		associations: found.slice(0, 8),
		courses: help.courses,
		difference: help.difference,
		times: { act: times.act, fix: times.fix },
		purchases: listOf(buy.table, buy.things.map(firstChoiceCode)).flatMap(({ code, figure }) => {
			const purchase = buy.things.find((thing) => firstChoiceCode(thing) === code);
			const price = prices.find((one) => one.purchase === purchase);
			if (!purchase) return [];
			return {
				purchase,
				people: figure.x,
				cents: price?.cents ?? null,
				currency: price?.currency ?? null
			};
		}),
		teams: {
			answered: teamsOf(answers.table, FIGURE_CODES.answered),
			hurts: teamsOf(discomfort.table, FIGURE_CODES.hurts)
		},
		quietTeams: quietTeamsOf(answers.table),
		helped: allOf(buy.table, FIGURE_CODES.closable),
		trend: { points, currency }
	};
}

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
	const worked = await workOut(db, { from, to, months });
	const [before] = await db
		.select({
			to: workforceReports.toDay,
			document: workforceReports.document,
			decided: workforceReports.decided
		})
		.from(workforceReports)
		.where(lt(workforceReports.toDay, to))
		.orderBy(desc(workforceReports.toDay), desc(workforceReports.madeAt))
		.limit(1);
	const document: WorkforceReport = {
		...worked,
		author: (await userName(db, madeBy)) ?? '',
		last: before
			? { to: before.to, outcomes: decisionOutcomes(before.document, before.decided, worked) }
			: null,
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

async function userName(db: Db, id: string): Promise<string | null> {
	const [user] = await db.select({ name: users.name }).from(users).where(eq(users.id, id));
	return user?.name ?? null;
}

/** What a coordinator adds to a report. */
export interface ReportNotes {
	readonly remark: string;
	readonly decided: RecordedDecisions;
	readonly version: number;
}

/**
 * Records a remark on a report, and what was decided on it. The report itself stays as it was made; the next one says what came of it.
 * @throws DomainError where somebody else has recorded something meanwhile
 */
export async function recordOnReport(
	db: Db,
	actor: Actor,
	id: string,
	{ remark, decided, version }: ReportNotes,
	now: Date
): Promise<void> {
	requirePermission(actor, 'reports:make');
	await inTransaction(db, async (tx) => {
		const { document } = await readReport(tx, actor, id);
		// Only on what it asks for.
		const kept = Object.fromEntries(
			decisionsOf(document).flatMap(({ kind }) => {
				const one = decided[kind];
				return one && (one.result !== 'open' || one.note.trim() !== '')
					? [[kind, { result: one.result, note: one.note.trim() }]]
					: [];
			})
		);
		const changed = await tx
			.update(workforceReports)
			.set({ remark: remark.trim(), decided: kept, version: version + 1 })
			.where(and(eq(workforceReports.id, id), eq(workforceReports.version, version)))
			.returning({ to: workforceReports.toDay });
		const [report] = changed;
		if (!report) throw new DomainError('conflict', 'reportNotedMeanwhile');
		await writeAuditLine(tx, actor, { at: now, act: 'report-noted', detail: { to: report.to } });
	});
}

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
