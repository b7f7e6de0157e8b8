import { SEGMENT_OF_STATURE } from '../../body/proportions';
import { point, rotatePoint, type Point } from './geometry';
import type { DrawingStyle } from './drawing-style';
import type { Posture } from './posture';

/** The person in the side view: points of smooth closed outlines, mm; always the same number for one kind of posture. */
export interface FigureOutline {
	/** Head, trunk and leg in one outline. */
	readonly body: readonly Point[];
	readonly arm: readonly Point[];
	readonly hair: readonly Point[];
	/** The upper edge of the shoe, an open line. */
	readonly shoe: readonly Point[];
	/** The far leg, behind the body. */
	readonly farLeg: readonly Point[];
	/** The line of the back from hip to ear: how upright or rounded someone sits. An open line. */
	readonly spine: readonly Point[];
	/** Fingers and thumb on the keyboard, an open line. */
	readonly fingers: readonly Point[];
}

/** Height of the head, chin to crown, as a fraction of stature; a proportion of our own. */
const HEAD = 0.132;

/** Profile from the crown down the face to the throat, in head heights from the eye: forward, up. */
const FACE: readonly (readonly [number, number])[] = [
	[-0.3, 0.5],
	[-0.06, 0.42],
	[0.07, 0.24],
	[0.105, 0.08],
	[0.085, -0.02],
	[0.185, -0.17],
	[0.1, -0.215],
	[0.115, -0.285],
	[0.085, -0.315],
	[0.1, -0.36],
	[0.07, -0.4],
	[0.085, -0.47],
	[0.02, -0.52],
	[-0.17, -0.46]
];

/** From the nape up the back of the head. */
const BACK_OF_HEAD: readonly (readonly [number, number])[] = [
	[-0.6, -0.34],
	[-0.71, -0.08],
	[-0.7, 0.16],
	[-0.54, 0.4]
];

/** A simple, neutral hairstyle. */
const HAIR: readonly (readonly [number, number])[] = [
	[0.07, 0.25],
	[-0.06, 0.43],
	[-0.3, 0.52],
	[-0.55, 0.41],
	[-0.72, 0.16],
	[-0.73, -0.08],
	[-0.62, -0.3],
	[-0.47, -0.2],
	[-0.42, 0.06],
	[-0.26, 0.16],
	[-0.1, 0.22]
];

function onHead(p: Posture, [forward, up]: readonly [number, number]): Point {
	const unit = HEAD * p.stature;
	return rotatePoint(point(p.eye.x + forward * unit, p.eye.y + up * unit), p.eye, -p.headBend);
}

function trunkFront(p: Posture): Point[] {
	const { stature: H, shoulder, hip, rounded } = p;
	return [
		point(shoulder.x + (0.034 + 0.02 * rounded) * H, shoulder.y + 0.016 * H),
		point(shoulder.x + 0.072 * H, shoulder.y - 0.075 * H),
		point(hip.x + (0.082 + 0.028 * rounded) * H, hip.y + 0.14 * H),
		point(hip.x + (0.09 + 0.012 * rounded) * H, hip.y + 0.06 * H)
	];
}

function trunkBack(p: Posture): Point[] {
	const { stature: H, shoulder, hip, rounded } = p;
	const low = p.standing ? hip.y + 0.012 * H : p.seatY + 0.055 * H;
	const middle = (low + shoulder.y) / 2;
	return [
		point((-0.004 - 0.002 * rounded) * H, low),
		point((0.018 - 0.028 * rounded) * H, low + 0.085 * H),
		point((0.004 - 0.018 * rounded) * H, middle + 0.02 * H),
		point(shoulder.x - (0.076 + 0.022 * rounded) * H, shoulder.y - 0.06 * H),
		point(shoulder.x - (0.054 + 0.008 * rounded) * H, shoulder.y + 0.006 * H),
		point(shoulder.x - (0.035 - 0.016 * rounded) * H, shoulder.y + 0.036 * H)
	];
}

function foot(p: Posture): Point[] {
	const { stature: H, ankle, soleY, toeDrop } = p;
	const heelX = ankle.x - 0.034 * H;
	const length = SEGMENT_OF_STATURE.footLength * H;
	const floor = (share: number) => soleY - toeDrop * share;
	return [
		point(ankle.x + 0.026 * H, ankle.y + 0.02 * H),
		point(ankle.x + 0.05 * H, ankle.y - 0.006 * H - toeDrop * 0.3),
		point(heelX + 0.84 * length, floor(0.9) + 0.026 * H),
		point(heelX + 0.99 * length, floor(1) + 0.012 * H),
		point(heelX + 0.96 * length, floor(1)),
		point(heelX + 0.5 * length, floor(0.5)),
		point(heelX + 0.04 * length, floor(0)),
		point(heelX - 0.004 * H, soleY + 0.018 * H),
		point(ankle.x - 0.024 * H, ankle.y + 0.022 * H)
	];
}

