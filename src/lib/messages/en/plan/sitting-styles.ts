import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';

/** Sitting styles to try for a day each. Facts: common practice. */
export const sittingStyleTexts = {
	title: 'Try another sitting style',
	lead: 'Experts differ about the best way to sit. Try one for a day, then keep what feels better.',
	choose: 'Sitting styles',
	current: 'Your plan is made for this style.',
	since: (day: string) => `You’ve been trying this since ${day}.`,
	evening: 'In the evening, your plan’s page asks how the day was.',
	how: 'How to sit',
	asksTitle: 'Changes at your desk',
	asksNothing: 'Nothing changes at your desk.',
	care: 'Stop if anything hurts more than before, or if you feel tingling or numbness.',
	tryIt: 'Try this style today',
	keep: 'Keep this style and plan with it',
	stop: 'Stop trying and go back to my plan',
	back: 'Back to my plan',
	ways: {
		upright: {
			name: 'Upright',
			what: 'Elbows and knees at about a right angle. Most standards describe this one.',
			how: [
				'Sit all the way back, so that the chair supports your low back.',
				'Let your upper arms hang, with your forearms level.',
				'Keep your hips level with your knees or a little higher.'
			]
		},
		open: {
			name: 'Open',
			what: 'Elbows and knees wider than a right angle. It needs a low table.',
			how: [
				'Sit all the way back and lean a little.',
				'Let your forearms slope down to the keys.',
				'Put your feet a little forward, with your hips higher than your knees.'
			]
		},
		'forearms-down': {
			name: 'Forearms on the table',
			what: 'The table carries your arms, so your shoulders can rest.',
			how: [
				'Push what you type on back until both forearms lie on the table.',
				'Sit close, with your shoulders down.',
				'Keep your wrists straight and off the edge.'
			]
		},
		active: {
			name: 'Active',
			what: 'On the front of the seat with your back free. It’s for half an hour at a time.',
			how: [
				'Sit on the front third of the seat, with both feet flat.',
				'Keep your hips clearly higher than your knees.',
				'After half an hour, sit back or stand up.'
			]
		}
	} satisfies Readonly<
		Record<SittingStyle, { readonly name: string; readonly what: string; readonly how: readonly string[] }>
	>
};
