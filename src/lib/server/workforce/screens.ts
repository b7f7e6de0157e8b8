import { and, eq } from 'drizzle-orm';
import { PURCHASES } from '../../core/plan/purchases';
import {
	ANSWER_RULES,
	CROSSED_RULES,
	DISCOMFORT_RULES,
	FIGURE_CODES,
	FINDING_RULES,
	HELP_RULES,
	publishedRules,
	PURCHASE_RULES,
	type Grouping,
	type PublishedOf
} from '../../core/workforce/codes';
import {
	associationParts,
	computeGapFigures,
	helpParts,
	NO_HELP,
	NO_PAIRS,
	pairedParts,
	timeParts,
	type AssociationParts,
	type HelpParts,
	type TimeParts
} from '../../core/workforce/screen-parts';
import { BY_DAYS, coarsenCurve, type CoarseCurve } from '../../core/workforce/coarse-curve';
import { figureTable, NO_TABLE, type CodeRule, type FigureTable } from '../../core/workforce/figures';
import { lookAgreement, type LookAgreement } from '../../core/workforce/look-agreement';
import { padShares, type PadShare } from '../../core/workforce/pad-shares';
import { publishedCrossTable, type CrossTable } from '../../core/workforce/cross-tables';
import { purchaseResults, type PurchaseResults } from '../../core/workforce/purchase-results';
import type { FigureView } from '../../core/workforce/view';
import { schema, type Db } from '../platform/db/client';
import { crossTableOf } from './cross-table-key';
import { readLooks } from './read-looks';
import { readArrivedEquipment } from './read-arrived';
import { ASKED_BY, readAnswerRates } from './read-answers';
import { readGaps, readScoreChanges, type PeopleGroup } from './read-changes';
import { readClosingParts } from './closing-parts';
import { readPairs } from './read-pairs';
import { readTimesToAct, readTimesToFix } from './read-times-to-event';
import { readGrid, readTally } from './read-tally';
import { roundNames } from './view';

const { publishedFigures } = schema;

/** Figures of a page, with the names of rounds where it groups by them. */
export interface ScreenTable extends FigureTable {
	/** Index of the chosen group; null for everyone. */
	readonly at: number | null;
	readonly rounds: Readonly<Record<string, string>>;
	/** At a closing: the one at which each group was last renewed. */
	readonly renewedOn?: Readonly<Record<string, string>>;
}

/** Puts a table into the view: at its group, without what is hidden everywhere. */
async function screenTable(db: Db, view: FigureView, table: FigureTable): Promise<ScreenTable> {
	const at = view.group === null ? -1 : table.groups.indexOf(view.group);
	return {
		...table,
		// What is hidden everywhere need not be sent.
		figures: table.figures.filter(({ all, groups }) => all !== null || groups.some((one) => one !== null)),
		at: at < 0 ? null : at,
		rounds: view.by === 'round' ? await roundNames(db, table.groups) : {}
	};
}

/** Figures of a closing as they were published. Cost: one key look-up. */
async function publishedTable(
	db: Db,
	view: FigureView,
	of: PublishedOf,
	by: Grouping | null
): Promise<ScreenTable> {
	const [found] = await db
		.select({ table: publishedFigures.table, renewedOn: publishedFigures.renewedOn })
		.from(publishedFigures)
		.where(
			and(eq(publishedFigures.on, view.on), eq(publishedFigures.of, of), eq(publishedFigures.by, by ?? ''))
		);
	return { ...(await screenTable(db, view, found?.table ?? NO_TABLE)), renewedOn: found?.renewedOn ?? {} };
}

/**
 * The figures of one team by something else.
 * @param rules all that is published of the grid, on this page or another
 * @param shown codes of this page
 */
