import { footBarOf, type Corner } from '../corner';

/** What stands where: heights of the furniture as set, and of the stacks built, mm. */
export interface SetUp {
	/** Seat under the person without pads: its height less its give. 0 when standing. */
	readonly seat: number;
	readonly surface: number;
	readonly screenTopAboveBase: number;
	/** Rise of pads on the seat, and of what is under feet, keys and screen. A bar for the feet is under them. */
	readonly pads: number;
	/** Soft things under the person: each gives as it likes. */
	readonly softs: number;
	readonly feet: number;
	readonly keys: number;
	readonly screen: number;
}

/** The corner as it was measured: nothing moved, nothing built. */
export function setUpAsMeasured({ spot }: Corner): SetUp {
	return {
		seat: spot.seat && spot.posture === 'sitting' ? spot.seat.height - spot.seat.give : 0,
		surface: spot.surface.height,
		screenTopAboveBase: spot.screen.topAboveBase,
		pads: 0,
		softs: 0,
		feet: footBarOf({ spot }) ?? 0,
		keys: 0,
		screen: 0
	};
}
