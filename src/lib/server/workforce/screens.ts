import { REGIONS } from '../../core/discomfort';
import { PURCHASES } from '../../core/plan';
import { logRank, wilcoxonOfCounts, type CountedChange, type LogRank } from '../../core/statistics';
import {
	ANSWER_RULES,
	associations,
	BY_DAYS,
	BY_WEEKS,
	coarsenCurve,
	FIGURE_CODES,
	PLAN_COURSES,
	publishedCrossTable,
	CROSSED_RULES,
	DISCOMFORT_DETAIL_RULES,
	DISCOMFORT_RULES,
	figureTable,
	FINDING_RULES,
	MIN_GROUP_SIZE,
	gapCode,
	gatherMeans,
	HELP_RULES,
	pairedFigure,
	dotStripOf,
	PURCHASE_RULES,
	type CoarseCurve,
	type CodeRule,
	type PlanCourse,
	type CourseFigure,
	type FigureTable,
	type GapFigure,
	type CrossTable,
	type Tally,
	type WorkforceView
} from '../../core/workforce';
import type { Db } from '../db/client';
import { crossTableOf } from './cross-table-key';
import { ASKED_BY, readAnswerRates } from './read-answers';
import { readGaps, readScoreChanges, type GapPairs, type PeopleGroup } from './read-changes';
import { readPairs } from './read-pairs';
import { readTimesToAct, readTimesToFix, type PlanTimeToEvent } from './read-times-to-event';
import { readGrid, readTally } from './read-tally';
import { roundNames } from './view';

/** Figures of a page, with the names of rounds where it groups by them. */
export interface ScreenTable extends FigureTable {
	/** Index of the chosen group; null for everyone. */
	readonly at: number | null;
	readonly rounds: Readonly<Record<string, string>>;
}

/** Puts a table into the view: at its group, without what is hidden everywhere. */
async function screenTable(db: Db, view: WorkforceView, table: FigureTable): Promise<ScreenTable> {
	const at = view.group === null ? -1 : table.groups.indexOf(view.group);
	return {
		...table,
		// What is hidden everywhere need not be sent.
		figures: table.figures.filter(({ all, groups }) => all !== null || groups.some((one) => one !== null)),
		at: at < 0 ? null : at,
		rounds: view.by === 'round' ? await roundNames(db, table.groups) : {}
	};
}

const tableOf = (db: Db, view: WorkforceView, tally: Tally, rules: readonly CodeRule[]) =>
	screenTable(db, view, figureTable(tally, rules));

/**
 * The figures of one team by something else.
 * @param rules all that is published of the grid, on this page or another
 * @param shown codes of this page
 */
function teamTable(
	db: Db,
	view: WorkforceView,
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
	view: WorkforceView,
	shown: readonly CodeRule[]
): Promise<ScreenTable | null> {
	if (view.team === null || view.by === null) return null;
	return teamTable(db, view, await readGrid(db, view, view.by), CROSSED_RULES, shown);
}

const sum = (of: readonly number[] | undefined) => (of ?? []).reduce((total, n) => total + n, 0);

/** The contents of {@link answersScreen}. */
interface AnswersScreen {
	readonly table: ScreenTable;
	readonly curve: CoarseCurve | null;
}

/** Who was asked and has answered, and how soon. */
export async function answersScreen(db: Db, view: WorkforceView): Promise<AnswersScreen> {
	const by = ASKED_BY.find((name) => name === view.by) ?? null;
	// A grouping that does not apply to people without answers leaves only the team.
	if (view.team !== null && by === null)
		return answersScreen(db, { ...view, by: 'team', group: view.team, team: null });
	const isCrossed = view.team !== null;
	const { tally, spells } = await readAnswerRates(db, view, by, isCrossed);
	return {
		table: isCrossed
			? await teamTable(db, view, crossTableOf(tally), ANSWER_RULES, ANSWER_RULES)
			: await tableOf(db, view, tally, ANSWER_RULES),
		curve: isCrossed ? null : coarsenCurve(spells, BY_DAYS)
	};
}

/** Where it hurts; and now against first for the same people. */
export async function discomfortScreen(db: Db, view: WorkforceView) {
	const crossed = await crossedScreen(db, view, DISCOMFORT_RULES);
	if (crossed) return { table: crossed, paired: { all: null, regions: [] } };
	const tally = await readTally(db, view, 'discomfort', view.by);
	const table = await tableOf(db, view, tally, [...DISCOMFORT_RULES, ...DISCOMFORT_DETAIL_RULES]);
	const again = table.figures.find(({ code }) => code === FIGURE_CODES.again)?.all;
	const paired = (region: string | null) => {
		if (!again) return null;
		const of = (when: string) => sum(tally.counts[region === null ? when : `${when} ${region}`]);
		return pairedFigure(of(FIGURE_CODES.first), of(FIGURE_CODES.now), of(FIGURE_CODES.both), again.x);
	};
	return {
		table,
		paired: {
			all: paired(null),
			regions: REGIONS.flatMap((region) => {
				const figure = paired(region);
				return figure ? [{ region, ...figure }] : [];
			})
		}
	};
}

/** The group whose values are read, if its size may be published; everyone where none is chosen; undefined where it may not. */
function openGroup(view: WorkforceView, { at, people, groups }: ScreenTable): PeopleGroup | null | undefined {
	if (at === null || view.by === null) return null;
	return people.groups[at] === null ? undefined : { by: view.by, key: groups[at] ?? '' };
}

