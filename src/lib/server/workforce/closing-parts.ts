import { eq, sql } from 'drizzle-orm';
import {
	associationParts,
	computeGapFigures,
	helpParts,
	NO_HELP,
	EMPTY_FIGURES,
	pairedParts,
	timeParts,
	type Activities,
	type ClosingParts
} from '../../core/workforce/screen-parts';
import { BY_DAYS, coarsenCurve } from '../../core/workforce/coarse-curve';
import { FIGURE_CODES, type PublishedOf } from '../../core/workforce/codes';
import { padShares } from '../../core/workforce/pad-shares';
import { REPORTED_ACTIVITIES, REPORT_MONTHS } from '../../core/workforce/report';
import type { FigureTable } from '../../core/workforce/figures';
import { schema, type Db } from '../platform/db/client';
import { readAnswerRates } from './read-answers';
import { readGaps, readScoreChanges } from './read-changes';
import { readPairs } from './read-pairs';
import { readTally } from './read-tally';
import { readTimesToAct, readTimesToFix } from './read-times-to-event';
import { publishedRows } from './snapshot';

const { workforceClosings } = schema;

/** What happened in the months before a closing, by number of people, rounded down to this many: the exact numbers of two closings differ by few. */
const ACTIVITY_STEP = 5;

/** Figures of a closing as they were published. Cost: one key look-up. */
export async function readClosingParts(db: Db, on: string): Promise<ClosingParts> {
	const [row] = await db
		.select({ parts: workforceClosings.parts })
		.from(workforceClosings)
		.where(eq(workforceClosings.on, on));
	// What later versions publish isn't there at closings before them.
	return { ...EMPTY_FIGURES, ...row?.parts };
}

/** The day of a published state on which each kind of activity last happened. */
const DAY_OF = {
	asked: 'sent_on',
	answered: 'answered_on',
	dealtWith: 'seen_on',
	carriedOut: 'carried_on',
	arrived: 'bought_on',
	referred: 'referred_on'
} as const satisfies Record<(typeof REPORTED_ACTIVITIES)[number], string>;

async function readActivities(db: Db, on: string, months: number): Promise<Activities> {
	const counts = REPORTED_ACTIVITIES.map(
		(what) =>
			sql`(count(*) filter (where ${sql.raw(DAY_OF[what])} > (date_trunc('month', ${on}::date) - make_interval(months => ${months - 1}::int))::date - 1))::int as ${sql.identifier(what)}`
	);
	const { rows } = await db.execute<Record<string, number>>(
		sql`select ${sql.join(counts, sql`, `)} from ${publishedRows(on)}`
	);
	const of = (what: string) => {
		const n = rows[0]?.[what] ?? 0;
		return n < ACTIVITY_STEP ? null : n - (n % ACTIVITY_STEP);
	};
	return Object.fromEntries(REPORTED_ACTIVITIES.map((what) => [what, of(what)])) as unknown as Activities;
}

/**
 * Works out what is published about everyone at a closing, from published states. Cost: some ten passes over them.
 * @param tableOf what is published of everyone, which decides what else may be
 */
export async function workOutClosingParts(
	db: Db,
	on: string,
	tableOf: (of: PublishedOf) => FigureTable
): Promise<ClosingParts> {
	const snapshot = { on, isLive: false };
	const { spells } = await readAnswerRates(db, snapshot, null);
	const mayHelp = tableOf('help').figures.find(({ code }) => code === FIGURE_CODES.done)?.all;
	const activities: Record<number, Activities> = {};
	for (const months of REPORT_MONTHS) activities[months] = await readActivities(db, on, months);
	return {
		curve: coarsenCurve(spells, BY_DAYS),
		paired: pairedParts(await readTally(db, snapshot, 'discomfort', null), tableOf('discomfort')),
		gaps: computeGapFigures(await readGaps(db, snapshot, null), tableOf('findings'), null),
		associations: associationParts(await readPairs(db, snapshot)),
		help: mayHelp ? helpParts(await readScoreChanges(db, snapshot, null), true) : NO_HELP,
		pads: padShares(await readTally(db, snapshot, 'steps', null), tableOf('steps')),
		times: timeParts(await readTimesToAct(db, snapshot), await readTimesToFix(db, snapshot)),
		activities
	};
}
