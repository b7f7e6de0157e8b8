import { invert, solve, type Matrix } from './matrix';

/** Parameters that fit, with how closely they are known. */
export interface Fit {
	readonly at: readonly number[];
	readonly covariance: Matrix;
	/** Half the sum of the squared residuals. */
	readonly cost: number;
}

/** A vector of numbers by parameters. */
export type VectorFunction = (at: readonly number[]) => readonly number[];

const STEPS = 60;

/** Below this relative gain nothing more is to be won. */
const LEAST_GAIN = 1e-7;

/** Step of a numerical derivative, as a share of the parameter's own scale. */
const DERIVATIVE_STEP = 1e-4;

/** Partial derivatives from one side only: half the work, and as good on the way to the least. */
function roughJacobian(
	f: VectorFunction,
	at: readonly number[],
	base: readonly number[],
	scales: readonly number[]
): Matrix {
	const columns = at.map((value, i) => {
		const step = DERIVATIVE_STEP * scales[i]!;
		return f(at.map((one, k) => (k === i ? value + step : one))).map((one, row) => (one - base[row]!) / step);
	});
	return base.map((_, row) => columns.map((column) => column[row]!));
}

/** Partial derivatives, by rows of the result. @param scales the size of a usual change of each parameter */
export function jacobian(f: VectorFunction, at: readonly number[], scales: readonly number[]): Matrix {
	const columns = at.map((value, i) => {
		const step = DERIVATIVE_STEP * scales[i]!;
		const shifted = (by: number) => f(at.map((one, k) => (k === i ? value + by : one)));
		const [more, less] = [shifted(step), shifted(-step)];
		return more.map((one, row) => (one - less[row]!) / (2 * step));
	});
	return (columns[0] ?? []).map((_, row) => columns.map((column) => column[row]!));
}

const costOf = (residuals: readonly number[]) => residuals.reduce((sum, r) => sum + r * r, 0) / 2;

/**
 * Least squares by Levenberg's and Marquardt's method.
 * @param residuals each divided by its standard deviation; what is known beforehand is among them
 * @param start where to begin
 * @param scales the size of a usual change of each parameter
 */
export function leastSquares(
	residuals: VectorFunction,
	start: readonly number[],
	scales: readonly number[]
): Fit {
	let at = [...start];
	let r = residuals(at);
	let cost = costOf(r);
	let damping = 1e-3;
	const normal = (j: Matrix) => {
		const n = at.length;
		const a = Array.from({ length: n }, (_, p) =>
			Array.from({ length: n }, (__, q) => j.reduce((sum, row) => sum + row[p]! * row[q]!, 0))
		);
		const g = Array.from({ length: n }, (_, p) => j.reduce((sum, row, i) => sum - row[p]! * r[i]!, 0));
		return { a, g };
	};
	for (let step = 0; step < STEPS; step += 1) {
		const { a, g } = normal(roughJacobian(residuals, at, r, scales));
		const damped = a.map((row, p) => row.map((value, q) => (p === q ? value * (1 + damping) : value)));
		const next = solve(damped, g).map((change, p) => at[p]! + change);
		const tried = residuals(next);
		const gained = cost - costOf(tried);
		if (gained >= 0) {
			at = next;
			r = tried;
			cost -= gained;
			damping = Math.max(damping / 10, 1e-12);
			if (gained <= LEAST_GAIN * (cost + 1)) break;
		} else {
			damping *= 10;
			if (damping > 1e9) break;
		}
	}
	return { at, covariance: invert(normal(jacobian(residuals, at, scales)).a), cost };
}
