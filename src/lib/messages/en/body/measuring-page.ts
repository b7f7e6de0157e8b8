/** The page about measuring at home, the paper ruler and the ruler on the screen. */
export const measuringPageTexts = {
	title: 'Measuring at home',
	lead: 'A tape measure is best. Without one, any of these will do. Tell us which you used.',
	toTheWalk: 'Back to the questions',
	ways: [
		{
			id: 'tape',
			title: 'Tape measure',
			lines: [
				'Straight down to the floor, at the front of the table or seat. Body lengths are easier with someone’s help.'
			]
		},
		{
			id: 'paper-ruler',
			title: 'Paper ruler, printed',
			lines: [
				'Print at 100%, without “fit to page”. Hold the long side of a bank card to the thick line. Both must be the same length.',
				'Cut out the four strips and glue each to the tab of the one before. That makes a metre.'
			]
		},
		{
			id: 'a4-sheets',
			title: 'Sheets of A4, end to end',
			lines: [
				'The long side of a sheet is 29.7 cm, the short side 21.0 cm (11.69 and 8.27 in). Always use the long side. Fold a sheet for halves, choose “A4 sheets” and count them.'
			]
		},
		{
			id: 'card',
			title: 'A bank card and this screen, for small things',
			lines: [
				'For the thickness of a book or a cushion. Set the scale with a card once. This device remembers it.'
			]
		},
		{
			id: 'photo',
			title: 'Side photo, when you’re alone',
			lines: [
				'A photo from the side with a sheet of A4 in it. You mark your joints, and this device works out eye and elbow height. The photo is never sent.'
			]
		},
		{
			id: 'hand-span',
			title: 'Hand-span, the last resort',
			lines: ['From thumb to little finger, spread. Measure your span once on a sheet of A4, then count.']
		}
	] as readonly { id: string; title: string; lines: readonly string[] }[],
	printA4: 'Ruler for A4 paper',
	printLetter: 'Ruler for Letter paper',
	rulerTitle: 'Paper ruler',
	rulerLead:
		'Print at 100%. Before you cut, hold a bank card to the thick line. If they differ, set the printer’s scale to 100%.',
	check: 'Check: this line is as long as the long side of a bank card (85.6 mm).',
	cardLabel: 'Make the frame as wide as a bank card',
	cardHow: 'Hold the card to the screen, long side across, and move the slider.',
	cardKept: 'This screen’s scale is saved on this device.',
	cardNot: 'Not set yet, so sizes below are a guess.',
	thingLabel: 'Length of a small thing',
	thingHow: 'Hold it to the bar and move the slider until both are the same length.'
};
