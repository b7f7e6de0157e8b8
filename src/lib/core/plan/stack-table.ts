import { highestStackMm, type StationRule } from '../workstation/household/stations';
import type { PlacementMode } from '../workstation/household/placement-modes';

/** Marks a height that no stack reaches. */
export const UNREACHABLE = 255;

/** A way an item type serves at a station. */
export interface StackMode {
	readonly name: string;
	readonly rise: number;
	/** Highest stack that this item may be part of, mm. */
	readonly highestStack: number;
}

/** Tables of one slenderness class: all target heights that allow the same modes. */
interface HeightClass {
	readonly highest: number;
	/** `suffix[i][h]`: fewest items of types `i` and later that make exactly `h` mm. */
	readonly suffix: readonly Uint8Array[];
}

/**
 * The heights that one station's stack can reach, each with the fewest items, as if the station had the household to itself. A stack may
 * only be as high as its narrowest item allows, so each height allows only items that may be part of a stack that high: one table for each
 * distinct limit. Cost: (distinct limits) x (items) x (highest height) steps.
 */
export class StackTable {
	/** `fewest[h]`: fewest items that make exactly `h` mm; {@link UNREACHABLE} where none do. */
	readonly fewest: Uint8Array;
	readonly mostPieces: number;
	private readonly classes: readonly HeightClass[];

	/**
	 * @param modes the modes of each type at this station, in the order of the types
	 * @param counts how many pieces there are of each type
	 */
	constructor(
		readonly modes: readonly (readonly StackMode[])[],
		counts: readonly number[],
		rule: Pick<StationRule, 'mostPieces'>
	) {
		this.mostPieces = rule.mostPieces;
		const limits = [...new Set(modes.flat().map((mode) => mode.highestStack))].sort((a, b) => a - b);
		this.classes = limits.map((highest) => ({
			highest,
			suffix: suffixTables(modes, counts, highest, rule.mostPieces)
		}));
		this.fewest = new Uint8Array((limits.at(-1) ?? 0) + 1).fill(UNREACHABLE);
		this.fewest[0] = 0;
		let from = 1;
		for (const { highest, suffix } of this.classes) {
			this.fewest.set(suffix[0]?.subarray(from, highest + 1) ?? [], from);
			from = highest + 1;
		}
	}

	/** Fewest items for a height; {@link UNREACHABLE} also beyond the table. */
	fewestFor(heightMm: number): number {
		return this.fewest[heightMm] ?? UNREACHABLE;
	}

	/** The suffix tables for stacks of a target height. */
	suffixFor(targetMm: number): readonly Uint8Array[] {
		if (targetMm === 0) return new Array<Uint8Array>(this.modes.length + 1).fill(Uint8Array.of(0));
		const found = this.classes.find(({ highest }) => targetMm <= highest);
		if (!found) throw new RangeError(`No stack reaches ${targetMm} mm`);
		return found.suffix;
	}
}

/** A placement mode as a stack mode of a station. */
export function stackMode(mode: PlacementMode, rule: StationRule): StackMode {
	return { name: mode.name, rise: mode.rise, highestStack: highestStackMm(rule, mode.footprint) };
}

function suffixTables(
	modes: readonly (readonly StackMode[])[],
	counts: readonly number[],
	highest: number,
	mostPieces: number
): Uint8Array[] {
	const tables: Uint8Array[] = new Array<Uint8Array>(modes.length + 1);
	let table = new Uint8Array(highest + 1).fill(UNREACHABLE);
	table[0] = 0;
	tables[modes.length] = table;
	for (let i = modes.length - 1; i >= 0; i -= 1) {
		const rises = (modes[i] ?? []).filter((m) => m.highestStack >= highest).map((m) => m.rise);
		if (rises.length > 0) {
			table = table.slice();
			const smallest = Math.min(...rises);
			const useful = Math.min(counts[i] ?? 0, mostPieces, Math.floor(highest / smallest));
			for (let copy = 0; copy < useful; copy += 1) addPiece(table, rises, mostPieces);
		}
		tables[i] = table;
	}
	return tables;
}

/** Lets a table use one more item, in one of its modes. From high to low, so that the item is used once. */
function addPiece(table: Uint8Array, rises: readonly number[], mostPieces: number): void {
	for (let h = table.length - 1; h > 0; h -= 1) {
		let fewest = table[h] ?? UNREACHABLE;
		for (let m = 0; m < rises.length; m += 1) {
			const rise = rises[m] ?? 0;
			if (rise > h) continue;
			const pieces = (table[h - rise] ?? UNREACHABLE) + 1;
			if (pieces <= mostPieces && pieces < fewest) fewest = pieces;
		}
		table[h] = fewest;
	}
}
