import type { NonHeightCheckId } from '$lib/core/plan/advice/non-height-checks';

/** The checks that are no stacks, now and after the plan. */
export const nonHeightCheckTexts = {
	foldTitle: 'Distances, light, and your desk from above',
	title: 'Not about height',
	now: 'now',
	after: 'after',
	names: {
		'seat-depth': 'Seat edge to knee',
		armrest: 'Elbow above armrest',
		'under-table': 'Room for the armrest under the table',
		distance: 'Eyes to screen',
		gaze: 'Looking down to the middle of the display',
		letters: 'Height of your small letters'
	} satisfies Readonly<Record<NonHeightCheckId, string>>,
	good: {
		between: (low: string, high: string) => `good from ${low} to ${high}`,
		from: (low: string) => `good from ${low}`
	},
	published: (low: string, high: string) =>
		`Published for the middle of the display: ${low} to ${high} (ISO 9241-5).`,
	schools: 'Experts differ: your eyes may meet the top edge, the top third or the middle.',
	zoom: (percent: number) => `Set the zoom to ${percent}%.`,
	lettersHow: (height: string) => `At this distance a small letter should be at least ${height} tall.`,
	fits: 'fits',
	off: 'problem',
	unsure: 'not known yet'
};

/** Daylight at the spot. */
export const lightTexts = {
	title: 'Your window and the sun',
	angle: (degrees: string) => `The window is ${degrees} from where you look.`,
	side: 'That’s good: daylight from the side.',
	turn: (degrees: string) => `Turn the desk by about ${degrees} and it will be at your side.`,
	sunLead: 'When the sun comes in, on a clear day in the middle of the month:',
	month: 'Month',
	face: 'On your face',
	screen: 'On the screen',
	none: 'none',
	never: 'The sun doesn’t reach your face or screen through this window.',
	assumed: 'For a window from 80 cm to 2.2 m above the floor, about 1.5 m away.'
};
