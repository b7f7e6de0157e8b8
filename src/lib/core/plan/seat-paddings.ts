import { stationRules, type PlacementMode, type PieceType } from '../household';
import { seatRulesOf, type Corner } from '../corner';

/** One piece in a plan's stack: the type it is of, and how it lies. */
export interface PlacedMode {
	readonly type: number;
	readonly mode: PlacementMode;
}

/** One way of padding the seat. */
export interface SeatPadding {
	readonly rise: number;
	readonly placed: readonly PlacedMode[];
}

const NO_PADS: SeatPadding = { rise: 0, placed: [] };

/**
 * Every way of padding the seat with what may lie on it, none included, as far as it differs to the plan. Soft things
 * serve nowhere else, so the pads are free of the other stations.
 *
 * Cost: square of the soft modes, at most two pieces at a time.
 *
 * @param cushionMm rise of a firm cushion that would be bought, 0 for none: each way of padding is there with it and without
 */
export function seatPaddings(corner: Corner, types: readonly PieceType[], cushionMm = 0): SeatPadding[] {
	if (!seatRulesOf(corner).takesPads) return [NO_PADS];
	const { highestMm, mostPieces, oneRisesOverMm } = stationRules(corner).seat;
	const singles = types.flatMap(({ modes }, type) => modes.seat.map((mode) => ({ type, mode })));
	const all: SeatPadding[] = [];
	/** @param room pieces that may still be laid down @param thick how many of them may rise much */
	const extend = (pads: SeatPadding, from: number, room: number, thick: number) => {
		all.push(pads);
		if (room === 0) return;
		for (let i = from; i < singles.length; i += 1) {
			const next = singles[i];
			if (!next) continue;
			const used = pads.placed.filter((p) => p.type === next.type).length;
			const rise = pads.rise + next.mode.rise;
			const isThick = next.mode.rise > oneRisesOverMm;
			if (rise > highestMm || used >= (types[next.type]?.ids.length ?? 0) || (isThick && thick === 0))
				continue;
			extend({ rise, placed: [...pads.placed, next] }, i, room - 1, isThick ? thick - 1 : thick);
		}
	};
	extend(NO_PADS, 0, mostPieces, 1);
	if (cushionMm > 0 && cushionMm <= highestMm)
		extend({ rise: cushionMm, placed: [] }, 0, mostPieces - 1, cushionMm > oneRisesOverMm ? 0 : 1);
	return all;
}
