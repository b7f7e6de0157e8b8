export { layOutDesk, MIN_DESK_DEPTH_MM, type DeskContents, type DeskLayout } from './desk-layout';
export { binderAngle, keyboardWedge, type KeyboardWedge } from './keyboard-wedge';
export type { DeskThing, PlacedDeskThing } from './placed-thing';
export { secondScreenRaise } from './second-screen';
export {
	armsLengthMm,
	reachEnvelope,
	reachZoneOf,
	type PlanPoint,
	type ReachEnvelope,
	type ReachZone
} from './reach';
export { MAIN_SCREEN_SHARE, placeScreens, type ScreenPlace, type ScreenUse } from './screen-places';
