import { footBarOf } from '../corner/seat-kinds';
import type { Corner } from '../corner/corner';

/** Where everything stands: furniture heights as set, and stacks as built, mm. */
export interface SetUp {
	/** Height of the seat under the person without pads: its height minus its compression. 0 when standing. */
	readonly seat: number;
	readonly surface: number;
	readonly screenTopAboveBase: number;
	/** Rise of pads on the seat, and of what is under feet, keyboard and screen. A foot bar counts as under the feet. */
	readonly pads: number;
	/** Number of soft items under the person, each of which compresses by an uncertain amount. */
	readonly softs: number;
	readonly feet: number;
	readonly keys: number;
	readonly screen: number;
}

/** The workstation as measured: nothing moved, nothing built. */
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
