import type { CheckId } from '../workstation/checks/check-values';
import { REGIONS, type Region } from '../cases/discomfort/regions';
import {
	adjustedDifference,
	type AdjustedDifference,
	type AdjustedRow
} from './statistics/adjusted-difference';
import { logRank, type GroupedTimeToEvent, type LogRank } from './statistics/log-rank';
import { associations, type AllPairs, type Association } from './associations';
import { BY_DAYS, BY_WEEKS, coarsenCurve, type CoarseCurve } from './coarse-curve';
import { FIGURE_CODES, gapCode } from './codes';
import { dotStripOf, gatherMeans } from './dot-strip';
import type { FigureTable, Tally } from './figures';
import { MIN_GROUP_SIZE } from './group-size-limit';
import type { PadShare } from './pad-shares';
import { pairedFigure, type PairedFigure } from './paired-figure';
import { publishedChange } from './published-change';
import {
	PLAN_COURSES,
	type CourseFigure,
	type GapFigure,
	type PlanCourse,
	type REPORTED_ACTIVITIES
} from './report';

/** How people's worst score changed, with the score they began with. */
export type ScoreChange = Pick<AdjustedRow, 'before' | 'change' | 'count'>;

/** How far a check was off at first and is now, mm, for the same people. */
export interface GapPairs {
	readonly check: CheckId;
	readonly pairs: readonly { readonly first: number; readonly now: number; readonly count: number }[];
}

/** The time from answers to a plan carried out; for people without a plan, only their number. */
export interface PlanTimeToEvent extends GroupedTimeToEvent {
	readonly hasPlan: boolean;
	readonly count: number;
}

const sum = (of: readonly number[] | undefined) => (of ?? []).reduce((total, n) => total + n, 0);

const people = (changes: readonly { readonly count: number }[] | undefined) =>
	sum(changes?.map(({ count }) => count));

/** Discomfort at first and now, for the same people. */
export interface PairedParts {
	readonly all: PairedFigure | null;
	readonly regions: readonly (PairedFigure & { readonly region: Region })[];
}

/** Where too few have reported twice. */
export const NO_PAIRS: PairedParts = { all: null, regions: [] };

/** Discomfort at first and now, from counts of everyone, where the number of people with two reports is published. */
export function pairedParts({ counts }: Tally, { figures }: Pick<FigureTable, 'figures'>): PairedParts {
	const again = figures.find(({ code }) => code === FIGURE_CODES.again)?.all;
	const paired = (region: string | null) => {
		if (!again) return null;
		const of = (when: string) => sum(counts[region === null ? when : `${when} ${region}`]);
		return pairedFigure(of(FIGURE_CODES.first), of(FIGURE_CODES.now), of(FIGURE_CODES.both), again.x);
	};
	return {
		all: paired(null),
		regions: REGIONS.flatMap((region) => {
			const figure = paired(region);
			return figure ? [{ region, ...figure }] : [];
		})
	};
}

function gapFigure({ check, pairs }: GapPairs): GapFigure[] {
	const of = (valueOf: (pair: GapPairs['pairs'][number]) => number) =>
		gatherMeans(pairs.map((pair) => ({ value: valueOf(pair), count: pair.count })));
	const n = people(pairs);
	if (n < MIN_GROUP_SIZE) return [];
	const change = publishedChange(of(({ first, now }) => Math.abs(now) - Math.abs(first)));
	return [
		{ check, n, first: dotStripOf(of(({ first }) => first)), now: dotStripOf(of(({ now }) => now)), change }
	];
}

/**
 * How far checks are and were off, for checks of which the number of people compared is published: for a check that few lack, it would
 * reveal the few.
 * @param at index of the group they are about; null for everyone
 */
export function computeGapFigures(
	gaps: readonly GapPairs[],
	{ figures }: Pick<FigureTable, 'figures'>,
	at: number | null
): GapFigure[] {
	return gaps
		.filter(({ check }) => {
			const figure = figures.find(({ code }) => code === gapCode(check));
			return Boolean(at === null ? figure?.all : figure?.groups[at]);
		})
		.flatMap(gapFigure);
}

/** Which findings go with which complaints. */
export interface AssociationParts {
	readonly n: number;
	/** Number of pairs compared. */
	readonly looked: number;
	readonly found: readonly Association[];
}

