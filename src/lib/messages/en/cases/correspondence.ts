export const withdrawalTexts = {
	title: 'Withdraw your answers?',
	lead: 'We delete your answers, plans, check-ins, requests, messages and links as soon as you press the button. This can’t be undone.',
	stays:
		'We keep a note that you were asked and that you withdrew. Your coordinator’s own notes about contacts with you stay, too. So do log entries without your name and totals in earlier reports, and backups for a while.',
	signStays: 'A warning sign you reported also stays with your coordinator until they’ve reached you.',
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

export const ownRequestTexts = {
	title: 'Equipment you asked for',
	lead: 'Your coordinator decides on each request. We email you when there is news.',
	none: 'You haven’t asked for any equipment.',
	withdraw: 'Withdraw request',
	address: 'Where should it be delivered?',
	addressHint: 'Your coordinator and the supplier see it. We delete it when everything has arrived.',
	save: 'Save address',
	saved: 'Saved. Your coordinator sees the address with your requests.',
	eyeTest: 'Eye test',
	entitled: (months: number | null) =>
		`You can have an eye test at no cost to you${months === null ? '' : months === 1 ? ', every month' : `, every ${months} months`}, and sooner if your eyes are troubled.`,
	law: (law: string) => `This rests on: ${law}.`,
	ask: 'Ask for an eye test',
	lastDone: (day: string) => `Your last eye test is recorded for ${day}.`,
	eyeTestAsked: 'You’ve asked for an eye test. Your coordinator will arrange it with you.'
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
	equipment: 'Equipment requests',
	equipmentAndTest: 'Equipment and eye test',
	eyeTest: 'an eye test',
	eyeTestDone: 'done',
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
