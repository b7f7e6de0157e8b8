import type { Body } from '../body';
import { seatKindOf, type Corner, type SeatKind } from '../corner';
import { forearmsOnSurface } from '../guidance';
import type { SetUp } from './set-up';

/** The checks on heights, from the floor up, then the space between. Knee and thigh are judged sitting only. */
export const CHECK_IDS = ['knee', 'elbow', 'eye', 'thigh'] as const;

/** One of {@link CHECK_IDS}. */
export type CheckId = (typeof CHECK_IDS)[number];

/** The checks that a standing spot has. */
const STANDING: readonly CheckId[] = ['elbow', 'eye'];

/**
 * The checks that each kind of seat has. A wheelchair's footplates carry the feet, whatever the floor; a sofa has no table over the thighs;
 * on a bed the legs lie. Common practice.
 */
const BY_SEAT: Readonly<Record<SeatKind, readonly CheckId[]>> = {
	chair: CHECK_IDS,
	stool: CHECK_IDS,
	ball: CHECK_IDS,
	wheelchair: ['elbow', 'eye', 'thigh'],
	sofa: ['knee', 'elbow', 'eye'],
	bed: ['elbow', 'eye']
};

/** Which checks there are on a kind of seat, in the order they are shown: from the floor up, then the space between. @param kind null where one stands */
export function checkIdsOfSeat(kind: SeatKind | null): readonly CheckId[] {
	return kind === null ? STANDING : BY_SEAT[kind];
}

/** Which checks a corner has. */
export function checkIdsOf(corner: Pick<Corner, 'spot'>): readonly CheckId[] {
	return checkIdsOfSeat(seatKindOf(corner));
}

/** Elbow and eye above the floor, mm: over the seat when sitting, over the shoe's sole when standing. */
export function bodyHeights(corner: Corner, body: Body, setUp: SetUp): { elbow: number; eye: number } {
	if (corner.spot.posture === 'standing') {
		const { heel } = corner.person;
		return { elbow: body.standingElbow.mm + heel, eye: body.standingEye.mm + heel };
	}
	const seat = setUp.seat + setUp.pads;
	return { elbow: seat + body.sittingElbow.mm, eye: seat + body.sittingEye.mm };
}

/**
 * The value of each check in mm, for a corner set up in some way:
 *
 * - `knee`: hips above knees. The seat under the person, less what is under the feet, less the sole and the
 *   height of the hollow of the knee.
 * - `elbow`: elbow above the home row; with the forearms carried by the table, above the surface.
 * - `eye`: top of the visible picture above the eye.
 * - `thigh`: free space between the top of the thigh and the underside of the surface.
 */
export function checkValues(corner: Corner, body: Body, setUp: SetUp): Record<CheckId, number> {
	const { person, spot } = corner;
	const seat = setUp.seat + setUp.pads;
	const { elbow, eye } = bodyHeights(corner, body, setUp);
	const homeRow = forearmsOnSurface(corner) ? 0 : spot.keys.homeRow;
	return {
		knee: seat - setUp.feet - (body.popliteal.mm + person.heel),
		elbow: elbow - (setUp.surface + setUp.keys + homeRow),
		eye: setUp.surface + setUp.screen + setUp.screenTopAboveBase - eye,
		thigh: setUp.surface - spot.surface.thickness - (seat + body.thigh.mm)
	};
}