/** Which findings go with which complaints, where each may be published. */
export function associationParts(all: AllPairs): AssociationParts {
	const found = associations(all);
	return { n: all.n, looked: found.length, found };
}

/** How scores changed with plans carried out and not. */
export interface HelpParts {
	readonly courses: readonly CourseFigure[];
	readonly difference: AdjustedDifference | null;
}

/** Where too few have reported again after a plan. */
export const NO_HELP: HelpParts = { courses: [], difference: null };

/** How scores changed by the outcome of the plan. @param isEveryone whether they are of everyone: a group isn't split by purchases */
export function helpParts(
	changes: ReadonlyMap<PlanCourse, readonly ScoreChange[]>,
	isEveryone: boolean
): HelpParts {
	const of = (course: PlanCourse) => changes.get(course) ?? [];
	// People with and without a purchase together are those who carried it out: hiding one hides the other.
	const isSplit =
		isEveryone && people(of('bought')) >= MIN_GROUP_SIZE && people(of('household')) >= MIN_GROUP_SIZE;
	const done = [...of('household'), ...of('bought')];
	const shown: [CourseFigure['course'], readonly ScoreChange[]][] = [
		['done', done],
		...(isSplit ? PLAN_COURSES.filter((course) => course !== 'not-done') : []).map(
			(course): [PlanCourse, readonly ScoreChange[]] => [course, of(course)]
		),
		['not-done', of('not-done')]
	];
	return {
		courses: shown.map(([course, counted]): CourseFigure => ({
			course,
			n: people(counted),
			change: publishedChange(gatherMeans(counted.map(({ change: value, count }) => ({ value, count }))))
		})),
		difference: adjustedDifference([
			...done.map((row) => ({ ...row, isIn: true })),
			...of('not-done').map((row) => ({ ...row, isIn: false }))
		])
	};
}

/** Whether each kind of people is large enough for its number to be published. */
function isApart(spells: readonly PlanTimeToEvent[], kindOf: (spell: PlanTimeToEvent) => string): boolean {
	const sizes = new Map<string, number>();
	for (const spell of spells) sizes.set(kindOf(spell), (sizes.get(kindOf(spell)) ?? 0) + spell.count);
	return [...sizes.values()].every((n) => n >= MIN_GROUP_SIZE);
}

/** How long things take. */
export interface TimeParts {
	readonly act: CoarseCurve | null;
	readonly fix: CoarseCurve | null;
	/** By whether a problem remains after the plan; null where one is too small. */
	readonly closed: CoarseCurve | null;
	readonly open: CoarseCurve | null;
	readonly compared: LogRank | null;
}

/** How long things take, for everyone together: a curve of a small group would show individuals. */
export function timeParts(act: readonly GroupedTimeToEvent[], all: readonly PlanTimeToEvent[]): TimeParts {
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
	return {
		act: coarsenCurve(act, BY_DAYS),
		fix: mayBeShown ? coarsenCurve(fix, BY_WEEKS) : null,
		closed,
		open,
		compared: closed && open ? logRank(fix) : null
	};
}

/** Number of people by what happened to them in some months; null for fewer than five. */
export type Activities = Readonly<Record<(typeof REPORTED_ACTIVITIES)[number], number | null>>;

/** Figures of a closing that are about everyone, besides the tables. */
export interface ClosingParts {
	readonly curve: CoarseCurve | null;
	readonly paired: PairedParts;
	readonly gaps: readonly GapFigure[];
	readonly associations: AssociationParts;
	readonly help: HelpParts;
	readonly times: TimeParts;
	readonly pads: readonly PadShare[];
	/** By the number of months before the closing. */
	readonly activities: Readonly<Record<number, Activities>>;
}

const NO_TIMES: TimeParts = { act: null, fix: null, closed: null, open: null, compared: null };

/** Those of a closing that isn't published. */
export const EMPTY_FIGURES: ClosingParts = {
	curve: null,
	paired: NO_PAIRS,
	gaps: [],
	associations: { n: 0, looked: 0, found: [] },
	help: NO_HELP,
	times: NO_TIMES,
	pads: [],
	activities: {}
};
