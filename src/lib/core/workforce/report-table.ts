import type { CsvCell } from '../people/exchange/csv';
import type { PublishedChange } from './published-change';
import type { PublishedShare } from './figures';
import type { WorkforceReport } from './report';

/** A figure of a report as a table row: part, figure, and its numbers; empty where there is none. */
export type ReportRow = readonly [
	part: string,
	of: string,
	n: CsvCell,
	x: CsvCell,
	value: CsvCell,
	low: CsvCell,
	high: CsvCell,
	p: CsvCell
];

/** Column names of {@link reportRows}. */
export const REPORT_COLUMNS: ReportRow = ['part', 'of', 'n', 'x', 'value', 'low', 'high', 'p'];

const number = (of: number | null | undefined): CsvCell =>
	of === null || of === undefined ? null : Math.round(of * 1e6) / 1e6;

const plain = (part: string, of: string, value: number | null, n: number | null = null): ReportRow => [
	part,
	of,
	number(n),
	null,
	number(value),
	null,
	null,
	null
];

function ofFigure(part: string, of: string, figure: PublishedShare | null): ReportRow {
	if (!figure) return plain(part, of, null);
	const { n, x, share, low, high } = figure;
	return [part, of, number(n), number(x), number(share), number(low), number(high), null];
}

/** A value with its interval and the probability of a value this extreme by chance. */
interface Estimated {
	readonly n: number;
	readonly value: number | null;
	readonly low: number | null;
	readonly high: number | null;
	readonly p: number;
}

const estimated = (part: string, of: string, { n, value, low, high, p }: Estimated): ReportRow => [
	part,
	of,
	number(n),
	null,
	number(value),
	number(low),
	number(high),
	number(p)
];

const ofChange = (n: number, { estimate, low, high, p }: PublishedChange): Estimated => ({
	n,
	value: estimate,
	low,
	high,
	p
});

function standing({
	people,
	done,
	key,
	heights,
	before,
	regions,
	findings,
	teams
}: WorkforceReport): ReportRow[] {
	return [
		plain('people', '', people),
		...Object.entries(done).map(([what, n]) => plain('done', what, n)),
		...Object.entries(key).map(([what, figure]) => ofFigure('key', what, figure)),
		...Object.entries(heights ?? {}).map(([part, figure]) => ofFigure('heights', part, figure)),
		...Object.entries(before?.key ?? {}).map(([what, figure]) =>
			ofFigure(`key of ${before?.to}`, what, figure)
		),
		...regions.map(({ code, figure }) => ofFigure('discomfort', code, figure)),
		...findings.map(({ code, figure }) => ofFigure('finding', code, figure)),
		...Object.entries(teams).flatMap(([what, rows]) =>
			rows.map(({ team, figure }) => ofFigure(`team: ${what}`, team, figure))
		)
	];
}

/** How many went down, stayed and went up. */
const ofCounts = (part: string, of: string, { counts }: PublishedChange): ReportRow[] =>
	Object.entries(counts ?? {}).map(([way, n]) => plain(`${part}: ${way}`, of, n));

function changing({ paired, gaps, associations, courses, difference }: WorkforceReport): ReportRow[] {
	const regions = [...(paired.all ? [{ region: 'anything', ...paired.all }] : []), ...paired.regions];
	return [
		...regions.map(({ region, difference: value, ...rest }) =>
			estimated('change of discomfort', region, { value, ...rest })
		),
		...gaps.flatMap(({ check, n, change }) => [
			estimated('change of gap, mm', check, ofChange(n, change)),
			...ofCounts('change of gap', check, change)
		]),
		...associations.map(({ finding, region, ratio: value, ...rest }) =>
			estimated('times as often', `${finding} ${region}`, { value, ...rest })
		),
		...courses.flatMap(({ course, n, change }) => [
			estimated('change of worst score', course, ofChange(n, change)),
			...ofCounts('change of worst score', course, change)
		]),
		...(difference
			? [
					estimated('adjusted difference of worst score', 'done', {
						n: difference.n + difference.others,
						value: difference.difference,
						low: difference.low,
						high: difference.high,
						p: difference.p
					})
				]
			: [])
	];
}

function timing({ times }: WorkforceReport): ReportRow[] {
	return Object.entries(times).flatMap(([what, curve]) =>
		(curve?.points ?? []).map(({ at, share, interval }): ReportRow => [
			`not yet: ${what}`,
			`${at} ${curve?.pace.stepDays === 1 ? 'days' : 'weeks'}`,
			number(curve?.n),
			null,
			number(share),
			number(interval?.low),
			number(interval?.high),
			null
		])
	);
}

/** The five numbers of each month end. */
function trending({ trend }: WorkforceReport): ReportRow[] {
	return (trend?.points ?? []).flatMap(({ on, answered, heights, hurts, stands, openCents }) => [
		ofFigure('month end: answered', on, answered),
		ofFigure('month end: problem', on, heights?.problem ?? null),
		ofFigure('month end: hurts', on, hurts),
		ofFigure('month end: stands', on, stands),
		plain(`month end: open${trend?.currency ? `, cents of ${trend.currency}` : ''}`, on, openCents)
	]);
}

/** The data of a report as rows: every number it shows, with shares from 0 to 1, changes in points, gaps in mm and money in whole cents. */
export function reportRows(report: WorkforceReport): ReportRow[] {
	return [
		...standing(report),
		...changing(report),
		...timing(report),
		...trending(report),
		...report.purchases.map(({ purchase, people, cents, currency }) =>
			plain(`to buy${currency ? `, cents of ${currency}` : ''}`, purchase, cents, people)
		)
	];
}
