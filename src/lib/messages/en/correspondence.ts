export const withdrawalTexts = {
	title: 'Withdraw your answers?',
	lead: 'We delete everything you gave us at once: your answers, plans, check-ins, requests, messages and links. This can’t be undone.',
	stays:
		'We keep a note that you were asked and that you withdrew. Your coordinator’s own notes about contacts with you stay, too.',
	signStays:
		'A warning sign you reported also stays with your coordinator until they’ve reached you. We never lose a warning sign.',
	confirm: 'Withdraw everything',
	keep: 'Keep my answers',
	doneTitle: 'Your answers are withdrawn',
	doneLead: 'We’ve deleted your answers, and your links no longer work. You can close this page.'
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
	lead: 'Messages between you and your coordinator. People with the coordinator role can read them, and a clinician if you’re referred to one.',
	left: 'Your self-assessment is closed. You can still read and write here.',
	none: 'No messages yet.',
	you: 'You',
	yourCoordinator: 'Your coordinator',
	write: 'Write to your coordinator',
	care: 'This isn’t for emergencies. If something can’t wait, call your emergency number.',
	send: 'Send message',
	back: 'Back to my page',
	link: 'Messages',
	requestStates: {
		asked: 'requested, not decided yet',
		approved: 'approved',
		ordered: 'ordered',
		declined: 'declined',
		sent: 'on its way',
		arrived: 'arrived',
		returned: 'returned'
	}
};
