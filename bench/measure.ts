import { existsSync, readFileSync } from 'node:fs';

/** Value at a share of sorted numbers. */
export function quantile(sorted: readonly number[], p: number): number {
	return sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))] ?? NaN;
}

/** Three decimals: nothing here is measured more precisely. */
export const rounded = (value: number) => Math.round(value * 1000) / 1000;

/** Prints one figure as a JSON line, with the machine's noise. */
export function print(line: Readonly<Record<string, unknown>>): void {
	process.stdout.write(`${JSON.stringify({ ...line, noise: machineNoise() })}\n`);
}

/** Jiffies that the processors had and that other machines on the same host took of them, since the start; null where it isn't told. */
function processorTimes(): { all: number; stolen: number } | null {
	if (!existsSync('/proc/stat')) return null;
	const times = readFileSync('/proc/stat', 'utf8').split('\n')[0]?.split(/\s+/).slice(1, 9).map(Number) ?? [];
	return { all: times.reduce((sum, n) => sum + n, 0), stolen: times[7] ?? 0 };
}

/** Begins to look at what share of the processors is taken away by other machines; the call gives it, %. */
export function stolenShare(): () => number | null {
	const before = processorTimes();
	return () => {
		const after = processorTimes();
		return before && after && after.all > before.all
			? Math.round((100 * (after.stolen - before.stolen)) / (after.all - before.all))
			: null;
	};
}

/** How long a fixed piece of arithmetic takes here and now, ms: tells how noisy and how fast the machine is. */
function machineNoise(): { min: number; median: number; max: number } {
	const times = Array.from({ length: 15 }, () => {
		const began = performance.now();
		let sum = 0;
		for (let i = 0; i < 2_000_000; i += 1) sum += Math.sqrt(i);
		return performance.now() - began + (sum < 0 ? 1 : 0);
	}).sort((a, b) => a - b);
	return {
		min: rounded(times[0] ?? 0),
		median: rounded(quantile(times, 0.5)),
		max: rounded(times.at(-1) ?? 0)
	};
}

/** Times work on each of many inputs after a warm-up and prints one JSON line. */
export function measure<T>(
	figure: string,
	unit: 'ms',
	inputs: readonly T[],
	work: (input: T) => unknown
): void {
	for (const input of inputs.slice(0, 300)) work(input);
	const times = inputs
		.map((input) => {
			const began = performance.now();
			work(input);
			return performance.now() - began;
		})
		.sort((a, b) => a - b);
	print({
		figure,
		unit,
		runs: times.length,
		p50: rounded(quantile(times, 0.5)),
		p95: rounded(quantile(times, 0.95)),
		max: rounded(times.at(-1) ?? 0)
	});
}

/** Durations of some runs after a warm-up, ms, shortest first. */
export async function timesOf(runs: number, work: () => Promise<unknown>): Promise<number[]> {
	await work();
	const times: number[] = [];
	for (let i = 0; i < runs; i += 1) {
		const began = performance.now();
		await work();
		times.push(performance.now() - began);
	}
	return times.sort((a, b) => a - b);
}
