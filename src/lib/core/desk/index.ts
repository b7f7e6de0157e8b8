export { layOutDesk, LEAST_DESK_DEPTH_MM, type DeskContents, type DeskLayout } from './desk-layout';
export { binderAngle, keyboardWedge, type KeyboardWedge } from './keyboard-wedge';
export type { DeskThing, PlacedThing } from './placed-thing';
export { raiseOfSecond } from './second-screen';
export { armsLengthMm, reachOf, zoneOf, type PlanPoint, type Reach, type ReachZone } from './reach';
export { MAIN_SCREEN_SHARE, placeScreens, type ScreenPlace, type ScreenUse } from './screen-places';
