/** A matrix by rows. */
export type Matrix = readonly (readonly number[])[];

/**
 * The lower triangle of Cholesky's decomposition.
 * @throws RangeError where the matrix is not positive definite
 */
function cholesky(a: Matrix): number[][] {
	const n = a.length;
	const l = a.map(() => new Array<number>(n).fill(0));
	for (let i = 0; i < n; i += 1)
		for (let j = 0; j <= i; j += 1) {
			let sum = a[i]![j]!;
			for (let k = 0; k < j; k += 1) sum -= l[i]![k]! * l[j]![k]!;
			if (i === j && !(sum > 0)) throw new RangeError('The matrix is not positive definite');
			l[i]![j] = i === j ? Math.sqrt(sum) : sum / l[j]![j]!;
		}
	return l;
}

/** The solution x of a x = b for a symmetric positive definite matrix. @throws RangeError for any other */
export function solve(a: Matrix, b: readonly number[]): number[] {
	const l = cholesky(a);
	const n = b.length;
	const y: number[] = [];
	for (let i = 0; i < n; i += 1)
		y.push((b[i]! - y.reduce((sum, value, k) => sum + l[i]![k]! * value, 0)) / l[i]![i]!);
	const x = new Array<number>(n).fill(0);
	for (let i = n - 1; i >= 0; i -= 1) {
		let sum = y[i]!;
		for (let k = i + 1; k < n; k += 1) sum -= l[k]![i]! * x[k]!;
		x[i] = sum / l[i]![i]!;
	}
	return x;
}

/** The inverse of a symmetric positive definite matrix. @throws RangeError for any other */
export const invert = (a: Matrix): Matrix =>
	a.map((_, i) =>
		solve(
			a,
			a.map((__, j) => (i === j ? 1 : 0))
		)
	);
