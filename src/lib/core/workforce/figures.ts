import { wilson, type ShareWithInterval } from '../statistics';
import { publishedCounts, publishedGroups, publishedPart, type PublishedCells } from './group-size-limit';

/** Something that is counted, and what it is counted among: '' is everybody. */
export interface CodeRule {
	readonly code: string;
	readonly among: string;
	/** Whether it is a part of the people that figures are made of, not something that is so of a person. */
	readonly isPart?: boolean;
	/** Whether that it is so of each of them, everywhere, says nothing that they would keep to themselves. */
	readonly mayBeAll?: boolean;
	/** Codes of the same name are one of a few that each has just one of: where one is hidden, so are the others. */
	readonly oneOf?: string;
}

/** What was counted, in each group of one dimension. */
export interface Tally {
	/** Names of the groups. */
	readonly groups: readonly string[];
	/** People of each group. */
	readonly people: readonly number[];
	/** Of each code that anybody has: how many of each group. */
	readonly counts: Readonly<Record<string, readonly number[]>>;
}

/** A share that may be shown, with how many people it is of. */
export interface PublishedShare extends ShareWithInterval {
	readonly x: number;
	readonly n: number;
}

/** One code in every group and in all together; null where nothing may be shown. */
export interface CodeFigures {
	readonly code: string;
	readonly all: PublishedShare | null;
	readonly groups: readonly (PublishedShare | null)[];
}

/** Everything that may be shown of a dimension. */
export interface FigureTable {
	readonly groups: readonly string[];
	/** People of all groups, and of each; null where it may not be shown. */
	readonly people: { readonly all: number | null; readonly groups: readonly (number | null)[] };
	readonly figures: readonly CodeFigures[];
}

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

/** A share with Wilson's interval. */
export const shareFigure = (x: number, n: number): PublishedShare => ({ x, n, ...wilson(x, n) });

/** The people that a share among a code is of: everybody, or the part that the code belongs to. */
export function baseCode(of: string, rules: readonly CodeRule[]): string {
	const rule = rules.find(({ code }) => code === of);
	return !rule || rule.isPart ? of : baseCode(rule.among, rules);
}

/**
 * The figures of a tally that may be shown: what {@link publishedCounts} lets through, each with Wilson's interval.
 *
 * Cost: in proportion to the codes and the square of the groups.
 *
 * @param rules the codes, each after the one that it is counted among
 */
export function figureTable({ groups, people, counts }: Tally, rules: readonly CodeRule[]): FigureTable {
	const none = groups.map(() => 0);
	const countsOf = (code: string) => (code === '' ? people : (counts[code] ?? none));
	const shown = new Map<string, PublishedCells>([['', publishedGroups(people)]]);
	const figures = rules.map(({ code, among, isPart = false, mayBeAll = isPart }): CodeFigures => {
		const parent = shown.get(among);
		if (!parent) throw new Error(`${code} is counted among ${among}, which was not counted before`);
		const of = { among: countsOf(among), count: countsOf(code) };
		const mine = parent.all
			? (mayBeAll ? publishedPart : publishedCounts)(of, parent.groups)
			: { all: false, groups: groups.map(() => false) };
		shown.set(code, mine);
		const base = countsOf(baseCode(among, rules));
		return {
			code,
			all: mine.all ? shareFigure(sum(of.count), sum(base)) : null,
			groups: groups.map((_, i) => (mine.groups[i] ? shareFigure(of.count[i] ?? 0, base[i] ?? 0) : null))
		};
	});
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
