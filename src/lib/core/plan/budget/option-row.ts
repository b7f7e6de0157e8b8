import type { PricedOption } from './search-choices';

/** A number of a list; 0 beyond its end. */
export const of = (list: Float64Array | Int32Array, i: number) => list[i] ?? 0;

/** Options of many people in a row, so that a pass over them takes a millisecond or two. Costs and worths are whole and above 0. */
export interface OptionRow {
	/** Where each person's begin; one more at the end. */
	readonly starts: Int32Array;
	readonly cents: Float64Array;
	readonly worths: Float64Array;
}

/** Options person by person in a row. */
export function rowOf(options: readonly (readonly PricedOption[])[]): OptionRow {
	const starts = Int32Array.from([0, ...options.map(({ length }) => length)]);
	for (let i = 1; i < starts.length; i += 1) starts[i] = of(starts, i) + of(starts, i - 1);
	const all = options.flat();
	return {
		starts,
		cents: Float64Array.from(all, ({ cents }) => cents),
		worths: Float64Array.from(all, ({ worth }) => worth)
	};
}

/** The options of one person. */
export const optionsOf = ({ starts, cents, worths }: OptionRow, i: number): PricedOption[] =>
	Array.from({ length: of(starts, i + 1) - of(starts, i) }, (_, k) => ({
		cents: of(cents, of(starts, i) + k),
		worth: of(worths, of(starts, i) + k)
	}));

/** The place of one person's best option if money has a price, as in {@link bestAtPrice}; -1 for none. */
export function bestOf({ starts, cents, worths }: OptionRow, person: number, price: number): number {
	let chosen = -1;
	let most = 0;
	let least = 0;
	const end = of(starts, person + 1);
	for (let k = of(starts, person); k < end; k += 1) {
		const each = of(cents, k);
		const gain = of(worths, k) - price * each;
		if (gain < most || (gain === most && (chosen < 0 || each >= least))) continue;
		most = gain;
		least = each;
		chosen = k;
	}
	return chosen;
}

/** Each person's best option if money has a price: what is most worth after paying for it; of two alike the cheaper. */
export interface BestAtPrice {
	/** Worth per cent. */
	readonly price: number;
	/** By person: where the option is in the row; -1 for none. */
	readonly places: Int32Array;
	readonly cost: number;
	readonly worth: number;
}

/** {@link BestAtPrice} of a price. Cost: a pass over all options. */
export function bestAtPrice(row: OptionRow, price: number): BestAtPrice {
	const places = new Int32Array(row.starts.length - 1);
	let [cost, worth] = [0, 0];
	for (let i = 0; i < places.length; i += 1) {
		const place = bestOf(row, i, price);
		places[i] = place;
		if (place < 0) continue;
		cost += of(row.cents, place);
		worth += of(row.worths, place);
	}
	return { price, places, cost, worth };
}
