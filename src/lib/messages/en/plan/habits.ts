import type { HabitId } from '$lib/core/questionnaire/checklist/habits';

/** Six habits for everybody. Facts: common practice. */
export const habitTexts = {
	title: 'Six habits for every desk',
	lead: 'Do you do this at your desk?',
	yes: 'Yes',
	notYet: 'Not yet',
	added: 'We’ve added this to your list.',
	distance: {
		plan: (mm: string) => `Sit back with your eyes ${mm} from the screen.`,
		arm: (mm: string) => `Sit back, an arm’s length from the screen (for you, ${mm}).`,
		band: (low: string, high: string) => `Sit back, ${low} to ${high} from the screen.`
	},
	names: {
		'mouse-close': 'Keep the mouse right beside the keyboard.',
		'straight-wrists': 'Keep your wrists straight.',
		'light-from-the-side': 'Have the light at your side and no glare on the screen.',
		'phone-in-hand': 'Hold the phone in your hand, never with your shoulder.',
		'up-and-about': 'Get up every half hour.'
	} satisfies Readonly<Record<Exclude<HabitId, 'screen-distance'>, string>>,
	shifting: 'Shift your weight, lean and stretch every half hour.'
};
