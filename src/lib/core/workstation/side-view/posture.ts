import { SEGMENT_OF_STATURE } from '../../body/proportions';
import type { Body } from '../../body/body-length';
import { checkIdsOf, checkValues, keysOverSurfaceMm } from '../checks/check-values';
import type { SetUp } from '../checks/set-up';
import { seatKindOf } from '../corner/seat-kinds';
import type { Corner } from '../corner/corner';
import { bandsFor, ELBOW_TO_HAND } from '../../body/guidance/sitting-styles';
import { angleAt, clamp, distance, middleJoint, point, type Point } from './geometry';

/** Joint positions in the side view, mm, and how far the person's posture gives way at a bad workstation. */
export interface Posture {
	readonly standing: boolean;
	readonly stature: number;
	/** Height of the seat under the person with its pads; 0 standing. */
	readonly seatY: number;
	readonly hip: Point;
	/** The hollow of the knee. */
	readonly popliteal: Point;
	readonly knee: Point;
	readonly ankle: Point;
	/** Sole of the shoe; above what should support it where the feet dangle. */
	readonly soleY: number;
	/** How much lower the toes are than the heel where the feet dangle. */
	readonly toeDrop: number;
	readonly shoulder: Point;
	readonly elbow: Point;
	readonly wrist: Point;
	readonly homeRow: Point;
	/** The eye of the person upright: at the height that the checks use. */
	readonly tallEye: Point;
	readonly eye: Point;
	/** Forward bend of the head, degrees. */
	readonly headBend: number;
	/** 0 upright, 1 as rounded as is ever drawn. */
	readonly rounded: number;
}

/** Parts of the figure that no check depends on, as fractions of stature; proportions of our own. */
export const FIGURE_PROPORTIONS = {
	/** Hip joint above the seat, and in front of the back of the buttocks. */
	hipOverSeat: 0.052,
	hipForward: 0.065,
	/** From the underside of the elbow to its centre. */
	elbowRadius: 0.024,
	/** The eye in front of the shoulder: the ear is above the shoulder. */
	eyeForward: 0.058
} as const;

/** Largest drop of the hollow of the knee below the seat, mm: the front edge of the seat holds the thigh. Our assumption. */
const MOST_THIGH_DROP_MM = 45;

/** The same on a saddle, where the thighs slope down at the sides, mm. Our assumption. */
const MOST_DROP_ON_SADDLE_MM = 230;

/** A screen this far below its range is drawn with the back fully rounded, mm. Our assumption. */
const ROUNDED_AT_MM = 200;

/** Fully rounded: how far shoulder and eye come forward and down, as fractions of stature, and the bend of the head. Our assumption. */
const ROUNDED = {
	shoulderForward: 0.066,
	shoulderDown: 0.03,
	eyeForward: 0.132,
	eyeDown: 0.066,
	headBendDeg: 27
} as const;

/** Share of a surface's excess height that is drawn as raised shoulders. Our assumption. */
const SHRUG = 0.35;

/** Most that shoulders are drawn raised, as a fraction of stature. Our assumption. */
const MOST_SHRUG = 0.022;

interface Legs {
	readonly hip: Point;
	readonly popliteal: Point;
	readonly knee: Point;
	readonly ankle: Point;
	readonly soleY: number;
	readonly toeDrop: number;
}

function sittingLegs(corner: Corner, body: Body, seatY: number, kneeValueMm: number): Legs {
	const { person } = corner;
	const H = person.stature;
	const most = seatKindOf(corner) === 'saddle' ? MOST_DROP_ON_SADDLE_MM : MOST_THIGH_DROP_MM;
	const drop = Math.min(kneeValueMm, most);
	const hip = point(FIGURE_PROPORTIONS.hipForward * H, seatY + FIGURE_PROPORTIONS.hipOverSeat * H);
	const length = body.buttockPopliteal.mm;
	const popliteal = point(Math.sqrt(Math.max(0, length ** 2 - drop ** 2)), seatY - drop);
	const soleY = popliteal.y - body.popliteal.mm - person.heel;
	const knee = point(popliteal.x + 0.028 * H, popliteal.y + 0.036 * H);
	const ankle = point(knee.x - 0.014 * H, soleY + person.heel + SEGMENT_OF_STATURE.ankleHeight * H);
	const hanging = kneeValueMm - drop;
	return { hip, popliteal, knee, ankle, soleY, toeDrop: clamp(hanging, 0, 0.05 * H) };
}

function standingLegs({ person }: Corner): Legs {
	const H = person.stature;
	const x = FIGURE_PROPORTIONS.hipForward * H;
	const at = (fraction: number) => fraction * H + person.heel;
	return {
		hip: point(x, at(SEGMENT_OF_STATURE.hipHeight)),
		popliteal: point(x - 0.03 * H, at(0.27)),
		knee: point(x + 0.002 * H, at(0.285)),
		ankle: point(x - 0.012 * H, at(SEGMENT_OF_STATURE.ankleHeight)),
		soleY: 0,
		toeDrop: 0
	};
}

/** Beyond this slope of the forearm, the upper arm moves too, degrees. Our working assumption. */
const STEEPEST_FOREARM_DEG = 50;

