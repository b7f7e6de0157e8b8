export const sideViewTexts = {
	first: 'At first',
	now: 'Now',
	after: 'After the plan',
	again: 'As you measured it now',
	choose: 'Show the side view',
	levels: { eye: 'eye', elbow: 'elbow', seat: 'seat' },
	scale: (unit: string) => `To scale. Heights in ${unit} above the floor.`,
	gap: {
		keys: { low: 'keyboard too high', high: 'keyboard too low' },
		table: { low: 'table top too high', high: 'table top too low' },
		eye: { low: 'screen too low', high: 'screen too high' },
		knee: { low: 'seat too low', high: 'seat too high for the feet' }
	},
	/** What a hatched zone says. */
	zone: {
		elbow: 'Good height for the hands',
		eye: 'Good height for the top of the screen',
		knee: 'Good height for the seat'
	},
	zoneLegend: 'Hatched: good height.',
	text: {
		oneKnee: (height: string) =>
			`From the side, to scale: one knee on a stool ${height} high, the other foot on the floor.`,
		intro: (posture: 'sitting' | 'standing') => `Side view of your workstation, ${posture}, to scale.`,
		heights: (list: string) => `Heights above the floor: ${list}.`,
		stack: (place: string, list: string, rise: string) => `${place}: ${list}, together ${rise}.`,
		nothingBuilt: 'Nothing is added.'
	},
	surface: 'table',
	screenTop: 'screen top'
};
