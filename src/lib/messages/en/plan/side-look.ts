import type { SideViewPointId } from '$lib/core/plan/advice/side-view-points';

/** What to look for from the side once the plan is carried out. Facts: common practice. */
export const sideViewPointTexts = {
	title: 'Look from the side',
	link: 'Look from the side',
	lead: 'Ask someone, use a mirror, or prop up your phone and take a picture. Sit or stand as you work, then compare.',
	right: 'Looks right',
	off: 'Looks off',
	toStep: (step: string) => `Back to the step “${step}”`,
	noStep: 'There’s no step for this. Tell your coordinator.',
	done: 'Everything looks right. Your desk is set up.',
	offCount: (n: number) => (n === 1 ? 'One thing to go back to.' : `${n} things to go back to.`),
	points: {
		'ear-over-shoulder': {
			name: 'Ear over shoulder',
			look: 'Your ear is above your shoulder, not in front of it.'
		},
		'shoulder-over-hip': {
			name: 'Shoulder over hip',
			look: 'Your shoulder is above your hip: you don’t lean in or slump.'
		},
		'hip-against-knee': {
			name: 'Hip against knee',
			look: 'Your hips are level with your knees or a little higher.'
		},
		'whole-foot': { name: 'Whole foot', look: 'Both feet rest whole, heels too.' },
		'back-filled': { name: 'Back filled', look: 'No daylight shows between your low back and the backrest.' },
		'forearm-level': { name: 'Forearm level', look: 'Your upper arm hangs, your forearm is about level.' },
		'wrist-straight': {
			name: 'Wrist straight',
			look: 'The back of your hand and your forearm are one line.'
		},
		'elbow-at-body': { name: 'Elbow at the body', look: 'Your elbow is beside you, not out in front.' },
		'screen-top': {
			name: 'Top of the screen',
			look: 'The top of the display is at your eyes or a little below.'
		},
		'arms-length': {
			name: 'Distance to the screen',
			look: 'You sit back, and your head doesn’t lean towards the screen.'
		}
	} satisfies Record<SideViewPointId, { name: string; look: string }>
};

/** Questions not asked before the plan. */
export const skippedQuestionTexts = {
	title: 'More questions (optional)',
	lead: 'We only asked what could change your plan. If you have more time, you can answer these too:',
	line: (page: string, minutes: number) => `${page}, about ${minutes} min`
};

/** Usual sizes of what the plan uses. */
export const sizeCheckTexts = {
	title: 'Check before you build',
	ask: (used: number, label: string, height: string) =>
		used > 1 ? `${used} × ${label} in one pile: about ${height} high?` : `${label}: about ${height} high?`,
	right: 'Yes, about',
	other: (unit: string) => `No, it’s (${unit})`,
	keep: 'Make a new plan with this'
};
