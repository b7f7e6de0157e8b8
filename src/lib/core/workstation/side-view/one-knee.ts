import { SEGMENT_OF_STATURE } from '../../body/proportions';
import type { FigureOutline } from './figure-outline';
import { distance, point, type Rectangle, type Point } from './geometry';
import type { Posture } from './posture';

/** Half the thickness of the leg along its length, as fractions of stature; proportions of our own. */
const LEG_HALF = { hip: 0.06, thigh: 0.05, knee: 0.034, calf: 0.032, ankle: 0.02, foot: 0.016 } as const;

/** A stool as drawn: its depth, and how far its front edge is ahead of the knee, mm. Our assumption. */
const STOOL = { depthMm: 340, beforeKneeMm: 60 } as const;

/** Hip, knee and ankle of the resting leg: the thigh hangs, the shin lies along the stool behind it. */
function restingJoints({ stature: H, hip, knee, ankle }: Posture, stoolMm: number) {
	const kneeY = stoolMm + LEG_HALF.knee * H;
	const thigh = distance(hip, knee);
	const drop = Math.min(thigh, Math.max(0, hip.y - kneeY));
	// A thigh keeps its length: what it does not hang down, it extends forward.
	const bent = point(hip.x + Math.sqrt(thigh ** 2 - drop ** 2), hip.y - drop);
	const shin = distance(knee, ankle);
	return { bent, heel: point(bent.x - shin, stoolMm + LEG_HALF.ankle * H) };
}

/** The stool under a knee: its top at a given height, its front edge a little ahead of the knee. */
export function stoolUnder(p: Posture, stoolMm: number): Rectangle {
	const { bent } = restingJoints(p, stoolMm);
	return { x: bent.x + STOOL.beforeKneeMm - STOOL.depthMm, y: 0, width: STOOL.depthMm, height: stoolMm };
}

/** The person with the far knee on a stool instead of the far foot ahead; the rest of the figure is unchanged. */
export function postureOnOneKnee(figure: FigureOutline, p: Posture, stool: Rectangle): FigureOutline {
	const { stature: H, hip } = p;
	const { bent, heel } = restingJoints(p, stool.height);
	const foot = SEGMENT_OF_STATURE.footLength * H * 0.72;
	const top = stool.height;
	const half = (share: keyof typeof LEG_HALF) => LEG_HALF[share] * H;
	const middle = point((hip.x + bent.x) / 2, (hip.y + bent.y) / 2);
	const outline: Point[] = [
		point(hip.x + half('hip'), hip.y),
		point(middle.x + half('thigh'), middle.y),
		point(bent.x + half('knee'), bent.y + half('knee') * 0.6),
		point(bent.x + half('knee') * 0.9, bent.y - half('knee') * 0.7),
		point(bent.x, top),
		point((bent.x + heel.x) / 2, top),
		point(heel.x, top),
		// Behind the edge of the stool, the foot lies with its toes pointing back.
		point(heel.x - foot * 0.6, top - half('foot') * 1.6),
		point(heel.x - foot, top - half('foot') * 2.4),
		point(heel.x - foot * 0.98, top - half('foot') * 0.4),
		point(heel.x - foot * 0.3, top + half('ankle') * 1.7),
		point(heel.x, top + half('ankle') * 2),
		point((bent.x + heel.x) / 2, top + half('calf') * 2),
		point(bent.x - half('thigh'), bent.y + half('knee') * 1.2),
		point(middle.x - half('thigh'), middle.y),
		point(hip.x - half('hip'), hip.y)
	];
	return { ...figure, farLeg: outline };
}
