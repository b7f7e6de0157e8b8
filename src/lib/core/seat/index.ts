export { ARMREST_BAND, checkArmrest, type Armrest, type ArmrestFault } from './armrest';
export {
	backSupport,
	USUAL_ROLL_MM,
	wantsHollowFilled,
	type BackFiller,
	type BackSupport
} from './back-support';
export { checkSeatDepth, SEAT_DEPTH_BAND, type SeatDepth, type SeatDepthState } from './seat-depth';
export { rollDiameter, rolledLengthFor, rollFor, type Roll } from './towel-roll';
