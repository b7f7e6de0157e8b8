import type { Person } from '../corner/corner';
import { placeHandThings } from './hand-places';
import { placePaperThings } from './paper-places';
import type { DeskThing, PlacedDeskThing, Placement, DeskSide } from './placed-thing';
import { reachEnvelope, reachZoneOf, type ReachEnvelope } from './reach';
import { placeScreens, type ScreenUse } from './screen-places';

/** The things on a desk. Lengths in mm. */
export interface DeskContents {
	readonly desk: { readonly width: number; readonly depth: number };
	/** Longer and shorter side. */
	readonly keyboard: readonly [number, number];
	/** The mouse hand; null for a touchpad. It need not be the writing hand. */
	readonly mouseHand: Person['hand'] | null;
	readonly screens: readonly ScreenUse[];
	readonly things: readonly DeskThing[];
}

/** A desk arranged for one person, seen from above. */
export interface DeskLayout {
	readonly reach: ReachEnvelope;
	readonly things: readonly PlacedDeskThing[];
	/** Whether the desk is deep enough. */
	readonly isDeep: boolean;
}

/** Least depth of a desk, front to back, mm. Common practice. */
export const MIN_DESK_DEPTH_MM = 700;

function sideOf(hand: Person['hand']): DeskSide {
	return hand === 'right' ? 1 : -1;
}

function isOnDesk({ desk }: DeskContents, edge: number, { at, size }: Placement): boolean {
	const [halfX, halfY] = [size[0] / 2, size[1] / 2];
	return (
		Math.abs(at.x) + halfX <= desk.width / 2 && at.y - halfY >= edge && at.y + halfY <= edge + desk.depth
	);
}

/**
 * Arranges a desk: the keyboard in front of the person, the mouse beside it at the same level, the phone on the side of the non-writing
 * hand, papers on a stand by the screen, the lamp on the side away from the writing hand, the screens by their share of use. Common
 * practice; the clearances are ours. Swapping the hands mirrors the desk.
 * @param person stature and proportions, for the reach; the writing hand
 */
export function layOutDesk(
	person: Pick<Person, 'stature' | 'sex' | 'hand'>,
	contents: DeskContents
): DeskLayout {
	const reach = reachEnvelope(person);
	const writing = sideOf(person.hand);
	const { keyboard, mouseHand, things } = contents;
	const screens = placeScreens(contents.screens, writing).map((place, i): Placement => ({
		name: i === 0 ? 'screen-1' : 'screen-2',
		...place
	}));
	const mouse = mouseHand === null ? null : sideOf(mouseHand);
	const placings = [
		...placeHandThings({ keyboard, mouse, writing, things }, reach.edge),
		...screens,
		...placePaperThings(things, screens, writing)
	];
	return {
		reach,
		isDeep: contents.desk.depth >= MIN_DESK_DEPTH_MM,
		things: placings.map((placing) => ({
			...placing,
			zone: reachZoneOf(reach, placing.at),
			onDesk: isOnDesk(contents, reach.edge, placing)
		}))
	};
}
