import { and, desc, eq, lt, or, sql } from 'drizzle-orm';
import { isoDay } from '../platform/clock';
import { schema, type Db } from '../platform/db/client';
import type { ShouldContinue } from '../platform/jobs/should-continue';
import { readOrganisation } from '../platform/organisation/read-organisation';
import { countFigures, isLargeWorkforce, viewKey } from './current-figures';
import type { FiguresDatabase } from './figures-database';
import { FIRST_VIEWS, isScreenName } from './screen-list';
import type { FigureView } from '../../core/workforce/view';

const { currentFigures } = schema;

/** Views that nobody has asked for in this time are forgotten, ms: a week. */
const FORGOTTEN_AFTER_MS = 7 * 86_400_000;

/** Most views kept; far more than anyone looks at within a week. */
const MOST_KEPT = 2000;

/** Forgets views that are no longer asked for. The first views stay, since they are asked for by {@link countDueFigures}. */
async function forgetUnused(db: Db, now: Date): Promise<void> {
	await db
		.delete(currentFigures)
		.where(
			or(
				lt(currentFigures.askedAt, new Date(now.getTime() - FORGOTTEN_AFTER_MS)),
				sql`(${currentFigures.screen}, ${currentFigures.view}) in (${db
					.select({ screen: currentFigures.screen, view: currentFigures.view })
					.from(currentFigures)
					.orderBy(desc(currentFigures.askedAt))
					.offset(MOST_KEPT)})`
			)
		);
}

/** Whether a view has been counted for a day and is still fresh, by this process or another. */
async function isCounted(
	db: Db,
	{ screen, view }: { readonly screen: string; readonly view: string },
	on: string
): Promise<boolean> {
	const [kept] = await db
		.select({ on: currentFigures.on, countAt: currentFigures.countAt })
		.from(currentFigures)
		.where(and(eq(currentFigures.screen, screen), eq(currentFigures.view, view)));
	return kept?.on === on && kept.countAt === null;
}

/**
 * Counts today's figures of a large workforce: soon after midnight all first views and those that were looked at in the last week, and
 * during the day those that were asked for and are no longer fresh. For a small workforce nothing is kept. Cost: for a million people one
 * to four seconds for each view. Several processes share them: each begins somewhere else, and passes over what another has counted.
 * @returns how many views were counted
 */
export async function countDueFigures(
	{ db, figures }: { readonly db: Db; readonly figures: FiguresDatabase },
	clock: () => Date,
	shallGoOn: ShouldContinue = () => true
): Promise<number> {
	if (!(await isLargeWorkforce(db))) return 0;
	const { timeZone } = await readOrganisation(db);
	const now = clock();
	await forgetUnused(db, now);
	const on = isoDay(now, timeZone);
	const first = FIRST_VIEWS.map(({ name, by }) => ({
		screen: name,
		view: viewKey({ by, group: null, team: null })
	}));
	const { screen, view, on: day, countAt } = currentFigures;
	const kept = await db.select({ screen, view, on: day, countAt }).from(currentFigures);
	const fresh = new Set(
		kept.filter((one) => one.on === on && one.countAt === null).map((one) => `${one.screen} ${one.view}`)
	);
	const due = new Map(
		[...first, ...kept]
			.map((one) => [`${one.screen} ${one.view}`, one] as const)
			.filter(([key]) => !fresh.has(key))
	);
	const views = [...due.values()];
	const begin = Math.floor(Math.random() * views.length);
	let counted = 0;
	for (const one of [...views.slice(begin), ...views.slice(0, begin)]) {
		if (!shallGoOn()) break;
		if (!isScreenName(one.screen) || (await isCounted(db, one, on))) continue;
		const [by, group, team] = JSON.parse(one.view) as [FigureView['by'], string | null, string | null];
		await countFigures({ db, figures, now: clock() }, one.screen, { on, isLive: true, by, group, team });
		counted += 1;
	}
	return counted;
}
