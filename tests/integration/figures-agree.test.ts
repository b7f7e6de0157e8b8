import { randomUUID } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FIGURE_CODES } from '$lib/core/workforce/codes';
import { keptCode, stepDoneCode } from '$lib/core/workforce/plan-step-codes';
import { reportRows } from '$lib/core/workforce/report-table';
import { threePartsOf } from '$lib/core/workforce/three-parts';
import type { PublishedShare } from '$lib/core/workforce/figures';
import type { WorkforceView } from '$lib/core/workforce/view';
import { figureRows } from '$lib/server/workforce/figure-rows';
import { createReport, readReport } from '$lib/server/workforce/create-report';
import { overviewScreen } from '$lib/server/workforce/overview';
import { publishDueClosings } from '$lib/server/workforce/publish-closing';
import { readReportingDates } from '$lib/server/workforce/reporting-dates';
import {
	answersScreen,
	discomfortScreen,
	findingsScreen,
	helpScreen,
	purchasesScreen,
	stepsScreen,
	type ScreenTable
} from '$lib/server/workforce/screens';
import { plantWorkforce } from '../../seed/planted';
import { Desk } from '../support/desk';
import { figureReader } from '../support/figure-reader';

const now = new Date('2026-11-26T10:00:00Z');
const today = '2026-11-26';
const PEOPLE = 1200;

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
	const truth = { planTakesOff: 2, neckWith: 0.5, neckWithout: 0.2, answers: 0.9, quietTeamAnswers: 0.5 };
	await plantWorkforce(db(), PEOPLE, truth, now);
	// Planted people have no plans of their own.
	await db()
		.execute(sql`update observations o set plan_steps = array_remove(array['step screen', case when h % 3 > 0 then 'done screen' end,
		case when h % 3 > 0 and h % 4 > 0 then 'asked 14 screen' end, case when h % 3 > 0 and h % 4 > 1 then 'kept 14 screen' end], null)
		from (select id as of, abs(hashtext(id::text)) as h from observations) t where t.of = o.id and o.first_on is not null`);
	await publishDueClosings(db(), () => now);
});
afterAll(() => desk.test.drop());

const everybody: WorkforceView = {
	on: today,
	isLive: true,
	closings: [],
	today,
	by: null,
	group: null,
	team: null,
	teams: []
};

const allOf = ({ figures }: ScreenTable, code: string) =>
	figures.find((one) => one.code === code)?.all ?? null;

/** Figures of one name, as each page, the overview, the CSV and the report say them: number and base. */
async function saidOf(view: WorkforceView) {
	const tables = {
		answers: (await answersScreen(db(), view)).table,
		discomfort: (await discomfortScreen(db(), view)).table,
		findings: (await findingsScreen(db(), view)).table,
		helps: (await helpScreen(db(), view)).table,
		'to-buy': (await purchasesScreen(db(), view)).table,
		steps: (await stepsScreen(db(), view)).table
	};
	const { points } = await overviewScreen(db(), view);
	const rows = await figureRows(figureReader(db()), view);
	const inCsv = (screen: string, code: string) =>
		rows.find(([of, , group, figure]) => of === screen && group === '' && figure === code)?.slice(4, 6);
	return { tables, overview: points.at(-1), inCsv };
}

const xOf = (figure: PublishedShare | null | undefined) => (figure ? [figure.n, figure.x] : null);

