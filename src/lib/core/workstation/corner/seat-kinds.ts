import type { Corner, Seat } from './corner';
import type { SeatKind } from './vocabulary';

/** What can be done at a seat type, and what is asked about it. */
export interface SeatRules {
	/** Whether pads may lie on it: only on a chair. A seat without a back tips, a ball rolls, and a wheelchair's cushion is fitted. */
	readonly takesPads: boolean;
	/** Whether a plan may set its height. */
	readonly isSet: boolean;
	/** Whether anything may go under the feet: a wheelchair has footplates, and someone on a ball needs the floor. */
	readonly takesFeet: boolean;
	/** Whether anything is stacked at all: nothing stands safely on or above a sofa or bed. */
	readonly takesStacks: boolean;
	/** Whether its depth and back are asked about and checked: a wheelchair's are fitted to its user. */
	readonly hasBack: boolean;
	/** Whether it may have armrests. */
	readonly hasArmrests: boolean;
	/** Whether someone who sits there can stand up, as far as the seat type says. */
	readonly canGetUp: boolean;
	/** Whether it is suitable for long work. Common practice: bed, sofa and floor are not. */
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

/** The rules of each seat type. Common practice. */
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

/** The type of a seat: version 1 documents mean a chair. */
export function seatKindOrChair(seat: Pick<Seat, 'kind'>): SeatKind {
	return seat.kind ?? 'chair';
}

/** The seat type of a workstation; null for standing. */
export function seatKindOf({
	spot
}: {
	readonly spot: Pick<Corner['spot'], 'posture' | 'seat'>;
}): SeatKind | null {
	return spot.posture === 'standing' || !spot.seat ? null : seatKindOrChair(spot.seat);
}

/** The seat rules of a workstation; for standing, nothing is padded or set, and nothing goes under the feet. */
export function seatRulesOf(corner: { readonly spot: Pick<Corner['spot'], 'posture' | 'seat'> }): SeatRules {
	const kind = seatKindOf(corner);
	return kind === null
		? { ...CHAIR, takesPads: false, isSet: false, takesFeet: false, hasBack: false }
		: SEAT_RULES[kind];
}

/** Whether a seat type may be so high that the feet rest on a bar. */
export const mayHaveFootBar = (kind: SeatKind): boolean => kind === 'stool' || kind === 'saddle';

/** Height of the foot bar, mm; null where there is none. */
export function footBarOf({
	spot
}: {
	readonly spot: Pick<Corner['spot'], 'posture' | 'seat'>;
}): number | null {
	return spot.posture === 'standing' ? null : (spot.seat?.footBar ?? null);
}

/** The seat depth to check, mm; null where there is none. */
export function seatDepthToCheck(corner: {
	readonly spot: Pick<Corner['spot'], 'posture' | 'seat'>;
}): number | null {
	return seatRulesOf(corner).hasBack ? (corner.spot.seat?.depth ?? null) : null;
}
