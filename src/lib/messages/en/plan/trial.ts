/** Another plan or sitting style for a day, and the plan's own for a day. */
export const trialTexts = {
	trying: { style: 'You’re trying another sitting style.', plan: 'You’re trying another plan.' },
	look: { style: 'See how to sit', plan: 'Look at it' },
	day: { tried: 'Today is the day to try it.', own: 'Today, sit and work as your plan says, to compare.' },
	later: {
		tried: (day: string) => `The day to try it is ${day}.`,
		own: (day: string) => `On ${day}, sit and work as your plan says. Then answer the same question.`
	},
	care: 'Stop if anything hurts more than before, or if you feel tingling or numbness.',
	question: 'How comfortable was today? 0 is very bad, 10 very good.',
	asksByEmail: (time: string) => `We’ll also ask you by email at ${time}.`,
	doneForToday: 'I’m done for today',
	save: 'Save',
	notToday: 'I didn’t do it today',
	days: (tried: number, own: number) =>
		`The day you tried it: ${tried} of 10. The day with your plan: ${own} of 10.`,
	better: {
		tried: 'The day you tried it was better.',
		own: 'The day with your plan was better.',
		same: 'There was no clear difference.'
	},
	keep: { tried: 'Keep what I tried', own: 'Keep my plan' },
	stop: 'Stop trying it',
	tryPlan: 'Try this plan for a day'
};
