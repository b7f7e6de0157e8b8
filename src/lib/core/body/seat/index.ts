export { ARMREST_BAND, checkArmrest, type Armrest, type ArmrestFault } from './armrest';
export {
	backSupport,
	DEFAULT_ROLL_MM,
	needsLumbarSupport,
	type LumbarFiller,
	type BackSupport
} from './back-support';
export { checkSeatDepth, SEAT_DEPTH_BAND, type SeatDepth, type SeatDepthState } from './seat-depth';
export { towelRollDiameter, rolledLengthFor, towelRollFor, type TowelRoll } from './towel-roll';
