export const withdrawalTexts = {
	title: 'Withdraw your answers?',
	lead: 'We remove everything you gave us at once: your answers, plans, check-ins, requests, messages and links. This can’t be undone.',
	stays:
		'What stays: that you were asked, that you withdrew, and your coordinator’s own notes of talks with you.',
	signStays:
		'A warning sign you reported also stays with your coordinator until they’ve reached you. We never lose a warning sign.',
	confirm: 'Withdraw everything',
	keep: 'Keep them',
	doneTitle: 'Withdrawn',
	doneLead: 'Your answers are removed and your links have ended. You can close this page.'
};

export const reminderTexts = {
	title: 'Reminders',
	coming: 'We send you reminders while a self-assessment or a check-in isn’t answered.',
	stopped: 'We’ve stopped your reminders.',
	others: 'You still get messages from your coordinator, and they may call you.',
	stop: 'Stop reminders',
	resume: 'Send me reminders again',
	back: 'Back to my page'
};

export const messageTexts = {
	title: 'Messages',
	lead: 'Between you and your coordinator. Only coordinators read this, and a clinician if you’re referred to one.',
	left: 'Your self-assessment has ended. You can still read and write here.',
	none: 'Nothing has been written yet.',
	you: 'You',
	write: 'Write to your coordinator',
	care: 'Not for emergencies: if something can’t wait, call your emergency number.',
	send: 'Send',
	back: 'Back to my corner',
	link: 'Messages',
	requestStates: {
		asked: 'asked for, not decided yet',
		approved: 'approved',
		ordered: 'ordered',
		declined: 'declined',
		sent: 'on its way',
		arrived: 'arrived',
		returned: 'given back'
	}
};
