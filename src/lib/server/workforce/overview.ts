import { and, desc, eq, inArray, lte } from 'drizzle-orm';
import {
	figureTable,
	NO_TABLE,
	overviewPoint,
	PUBLISHED_OF,
	publishedRules,
	type FigureTable,
	type OverviewPoint,
	type PublishedOf,
	type WorkforceView
} from '../../core/workforce';
import { schema, type Db } from '../db/client';
import { readPrices } from './prices';
import { readAnswerRates } from './read-answers';
import { readTally } from './read-tally';

const { publishedFigures, workforceClosings } = schema;

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

/** Figures of everyone as they are today. Cost: a pass over everyone for each kind. */
async function tablesOfToday(db: Db, view: WorkforceView): Promise<(of: PublishedOf) => FigureTable> {
	const tables = await Promise.all(
		PUBLISHED_OF.map(async (of) => {
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
export async function overviewScreen(db: Db, view: WorkforceView) {
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
	return { points, currency: prices[0]?.currency ?? null };
}
