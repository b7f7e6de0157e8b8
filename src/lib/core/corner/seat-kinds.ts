import type { Corner, Seat } from './corner';
import type { SeatKind } from './vocabulary';

/** What can be done at a kind of seat, and what of it is asked. */
export interface SeatRules {
	/** Whether padding may lie on it: on a chair alone. What has no back tips, a ball rolls, and a wheelchair's cushion is fitted. */
	readonly takesPads: boolean;
	/** Whether its own height is ours to set. */
	readonly isSet: boolean;
	/** Whether anything is put under the feet: a wheelchair has its footplates, and who sits on a ball stands on the floor. */
	readonly takesFeet: boolean;
	/** Whether anything is stacked at all: nothing stands safely on or over a sofa or a bed. */
	readonly takesStacks: boolean;
	/** Whether its depth and its back are asked for and judged: a wheelchair's are fitted to the person. */
	readonly hasBack: boolean;
	/** Whether it may have armrests. */
	readonly hasArmrests: boolean;
	/** Whether someone who sits there can get up and stand, as far as the kind of seat says. */
	readonly canGetUp: boolean;
	/** Whether it is a place to work at for long. Common practice: bed, sofa and floor are not. */
	readonly isForWork: boolean;
}

const CHAIR: SeatRules = {
	takesPads: true,
	isSet: true,
	takesFeet: true,
	takesStacks: true,
	hasBack: true,
	hasArmrests: true,
	canGetUp: true,
	isForWork: true
};

const LEISURE: SeatRules = {
	...CHAIR,
	takesPads: false,
	isSet: false,
	takesFeet: false,
	takesStacks: false,
	hasBack: false,
	hasArmrests: false,
	isForWork: false
};

/** The rules of each kind of seat. Common practice. */
export const SEAT_RULES: Readonly<Record<SeatKind, SeatRules>> = {
	chair: CHAIR,
	stool: { ...CHAIR, takesPads: false, hasBack: false, hasArmrests: false },
	ball: {
		...CHAIR,
		takesPads: false,
		isSet: false,
		takesFeet: false,
		hasBack: false,
		hasArmrests: false
	},
	wheelchair: {
		...CHAIR,
		takesPads: false,
		isSet: false,
		takesFeet: false,
		hasBack: false,
		canGetUp: false
	},
	sofa: LEISURE,
	bed: LEISURE,
	saddle: { ...CHAIR, takesPads: false, hasBack: false, hasArmrests: false },
	kneeling: { ...CHAIR, takesPads: false, takesFeet: false, hasBack: false, hasArmrests: false },
	floor: {
		...CHAIR,
		takesPads: false,
		isSet: false,
		takesFeet: false,
		hasBack: false,
		hasArmrests: false,
		isForWork: false
	}
};

/** The kind of a seat: a document of version 1 means a chair. */
export function seatKindOrChair(seat: Pick<Seat, 'kind'>): SeatKind {
	return seat.kind ?? 'chair';
}

/** What is sat on at a corner; null where one stands. */
export function seatKindOf({
	spot
}: {
	readonly spot: Pick<Corner['spot'], 'posture' | 'seat'>;
}): SeatKind | null {
	return spot.posture === 'standing' || !spot.seat ? null : seatKindOrChair(spot.seat);
}

/** The rules of the seat of a corner; where one stands there is nothing to pad or to set, and nothing under the feet. */
export function seatRulesOf(corner: { readonly spot: Pick<Corner['spot'], 'posture' | 'seat'> }): SeatRules {
	const kind = seatKindOf(corner);
	return kind === null
		? { ...CHAIR, takesPads: false, isSet: false, takesFeet: false, hasBack: false }
		: SEAT_RULES[kind];
}

/** Whether a kind of seat may be so high that the feet rest on a bar. */
export const mayHaveFootBar = (kind: SeatKind): boolean => kind === 'stool' || kind === 'saddle';

/** Height of the bar that the feet are on, mm; null where there is none. */
export function footBarOf({
	spot
}: {
	readonly spot: Pick<Corner['spot'], 'posture' | 'seat'>;
}): number | null {
	return spot.posture === 'standing' ? null : (spot.seat?.footBar ?? null);
}

/** The depth of a seat that is judged, mm; null where there is none. */
export function seatDepthToCheck(corner: {
	readonly spot: Pick<Corner['spot'], 'posture' | 'seat'>;
}): number | null {
	return seatRulesOf(corner).hasBack ? (corner.spot.seat?.depth ?? null) : null;
}
