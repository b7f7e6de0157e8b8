import jstat from 'jstat';
import type { Interval } from './interval';
import { tHalfWidth, tTwoSided } from './student-t';

/** People who are alike: their group, the value before and its change. */
export interface AdjustedRow {
	/** Whether they belong to the group that is compared with the other. */
	readonly isIn: boolean;
	readonly before: number;
	readonly change: number;
	readonly count: number;
}

/** How much more, or less, a value changed in one group than in the other, for people who began with the same value. */
export interface AdjustedDifference extends Interval {
	readonly difference: number;
	/** Two-sided, for no difference. */
	readonly p: number;
	/** People in the group, and in the other. */
	readonly n: number;
	readonly others: number;
}

const PARAMETERS = 3;

/** Regressors of a row: constant, group, value before. */
const regressors = ({ isIn, before }: AdjustedRow): readonly number[] => [1, isIn ? 1 : 0, before];

/** Sum over people of the outer product of their regressors, each with a weight. */
function outerProducts(rows: readonly AdjustedRow[], weightOf: (row: AdjustedRow) => number): number[][] {
	const sums = Array.from({ length: PARAMETERS }, () => Array.from({ length: PARAMETERS }, () => 0));
	for (const row of rows) {
		const x = regressors(row);
		const weight = row.count * weightOf(row);
		for (const [i, line] of sums.entries())
			for (const j of line.keys()) line[j] = (line[j] ?? 0) + weight * (x[i] ?? 0) * (x[j] ?? 0);
	}
	return sums;
}

const times = (matrix: readonly (readonly number[])[], vector: readonly number[]): number[] =>
	matrix.map((row) => row.reduce((sum, value, i) => sum + value * (vector[i] ?? 0), 0));

const dot = (a: readonly number[], b: readonly number[]): number =>
	a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);

/**
 * The difference between two groups in how a value changed, adjusted for the value before: people with more discomfort have more room to
 * improve, so that groups which began differently would differ without any cause. Analysis of covariance by least squares, with standard
 * errors that hold for unequal spread (HC3, MacKinnon and White 1985) and Student's t.
 * @returns null where a group has fewer than two people, or everybody in both began with the same value
 */
export function adjustedDifference(rows: readonly AdjustedRow[]): AdjustedDifference | null {
	const countOf = (isIn: boolean) => rows.reduce((sum, row) => sum + (row.isIn === isIn ? row.count : 0), 0);
	const [n, others] = [countOf(true), countOf(false)];
	const hasSpread = new Set(rows.map(({ before }) => before)).size > 1;
	if (n < 2 || others < 2 || n + others <= PARAMETERS || !hasSpread) return null;
	const inverse = jstat.inv(outerProducts(rows, () => 1));
	const moments = [0, 1, 2].map((i) =>
		rows.reduce((sum, row) => sum + row.count * (regressors(row)[i] ?? 0) * row.change, 0)
	);
	const estimates = times(inverse, moments);
	const squared = (row: AdjustedRow) => {
		const x = regressors(row);
		const leverage = dot(x, times(inverse, x));
		return ((row.change - dot(x, estimates)) / Math.max(1 - leverage, Number.EPSILON)) ** 2;
	};
	const [, row = []] = inverse;
	const standardError = Math.sqrt(dot(row, times(outerProducts(rows, squared), row)));
	const [, difference = NaN] = estimates;
	const degrees = n + others - PARAMETERS;
	const half = tHalfWidth(degrees) * standardError;
	return {
		difference,
		low: difference - half,
		high: difference + half,
		p: standardError === 0 ? (difference === 0 ? 1 : 0) : tTwoSided(difference / standardError, degrees),
		n,
		others
	};
}
