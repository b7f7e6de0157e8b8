/** What the plan says about other sitting styles; their own page has separate texts. */
export const styleTrialTexts = {
	link: 'Try another sitting style'
};

/** The self-test of the back. Facts: common practice. */
export const backTestTexts = {
	title: 'Not sure? A half-minute test',
	steps: [
		'Sit on the front of a firm chair, both feet flat.',
		'Round your back slowly, then arch it slowly. Do this five times.',
		'Stay in each for a breath. Which of the two eases your back?'
	],
	round: 'Rounding: the back curves forwards and the head hangs.',
	arch: 'Arching: the chest comes up and the low back hollows.',
	care: 'Go only as far as is comfortable. Stop if pain runs down a leg, and choose “Nothing special”.'
};
