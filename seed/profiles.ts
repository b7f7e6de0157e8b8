import { cornerFromAnswers } from '../src/lib/core/questionnaire/answers/corner-from-answers';
import { redFlagField } from '../src/lib/core/questionnaire/answers/checklist-fields';
import type { Answers } from '../src/lib/core/questionnaire/answers/fields';
import { checkCorner } from '../src/lib/core/workstation/checks/check-corner';
import type { CheckId } from '../src/lib/core/workstation/checks/check-values';
import { RED_FLAGS } from '../src/lib/core/cases/discomfort/red-flags';
import { Dice } from './random';

/** A generated answer could not be read: the generator is wrong, and the message says where. */
export class SeedFault extends Error {}

/** Roughly normal, from six draws: good enough for body sizes, and the same on every machine. */
export function normal(dice: Dice, mean: number, sd: number): number {
	let sum = 0;
	for (let i = 0; i < 6; i += 1) sum += dice.int(0, 1000) / 1000;
	return mean + ((sum - 3) / Math.sqrt(0.5)) * sd;
}

const cm = (mm: number) => (mm / 10).toFixed(1);

const THINGS = [
	['book', 'Hardback book', '29', '22', '3.2'],
	['ream', 'Printer paper', '29.7', '21', '5.2'],
	['sturdy-box', 'Sturdy crate', '42', '31', '15'],
	['board-game', 'Board game', '37', '27', '5.5'],
	['light-box', 'Shoe box', '33', '21', '12'],
	['cushion', 'Cushion', '42', '42', '7'],
	['pillow', 'Pillow', '68', '45', '14'],
	['towel', 'Bath towel', '140', '70', '0.5']
] as const;

function thingsOf(dice: Dice): Record<string, string> {
	const parts = ['kind', 'label', 'a', 'b', 'c'];
	const chosen = THINGS.filter(() => dice.chance(0.55));
	return Object.fromEntries(
		chosen.flatMap((thing, i) => [
			...parts.map((part, j): [string, string] => [`thing.${i}.${part}`, thing[j] ?? '']),
			[`thing.${i}.count`, String(thing[0] === 'book' ? dice.int(2, 8) : dice.int(1, 3))]
		])
	);
}

const PLACES = [
	'neck',
	'low-back',
	'upper-back',
	'eyes',
	'head',
	'shoulder-right',
	'wrist-hand-right',
	'hip-thigh-left'
] as const;

const KINDS: Readonly<Record<string, string>> = {
	eyes: 'tired-or-dry-eyes',
	'low-back': 'pain',
	'hip-thigh-left': 'stiffness'
};

/** Discomfort as the fields of answers or of a check-in. */
export function painOf(dice: Dice, places: readonly string[], most: number): Record<string, string> {
	return Object.fromEntries(
		places.flatMap((place) => {
			const worst = dice.int(1, most);
			const hinders = worst >= 7 ? 'much' : worst >= 4 ? dice.pick(['a-little', 'a-little', 'much']) : 'no';
			return [
				[`pain.${place}.worst`, String(worst)],
				[`pain.${place}.days`, String(dice.int(1, 7))],
				[`pain.${place}.hinders`, hinders],
				[`pain.${place}.kind.${dice.chance(0.03) ? 'tingling-or-numbness' : (KINDS[place] ?? 'ache')}`, 'yes']
			];
		})
	);
}

/** Every warning sign answered with no. */
export const NO_SIGNS: Answers = Object.fromEntries(RED_FLAGS.map((sign) => [redFlagField(sign), 'no']));

/** First answers of a person in the workforce: bodies spread around the Bodyspace means (from memory), furniture around usual heights. */
function firstAnswers(dice: Dice): Record<string, string> {
	const isWoman = dice.chance(0.55);
	const stature = normal(dice, isWoman ? 1640 : 1770, isWoman ? 62 : 68);
	const laptop = dice.chance(0.7);
	const stands = dice.chance(0.08);
	const surface = stands ? normal(dice, 920, 30) : normal(dice, 742, 18);
	const sore = dice.chance(0.72);
	const howMany = sore ? dice.int(1, 3) : 0;
	// People who look down at a laptop have a sore neck more often: the workforce's figures show it.
	const chanceOf = (place: (typeof PLACES)[number]) => (place === 'neck' ? (laptop ? 0.65 : 0.15) : 0.35);
	const places = PLACES.filter((place) => dice.chance(chanceOf(place))).slice(0, howMany);
	return {
		unit: 'cm',
		stature: cm(stature),
		heel: dice.pick(['1', '1.5', '2']),
		sex: isWoman ? 'female' : 'male',
		hand: dice.chance(0.9) ? 'right' : 'left',
		lenses: dice.chance(0.12) ? 'progressive' : 'none',
		posture: stands ? 'standing' : 'sitting',
		by: dice.pick(['tape', 'tape', 'a4-sheets']),
		surfaceHeight: cm(surface),
		surfaceThickness: dice.pick(['2.2', '2.8', '3.5']),
		surfaceDepth: dice.pick(['60', '70', '78', '80']),
		...(stands
			? {}
			: {
					seatHeight: cm(normal(dice, 462, 16)),
					seatGive: dice.pick(['0.5', '1', '2']),
					seatDepth: dice.pick(['40', '42', '44']),
					...(dice.chance(0.45)
						? { seatMoves: 'yes', seatLow: '42', seatHigh: '54', castors: 'yes', lumbar: 'yes' }
						: {})
				}),
		screenKind: laptop ? 'laptop' : 'monitor',
		...(laptop ? { keysKind: dice.chance(0.5) ? 'separate' : 'built-in' } : {}),
		topAboveBase: laptop ? '21.5' : cm(normal(dice, 450, 35)),
		visibleHeight: laptop ? '19' : '30',
		distance: laptop ? '54' : '63',
		baseLong: laptop ? '32' : '24',
		baseShort: laptop ? '22' : '20',
		homeRow: '1.8',
		keysLong: '43',
		keysShort: '12.8',
		...NO_SIGNS,
		...painOf(dice, places, dice.chance(0.1) ? 8 : 5),
		...thingsOf(dice)
	};
}

