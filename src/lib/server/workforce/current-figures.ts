import { and, eq, isNull, sql } from 'drizzle-orm';
import type { FigureView } from '../../core/workforce/view';
import { schema, type Db } from '../platform/db/client';
import type { FiguresDatabase } from './figures-database';
import { SCREENS, type ScreenFigures, type ScreenName } from './screen-list';

const { currentFigures } = schema;

/** How old today's figures of a large workforce may be before they are counted again, ms. Nobody decides anything by a few minutes' answers. */
const COUNTED_AGAIN_MS = 600_000;

/** Number of observations from which figures take long enough to be kept: some ten thousand people. */
const MANY_OBSERVATIONS = 30_000;

/** Longest description of a view that is kept: names of a group and a team. */
const LONGEST_VIEW = 500;

/** Where figures are read, and when. */
export interface FigureReader {
	readonly db: Db;
	readonly figures: FiguresDatabase;
	readonly now: Date;
}

/** What a screen contains, with the moment at which it was counted; null where it was just now. */
export interface CountedFigures<T> {
	readonly figures: T;
	readonly countedAt: Date | null;
}

/** Whether there are so many observations that figures are kept: an estimate of the planner's, which costs one look-up. */
export async function isLargeWorkforce(db: Db): Promise<boolean> {
	const { rows } = await db.execute<{ n: number }>(
		sql`select reltuples::float8 as n from pg_class where oid = 'observations'::regclass`
	);
	return (rows[0]?.n ?? 0) >= MANY_OBSERVATIONS;
}

/** By what figures of a day are found again. */
export const viewKey = ({ by, group, team }: Pick<FigureView, 'by' | 'group' | 'team'>): string =>
	JSON.stringify([by, group, team]);

/** Counts the figures of a screen, and keeps them for other requests and processes. */
export async function countFigures<N extends ScreenName>(
	{ db, figures: database, now }: FigureReader,
	name: N,
	view: FigureView
): Promise<ScreenFigures<N>> {
	const figures = (await database.read<object>((reader) => SCREENS[name](reader, view))) as ScreenFigures<N>;
	// What was asked for while this was counted may not be in it yet.
	const countAt = sql`case when ${currentFigures.countAt} > ${now} then ${currentFigures.countAt} end`;
	const made = { on: view.on, madeAt: now, figures };
	await db
		.insert(currentFigures)
		.values({ screen: name, view: viewKey(view), askedAt: now, ...made })
		.onConflictDoUpdate({
			target: [currentFigures.screen, currentFigures.view],
			set: { ...made, countAt }
		});
	return figures;
}

/** The kept figures of a screen; counted, and kept, where there are none of this day. */
async function readOrCount<N extends ScreenName>(
	reader: FigureReader,
	name: N,
	view: FigureView
): Promise<CountedFigures<ScreenFigures<N>>> {
	const { db, now } = reader;
	const isIt = and(eq(currentFigures.screen, name), eq(currentFigures.view, viewKey(view)));
	const [kept] = await db.select().from(currentFigures).where(isIt);
	if (kept?.on !== view.on) return { figures: await countFigures(reader, name, view), countedAt: null };
	if (kept.countAt === null && now.getTime() - kept.madeAt.getTime() >= COUNTED_AGAIN_MS)
		await db
			.update(currentFigures)
			.set({ countAt: now, askedAt: now })
			.where(and(isIt, isNull(currentFigures.countAt)));
	return { figures: kept.figures as ScreenFigures<N>, countedAt: kept.madeAt };
}

/** Figures that are being read by this process, by database: tests have several. */
const readingOf = new WeakMap<Db, Map<string, Promise<CountedFigures<unknown>>>>();

/**
 * Reads figures that several requests ask for at once only once. Looking them up is part of it: a request that found none just before they
 * were kept would count them again.
 */
async function readOnce<N extends ScreenName>(
	reader: FigureReader,
	name: N,
	view: FigureView
): Promise<CountedFigures<ScreenFigures<N>>> {
	const reading = readingOf.get(reader.db) ?? new Map<string, Promise<CountedFigures<unknown>>>();
	readingOf.set(reader.db, reading);
	const key = `${name} ${view.on} ${viewKey(view)}`;
	const running = reading.get(key);
	if (running) return (await running) as CountedFigures<ScreenFigures<N>>;
	const work = readOrCount(reader, name, view).finally(() => reading.delete(key));
	reading.set(key, work);
	return work;
}

/**
 * The figures of a screen. Today's figures of a large workforce are kept in the database: a reader gets what was counted last, and
 * where that is a while ago, it is counted again in the background ({@link countDueFigures}). Only the first one on a day who asks for a
 * view that nobody looked at in the last week waits for it. Month ends are stored anyway. Cost: a look-up by key.
 */
export async function readFigures<N extends ScreenName>(
	reader: FigureReader,
	name: N,
	view: FigureView
): Promise<CountedFigures<ScreenFigures<N>>> {
	const { db, figures: database } = reader;
	if (view.isLive && viewKey(view).length <= LONGEST_VIEW && (await isLargeWorkforce(db)))
		return readOnce(reader, name, view);
	const figures = await database.read<object>((from) => SCREENS[name](from, view));
	return { figures: figures as ScreenFigures<N>, countedAt: null };
}

/** Forgets all kept figures, when a process starts: what another version of the program counted may have another form. */
export async function forgetFigures(db: Db): Promise<void> {
	await db.delete(currentFigures);
}

/** Has all kept figures counted again soon: prices or names in them have changed. Within the transaction that changes them. */
export async function countFiguresAgain(tx: Db, now: Date): Promise<void> {
	await tx.update(currentFigures).set({ countAt: now });
}
