import type { Seat } from '$lib/core/workstation/corner/corner';

/** A chair with a back and nothing else, for tests that are about something else. */
export const PLAIN_CHAIR: Seat = {
	kind: 'chair',
	height: 450,
	give: 0,
	range: null,
	depth: 420,
	backrest: true,
	lumbar: false,
	armrest: null,
	castors: false
};
