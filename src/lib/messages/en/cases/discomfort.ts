import type { DiscomfortKind, RegionPart, WORK_INTERFERENCE } from '$lib/core/cases/discomfort/report';
import type { Region } from '$lib/core/cases/discomfort/regions';

export const discomfortTexts = {
	question: 'Where has it hurt in the last seven days?',
	nothing: 'Nothing hurts',
	list: 'Choose from a list',
	figure: 'Figure, front and back. The list beside it has the same body regions.',
	front: 'front',
	back: 'back',
	places: {
		head: 'Head',
		eyes: 'Eyes',
		neck: 'Neck',
		shoulder: 'Shoulder',
		'upper-back': 'Upper back',
		elbow: 'Elbow',
		'wrist-hand': 'Wrist or hand',
		'low-back': 'Low back',
		'hip-thigh': 'Hip or thigh',
		knee: 'Knee',
		'ankle-foot': 'Ankle or foot'
	} satisfies Readonly<Record<Region, string>>,
	/** The same within a sentence. */
	placesWithin: {
		head: 'head',
		eyes: 'eyes',
		neck: 'neck',
		shoulder: 'shoulder',
		'upper-back': 'upper back',
		elbow: 'elbow',
		'wrist-hand': 'wrist or hand',
		'low-back': 'low back',
		'hip-thigh': 'hip or thigh',
		knee: 'knee',
		'ankle-foot': 'ankle or foot'
	} satisfies Readonly<Record<Region, string>>,
	bothSides: (name: string) => `${name}, both sides`,
	sided: (name: string, side: 'left' | 'right') => `${name}, ${side}`,
	worst: 'At its worst',
	worstEnds: '0 is none, 10 is the worst you can imagine',
	days: 'On how many of the seven days?',
	hinders: 'Does it get in the way of your work?',
	hindersOptions: { no: 'No', 'a-little': 'A little', much: 'A lot' } satisfies Readonly<
		Record<(typeof WORK_INTERFERENCE)[number], string>
	>,
	kinds: 'How does it feel?',
	kindOptions: {
		ache: 'Ache',
		pain: 'Pain',
		stiffness: 'Stiffness',
		'tingling-or-numbness': 'Tingling or numbness',
		weakness: 'Weakness',
		'tired-or-dry-eyes': 'Tired or dry eyes'
	} satisfies Readonly<Record<DiscomfortKind, string>>,
	parts: 'Where exactly?',
	partOptions: {
		thumb: 'The thumb',
		'outer-side': 'The outer side'
	} satisfies Readonly<Record<RegionPart, string>>,
	none: 'none',
	level: (worst: number) => `${worst} of 10`,
	daysMissing: 'On how many days?',
	care: 'From 7 of 10, or with numbness, tingling or weakness that stays, see a doctor. This guides; it doesn’t diagnose.'
};
