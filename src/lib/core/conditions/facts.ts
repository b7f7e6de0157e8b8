import {
	pointingHandOf,
	seatKindOf,
	type WorkingArms,
	type Corner,
	type Hand,
	type SeatKind
} from '../corner';

/** What questions, findings, fixes, steps and texts can depend on: facts of a person and their corner. */
export interface Facts {
	readonly posture: Corner['spot']['posture'];
	/** What is sat on; `none` where one stands. */
	readonly seat: SeatKind | 'none';
	readonly way: Corner['way'];
	readonly back: Corner['person']['back'];
	readonly lenses: Corner['person']['lenses'];
	/** The hand that uses the mouse. */
	readonly hand: Hand;
	readonly wrists: Corner['person']['wrists'];
	/** Whether two hands are there for what takes two. */
	readonly arms: 'both' | 'one';
	readonly screen: Corner['spot']['screen']['kind'];
	readonly keys: Corner['spot']['keys']['kind'];
	readonly mouse: Corner['spot']['mouse'];
	readonly armrest: 'yes' | 'no';
	readonly backrest: 'yes' | 'no';
	readonly castors: 'yes' | 'no';
}

/** Name of a fact. */
export type FactName = keyof Facts;

/** A fact of yes and no. */
export function yesNoFact(holds: boolean): 'yes' | 'no' {
	return holds ? 'yes' : 'no';
}

/** What the facts are taken from: a corner, whatever is in the house. */
export type FactSource = Pick<Corner, 'spot' | 'person' | 'way'>;

/** Whether two hands are there. */
export const hasTwoHands = (arms: WorkingArms): Facts['arms'] => (arms === 'both' ? 'both' : 'one');

/** The facts of a corner. @param arms the arms that the person works with, where the corner document is of a version that says nothing of them */
export function factsOf({ spot, person, way }: FactSource, arms: WorkingArms = person.arms ?? 'both'): Facts {
	const seat = seatKindOf({ spot });
	return {
		posture: spot.posture,
		seat: seat ?? 'none',
		way,
		back: person.back,
		lenses: person.lenses,
		hand: pointingHandOf(person),
		wrists: person.wrists,
		arms: hasTwoHands(arms),
		screen: spot.screen.kind,
		keys: spot.keys.kind,
		mouse: spot.mouse,
		armrest: yesNoFact(seat !== null && (spot.seat?.armrest ?? null) !== null),
		backrest: yesNoFact(seat !== null && (spot.seat?.backrest ?? false)),
		castors: yesNoFact(seat !== null && (spot.seat?.castors ?? false))
	};
}