describe('figures that are named alike are the same', () => {
	it.each(['today', 'at the newest month end'])(
		'%s: on the pages, in the overview and in the CSV',
		async (when) => {
			const [closing = ''] = await readReportingDates(db());
			const view = when === 'today' ? everybody : { ...everybody, on: closing, isLive: false };
			const { tables, overview, inCsv } = await saidOf(view);
			const named = [
				['answers', FIGURE_CODES.answered, overview?.answered],
				['discomfort', FIGURE_CODES.hurts, overview?.hurts],
				['findings', FIGURE_CODES.problem, overview?.heights?.problem],
				['findings', FIGURE_CODES.unknown, overview?.heights?.unknown],
				['steps', stepDoneCode('screen'), allOf(tables.steps, stepDoneCode('screen'))],
				['steps', keptCode(14, 'screen'), allOf(tables.steps, keptCode(14, 'screen'))]
			] as const;
			for (const [screen, code, shown] of named) {
				const figure = allOf(tables[screen], code);
				expect(figure, `${screen} ${code}`).not.toBeNull();
				expect(xOf(shown), `${screen} ${code}`).toEqual(xOf(figure));
				expect(inCsv(screen, code), `${screen} ${code}`).toEqual(xOf(figure));
			}
			expect(xOf(overview?.stands)).toEqual(xOf(allOf(tables.helps, FIGURE_CODES.stands)));
			const parts = threePartsOf(tables.findings, null);
			const { problem, unknown, fits } = parts ?? {};
			expect((problem?.x ?? 0) + (unknown?.x ?? 0) + (fits?.x ?? 0)).toBe(problem?.n);
		}
	);

	it('are those of a plain count of everyone’s newest state', async () => {
		const { tables } = await saidOf(everybody);
		const { rows } = await db().execute<Record<string, number>>(sql`
			select count(*)::int as n, (count(*) filter (where heights = 'off'))::int as problem, (count(*) filter (where heights = 'unsure'))::int as unknown,
				(count(*) filter (where heights_after = 'off'))::int as open, (count(*) filter (where cardinality(discomfort) > 0))::int as hurts,
				(count(*) filter (where cardinality(helped_by) > 0))::int as closable,
				(count(*) filter (where answered_on <= date '2026-11-26' - 14 and 'done screen' = any(plan_steps)))::int as done,
				(count(*) filter (where 'kept 14 screen' = any(plan_steps)))::int as kept, (count(*) filter (where 'monitor' = any(helped_by)))::int as monitor,
				(count(*) filter (where first_carried_on <= date '2026-11-26' - 42 and answered_on <= first_carried_on))::int as settled
			from observations where until_day is null and first_on is not null`);
		const [plain] = rows;
		const of = (screen: keyof typeof tables, code: string) => allOf(tables[screen], code)?.x;
		expect(of('findings', FIGURE_CODES.problem)).toBe(plain?.problem);
		expect(of('findings', FIGURE_CODES.unknown)).toBe(plain?.unknown);
		expect(of('to-buy', FIGURE_CODES.open)).toBe(plain?.open);
		expect(of('to-buy', FIGURE_CODES.closable)).toBe(plain?.closable);
		expect(of('to-buy', 'monitor')).toBe(plain?.monitor);
		expect(of('steps', stepDoneCode('screen'))).toBe(plain?.done);
		expect(of('steps', keptCode(14, 'screen'))).toBe(plain?.kept);
		expect(of('discomfort', FIGURE_CODES.hurts)).toBe(plain?.hurts);
		expect(of('helps', FIGURE_CODES.settled)).toBe(plain?.settled);
		expect(tables.findings.people.all).toBe(plain?.n);
	});

	it('in a report are those of its month end, and stay so whatever happens later', async () => {
		const [closing = ''] = await readReportingDates(db());
		const view = { ...everybody, on: closing, isLive: false };
		const { tables, overview } = await saidOf(view);
		const key = randomUUID();
		await createReport(db(), desk.coordinator, { key, to: closing, months: 12 }, today, now);
		const { document } = await readReport(db(), desk.coordinator, key);
		expect(xOf(document.key.answered)).toEqual(xOf(overview?.answered));
		expect(xOf(document.key.hurts)).toEqual(xOf(overview?.hurts));
		expect(xOf(document.heights?.problem)).toEqual(xOf(overview?.heights?.problem));
		expect(document.people).toBe(tables.findings.people.all);
		// The newest of the months is that of the overview.
		expect(document.trend?.points.at(-1)).toEqual(overview);
		expect(document.trend?.points.length).toBeGreaterThan(6);
		expect(
			reportRows(document).find(([part, on]) => part === 'month end: hurts' && on === closing)?.[3]
		).toBe(overview?.hurts?.x);
		const rows = reportRows(document);
		const row = rows.find(([part, of]) => part === 'heights' && of === 'problem');
		expect(row?.slice(2, 4)).toEqual(xOf(overview?.heights?.problem));
		// Erasing people takes nothing from what was published.
		await db().execute(
			sql`delete from people where id in (select person_id from observations where until_day is null limit 7)`
		);
		expect(await saidOf(view).then(({ tables: after }) => after)).toEqual(tables);
		expect(await publishDueClosings(db(), () => now)).toBe(0);
	});

	it('leave at the next month end with the people who were erased, together with those of others', async () => {
		const states = async () => {
			const { rows } = await db().execute<{ all: number; erased: number }>(
				sql`select count(*)::int as all, (count(*) filter (where person_id is null))::int as erased from published_states`
			);
			return rows[0];
		};
		const before = await states();
		expect(before?.erased).toBe(7);
		await publishDueClosings(db(), () => new Date('2026-12-02T10:00:00Z'));
		// As many as leave every group with nobody or at least five who changed; a year later the rest has gone too.
		expect((await states())?.erased).toBeLessThanOrEqual(7);
		for (let month = 1; month <= 13; month += 1)
			await publishDueClosings(db(), () => new Date(Date.UTC(2026, 11 + month, 2, 10)));
		expect((await states())?.erased).toBe(0);
	});
});
