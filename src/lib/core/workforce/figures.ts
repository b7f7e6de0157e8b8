import { wilson, type ShareWithInterval } from './statistics/wilson';
import {
	MIN_CLOSING_GROUP_SIZE,
	MIN_GROUP_SIZE,
	publishedCounts,
	publishedGroups,
	publishedPart,
	type PublishedCells,
	type UnchangedCell
} from './group-size-limit';

/** Something that is counted, and what it is counted among: '' for everyone. */
export interface CodeRule {
	readonly code: string;
	readonly among: string;
	/** Whether it is a subset that figures are made from, rather than a property of a person. */
	readonly isPart?: boolean;
	/** Whether its applying to everyone reveals nothing that anyone would keep private. */
	readonly mayBeAll?: boolean;
	/** The code of which this is the complement among the same people: not counted by itself, and published wherever the other is. */
	readonly complementOf?: string;
	/** Codes with the same name are alternatives, of which each person has exactly one: where one is hidden, so are the others. */
	readonly oneOf?: string;
}

/** Counts in each group of one dimension. */
export interface Tally {
	/** Names of the groups. */
	readonly groups: readonly string[];
	/** Number of people in each group. */
	readonly people: readonly number[];
	/** For each code that anyone has: the number in each group. */
	readonly counts: Readonly<Record<string, readonly number[]>>;
}

/** A share that may be published, with its number of people. */
export interface PublishedShare extends ShareWithInterval {
	readonly x: number;
	readonly n: number;
}

/** One code in every group and in total; null where nothing may be published. */
export interface CodeFigures {
	readonly code: string;
	readonly all: PublishedShare | null;
	readonly groups: readonly (PublishedShare | null)[];
}

/**
 * What a closing has to heed of the one before, for each cell: `shown` or `hidden` where it has not changed since, and `hidden` where the
 * difference would tell too much; null where it is free.
 * @param group null for everyone
 * @param code '' for the number of people
 */
export type CellsBefore = (group: string | null, code: string) => UnchangedCell;

/** Everything that may be published about a dimension. */
export interface FigureTable {
	readonly groups: readonly string[];
	/** Number of people in total and in each group; null where it may not be published. */
	readonly people: { readonly all: number | null; readonly groups: readonly (number | null)[] };
	readonly figures: readonly CodeFigures[];
}

/** A table of which nothing is published. */
export const NO_TABLE: FigureTable = { groups: [], people: { all: null, groups: [] }, figures: [] };

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

const differences = (all: readonly number[], of: readonly number[]) => all.map((n, i) => n - (of[i] ?? 0));

/** A share with Wilson's interval. */
export const shareFigure = (x: number, n: number): PublishedShare => ({ x, n, ...wilson(x, n) });

/** What a share within a code refers to: everyone, or the subset that the code belongs to. */
export function baseCode(of: string, rules: ReadonlyMap<string, CodeRule>): string {
	const rule = rules.get(of);
	return !rule || rule.isPart ? of : baseCode(rule.among, rules);
}

/** Rules by their code. */
export const rulesByCode = (rules: readonly CodeRule[]): ReadonlyMap<string, CodeRule> =>
	new Map(rules.map((rule) => [rule.code, rule]));

/**
 * The figures of a tally that may be published: what {@link publishedCounts} allows, each with Wilson's interval. Cost: number of codes
 * times the square of the number of groups.
 * @param rules the codes, each after the one it is counted among
 * @param before at a closing: what is to be heeded of the one before; left out for live figures
 */
export function figureTable(
	{ groups, people, counts }: Tally,
	rules: readonly CodeRule[],
	before?: CellsBefore
): FigureTable {
	const none = groups.map(() => 0);
	const byCode = rulesByCode(rules);
	const countsOf = (code: string): readonly number[] => {
		if (code === '') return people;
		const rule = byCode.get(code);
		return rule?.complementOf === undefined
			? (counts[code] ?? none)
			: differences(countsOf(rule.among), countsOf(rule.complementOf));
	};
	const cells = (code: string) => groups.map((group) => before?.(group, code) ?? null);
	const least = before ? MIN_CLOSING_GROUP_SIZE : MIN_GROUP_SIZE;
	const shown = new Map<string, PublishedCells>([['', publishedGroups(people, least, cells(''))]]);
	const figures = rules.map(
		({ code, among, complementOf, isPart = false, mayBeAll = isPart }): CodeFigures => {
			const parent = shown.get(among);
			if (!parent) throw new Error(`${code} is counted among ${among}, which was not counted before`);
			const of = { among: countsOf(among), count: countsOf(code) };
			const other = complementOf === undefined ? undefined : shown.get(complementOf);
			const isOpen = parent.all && before?.(null, code) !== 'hidden';
			const mine =
				other ??
				(isOpen
					? (mayBeAll ? publishedPart : publishedCounts)(of, parent.groups, cells(code))
					: { all: false, groups: groups.map(() => false) });
			shown.set(code, mine);
			const base = countsOf(baseCode(among, byCode));
			return {
				code,
				all: mine.all ? shareFigure(sum(of.count), sum(base)) : null,
				groups: groups.map((_, i) => (mine.groups[i] ? shareFigure(of.count[i] ?? 0, base[i] ?? 0) : null))
			};
		}
	);
	const everybody = shown.get('');
	const isWhole = (oneOf: string, of: (row: CodeFigures) => PublishedShare | null) =>
		figures.every((row, i) => rules[i]?.oneOf !== oneOf || of(row) !== null);
	const whole = figures.map((row, i): CodeFigures => {
		const oneOf = rules[i]?.oneOf;
		if (oneOf === undefined) return row;
		return {
			code: row.code,
			all: isWhole(oneOf, ({ all }) => all) ? row.all : null,
			groups: row.groups.map((of, at) => (isWhole(oneOf, ({ groups: all }) => all[at] ?? null) ? of : null))
		};
	});
	return {
		groups,
		people: {
			all: everybody?.all ? sum(people) : null,
			groups: people.map((n, i) => (everybody?.groups[i] ? n : null))
		},
		figures: whole
	};
}
