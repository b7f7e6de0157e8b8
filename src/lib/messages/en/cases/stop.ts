/** Texts of the stop page and related pages, separate from the catalogue that every page loads. */
export const stopTexts = {
	lead: 'You reported:',
	do: [
		'Call. Say what you feel and since when.',
		'Don’t drive yourself. Unlock the door, and stay with someone if you can.',
		'Leave your desk as it is. Your answers are saved, and your link still works tomorrow.'
	] as readonly string[],
	reportReceived:
		'Your coordinator has your report, but may not be at work. Don’t wait for them: call now. This tool doesn’t diagnose.',
	deputyTold: (minutes: number) =>
		`If nobody has opened it after ${minutes} minutes, we email a deputy. Even so, don’t wait.`,
	outOfHours: 'Outside working hours, your organisation says:',
	openAgain: 'To use your pages again',
	slip: 'I tapped this by mistake',
	seen: 'A doctor or emergency service has seen me',
	safe: 'I’m safe now and someone is with me',
	note: 'Your coordinator sees what you tap here and will still check that you’re all right.',
	needsNetwork: 'This works when you’re online again. Calls work without the internet.',
	mistakeTitle: 'Did you tap this by mistake?',
	mistakeLead: 'You reported:',
	mistakeYes: 'Yes, by mistake. I don’t have this',
	mistakeNo: 'No, I have this',
	staysOpen: 'Always open',
	write: 'Write to your coordinator',
	privacy: 'Read how your data is used',
	download: 'Download your data',
	withdraw: 'Withdraw your answers',
	distressTitle: 'You don’t have to get through this alone.',
	distressLead:
		'You’ve had thoughts of ending your life. Thank you for saying so. Please talk to someone now.',
	distressNoLine: (number: string) =>
		`Your organisation hasn’t set a crisis line for your country. Call ${number}, or your local emergency number: they help with this too.`,
	distressDo: [
		'Don’t stay alone. Go to someone you trust, or ask them to come or stay on the phone.',
		'If you’re in danger now, or you’ve hurt yourself, call the emergency number.',
		'Keep away anything you could use to hurt yourself.'
	] as readonly string[],
	distressTold: 'Your coordinator has your report, but may not be at work. Please don’t wait for them.',
	privacyTitle: 'How your data is used',
	privacyBack: 'Back to the start',
	/** The start page once an emergency is over. */
	after: {
		title: (name: string) => `Hello ${name}. Take your time.`,
		happened: (day: string) => `On ${day} you reported a sign of an emergency, and we stopped here.`,
		how: {
			seen: 'Since then, you’ve said that a doctor or emergency service has seen you.',
			mistake: 'Since then, you’ve said that it was a mistake.',
			'safe-now': 'Since then, you’ve said that you’re safe and not alone.',
			outcome: 'Since then, your coordinator has recorded what happened.'
		},
		ifAgain: (number: string) => `If it comes back, call ${number} or your local emergency number at once.`,
		noHurry: 'Your desk can wait. Everything you’ve entered is saved, and your link keeps working.',
		another: 'Not today',
		rested: (day: string) => `We won’t remind you before ${day}. Open this link whenever you’re ready.`
	}
};
