import { pointingHandOf } from '../../workstation/corner/pointing-hand';
import { seatKindOf } from '../../workstation/corner/seat-kinds';
import type { WorkingArms, Hand, SeatKind } from '../../workstation/corner/vocabulary';
import type { Corner } from '../../workstation/corner/corner';

/** Facts about a person and their workstation that questions, findings, fixes, steps and texts can depend on. */
export interface Facts {
	readonly posture: Corner['spot']['posture'];
	/** The seat type; `none` for standing. */
	readonly seat: SeatKind | 'none';
	readonly way: Corner['way'];
	readonly back: Corner['person']['back'];
	readonly lenses: Corner['person']['lenses'];
	/** The hand that uses the mouse. */
	readonly hand: Hand;
	readonly wrists: Corner['person']['wrists'];
	/** Whether two hands are available for what takes two. */
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

/** A yes-or-no fact. */
export function yesNoFact(holds: boolean): 'yes' | 'no' {
	return holds ? 'yes' : 'no';
}

/** What the facts are taken from: a workstation, without the household items. */
export type FactSource = Pick<Corner, 'spot' | 'person' | 'way'>;

/** Whether two hands are available. */
export const hasTwoHands = (arms: WorkingArms): Facts['arms'] => (arms === 'both' ? 'both' : 'one');

/**
 * The facts of a workstation.
 * @param arms the arms the person works with, where the document's version does not say
 */
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
