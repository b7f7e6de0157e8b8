import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
import {
	IN_A_WHEELCHAIR,
	LOW_LENSES,
	OWN_MOUSE,
	AT_STANDING_SPOT
} from '$lib/core/plan/conditions/fact-groups';
import type { WordsByFacts } from '../../words-by-facts';
import type { PlacedDeskThing } from '$lib/core/workstation/desk/placed-thing';
import { typed } from '../../typed';

/** What the drawing of a station shows: this person, with everything fitting. */
export const howToLookTexts: Readonly<Partial<Record<QuestionnairePage, WordsByFacts>>> = {
	feet: [
		{ holds: IN_A_WHEELCHAIR, text: 'Like this: both feet whole on the plates, thighs level.' },
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'Like this: the whole foot down, knees a little higher than your hips.'
		},
		{
			holds: { way: ['active'] },
			text: 'Like this: the whole foot down, hips well above your knees.'
		},
		{ holds: {}, text: 'Like this: the whole foot down, thighs level or sloping slightly towards the knees.' }
	],
	back: [
		{ holds: AT_STANDING_SPOT, text: 'Like this: shoulders over hips, hips over feet.' },
		{
			holds: { way: ['active'] },
			text: 'Like this: on the front of the seat, back free, shoulders over hips.'
		},
		{ holds: { back: ['eased-by-rounding'] }, text: 'Like this: all the way back, your back free to round.' },
		{
			holds: { seat: ['chair'] },
			text: 'Like this: all the way back, low back supported, shoulders over hips.'
		},
		{ holds: {}, text: 'Like this: shoulders over hips, weight even.' }
	],
	hands: [
		{
			holds: { way: ['open'] },
			text: 'Like this: upper arm hanging, forearm sloping down a little, wrist straight.'
		},
		{
			holds: { way: ['forearms-down'], posture: ['sitting'] },
			text: 'Like this: the table carries your forearms, shoulders down, wrists straight.'
		},
		{ holds: {}, text: 'Like this: upper arm hanging, forearm level, wrist straight.' }
	],
	safety:
		'Like this: the power strip hangs under the table and plugs into the wall. The floor at your feet is clear.',
	second: [
		{
			holds: AT_STANDING_SPOT,
			text: 'Like this, for part of the day: sitting, with the keyboard at elbow height again.'
		},
		{ holds: {}, text: 'Like this, for part of the day: standing, with the keyboard at elbow height again.' }
	],
	spot: 'Like this, from above: the window at your side, no one walking past behind you.',
	mouse: [
		{
			holds: OWN_MOUSE,
			text: 'Like this, from above: the mouse right beside the keyboard, within easy reach of your forearm.'
		},
		{ holds: {}, text: 'Like this, from above: the keyboard within easy reach of your forearms.' }
	],
	light: 'Like this, from above: papers by the screen, the lamp away from your writing hand.',
	screen: [
		{
			holds: LOW_LENSES,
			text: 'Like this: looking straight ahead, you look over the screen, which leans back.'
		},
		{ holds: {}, text: 'Like this: looking straight ahead, you meet the top edge of the display.' }
	]
};

/** Labels in the view from above. */
export const householdLookTexts = typed<Readonly<Partial<Record<PlacedDeskThing['name'], string>>>>({
	mouse: 'mouse',
	phone: 'phone',
	papers: 'papers',
	lamp: 'lamp',
	keyboard: 'keyboard'
});

/** The view of the desk from above, for this person and their equipment. */
export const deskLayoutTexts = {
	title: 'Your desk from above',
	lead: 'Keep what you use all the time inside the inner lines, where your forearms reach.',
	twoMostly: 'The screen you use most stands straight ahead, the other beside it, turned towards you.',
	twoAlike: 'Both screens turn in to you, with the gap between them straight ahead.',
	raiseSecond: (rise: string) =>
		`Raise the laptop beside it to about ${rise} above the table. Then both tops are level.`,
	outOfReach: (list: string) => `Out of easy reach here: ${list}.`,
	overEdge: (list: string) => `There isn’t room on this desk for: ${list}.`
};
