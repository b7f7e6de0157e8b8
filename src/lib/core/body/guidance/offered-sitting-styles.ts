import { seatKindOf } from '../../workstation/corner/seat-kinds';
import { SITTING_STYLES, type SeatKind, type SittingStyle } from '../../workstation/corner/vocabulary';
import type { Corner } from '../../workstation/corner/corner';

/** Seats on whose front edge someone can sit with the back free. */
const WITH_A_FRONT: readonly SeatKind[] = ['chair', 'stool'];

/** Seats that determine by themselves how one sits. */
const OF_THEIR_OWN: readonly SeatKind[] = [
	'wheelchair',
	'saddle',
	'kneeling',
	'ball',
	'sofa',
	'bed',
	'floor'
];

/**
 * The sitting styles someone can try at a workstation; none where the seat, or standing, leaves no choice. Common practice: experts differ.
 * @param offered those that the organisation offers; the one in use is always among them
 */
export function offeredSittingStyles(
	corner: Pick<Corner, 'spot' | 'way'>,
	offered: readonly SittingStyle[] = SITTING_STYLES
): SittingStyle[] {
	const kind = seatKindOf(corner);
	if (kind === null || OF_THEIR_OWN.includes(kind)) return [];
	return SITTING_STYLES.filter(
		(way) =>
			way === corner.way || (offered.includes(way) && (way !== 'active' || WITH_A_FRONT.includes(kind)))
	);
}
