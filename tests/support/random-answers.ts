import { ANSWER_FIELDS, LENGTH_FIELDS, newThing, SHELF, type LengthFieldName } from '$lib/core/answers';
import { Dice } from '../../seed/random';

const NONSENSE = ['', 'a lot', '7,4', '-3', '99999', '29 1/8', '74 cm'];

function lengthText(dice: Dice, name: LengthFieldName, unit: string): string {
	if (dice.chance(0.15)) return dice.pick(NONSENSE);
	const [low, high] = LENGTH_FIELDS[name].usual;
	const mm = dice.int(Math.round(low), Math.round(high));
	return unit === 'mm' ? String(mm) : unit === 'in' ? (mm / 25.4).toFixed(2) : (mm / 10).toFixed(1);
}

/** Answers as somebody may have left them: some pages filled in, some not, some of it nonsense, a few things in the house. */
export function randomAnswers(seed: number): Record<string, string> {
	const dice = new Dice(seed);
	const unit = dice.pick(['cm', 'mm', 'in'] as const);
	const answers: Record<string, string> = {};
	for (const [name, values] of ANSWER_FIELDS) {
		if (name.startsWith('tick.') || dice.chance(0.35)) continue;
		if (values !== 'text') answers[name] = dice.pick(values);
		else if (name in LENGTH_FIELDS) answers[name] = lengthText(dice, name as LengthFieldName, unit);
	}
	for (let index = 0; index < dice.int(0, 4); index += 1) {
		const { kind } = dice.pick(SHELF);
		Object.assign(answers, newThing(index, kind, `My <${kind}> & "more"`, unit));
	}
	return { ...answers, unit };
}
