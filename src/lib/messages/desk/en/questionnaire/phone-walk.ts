/** The questions on the phone, with a person who has no device. */
export const phoneWalkTexts = {
	link: 'Ask on the phone',
	title: (name: string) => `On the phone with ${name} · Easy Corner`,
	back: (name: string) => `Back to ${name}`,
	heading: 'Ask the questions on the phone',
	lead: (name: string) =>
		`For a person without a device at hand: you read each question out, and enter what ${name} says and measures.`,
	inTheirLanguage: (language: string) => `The questions appear in ${language}.`,
	hasLeft: (name: string) => `${name} has left, so no self-assessment can begin.`,
	readOut: 'First read out what is collected',
	ask: 'Ask whether they agree',
	agreed: (name: string) => `${name} has heard this and agrees`,
	begin: 'Begin the questions',
	goOn: 'Go on with the open self-assessment',
	then: 'While you ask',
	signs:
		'The warning signs come first. If a sign means an emergency, the page shows the number to call: have them hang up and call it, or call it for them.',
	marked:
		'The case, the timeline and the assessment record say that the answers were given on the phone, and who asked.',
	answered: (name: string, day: string) => `Answered on the phone with ${name}, begun ${day}.`,
	asked: (name: string) => `asked on the phone by ${name}`,
	closed: 'a closed account'
};
