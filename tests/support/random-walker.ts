import {
	BODY_FIELDS,
	bodyMethodOf,
	chosenOption,
	LENGTH_FIELDS,
	SCREEN_SIZES,
	type Answers,
	type LengthFieldName
} from '$lib/core/questionnaire/answers/fields';
import { BODY_PLACES, painField } from '$lib/core/questionnaire/answers/discomfort-answers';
import { precautionField } from '$lib/core/questionnaire/answers/precaution-answers';
import { newThingFields, THING_CHOICES } from '$lib/core/questionnaire/answers/household-things';
import { RED_FLAG_GROUPS } from '$lib/core/questionnaire/answers/red-flag-answers';
import { redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
import { defaultLength } from '$lib/core/questionnaire/answers/default-lengths';
import { questionsOf, type QuestionnaireContext } from '$lib/core/questionnaire/question';
import { estimateBodyLength } from '$lib/core/body/body-length';
import { PRECAUTIONS, SEAT_KINDS } from '$lib/core/workstation/corner/vocabulary';
import { Dice } from '../../seed/random';

const cm = (mm: number) => String(Math.round(mm) / 10);

/** Near enough to a normal draw: the sum of twelve even ones. */
function normal(dice: Dice, mean: number, sd: number): number {
	let sum = -6;
	for (let i = 0; i < 12; i += 1) sum += dice.int(0, 1000) / 1000;
	return mean + sum * sd;
}

/** Mean and spread of furniture as homes have it, mm. Our working assumptions. */
const HOMES: Readonly<Partial<Record<LengthFieldName, readonly [mean: number, sd: number]>>> = {
	heel: [12, 9],
	surfaceHeight: [742, 18],
	surfaceThickness: [32, 10],
	surfaceDepth: [740, 90],
	seatHeight: [456, 18],
	seatDepth: [430, 30],
	homeRow: [20, 4],
	distance: [560, 90],
	armrestHeight: [220, 25],
	seatLow: [425, 12],
	seatHigh: [525, 15],
	surfaceLow: [665, 30],
	surfaceHigh: [1215, 40],
	screenLow: [370, 40],
	screenHigh: [490, 40]
};

function lengthOf(dice: Dice, name: LengthFieldName, answers: Answers): string {
	const bodily = [...BODY_FIELDS.sitting, ...BODY_FIELDS.standing].find((one) => one === name);
	if (bodily) {
		const person = { stature: Number(answers.stature) * 10, sex: chosenOption(answers, 'sex') };
		const { mm, sd } = estimateBodyLength(person, bodily);
		return cm(normal(dice, mm, sd));
	}
	if (name === 'surfaceHeight' && chosenOption(answers, 'posture') === 'standing')
		return cm(normal(dice, 930, 60));
	if (name === 'handSpan') return cm(normal(dice, 205, 15));
	if (name === 'seatGive') return cm(dice.pick([0, 5, 10, 30, 55]));
	const [mean, sd] = HOMES[name] ?? [defaultLength(name, answers), defaultLength(name, answers) * 0.03];
	const { bounds } = LENGTH_FIELDS[name];
	return cm(Math.min(Math.max(normal(dice, mean, sd), bounds[0]), bounds[1]));
}

/** What is chosen by most is drawn most. */
function optionOf(dice: Dice, name: string, options: readonly string[], answers: Answers): string {
	if (name === 'posture') return dice.chance(0.88) ? 'sitting' : 'standing';
	if (name === 'seatKind') return dice.chance(0.82) ? 'chair' : dice.pick(SEAT_KINDS);
	if (name === 'by') return dice.chance(0.8) ? 'tape' : dice.pick(options);
	if (name === 'screenSize') return dice.pick(SCREEN_SIZES[chosenOption(answers, 'screenKind')]);
	if (['back', 'wrists', 'lenses'].includes(name) && dice.chance(0.7)) return options[0] ?? '';
	return dice.pick(options);
}

const OPTIONS: Readonly<Record<string, readonly string[]>> = {
	hand: ['right', 'left'],
	lenses: ['none', 'single-vision', 'bifocal', 'progressive'],
	back: ['any', 'eased-by-arching', 'eased-by-rounding'],
	wrists: ['well', 'troubled'],
	sex: ['female', 'male'],
	by: ['tape', 'paper-ruler', 'a4-sheets', 'hand-span'],
	screenKind: ['laptop', 'laptop', 'monitor'],
	keysKind: ['separate', 'built-in'],
	mouse: ['separate', 'touchpad'],
	surfaceMoves: ['no', 'no', 'no', 'yes'],
	seatMoves: ['no', 'yes'],
	screenMoves: ['no', 'yes'],
	backrest: ['yes', 'yes', 'yes', 'no'],
	lumbar: ['no', 'no', 'yes'],
	armrest: ['no', 'yes'],
	castors: ['no', 'yes']
};

/** Whole answers of the complete route, as someone at a home like many would give them; the lengths are theirs, in whole millimetres. */
export function randomWalker(seed: number, asking: QuestionnaireContext): Record<string, string> {
	const dice = new Dice(seed * 13 + 5);
	const sex = dice.pick(['female', 'male'] as const);
	const stature = normal(dice, sex === 'female' ? 1630 : 1760, 65);
	const answers: Record<string, string> = { unit: 'cm', sex, stature: cm(stature) };
	for (const sign of Object.values(RED_FLAG_GROUPS).flat()) answers[redFlagField(sign)] = 'no';
	answers.hurts = 'no';
	for (const place of BODY_PLACES.filter(() => dice.chance(0.14))) {
		answers.hurts = 'yes';
		answers[painField(place, 'worst')] = String(dice.int(1, 8));
		answers[painField(place, 'days')] = String(dice.int(1, 7));
	}
	for (const care of PRECAUTIONS.filter(() => dice.chance(0.08))) answers[precautionField(care)] = 'yes';
	// Questions come and go with the answers: each is looked for again.
	for (;;) {
		const next = questionsOf(answers, asking).find(
			({ kind, id }) =>
				(kind === 'length' || kind === 'choice' || kind === 'check') && answers[id] === undefined
		);
		if (!next) break;
		if (next.kind === 'length') answers[next.id] = lengthOf(dice, next.id, answers);
		else if (next.kind === 'check') answers[next.id] = dice.pick(next.item.answers.map(({ id }) => id));
		else if (next.kind === 'choice')
			answers[next.id] = optionOf(dice, next.id, OPTIONS[next.id] ?? ['standard'], answers);
		if (next.id === 'bodyBy') answers.bodyBy = bodyMethodOf({ by: answers.by ?? 'tape' });
		if (next.id === 'city' || next.id === 'windowFaces' || next.id === 'letterSize')
			answers[next.id] = next.id === 'city' ? 'not-given' : 'not-known';
	}
	for (let i = 0; i < dice.int(4, 9); i += 1) {
		Object.assign(answers, newThingFields(i, { ...dice.pick(THING_CHOICES), label: 'thing' }, 'cm'));
		answers[`thing.${i}.count`] = String(dice.int(1, 4));
	}
	return answers;
}
