import type { ExtraAnswers } from '$lib/core/questionnaire/answers/extra-answers';
import { pointingHandOf } from '$lib/core/workstation/corner/pointing-hand';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { layOutDesk, type DeskLayout } from '$lib/core/workstation/desk/desk-layout';
import type { DeskThing } from '$lib/core/workstation/desk/placed-thing';

/** Width of the desk as drawn, mm: only its depth is asked about. */
export const DESK_WIDTH_MM = 1400;

/** Width of a screen relative to its height, typical. */
const WIDE_TO_HIGH = 1.7;

/** A screen farther away than this is drawn at the far edge of the desk, mm. */
const FARTHEST_MM = 700;

/** Width of a laptop to one side, mm. Our assumption. */
const LAPTOP_WIDE_MM = 320;

/** Share of the main screen relative to the other one. */
const MOSTLY = 3;

/**
 * A workstation's desk as arranged for its person.
 * @param second the second screen; null for none
 */
export function deskLayoutFor(
	{ person, spot }: Corner,
	things: readonly DeskThing[],
	second: ExtraAnswers['secondScreen'] = null
): DeskLayout {
	const width = spot.screen.visibleHeight * WIDE_TO_HIGH;
	const distance = Math.min(spot.screen.distance, FARTHEST_MM);
	const main = { share: second && !second.isAlike ? MOSTLY : 1, width, distance };
	return layOutDesk(person, {
		desk: { width: DESK_WIDTH_MM, depth: spot.surface.depth },
		keyboard: spot.keys.base,
		mouseHand: spot.mouse === 'separate' ? pointingHandOf(person) : null,
		screens: second
			? [main, { share: 1, width: second.isLaptop ? LAPTOP_WIDE_MM : width, distance }]
			: [main],
		things
	});
}
