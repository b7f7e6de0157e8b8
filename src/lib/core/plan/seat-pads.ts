import { stationRules, type Mode, type PieceType } from '../household';
import { seatRulesOf, type Corner } from '../corner';

/** One piece in a plan's stack: the type it is of, and how it lies. */
export interface PlacedMode {
	readonly type: number;
	readonly mode: Mode;
}

/** One way of padding the seat. */
export interface Pads {
	readonly rise: number;
	readonly placed: readonly PlacedMode[];
}

/**
 * Every way of padding the seat with what may lie on it, none included, as far as it differs to the plan. Soft things
 * serve nowhere else, so the pads are free of the other stations.
 *
 * Cost: square of the soft modes, at most two pieces at a time.
 */
export function seatPads(corner: Corner, types: readonly PieceType[]): Pads[] {
	if (!seatRulesOf(corner).takesPads) return [{ rise: 0, placed: [] }];
	const { highest, mostPieces } = stationRules(corner).seat;
	const singles = types.flatMap(({ modes }, type) => modes.seat.map((mode) => ({ type, mode })));
	const all: Pads[] = [{ rise: 0, placed: [] }];
	const extend = (pads: Pads, from: number) => {
		for (let i = from; i < singles.length; i += 1) {
			const next = singles[i];
			if (!next) continue;
			const used = pads.placed.filter((p) => p.type === next.type).length;
			const rise = pads.rise + next.mode.rise;
			if (rise > highest || used >= (types[next.type]?.ids.length ?? 0)) continue;
			const grown = { rise, placed: [...pads.placed, next] };
			all.push(grown);
			if (grown.placed.length < mostPieces) extend(grown, i);
		}
	};
	extend({ rise: 0, placed: [] }, 0);
	return all;
}
