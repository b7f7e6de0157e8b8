/** Agreement of two assessments of the same things beyond chance. */
export interface Kappa {
	/** 1 for full agreement, 0 for agreement as by chance; null where chance alone always agrees. */
	readonly kappa: number | null;
	/** For large samples (Fleiss, Cohen & Everitt 1969). */
	readonly standardError: number | null;
}

/**
 * Cohen's kappa of a square table of counts (Cohen 1960).
 * @param table how often the first assessment gave the row and the second the column; the same categories in the same order
 */
export function cohenKappa(table: readonly (readonly number[])[]): Kappa {
	const n = table.flat().reduce((sum, count) => sum + count, 0);
	const kinds = table.map((_, i) => i);
	const at = (i: number, j: number) => (table[i]?.[j] ?? 0) / n;
	const total = (of: (k: number) => number) => kinds.reduce((sum, k) => sum + of(k), 0);
	const row = kinds.map((i) => total((j) => at(i, j)));
	const column = kinds.map((j) => total((i) => at(i, j)));
	const share = (of: readonly number[], k: number) => of[k] ?? 0;
	const agreed = total((i) => at(i, i));
	const byChance = total((i) => share(row, i) * share(column, i));
	if (!(byChance < 1)) return { kappa: null, standardError: null };
	const kappa = (agreed - byChance) / (1 - byChance);
	const onDiagonal = total((i) => at(i, i) * (1 - (share(row, i) + share(column, i)) * (1 - kappa)) ** 2);
	const beside = total((i) =>
		total((j) => (i === j ? 0 : at(i, j) * (share(column, i) + share(row, j)) ** 2))
	);
	const variance =
		(onDiagonal + (1 - kappa) ** 2 * beside - (kappa - byChance * (1 - kappa)) ** 2) /
		(n * (1 - byChance) ** 2);
	return { kappa, standardError: Math.sqrt(Math.max(0, variance)) };
}