function sittingLeg(p: Posture): Point[] {
	const { stature: H, hip, knee, popliteal, ankle, seatY } = p;
	const shin = (knee.y + ankle.y) / 2;
	return [
		point(hip.x + 0.075 * H, seatY + 0.098 * H),
		point((hip.x + knee.x) / 2 + 0.03 * H, (seatY + 0.1 * H + knee.y + 0.036 * H) / 2),
		point(knee.x - 0.012 * H, knee.y + 0.036 * H),
		point(knee.x + 0.028 * H, knee.y + 0.008 * H),
		point(knee.x + 0.018 * H, knee.y - 0.055 * H),
		point((knee.x + ankle.x) / 2 + 0.03 * H, shin - 0.02 * H),
		...foot(p),
		point((knee.x + ankle.x) / 2 - 0.038 * H, shin + 0.02 * H),
		point(knee.x - 0.045 * H, knee.y - 0.08 * H),
		point(popliteal.x, popliteal.y),
		point(popliteal.x * 0.62, seatY + (popliteal.y - seatY) * 0.45),
		point(0.09 * H, seatY),
		point(0.022 * H, seatY + 0.012 * H)
	];
}

function standingLeg(p: Posture): Point[] {
	const { stature: H, hip, knee, ankle } = p;
	const shin = (knee.y + ankle.y) / 2;
	const thigh = (hip.y + knee.y) / 2;
	return [
		point(hip.x + 0.08 * H, hip.y - 0.03 * H),
		point(hip.x + 0.062 * H, thigh),
		point(knee.x + 0.034 * H, knee.y + 0.02 * H),
		point(knee.x + 0.03 * H, knee.y - 0.02 * H),
		point(knee.x + 0.022 * H, knee.y - 0.06 * H),
		point((knee.x + ankle.x) / 2 + 0.026 * H, shin - 0.03 * H),
		...foot(p),
		point((knee.x + ankle.x) / 2 - 0.034 * H, shin - 0.01 * H),
		point(knee.x - 0.046 * H, knee.y - 0.07 * H),
		point(knee.x - 0.03 * H, knee.y),
		point(hip.x - 0.044 * H, thigh + 0.01 * H),
		point(hip.x - 0.064 * H, hip.y - 0.055 * H)
	];
}

/** Half the thickness of the arm along its length, as fractions of stature: shoulder to fingertip. */
const ARM_HALF = {
	shoulder: 0.033,
	upper: 0.029,
	elbow: 0.024,
	fore: 0.024,
	wrist: 0.0155,
	hand: 0.0145,
	tip: 0.006
};

function arm(p: Posture): Point[] {
	const { stature: H, shoulder, elbow, wrist, homeRow } = p;
	const middle = (a: Point, b: Point, t: number) => point(a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t);
	const aside = (at: Point, from: Point, to: Point, half: number) => {
		const d = Math.hypot(to.x - from.x, to.y - from.y) || 1;
		return point(at.x - ((to.y - from.y) / d) * half * H, at.y + ((to.x - from.x) / d) * half * H);
	};
	const knuckles = point(
		wrist.x + (homeRow.x - wrist.x) * 0.62,
		wrist.y + (homeRow.y - wrist.y) * 0.25 + 0.006 * H
	);
	const tip = point(homeRow.x + 0.008 * H, homeRow.y + 0.004 * H);
	const upper = middle(shoulder, elbow, 0.5);
	const fore = middle(elbow, wrist, 0.35);
	const top: [Point, Point, Point, number][] = [
		[upper, shoulder, elbow, ARM_HALF.upper],
		[fore, elbow, wrist, ARM_HALF.fore],
		[wrist, elbow, wrist, ARM_HALF.wrist],
		[knuckles, wrist, knuckles, ARM_HALF.hand]
	];
	const inner = top.map(([at, from, to, half]) => aside(at, from, to, half));
	const outer = top.map(([at, from, to, half]) => aside(at, from, to, -half)).reverse();
	const bend = aside(elbow, shoulder, elbow, -ARM_HALF.elbow);
	const under = aside(elbow, elbow, wrist, -ARM_HALF.elbow);
	const [knuckleUnder, wristUnder, foreUnder, upperBack] = outer;
	return [
		point(shoulder.x - 0.004 * H, shoulder.y + 0.028 * H),
		point(shoulder.x + ARM_HALF.shoulder * H, shoulder.y + 0.002 * H),
		...inner,
		point(tip.x, tip.y + ARM_HALF.tip * H),
		point(tip.x, tip.y - ARM_HALF.tip * 0.4 * H),
		...[knuckleUnder, wristUnder, foreUnder, under, bend, upperBack].filter((q) => q !== undefined),
		point(shoulder.x - ARM_HALF.shoulder * H, shoulder.y - 0.004 * H)
	];
}