/**
 * Elbow, wrist and home row. The upper arm hangs and the forearm slopes from the elbow to the hands, so that the slope shows the elbow
 * check: `sin(slope) * elbowToHand` is the elbow's height above the home row. Where the keyboard is too low or too high for that, the upper
 * arm reaches for it.
 * @param elbow its position with the upper arm hanging
 */
function forearm(
	H: number,
	elbow: Point,
	shoulder: Point,
	homeRowY: number
): Pick<Posture, 'elbow' | 'wrist' | 'homeRow'> {
	const lever = ELBOW_TO_HAND * H;
	const radius = FIGURE_PROPORTIONS.elbowRadius * H;
	const drop = elbow.y - radius - homeRowY;
	const steepest = Math.sin((STEEPEST_FOREARM_DEG * Math.PI) / 180) * lever;
	const homeRow = (reach: number) => point(elbow.x + reach, homeRowY);
	const alongTo = (from: Point, to: Point) => {
		const share = (SEGMENT_OF_STATURE.forearm * H) / (distance(from, to) || 1);
		return point(from.x + (to.x - from.x) * share, from.y + (to.y - from.y) * share);
	};
	if (Math.abs(drop) <= steepest) {
		const hands = homeRow(Math.sqrt(lever ** 2 - drop ** 2));
		return { elbow, homeRow: hands, wrist: alongTo(elbow, point(hands.x, hands.y + radius)) };
	}
	const hands = homeRow(Math.sqrt(lever ** 2 - steepest ** 2) + 0.04 * H);
	const over = point(hands.x, hands.y + radius);
	const reaching = middleJoint(shoulder, over, SEGMENT_OF_STATURE.upperArm * H, lever);
	return { elbow: reaching, homeRow: hands, wrist: alongTo(reaching, over) };
}

/** How far a posture gives way: the back rounds towards a low screen, the shoulders rise at a high surface. */
function givingWay(
	corner: Corner,
	values: { elbow: number; eye: number }
): { rounded: number; shrug: number } {
	const bands = bandsFor(corner);
	const H = corner.person.stature;
	return {
		rounded: clamp((bands.eye.low - values.eye) / ROUNDED_AT_MM, 0, 1),
		shrug: clamp(-values.elbow * SHRUG, 0, MOST_SHRUG * H)
	};
}

/**
 * The person's posture in the side view. Seat, knee, elbow and eye are at the heights that the checks use; rounding of the back and raising
 * of the shoulders follow from the checks by rules of our own, for the drawing only.
 */
export function postureOf(corner: Corner, body: Body, setUp: SetUp): Posture {
	const standing = corner.spot.posture === 'standing';
	const { stature: H, heel } = corner.person;
	const values = checkValues(corner, body, setUp);
	const seatY = standing ? 0 : setUp.seat + setUp.pads;
	// Where the knees are not checked, as above footplates, the thighs are drawn level.
	const knee = checkIdsOf(corner).includes('knee') ? values.knee : 0;
	const legs = standing ? standingLegs(corner) : sittingLegs(corner, body, seatY, knee);
	const { rounded, shrug } = givingWay(corner, values);
	const elbowLevel = standing ? body.standingElbow.mm + heel : seatY + body.sittingElbow.mm;
	const eyeLevel = standing ? body.standingEye.mm + heel : seatY + body.sittingEye.mm;
	const elbowY = elbowLevel + FIGURE_PROPORTIONS.elbowRadius * H;
	const tall = point(legs.hip.x - 0.004 * H, elbowY + SEGMENT_OF_STATURE.upperArm * H);
	const tallEye = point(tall.x + FIGURE_PROPORTIONS.eyeForward * H, eyeLevel);
	const shoulder = point(
		tall.x + ROUNDED.shoulderForward * H * rounded,
		tall.y - ROUNDED.shoulderDown * H * rounded + shrug
	);
	const eye = point(tallEye.x + ROUNDED.eyeForward * H * rounded, tallEye.y - ROUNDED.eyeDown * H * rounded);
	const homeRowY = setUp.surface + keysOverSurfaceMm(corner) + setUp.keys + corner.spot.keys.homeRow;
	return {
		...legs,
		...forearm(H, point(tall.x, elbowY + shrug), shoulder, homeRowY),
		standing,
		stature: H,
		seatY,
		shoulder,
		tallEye,
		eye,
		headBend: ROUNDED.headBendDeg * rounded,
		rounded
	};
}

/** Angles of a posture, degrees. */
export interface PostureAngles {
	/** Between upper arm and forearm. */
	readonly elbow: number;
	/** Between trunk and thigh. */
	readonly hip: number;
	/** Between thigh and lower leg. */
	readonly knee: number;
	/** Between forearm and hand; 180 is straight. */
	readonly wrist: number;
}

/** The angles that the drawing shows. */
export function postureAngles(p: Posture): PostureAngles {
	return {
		elbow: angleAt(p.elbow, p.shoulder, p.wrist),
		hip: angleAt(p.hip, p.shoulder, p.knee),
		knee: angleAt(p.knee, p.hip, p.ankle),
		wrist: angleAt(p.wrist, p.elbow, p.homeRow)
	};
}
