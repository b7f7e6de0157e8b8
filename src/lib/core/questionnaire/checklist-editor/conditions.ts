import {
	KEYBOARD_KINDS,
	LENSES,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SEAT_KINDS
} from '../../workstation/corner/vocabulary';
import type { FactName } from '../../plan/conditions/facts';

const YES_NO = ['yes', 'no'] as const;

/** What a question of the organisation can be asked of, with the values to choose from. */
export const CONDITION_FACTS = {
	posture: POSTURES,
	seat: SEAT_KINDS,
	backrest: YES_NO,
	armrest: YES_NO,
	castors: YES_NO,
	screen: SCREEN_KINDS,
	keys: KEYBOARD_KINDS,
	mouse: MOUSE_KINDS,
	lenses: LENSES
} as const satisfies Readonly<Partial<Record<FactName, readonly string[]>>>;

/** One of {@link CONDITION_FACTS}. */
export type ConditionFact = keyof typeof CONDITION_FACTS;

/** Every fact that a question can depend on. */
export const CONDITION_FACT_NAMES = Object.keys(CONDITION_FACTS) as readonly ConditionFact[];