function teamTable(
	db: Db,
	view: FigureView,
	grid: CrossTable,
	rules: readonly CodeRule[],
	shown: readonly CodeRule[]
) {
	const { figures, ...table } = publishedCrossTable(grid, rules, grid.rows.indexOf(view.team ?? ''));
	const isHere = ({ code }: { readonly code: string }) => shown.some((rule) => rule.code === code);
	return screenTable(db, view, { ...table, figures: figures.filter(isHere) });
}

/** The table of a page where two filters act together; null where they don't. */
async function crossedScreen(
	db: Db,
	view: FigureView,
	shown: readonly CodeRule[]
): Promise<ScreenTable | null> {
	if (view.team === null || view.by === null) return null;
	return teamTable(db, view, await readGrid(db, view, view.by), CROSSED_RULES, shown);
}

/** The contents of {@link answersScreen}. */
interface AnswersScreen {
	readonly table: ScreenTable;
	readonly curve: CoarseCurve | null;
}

/** Who was asked and has answered, and how soon. */
export async function answersScreen(db: Db, view: FigureView): Promise<AnswersScreen> {
	const by = ASKED_BY.find((name) => name === view.by) ?? null;
	if (!view.isLive) {
		const { curve } = await readClosingParts(db, view.on);
		return { table: await publishedTable(db, view, 'answers', by), curve };
	}
	// A grouping that does not apply to people without answers leaves only the team.
	if (view.team !== null && by === null)
		return answersScreen(db, { ...view, by: 'team', group: view.team, team: null });
	const isCrossed = view.team !== null;
	const { tally, spells } = await readAnswerRates(db, view, by, isCrossed);
	return {
		table: isCrossed
			? await teamTable(db, view, crossTableOf(tally), ANSWER_RULES, ANSWER_RULES)
			: await screenTable(db, view, figureTable(tally, ANSWER_RULES)),
		curve: isCrossed ? null : coarsenCurve(spells, BY_DAYS)
	};
}

/** Where it hurts; and now against first for the same people. */
export async function discomfortScreen(db: Db, view: FigureView) {
	if (!view.isLive) {
		const { paired } = await readClosingParts(db, view.on);
		return { table: await publishedTable(db, view, 'discomfort', view.by), paired };
	}
	const crossed = await crossedScreen(db, view, DISCOMFORT_RULES);
	if (crossed) return { table: crossed, paired: NO_PAIRS };
	const tally = await readTally(db, view, 'discomfort', view.by);
	const table = await screenTable(db, view, figureTable(tally, publishedRules('discomfort', view.by)));
	return { table, paired: pairedParts(tally, table) };
}

/** The group whose values are read, if its size may be published; everyone where none is chosen; undefined where it may not. */
function openGroup(view: FigureView, { at, people, groups }: ScreenTable): PeopleGroup | null | undefined {
	if (at === null || view.by === null) return null;
	return people.groups[at] === null ? undefined : { by: view.by, key: groups[at] ?? '' };
}

/** Findings, how far off they are, and were at first. At a closing, how far is shown for everyone only. */
export async function findingsScreen(db: Db, view: FigureView) {
	if (!view.isLive) {
		const table = await publishedTable(db, view, 'findings', view.by);
		return { table, gaps: table.at === null ? (await readClosingParts(db, view.on)).gaps : [] };
	}
	const crossed = await crossedScreen(db, view, FINDING_RULES);
	if (crossed) return { table: crossed, gaps: [] };
	// Read in parallel: whether the group may be published is known with its table, and it is dropped if not.
	const asked = view.by === null || view.group === null ? null : { by: view.by, key: view.group };
	const [tally, ofAsked] = await Promise.all([
		readTally(db, view, 'findings', view.by),
		readGaps(db, view, asked)
	]);
	const table = await screenTable(db, view, figureTable(tally, FINDING_RULES));
	const group = openGroup(view, table);
	// A group that does not exist is ignored: everyone is shown.
	const ofGroup = group === null && asked !== null ? await readGaps(db, view, null) : ofAsked;
	return { table, gaps: group === undefined ? [] : computeGapFigures(ofGroup, table, table.at) };
}

