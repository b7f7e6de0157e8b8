import { stationRules } from '../workstation/household/stations';
import type { PlacementMode } from '../workstation/household/placement-modes';
import type { PieceType } from '../workstation/household/piece-types';
import { seatRulesOf } from '../workstation/corner/seat-kinds';
import type { Corner } from '../workstation/corner/corner';

/** An item in a plan's stack: its type, and how it lies. */
interface PlacedMode {
	readonly type: number;
	readonly mode: PlacementMode;
}

/** A way of padding the seat. */
export interface SeatPadding {
	readonly rise: number;
	readonly placed: readonly PlacedMode[];
}

const NO_PADS: SeatPadding = { rise: 0, placed: [] };

/**
 * Every way of padding the seat, including none, as far as the plan can tell them apart. Soft items are used nowhere else, so pads don't
 * compete with other stations. Cost: the square of the soft modes, with at most two items at a time.
 * @param cushionMm rise of a firm cushion to buy, 0 for none: each padding is listed with it and without
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