function gapFigure({ check, pairs }: GapPairs): GapFigure[] {
	const of = (valueOf: (pair: GapPairs['pairs'][number]) => number) =>
		gatherMeans(pairs.map((pair) => ({ value: valueOf(pair), count: pair.count })));
	const n = people(pairs);
	if (n < MIN_GROUP_SIZE) return [];
	const change = wilcoxonOfCounts(of(({ first, now }) => Math.abs(now) - Math.abs(first)));
	return [
		{ check, n, first: dotStripOf(of(({ first }) => first)), now: dotStripOf(of(({ now }) => now)), change }
	];
}

/** Findings, how far off they are, and were at first. */
export async function findingsScreen(db: Db, view: WorkforceView) {
	const crossed = await crossedScreen(db, view, FINDING_RULES);
	if (crossed) return { table: crossed, gaps: [] };
	// Read in parallel: whether the group may be published is known with its table, and it is dropped if not.
	const asked = view.by === null || view.group === null ? null : { by: view.by, key: view.group };
	const [tally, ofAsked] = await Promise.all([
		readTally(db, view, 'findings', view.by),
		readGaps(db, view, asked)
	]);
	const table = await tableOf(db, view, tally, FINDING_RULES);
	const group = openGroup(view, table);
	// A group that does not exist is ignored: everyone is shown.
	const ofGroup = group === null && asked !== null ? await readGaps(db, view, null) : ofAsked;
	const gaps = group === undefined ? [] : ofGroup;
	// The number of people compared is a figure too: for a check that few lack, it would reveal the few.
	const isShown = ({ check }: GapPairs) => {
		const figure = table.figures.find(({ code }) => code === gapCode(check));
		return Boolean(table.at === null ? figure?.all : figure?.groups[table.at]);
	};
	return { table, gaps: gaps.filter(isShown).flatMap(gapFigure) };
}

/** Which findings go with which complaints. */
export async function associationsScreen(db: Db, view: WorkforceView) {
	const all = await readPairs(db, view);
	const found = associations(all);
	return { n: all.n, looked: found.length, found };
}

const people = (changes: readonly { readonly count: number }[] | undefined) =>
	sum(changes?.map(({ count }) => count));

/** Whether it helps: the change of the worst score, by the outcome of the plan. */
export async function helpScreen(db: Db, view: WorkforceView) {
	const crossed = await crossedScreen(db, view, HELP_RULES);
	if (crossed) return { table: crossed, courses: [] };
	const table = await tableOf(db, view, await readTally(db, view, 'help', view.by), HELP_RULES);
	const figure = table.figures.find(({ code }) => code === FIGURE_CODES.done);
	const mayBeShown = table.at === null ? figure?.all : figure?.groups[table.at];
	const group = openGroup(view, table);
	if (!mayBeShown || group === undefined) return { table, courses: [] };
	const changes = await readScoreChanges(db, view, group);
	const of = (course: PlanCourse) => changes.get(course) ?? [];
	// People with and without a purchase together are those who carried it out: hiding one hides the other.
	const isSplit =
		group === null && people(of('bought')) >= MIN_GROUP_SIZE && people(of('household')) >= MIN_GROUP_SIZE;
	const done = gatherMeans([...of('household'), ...of('bought')]);
	const shown: [CourseFigure['course'], readonly CountedChange[]][] = [
		['done', done],
		...(isSplit ? PLAN_COURSES.filter((course) => course !== 'not-done') : []).map(
			(course): [PlanCourse, readonly CountedChange[]] => [course, of(course)]
		),
		['not-done', of('not-done')]
	];
	return {
		table,
		courses: shown.map(([course, counted]): CourseFigure => ({
			course,
			n: people(counted),
			change: wilcoxonOfCounts(counted)
		}))
	};
}

/** Whether each kind of people is large enough for its number to be published. */
function isApart(spells: readonly PlanTimeToEvent[], kindOf: (spell: PlanTimeToEvent) => string): boolean {
	const sizes = new Map<string, number>();
	for (const spell of spells) sizes.set(kindOf(spell), (sizes.get(kindOf(spell)) ?? 0) + spell.count);
	return [...sizes.values()].every((n) => n >= MIN_GROUP_SIZE);
}

/** How long things take, for everyone together: a curve of a small group would show individuals. */
export async function timesScreen(db: Db, view: WorkforceView) {
	const [act, all] = await Promise.all([readTimesToAct(db, view), readTimesToFix(db, view)]);
	const fix = all.filter(({ hasPlan }) => hasPlan);
	// People without a plan are counted elsewhere together with those with one: a few of them must not be revealed by the difference.
	const mayBeSplit = isApart(all, ({ hasPlan, group }) => `${hasPlan} ${group}`);
	const mayBeShown = isApart(all, ({ hasPlan }) => String(hasPlan));
	const of = (group: string) =>
		coarsenCurve(
			fix.filter((spell) => spell.group === group),
			BY_WEEKS
		);
	const [closed, open] = mayBeSplit ? [of('closed'), of('open')] : [null, null];
	const compared: LogRank | null = closed && open ? logRank(fix) : null;
	return {
		act: coarsenCurve(act, BY_DAYS),
		fix: mayBeShown ? coarsenCurve(fix, BY_WEEKS) : null,
		closed,
		open,
		compared
	};
}

/** What would close open gaps, and for how many people. */
export async function purchasesScreen(db: Db, view: WorkforceView) {
	const table =
		(await crossedScreen(db, view, PURCHASE_RULES)) ??
		(await tableOf(db, view, await readTally(db, view, 'needs', view.by), PURCHASE_RULES));
	return { table, things: PURCHASES };
}