/** Which findings go with which complaints. */
export async function associationsScreen(db: Db, view: FigureView): Promise<AssociationParts> {
	if (!view.isLive) return (await readClosingParts(db, view.on)).associations;
	return associationParts(await readPairs(db, view));
}

/** Whether plans help: the change of the worst score by the outcome of the plan, and the difference between carried out and not. */
export async function helpScreen(
	db: Db,
	view: FigureView
): Promise<HelpParts & { readonly table: ScreenTable }> {
	if (!view.isLive) {
		const table = await publishedTable(db, view, 'help', view.by);
		return { table, ...(table.at === null ? (await readClosingParts(db, view.on)).help : NO_HELP) };
	}
	const crossed = await crossedScreen(db, view, HELP_RULES);
	if (crossed) return { table: crossed, ...NO_HELP };
	const table = await screenTable(
		db,
		view,
		figureTable(await readTally(db, view, 'help', view.by), HELP_RULES)
	);
	const figure = table.figures.find(({ code }) => code === FIGURE_CODES.done);
	const mayBeShown = table.at === null ? figure?.all : figure?.groups[table.at];
	const group = openGroup(view, table);
	if (!mayBeShown || group === undefined) return { table, ...NO_HELP };
	return { table, ...helpParts(await readScoreChanges(db, view, group), group === null) };
}

/** How long things take, for everyone together. */
export async function timesScreen(db: Db, view: FigureView): Promise<TimeParts> {
	if (!view.isLive) return (await readClosingParts(db, view.on)).times;
	const [act, all] = await Promise.all([readTimesToAct(db, view), readTimesToFix(db, view)]);
	return timeParts(act, all);
}

/**
 * Which steps of plans are carried out and stay in place, how far pads sink, and how well answers agree with coordinators' own looks, for
 * everyone together. Looks are of today only: none are published at a closing.
 */
export async function stepsScreen(
	db: Db,
	view: FigureView
): Promise<{
	readonly table: ScreenTable;
	readonly pads: readonly PadShare[];
	readonly looks: LookAgreement | null;
}> {
	const everyone: FigureView = { ...view, by: null, group: null, team: null };
	if (!view.isLive) {
		const { pads } = await readClosingParts(db, view.on);
		return { table: await publishedTable(db, everyone, 'steps', null), pads, looks: null };
	}
	const [tally, looks] = await Promise.all([readTally(db, everyone, 'steps', null), readLooks(db)]);
	const table = await screenTable(db, everyone, figureTable(tally, publishedRules('steps', null)));
	return { table, pads: padShares(tally, table), looks: lookAgreement(looks) };
}

/**
 * What purchases achieved, for everyone together; null at a closing, for which it isn't published, where a group is chosen, and where too
 * few have received anything.
 */
export async function purchaseResultsScreen(db: Db, view: FigureView): Promise<PurchaseResults | null> {
	if (!view.isLive || view.group !== null || view.team !== null) return null;
	return purchaseResults(await readArrivedEquipment(db, PURCHASES));
}

/** What would help with problems that remain, and how many people. */
export async function purchasesScreen(db: Db, view: FigureView) {
	if (!view.isLive) return { table: await publishedTable(db, view, 'needs', view.by), things: PURCHASES };
	const crossed = await crossedScreen(db, view, PURCHASE_RULES);
	if (crossed) return { table: crossed, things: PURCHASES };
	const tally = await readTally(db, view, 'needs', view.by);
	return { table: await screenTable(db, view, figureTable(tally, PURCHASE_RULES)), things: PURCHASES };
}

/** {@link purchasesScreen}, with what purchases achieved. */
export async function equipmentScreen(db: Db, view: FigureView) {
	return { ...(await purchasesScreen(db, view)), results: await purchaseResultsScreen(db, view) };
}
