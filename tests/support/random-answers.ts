import { ANSWER_FIELDS } from '$lib/core/questionnaire/answers/answer-fields';
import { LENGTH_FIELDS, type LengthFieldName } from '$lib/core/questionnaire/answers/fields';
import { newThingFields, THING_CHOICES } from '$lib/core/questionnaire/answers/household-things';
import { Dice } from '../../seed/random';

const NONSENSE = ['', 'a lot', '7,4', '-3', '99999', '29 1/8', '74 cm'];

function lengthText(dice: Dice, name: LengthFieldName, unit: string, isCareful: boolean): string {
	if (!isCareful && dice.chance(0.15)) return dice.pick(NONSENSE);
	const [low, high] = LENGTH_FIELDS[name].usual;
	const mm = dice.int(Math.round(low), Math.round(high));
	return unit === 'mm' ? String(mm) : unit === 'in' ? (mm / 25.4).toFixed(2) : (mm / 10).toFixed(1);
}

/** Answers as someone may have left them: carefully whole, or some pages filled in, some not, some of it nonsense; a few things in the house. */
export function randomAnswers(seed: number): Record<string, string> {
	const dice = new Dice(seed);
	const unit = dice.pick(['cm', 'mm', 'in'] as const);
	const isCareful = dice.chance(0.4);
	const answers: Record<string, string> = {};
	for (const [name, values] of ANSWER_FIELDS) {
		if (name.startsWith('tick.') || dice.chance(isCareful ? 0.02 : 0.35)) continue;
		if (values !== 'text') answers[name] = dice.pick(values);
		else if (name in LENGTH_FIELDS)
			answers[name] = lengthText(dice, name as LengthFieldName, unit, isCareful);
	}
	for (let index = 0; index < dice.int(0, 4); index += 1) {
		const thing = dice.pick(THING_CHOICES);
		const label = `My <${thing.kind}> & "more"`;
		Object.assign(answers, newThingFields(index, { ...thing, label }, unit));
	}
	// Things as they are half typed, counted wrong, or left out of the plan.
	for (let n = dice.int(0, 3); n > 0; n -= 1) {
		const index = dice.int(0, 39);
		const part = dice.pick(['kind', 'label', 'count', 'a', 'b', 'c']);
		answers[`thing.${index}.${part}`] =
			part === 'kind' ? dice.pick(THING_CHOICES).kind : dice.pick(['', '0', '7', '2.5', '999', 'two']);
		answers[`out.t${dice.int(0, 4)}${dice.chance(0.5) ? '#2' : ''}`] = 'yes';
	}
	return { ...answers, unit };
}
