import { and, desc, eq, inArray, lte } from 'drizzle-orm';
import { figureTable, NO_TABLE, type FigureTable } from '../../core/workforce/figures';
import { overviewPoint, type OverviewPoint } from '../../core/workforce/overview';
import { publishedRules, type PublishedOf } from '../../core/workforce/codes';
import { teamsToVisit, VISIT_OF, type TeamToVisit } from '../../core/workforce/teams-to-visit';
import type { FigureView } from '../../core/workforce/view';
import { schema, type Db } from '../platform/db/client';
import { readPrices } from './prices';
import { readAnswerRates } from './read-answers';
import { readTally } from './read-tally';

const { publishedFigures, workforceClosings } = schema;

/** Kinds of figures that the overview takes its numbers from. */
const OVERVIEW_OF = [
	'answers',
	'discomfort',
	'findings',
	'help',
	'needs'
] as const satisfies readonly PublishedOf[];

/** Closings that a line over time shows: a year. */
const MONTHS = 12;

/** What is published of everyone at the newest closings up to a day, oldest first. Cost: key look-ups, five for each closing. */
async function closingTablesUntil(db: Db, on: string) {
	const closings = db
		.select({ on: workforceClosings.on })
		.from(workforceClosings)
		.where(lte(workforceClosings.on, on))
		.orderBy(desc(workforceClosings.on))
		.limit(MONTHS);
	const rows = await db
		.select({ on: publishedFigures.on, of: publishedFigures.of, table: publishedFigures.table })
		.from(publishedFigures)
		.where(and(inArray(publishedFigures.on, closings), eq(publishedFigures.by, '')))
		.orderBy(publishedFigures.on);
	const days = [...new Set(rows.map((row) => row.on))];
	return days.map((day) => ({
		on: day,
		tableOf: (of: PublishedOf) => rows.find((row) => row.on === day && row.of === of)?.table ?? NO_TABLE
	}));
}

/** The teams that are worse off, at a closing; null where none is published. Cost: four key look-ups. */
async function readTeamsToVisit(
	db: Db,
	on: string | undefined
): Promise<{ on: string; isCompared: boolean; teams: readonly TeamToVisit[] } | null> {
	if (on === undefined) return null;
	const rows = await db
		.select({ of: publishedFigures.of, table: publishedFigures.table })
		.from(publishedFigures)
		.where(
			and(
				eq(publishedFigures.on, on),
				eq(publishedFigures.by, 'team'),
				inArray(publishedFigures.of, [...VISIT_OF])
			)
		);
	const tableOf = (of: PublishedOf) => rows.find((row) => row.of === of)?.table ?? NO_TABLE;
	const isCompared = rows.some(({ table }) => table.people.groups.filter((n) => n !== null).length > 1);
	return { on, isCompared, teams: teamsToVisit(tableOf) };
}

/** Figures of everyone as they are today. Cost: a pass over everyone for each kind. */
async function tablesOfToday(db: Db, view: FigureView): Promise<(of: PublishedOf) => FigureTable> {
	const tables = await Promise.all(
		OVERVIEW_OF.map(async (of) => {
			const tally =
				of === 'answers'
					? (await readAnswerRates(db, view, null)).tally
					: await readTally(db, view, of, null);
			return [of, figureTable(tally, publishedRules(of, null))] as const;
		})
	);
	const byKind = new Map<PublishedOf, FigureTable>(tables);
	return (of) => byKind.get(of) ?? NO_TABLE;
}

/** Five numbers, each with its line over a year of closings; the newest point is the view's day. */
export async function overviewScreen(db: Db, view: FigureView) {
	const [prices, closings, today] = await Promise.all([
		readPrices(db),
		closingTablesUntil(db, view.on),
		view.isLive ? tablesOfToday(db, view) : null
	]);
	const priceOf = new Map(prices.map(({ purchase, cents }) => [purchase, cents]));
	const points: OverviewPoint[] = [
		...closings.map(({ on, tableOf }) => overviewPoint(on, tableOf, priceOf)),
		...(today ? [overviewPoint(view.on, today, priceOf)] : [])
	];
	return {
		points,
		currency: prices[0]?.currency ?? null,
		visit: await readTeamsToVisit(db, closings.at(-1)?.on)
	};
}