/** A thigh that ends at the knee; the far leg is behind it and has the foot. */
function thighEnd(p: Posture): Point[] {
	const { stature: H, hip, knee, popliteal, seatY } = p;
	if (p.standing) return standingLeg(p);
	return [
		point(hip.x + 0.075 * H, seatY + 0.098 * H),
		point((hip.x + knee.x) / 2, (seatY + 0.1 * H + knee.y + 0.036 * H) / 2),
		point(knee.x - 0.05 * H, knee.y + 0.034 * H),
		point(knee.x - 0.022 * H, knee.y + 0.004 * H),
		point(popliteal.x - 0.035 * H, popliteal.y + 0.004 * H),
		point(popliteal.x * 0.62, seatY + (popliteal.y - seatY) * 0.45),
		point(0.09 * H, seatY),
		point(0.022 * H, seatY + 0.012 * H)
	];
}

function legOf(p: Posture, drawnAs: DrawingStyle): Point[] {
	if (drawnAs === 'without-near-leg') return thighEnd(p);
	return p.standing ? standingLeg(p) : sittingLeg(p);
}

/**
 * How far the far foot is ahead of the near one, as a fraction of stature: a little when sitting, a split stance when standing. Our
 * assumption.
 */
const FAR_FOOT = { sitting: 0.022, standing: 0.15 } as const;

/** The far leg: when sitting, its lower half next to the near one; when standing, a step ahead. */
function farLegOf(p: Posture, drawnAs: DrawingStyle): Point[] {
	const { stature: H, hip, soleY, knee } = p;
	if (p.standing) {
		const lean = (y: number) => (FAR_FOOT.standing * H * (hip.y - y)) / (hip.y - soleY);
		return standingLeg(p).map(({ x, y }) => point(x + lean(Math.min(y, hip.y)), y));
	}
	const ahead = drawnAs === 'without-near-leg' ? 0 : FAR_FOOT.sitting * H;
	// From the knee down: the rest lies behind the near thigh.
	return sittingLeg(p)
		.filter(({ y }) => y <= knee.y + 0.04 * H)
		.filter((_, i, all) => i < all.length - 2)
		.map(({ x, y }) => point(x + ahead, y));
}

/** The line of the back, slightly inside the outline. */
function spineOf(p: Posture): Point[] {
	const { stature: H, shoulder, hip, eye } = p;
	const inset = 0.028 * H;
	const back = trunkBack(p).map(({ x, y }) => point(x + inset, y));
	return [
		point(hip.x - 0.012 * H, hip.y),
		...back.slice(0, 4),
		point(shoulder.x - 0.022 * H, shoulder.y + 0.03 * H),
		onHead({ ...p, eye }, [-0.42, -0.1])
	];
}

/** The fingers along the keyboard and the thumb below them. */
function fingersOf({ stature: H, wrist, homeRow }: Posture): Point[] {
	const along = (share: number, up: number) =>
		point(wrist.x + (homeRow.x - wrist.x) * share, wrist.y + (homeRow.y - wrist.y) * share + up * H);
	return [along(0.45, -0.004), along(0.75, 0.002), point(homeRow.x + 0.004 * H, homeRow.y + 0.001 * H)];
}

/** The outlines of a person in a posture; a body part that the person is drawn without has no points. */
export function figureOutline(p: Posture, drawnAs: DrawingStyle = 'standard'): FigureOutline {
	const { stature: H, ankle } = p;
	return {
		body: [
			...FACE.map((at) => onHead(p, at)),
			...trunkFront(p),
			...legOf(p, drawnAs),
			...trunkBack(p),
			...BACK_OF_HEAD.map((at) => onHead(p, at))
		],
		arm: drawnAs === 'without-near-arm' ? [] : arm(p),
		hair: HAIR.map((at) => onHead(p, at)),
		farLeg: farLegOf(p, drawnAs),
		spine: spineOf(p),
		fingers: drawnAs === 'without-near-arm' ? [] : fingersOf(p),
		shoe:
			drawnAs === 'without-near-leg' && !p.standing
				? []
				: [
						point(ankle.x - 0.03 * H, ankle.y + 0.006 * H),
						point(ankle.x + 0.002 * H, ankle.y - 0.004 * H),
						point(ankle.x + 0.034 * H, ankle.y + 0.012 * H)
					]
	};
}
