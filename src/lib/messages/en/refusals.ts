/** Why an act at the employee's door was refused, and what to do about it. */
export const refusalTexts = {
	notComplete: 'This link is not complete. Open it from your letter once more, or copy all of it.',
	// A link that has ended, by why it did.
	endedReplaced: 'This link was replaced by a newer one. Use the newest letter from your coordinator.',
	endedLeft:
		'This link has ended because you’re marked as having left the organisation. If that’s wrong, tell your coordinator. If you feel unwell, don’t wait for anybody: call your doctor, or the emergency number.',
	endedWithdrawn:
		'You withdrew your answers, so this link has ended and nothing more is kept. If you’d like to take part after all, ask your coordinator for a new link.',
	// More in one day than any person does.
	tooManySolves:
		'Your plan was worked out very often today. Your answers are saved. Make a new plan tomorrow.',
	tooManyMessages:
		'You wrote many messages today. Your coordinator has them all. Write again tomorrow, or call them.',
	tooManyMeasures: 'You measured very often today. Measure again tomorrow.',
	tooManyRequests:
		'That was changed very often today. Change it again tomorrow, or write to your coordinator.',
	noPlanYet: 'There is no plan yet. Finish the questions first.',
	finishFirst: 'Finish the questions first. Then we know what helps.',
	tooLarge: 'That is more than one self-assessment holds. Take something out first.',
	consentFirst:
		'Please read what we collect and choose Begin first. Before that, we pass on warning signs only.',
	emergencyOpen:
		'You told us about an emergency sign, so your pages are closed for now. What you typed is saved. Open your link: it shows the number to call, and how to go on.',
	changedMeanwhile: 'Your answers changed while the plan was worked out. Everything is kept; try again.',
	notShared: 'You don’t share your breaks, so nothing was kept.',
	planGone: 'This plan has been replaced. Here is the newest one.',
	enoughSpots: ({ most }: { most: number }) => `There are ${most} spots already.`
};
