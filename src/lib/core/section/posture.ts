import { SEGMENT_OF_STATURE, type Body } from '../body';
import { checkValues, type SetUp } from '../checks';
import type { Corner } from '../corner';
import { bandsFor } from '../guidance';
import { angleAt, clamp, middleJoint, point, type Point } from './geometry';

/** Where the joints are in the side view, mm, and how far the person gives way to a bad corner. */
export interface Posture {
	readonly standing: boolean;
	readonly stature: number;
	/** Seat under the person with its pads; 0 standing. */
	readonly seatY: number;
	readonly hip: Point;
	/** The hollow of the knee. */
	readonly popliteal: Point;
	readonly knee: Point;
	readonly ankle: Point;
	/** Under the shoe; above what is meant to carry it where the feet hang. */
	readonly soleY: number;
	/** Height at which the toes are lower than the heel, where the feet hang. */
	readonly toeDrop: number;
	readonly shoulder: Point;
	readonly elbow: Point;
	readonly wrist: Point;
	readonly homeRow: Point;
	readonly eye: Point;
	/** How far the head is bent forward, degrees. */
	readonly headBend: number;
	/** 0 tall, 1 as rounded as it is drawn. */
	readonly rounded: number;
}

/** Parts of the figure as fractions of stature that no check rests on; drawn proportions of ours. */
export const DRAWN = {
	/** Hip joint over the seat, and before the back of the buttocks. */
	hipOverSeat: 0.052,
	hipForward: 0.065,
	/** From the underside of the elbow to its middle. */
	elbowRadius: 0.024,
	/** From the wrist to the fingers on the home row. */
	wristToHomeRow: 0.075,
	/** Wrist's middle over the home row. */
	wristOverHomeRow: 0.016,
	/** The eye before the shoulder: the ear stands over the shoulder. */
	eyeForward: 0.058
} as const;

/** Largest drop of the hollow of the knee under the seat, mm: the seat's front edge holds the thigh. Ours. */
const MOST_THIGH_DROP_MM = 45;

/** A screen so far under its band, mm, is drawn with the back fully rounded. Ours. */
const ROUNDED_AT_MM = 200;

/** Fully rounded: how far shoulder and eye come forward and down, in fractions of stature, and the head's bend. Ours. */
const ROUNDED = {
	shoulderForward: 0.055,
	shoulderDown: 0.028,
	eyeForward: 0.115,
	eyeDown: 0.062,
	headBendDeg: 24
} as const;

/** Share of a surface too high that is drawn as raised shoulders. Ours. */
const SHRUG = 0.35;

/** Most that shoulders are drawn raised, in fractions of stature. Ours. */
const MOST_SHRUG = 0.022;

interface Legs {
	readonly hip: Point;
	readonly popliteal: Point;
	readonly knee: Point;
	readonly ankle: Point;
	readonly soleY: number;
	readonly toeDrop: number;
}

function sittingLegs({ person }: Corner, body: Body, seatY: number, kneeValueMm: number): Legs {
	const H = person.stature;
	const drop = Math.min(kneeValueMm, MOST_THIGH_DROP_MM);
	const hip = point(DRAWN.hipForward * H, seatY + DRAWN.hipOverSeat * H);
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
	const x = DRAWN.hipForward * H;
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

/** How far a person gives way: the back rounds towards a low screen, the shoulders rise over a high surface. */
function givingWay(
	corner: Corner,
	values: { elbow: number; eye: number }
): { rounded: number; shrug: number } {
	const bands = bandsFor(corner);
	const H = corner.person.stature;
	return {
		rounded: clamp((bands.eye.low - values.eye) / ROUNDED_AT_MM, 0, 1),
		shrug: clamp((bands.elbow.low - values.elbow) * SHRUG, 0, MOST_SHRUG * H)
	};
}

/**
 * The posture of the person in the side view: seat, knee, elbow and eye stand at the heights that the checks use; how
 * the back rounds and the shoulders rise follows from the checks by rules of ours, for a drawing and no more.
 */
export function postureOf(corner: Corner, body: Body, setUp: SetUp): Posture {
	const standing = corner.spot.posture === 'standing';
	const { stature: H, heel } = corner.person;
	const values = checkValues(corner, body, setUp);
	const seatY = standing ? 0 : setUp.seat + setUp.pads;
	const legs = standing ? standingLegs(corner) : sittingLegs(corner, body, seatY, values.knee);
	const { rounded, shrug } = givingWay(corner, values);
	const elbowY =
		(standing ? body.standingElbow.mm + heel : seatY + body.sittingElbow.mm) + DRAWN.elbowRadius * H;
	const eyeY = standing ? body.standingEye.mm + heel : seatY + body.sittingEye.mm;
	const tall = point(legs.hip.x - 0.004 * H, elbowY + SEGMENT_OF_STATURE.upperArm * H);
	const shoulder = point(
		tall.x + ROUNDED.shoulderForward * H * rounded,
		tall.y - ROUNDED.shoulderDown * H * rounded + shrug
	);
	const eye = point(
		tall.x + (DRAWN.eyeForward + ROUNDED.eyeForward * rounded) * H,
		eyeY - ROUNDED.eyeDown * H * rounded
	);
	const homeRow = point(
		tall.x + (SEGMENT_OF_STATURE.forearm + DRAWN.wristToHomeRow) * H,
		setUp.surface + setUp.keys + corner.spot.keys.homeRow
	);
	const wrist = point(homeRow.x - DRAWN.wristToHomeRow * H, homeRow.y + DRAWN.wristOverHomeRow * H);
	const elbow = middleJoint(shoulder, wrist, SEGMENT_OF_STATURE.upperArm * H, SEGMENT_OF_STATURE.forearm * H);
	return {
		...legs,
		standing,
		stature: H,
		seatY,
		shoulder,
		elbow,
		wrist,
		homeRow,
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
}

/** The angles that the drawing shows. */
export function postureAngles(p: Posture): PostureAngles {
	return {
		elbow: angleAt(p.elbow, p.shoulder, p.wrist),
		hip: angleAt(p.hip, p.shoulder, p.knee),
		knee: angleAt(p.knee, p.hip, p.ankle)
	};
}
