/** Texts of the start page. */
export const startTexts = {
	title: (name: string) => `Hello ${name}. Let’s check whether your desk fits you.`,
	lead: (minutes: number) => `It takes about ${minutes} minutes, best with a tape measure.`,
	again: {
		title: 'What is different from last time?',
		lead: 'We’ve saved what you measured. Tick what has changed. We’ll ask only about that, about how you feel, and about safety.',
		renewed: {
			place: 'Another table, room or home',
			chair: 'Another chair',
			devices: 'Another screen, keyboard or mouse',
			glasses: 'New glasses or lenses'
		},
		stillTitle: 'Is it still in place?',
		stillLead: 'You put these in place after last time. Untick anything that’s gone.',
		step: (place: string, pieces: string) => (pieces ? `${place}: ${pieces}` : place),
		finding: (problem: string) => `Fixed: ${problem}`
	},
	everything: (minutes: number) => `Ask me everything (about ${minutes} minutes)`,
	linesTitle: 'Before you start',
	moreOnPrivacy: 'Read more about your data',
	begin: 'I’ve read this. Start',
	goOn: 'Continue where I stopped',
	toPlan: 'Go to my plan'
};
