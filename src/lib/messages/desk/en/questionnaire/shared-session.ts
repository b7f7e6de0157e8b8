/** A walkthrough with an employee on the phone, from the desk. */
export const deskSharedSessionTexts = {
	link: 'Look together',
	title: (name: string) => `Together with ${name} · Easy Corner`,
	back: (name: string) => `Back to ${name}`,
	heading: (name: string) => `Look at it together with ${name}`,
	lead: 'You’re both on the phone and look at the same drawing. Every entry of either of you appears on it at once.',
	notStarted: (name: string) =>
		`${name} starts it: on any page of their personal link, under “Look at it together”. Their page then shows a code.`,
	started: (name: string) => `${name} has started. Ask for the code on their page.`,
	code: 'Code',
	join: 'Come in',
	marked: 'Enter what is read out to you. It’s marked as read out, with your name.',
	readOut: (n: number, name: string, day: string) =>
		`${n === 1 ? 'One answer was' : `${n} answers were`} read out to ${name}, last on ${day}.`,
	day: 'Day of the follow-up',
	setDay: 'Set the day',
	followUpReason: 'After looking at it together'
};
