import type { Body } from '../../body/body-length';
import { seatKindOf } from '../corner/seat-kinds';
import type { Corner } from '../corner/corner';
import type { SeatKind } from '../corner/vocabulary';
import { forearmsOnSurface } from '../../body/guidance/sitting-styles';
import type { SetUp } from './set-up';

/** The height checks, from the floor up, then clearance. Knee and thigh apply to sitting only. */
export const CHECK_IDS = ['knee', 'elbow', 'eye', 'thigh'] as const;

/** One of {@link CHECK_IDS}. */
export type CheckId = (typeof CHECK_IDS)[number];

/** The checks of a standing workstation. */
const STANDING: readonly CheckId[] = ['elbow', 'eye'];

/**
 * The checks for each seat type. A wheelchair's footplates carry the feet whatever the floor; on a sofa or bed there is no table above the
 * thighs, and nobody keeps the feet down all day; on a saddle the thighs slope under the table; someone kneeling or sitting on the floor
 * has the knees where they are. Common practice.
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

/**
 * The checks for a seat type in display order: from the floor up, then clearance.
 * @param kind null for standing
 */
export function checkIdsOfSeat(kind: SeatKind | null): readonly CheckId[] {
	return kind === null ? STANDING : BY_SEAT[kind];
}

/** The checks of a workstation. */
export function checkIdsOf(corner: Pick<Corner, 'spot'>): readonly CheckId[] {
	return checkIdsOfSeat(seatKindOf(corner));
}

/** Elbow and eye height above the floor, mm: from the seat when sitting, from the shoe sole when standing. */
export function bodyHeights(corner: Corner, body: Body, setUp: SetUp): { elbow: number; eye: number } {
	if (corner.spot.posture === 'standing') {
		const { heel } = corner.person;
		return { elbow: body.standingElbow.mm + heel, eye: body.standingEye.mm + heel };
	}
	const seat = setUp.seat + setUp.pads;
	return { elbow: seat + body.sittingElbow.mm, eye: seat + body.sittingEye.mm };
}

/** Height of keyboard and mouse above the surface's top, mm: on it, or on a tray below, which moves with it. */
export function keysOverSurfaceMm({ spot }: Pick<Corner, 'spot'>): number {
	return spot.keys.tray ? spot.keys.tray.height - spot.surface.height : 0;
}

/** Height of the lowest thing above the thighs relative to the surface's top, mm: the surface's own underside, or a tray's. Negative. */
export function undersideOverSurfaceMm({ spot }: Pick<Corner, 'spot'>): number {
	const { tray } = spot.keys;
	const own = -spot.surface.thickness;
	return tray ? Math.min(own, tray.height - tray.thickness - spot.surface.height) : own;
}

/**
 * The value of each check in mm, for a given set-up: - `knee`: hips above knees: the seat under the person, minus footrest, sole and
 * popliteal height. - `elbow`: elbow above the home row; with forearms resting on the table, above the surface. - `eye`: top of the visible
 * screen above the eye. - `thigh`: clearance between the thigh and the underside of the surface.
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
