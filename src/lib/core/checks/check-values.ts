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
 * The checks that each kind of seat has. A wheelchair's footplates carry the feet, whatever the floor; on a sofa and a bed there is no
 * table over the thighs, and nobody sits with the feet down all day; on a saddle the thighs slope under the table; who kneels or sits on
 * the floor has the knees where they are. Common practice.
 */
const BY_SEAT: Readonly<Record<SeatKind, readonly CheckId[]>> = {
	chair: CHECK_IDS,
	stool: CHECK_IDS,
	ball: CHECK_IDS,
	wheelchair: ['elbow', 'eye', 'thigh'],
	sofa: ['elbow', 'eye'],
	bed: ['elbow', 'eye'],
	saddle: ['knee', 'elbow', 'eye'],
	kneeling: ['elbow', 'eye', 'thigh'],
	floor: ['elbow', 'eye', 'thigh']
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

/** How far above the surface's top the keyboard and the mouse stand, mm: on it, or on a tray below, which moves with it. */
export function keysOverSurfaceMm({ spot }: Pick<Corner, 'spot'>): number {
	return spot.keys.tray ? spot.keys.tray.height - spot.surface.height : 0;
}

/** How far above the surface's top the lowest thing over the thighs is, mm: its own underside, or a tray's. Below 0. */
export function undersideOverSurfaceMm({ spot }: Pick<Corner, 'spot'>): number {
	const { tray } = spot.keys;
	const own = -spot.surface.thickness;
	return tray ? Math.min(own, tray.height - tray.thickness - spot.surface.height) : own;
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
		elbow: elbow - (setUp.surface + keysOverSurfaceMm(corner) + setUp.keys + homeRow),
		eye: setUp.surface + setUp.screen + setUp.screenTopAboveBase - eye,
		thigh: setUp.surface + undersideOverSurfaceMm(corner) - (seat + body.thigh.mm)
	};
}
