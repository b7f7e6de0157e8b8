import type { VariantId } from '$lib/core/workstation/variants/variant';

/** Numbers of a variant in the person's unit; empty where it has none. */
export interface VariantWords {
	readonly from: string;
	readonly to: string;
	readonly standingFrom: string;
	readonly standingTo: string;
	readonly rise: string;
	readonly edge: string;
	readonly feet: string;
	readonly lower: string;
	readonly nearer: string;
	readonly degrees: string;
	/** Household items that it needs. */
	readonly things: readonly string[];
}

/** Other ways, each with what to do. Facts: common practice. */
export const variantTexts: Readonly<
	Record<
		VariantId,
		{ readonly name: string; readonly how: (w: VariantWords) => string; readonly care?: string }
	>
> = {
	'another-spot': {
		name: 'A better place first',
		how: (w) =>
			`A sofa or bed can’t be made to fit. Look for a table between ${w.from} and ${w.to} high, with a chair whose seat is at ${w.rise}.`,
		care: 'Until then, work here for half an hour at most, then move.'
	},
	'keyboard-on-lap': {
		name: 'The keyboard on your lap',
		how: (w) =>
			w.things.length > 0
				? `Fold ${w.things[0]} in two, lay it on your lap and put the keyboard on it. Your hands come down to your elbows.`
				: 'Lay the keyboard on your lap. Your hands come down to your elbows.',
		care: 'Never a laptop on a towel: its vents need air.'
	},
	'mouse-on-side-table': {
		name: 'The mouse on a side table',
		how: (w) => `Put a small table right beside you. Its top should be between ${w.from} and ${w.to} high.`
	},
	wedge: {
		name: 'A slope under the keyboard',
		how: (w) =>
			`Put ${w.things[0]} under the keyboard with its spine towards you. It slopes away by ${w.degrees}. The keyboard rises by ${w.rise}, its near edge by ${w.edge}.`,
		care: 'Your wrists should end up straight. If they don’t, remove it.'
	},
	'sloped-books': {
		name: 'A sloped rest for your feet',
		how: (w) =>
			w.things.length > 1
				? `Lean ${w.things[0]} on ${w.things[1]}: it slopes by ${w.degrees}. Use it in turns with the flat one.`
				: `Rest your feet on ${w.things[0]} and let them rock, in turns with the flat one.`,
		care: 'For resting feet only. Never stand on it.'
	},
	'jacket-roll': {
		name: 'If the roll slips',
		how: () => 'Hang a jacket over the chair and push the roll through its pocket. It stays at any height.'
	},
	recline: {
		name: 'Leaning back, with the screen following',
		how: (w) =>
			`Lean the backrest back by ${w.degrees}. Your eyes come down by ${w.lower}, so bring the screen ${w.nearer} closer and tilt it back as far.`,
		care: 'Experts differ: others sit upright. Lean only as far as your head stays supported.'
	},
	'high-chair': {
		name: 'A high chair, in turns with standing',
		how: (w) =>
			`At this height you can also sit: on a seat ${w.from} high, with a rest ${w.feet} high for your feet.`,
		care: 'Only on a chair made to be that high.'
	},
	'knee-on-stool': {
		name: 'One foot ahead, or a knee on a stool',
		how: (w) => `Rest one knee on a stool about ${w.from} high, or put one foot ahead. Change sides.`,
		care: 'Standing still for long is as bad as sitting still.'
	},
	'move-about': {
		name: 'Change places every half hour',
		how: (w) =>
			w.from
				? `With the laptop alone, no place is right for long. Your hands are right at tables from ${w.from} to ${w.to}, or standing from ${w.standingFrom} to ${w.standingTo}.`
				: `With the laptop alone, no place is right for long. Standing, your hands are right at surfaces from ${w.standingFrom} to ${w.standingTo}.`
	}
};
