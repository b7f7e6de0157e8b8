import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';

/** Text of one file of outside data; their sources stand in `tests/data/reference/README.md`. */
export function referenceText(name: string): string {
	return readFileSync(resolve('tests/data/reference', name), 'utf8');
}

/** Rows of a table of outside data by column; quotes are taken off, and doubled ones within are one. */
export function referenceTable(name: string): Record<string, string>[] {
	const [head = '', ...lines] = referenceText(name).trimEnd().split(/\r?\n/);
	const cells = (line: string) =>
		[...line.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/g)].map(
			([, quoted, plain]) => quoted?.replace(/""/g, '"') ?? plain ?? ''
		);
	const names = cells(head);
	return lines.map((line) => Object.fromEntries(cells(line).map((cell, i) => [names[i] ?? '', cell])));
}

/** Mean of some numbers. */
export function mean(of: readonly number[]): number {
	return of.reduce((sum, n) => sum + n, 0) / of.length;
}

/** Standard deviation of some numbers, with n - 1. */
export function sd(of: readonly number[]): number {
	const m = mean(of);
	return Math.sqrt(of.reduce((sum, n) => sum + (n - m) ** 2, 0) / (of.length - 1));
}

/** Pearson's r of two lists. */
export function correlation(a: readonly number[], b: readonly number[]): number {
	const [ma, mb] = [mean(a), mean(b)];
	const sum = a.reduce((total, x, i) => total + (x - ma) * ((b[i] ?? NaN) - mb), 0);
	return sum / ((a.length - 1) * sd(a) * sd(b));
}
