/** The record of an assessment for an inspector: of one person, and of a round. */
export const inspectionTexts = {
	title: 'Assessment record · Easy Corner',
	link: 'Assessment record',
	roundLink: 'Record of this round',
	heading: 'Record of a home-workstation assessment',
	roundHeading: 'Record of an assessment round',
	person: (name: string, staffNumber: string, team: string) =>
		[name, ...(staffNumber ? [`staff number ${staffNumber}`] : []), ...(team ? [team] : [])].join(', '),
	printedOn: (day: string) => `As of ${day}`,
	leftOut: 'Discomfort, warning signs, messages and notes are not part of this record.',
	assessed: 'What was assessed',
	when: 'Answered',
	checklist: 'Checklist',
	how: 'How',
	noneYet: 'Nothing has been answered yet.',
	byPerson: (way: string, route: string, by: string) =>
		`${way}; ${route}; answered and measured by the employee${by ? ` (${by})` : ''}`,
	actedOn: 'Who worked on it',
	acted: (name: string, from: string, to: string) =>
		from === to ? `${name}, ${from}` : `${name}, ${from} to ${to}`,
	nobodyYet: 'No coordinator has worked on it yet.',
	heights: 'Heights',
	check: 'Check',
	asAnswered: 'As answered',
	now: 'Now',
	problems: 'Problems found',
	noProblems: 'The answers show no problem besides heights.',
	problemStates: { open: 'open', done: 'fixed', 'not-here': 'can’t be fixed there' },
	measures: 'Measures',
	noMeasures: 'None were needed.',
	stepDone: (step: string, things: string, day: string) =>
		`${step}${things ? ` (${things})` : ''}: done ${day}`,
	stepOpen: (step: string, things: string) => `${step}${things ? ` (${things})` : ''}: not done yet`,
	equipment: (item: string, state: string, day: string) => `${item}: ${state}${day ? `, ${day}` : ''}`,
	referred: (day: string) => `A clinician was asked for advice on ${day}.`,
	review: 'Next review',
	reviewOn: (day: string) => `On ${day}`,
	noReview: 'No day is set.',
	signature: 'Date and signature of the coordinator',
	employeeSignature: 'Date and signature of the employee',
	roundFacts: (from: string, until: string) => `${from} to ${until}`,
	invited: (invited: number, answered: number, shown: (n: number) => string) =>
		`${shown(invited)} people were invited; ${shown(answered)} have answered.`,
	notListed: (n: number, shown: (n: number) => string) =>
		`The list shows the first ${shown(n)} by name. The others are in the file of people.`,
	name: 'Name',
	team: 'Team',
	openProblems: 'Open problems',
	steps: 'Steps done',
	stepsOf: (done: number, of: number) => (of === 0 ? 'none needed' : `${done} of ${of}`),
	notAnswered: 'not yet',
	none: 'none'
};
