import type { CheckInRemark } from '../../../core/cases/case-assessment/check-in-remarks';

export const checkInTexts = {
	title: 'How is your desk now?',
	lead: 'This takes two to three minutes.',
	undoneTitle: 'Your changes',
	undoneLead: 'Tick anything that’s no longer in place. If everything is still there, tick nothing.',
	undoneNone: 'You haven’t ticked any step of your plan yet.',
	discomfortTitle: 'How you feel',
	discomfortLead:
		'In the last seven days. Choose a number for each body region, and add any other that hurts.',
	noDiscomfort: 'Nothing hurt in the last seven days',
	worst: 'At its worst, from 0 to 10',
	days: 'On how many of the seven days',
	another: 'Another body region',
	kinds: 'How does it feel?',
	hinders: 'Does it get in the way of your work?',
	newsTitle: 'Anything new?',
	newsLead: 'Tick anything that has changed since your plan was made.',
	news: {
		glasses: 'New glasses or contact lenses',
		moved: 'Another room or another table',
		chair: 'Another chair',
		pregnancy: 'A pregnancy',
		other: 'Something else'
	},
	send: 'Send my answers',
	missing: 'Something is still missing. The first place is marked.',
	missingDiscomfort: 'Choose a number for each body region, or say that nothing hurt.',
	doneTitle: 'Thank you',
	doneLead: 'Your coordinator has your answers.',
	doneWell: 'Everything is still in place and nothing is new. You don’t need to do anything.',
	remarks: {
		'see-today':
			'Please see a doctor today about what you’ve reported, even if your desk is right. Don’t wait for us to call.',
		'see-professional':
			'Please ask a doctor or physiotherapist about what you’ve reported, even if your desk is right.',
		'still-hurts':
			'Something still hurts. If it got worse after a change, undo that change. If it doesn’t ease, see a doctor.',
		'steps-open': 'Your plan has steps that aren’t done yet.',
		'problems-open': 'Your plan has problems that aren’t fixed yet.',
		'with-coordinator': 'Your coordinator still has a message or request from you.'
	} satisfies Record<CheckInRemark, string>,
	undoneNext: 'Your plan shows how to put back what’s no longer in place.',
	newsNext: 'Because something is new, please check these again. Correct only what’s different.',
	newsPage: (title: string) => `Check again: ${title}`,
	otherNext: 'Tell your coordinator in a few words what has changed.',
	plan: 'Go to my plan'
};
