/** Why something was refused to an employee, or to anyone, and what to do about it. */
export const refusalTexts = {
	notComplete: 'This link isn’t complete. Open it from your email again, or copy all of it.',
	// A link that has ended, by reason.
	endedReplaced: 'This link was replaced by a newer one. Use the newest email from your coordinator.',
	endedLeft:
		'This link no longer works because you’re marked as a leaver. If that’s wrong, tell your coordinator. If you feel unwell, call your doctor or the emergency number now.',
	endedWithdrawn:
		'You withdrew your answers, so this link no longer works. If you’d like to take part after all, ask your coordinator for a new link.',
	// More than anyone does in a day.
	tooManySolves: 'You’ve made many plans today. Your answers are saved. Please make a new plan tomorrow.',
	tooManyMessages:
		'You’ve sent many messages today. Your coordinator has them all. Write again tomorrow, or call them.',
	tooManyMeasures: 'You’ve measured many times today. Please measure again tomorrow.',
	tooManyRequests:
		'You’ve changed this many times today. Change it again tomorrow, or write to your coordinator.',
	noPlanYet: 'There is no plan yet. Finish the questions first.',
	finishFirst: 'Finish the questions first. Then we’ll know what helps.',
	tooLarge: 'This is more than we can save in one self-assessment. Remove something first.',
	consentFirst:
		'Please read what we collect and choose Start first. Before that, we pass on warning signs only.',
	emergencyOpen:
		'You reported an emergency sign, so your pages are closed for now. Everything you typed is saved. Open your link: it shows the number to call, and how to go on.',
	changedMeanwhile: 'Your answers changed while we made the plan. Everything is saved. Please try again.',
	sharedSessionEnded: 'This walkthrough has ended. Start another one if you need it.',
	notInSharedSession: 'This isn’t part of the walkthrough. Answer it on its own page.',
	notShared: 'You don’t share your breaks, so nothing was saved.',
	notOffered: 'This is no longer offered. Reload the page to see what is.',
	trialAnswered: 'This day has been answered already.',
	trialGone: 'You aren’t trying anything anymore. Here is your plan.',
	planGone: 'This plan has been replaced. Here is the newest one.',
	enoughSpots: ({ most }: { most: number }) => `You already have ${most} workstations.`,
	// Shared by both doors: what any request may run into.
	writeAFewWords: 'Write a few words first.',
	busySolving: 'We’re making many plans at the moment. Nothing is lost. Try again in a minute.',
	personGone: 'This person’s data has been deleted.',
	noSuchDay: 'Choose a day that exists.',
	notUtf8: 'We couldn’t read this text. Send it as UTF-8.',
	nestedTooDeeply: 'This data is nested too deeply. Send it with fewer levels.',
	notJson: 'We couldn’t read this data. Send valid JSON.',
	unreadableForm: 'We couldn’t read this form. Reload the page and try again.',
	solvingTooLong: 'This plan took too long, so we stopped. Nothing is lost. Try again with fewer items.',
	tooManyWrites: ({ seconds }: { seconds: number }) =>
		`Too many changes at once. Nothing is lost. Try again in ${seconds === 1 ? 'a second' : `${seconds} seconds`}.`,
	tooManyWindows: 'This is open in too many windows. Close some, then reload this one.',
	bodyTooLarge: ({ kB }: { kB: number }) => `This is larger than ${kB} kB. Send less at once.`,
	unreadableText: ({ at }: { at: string }) =>
		`${at || 'The text'} contains characters that we can’t read. Remove them and try again.`,
	unreadableField: ({ field }: { field: string }) => `We can’t read ${field}.`,
	/** A check of a field has its own words: what, where, and what to do. */
	checked: ({ text }: { text: string }) => text,
	foreignSite: 'This request came from another site, so we didn’t carry it out.',
	noPageHere: 'There’s no page at this address. Check the address, or go back.',
	tooMuchAtOnce: 'This is too much at once. Send less, then try again.',
	unreadableRequest: 'We couldn’t read this. Go back and try again.',
	ourFault: 'Something went wrong on our side, and this step wasn’t saved. Try again in a moment.'
};