/** Heights between which furniture can be adjusted, mm. Our assumption. */
const ADJUSTS_MM = {
	seatHeight: [380, 600],
	surfaceHeight: [580, 1250],
	topAboveBase: [160, 700]
} as const;

/** Seat, table and screen once chair and table can be adjusted: each check in the middle of its band, as exactly as a hand sets it. */
export function fittedAnswers(dice: Dice, answers: Answers): Record<string, string> {
	const { corner } = cornerFromAnswers(answers, 'upright');
	if (!corner) return { ...answers };
	const checks = checkCorner(corner);
	/** Distance of a check from the middle of its band, mm. */
	const off = (id: CheckId) => {
		const check = checks.find((c) => c.id === id);
		return check ? check.value - (check.low + (check.high ?? check.low)) / 2 + dice.int(-5, 5) : 0;
	};
	const moved = (field: keyof typeof ADJUSTS_MM, byMm: number) => {
		const isSeat = field === 'seatHeight' && answers.seatMoves === 'yes';
		const [least, most] = isSeat
			? [Number(answers.seatLow) * 10, Number(answers.seatHigh) * 10]
			: ADJUSTS_MM[field];
		const to = Math.min(most, Math.max(least, Number(answers[field]) * 10 + byMm));
		return answers[field] === undefined ? {} : { [field]: cm(to) };
	};
	const seatBy = -off('knee');
	const surfaceBy = off('elbow') + seatBy;
	const screenBy = seatBy - surfaceBy - off('eye');
	return {
		...answers,
		...moved('seatHeight', seatBy),
		...moved('surfaceHeight', surfaceBy),
		...moved('topAboveBase', screenBy)
	};
}

/** Answers without those about one place. */
function without(answers: Record<string, string>, place: string): Record<string, string> {
	return Object.fromEntries(Object.entries(answers).filter(([name]) => !name.startsWith(`pain.${place}.`)));
}

/**
 * The same person some months later: everything possible has been done. Whether discomfort is lower depends on the plan; see {@link eased}.
 */
function laterAnswers(dice: Dice, first: Answers): Record<string, string> {
	const later = {
		...first,
		keysKind: 'separate',
		...(first.screenKind === 'laptop'
			? { screenKind: 'monitor', topAboveBase: '46', visibleHeight: '28', distance: '62' }
			: {})
	};
	if (!dice.chance(0.6)) return later;
	// A screen at the right height relieves the neck, more often than not.
	return fittedAnswers(dice, dice.chance(0.85) ? without(later, 'neck') : later);
}

/** Points by which a plan that was carried out lowers the worst score of each place. */
const EASED_BY = [1, 3] as const;

/** Answers after a plan was carried out: each place hurts less, some not at all. */
export function eased(
	dice: Dice,
	answers: Answers,
	by: readonly [number, number] = EASED_BY
): Record<string, string> {
	const told: Record<string, string> = { ...answers };
	for (const place of soreIn(answers)) {
		const worst = Number(answers[`pain.${place}.worst`]) - dice.int(...by);
		for (const name of Object.keys(told))
			if (name.startsWith(`pain.${place}.`) && worst <= 0) delete told[name];
		if (worst > 0)
			Object.assign(told, { [`pain.${place}.worst`]: String(worst), [`pain.${place}.hinders`]: 'no' });
	}
	return told;
}

/** Highest score of someone whom the tool needn't send to a clinician. */
const MILD_SCORE = 6;

/** The same answers without anything that only a call closes: no warning sign, no score of 7 or more, no tingling. */
export function mild(answers: Answers): Record<string, string> {
	return Object.fromEntries(
		Object.entries({ ...answers, ...NO_SIGNS }).map(([name, value]): [string, string] => {
			if (/^pain\..*\.worst$/.test(name) && Number(value) > MILD_SCORE) return [name, String(MILD_SCORE)];
			return [name.replace('.kind.tingling-or-numbness', '.kind.ache'), value];
		})
	);
}

/** The first and the later answers of one person. */
export interface History {
	readonly first: Answers;
	readonly later: Answers;
}

/** Draws the answers of one person. */
export function makeHistory(dice: Dice): History {
	const answers = firstAnswers(dice);
	const first = dice.chance(0.02) ? { ...answers, [redFlagField('wakes-at-night')]: 'yes' } : answers;
	return { first, later: laterAnswers(dice, answers) };
}

/** The places that answers report as sore. */
export function soreIn(answers: Answers): string[] {
	return PLACES.filter((place) => Number(answers[`pain.${place}.worst`] ?? 0) > 0);
}
