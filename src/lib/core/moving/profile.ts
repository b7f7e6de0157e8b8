import type { Region } from '../discomfort';
import type { Bodily } from './choose-set';
import type { Rhythm, StandingShare } from './rhythm';
import type { Place } from './share-places';

/** What a person's day is planned from, and their breaks chosen by. */
export interface MovingProfile {
	/** What was set for them, by their coordinator or their round. */
	readonly setRhythm: Rhythm;
	/** What they chose themselves; null where it is what was set. */
	readonly ownRhythm: Rhythm | null;
	readonly share: StandingShare;
	/** Whether weekly totals are shared with the coordinators. */
	readonly isShared: boolean;
	readonly body: Omit<Bodily, 'dropped'>;
	readonly hurts: readonly Region[];
	readonly isLaptopAlone: boolean;
	/** Where they can work, the usual place first. */
	readonly places: readonly Place[];
}
