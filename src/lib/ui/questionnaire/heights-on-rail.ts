import {
	chosenOption,
	LENGTH_FIELDS,
	type Answers,
	type LengthFieldName
} from '$lib/core/questionnaire/answers/fields';
import { readLengthField } from '$lib/core/questionnaire/answers/read-length-field';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Notch } from '../workstation/rail/Rail.svelte';

/** Heights above the floor, and those above the seat or the surface. */
const ABOVE: Readonly<Record<'floor' | 'seat' | 'surface', readonly LengthFieldName[]>> = {
	floor: ['stature', 'seatHeight', 'popliteal', 'surfaceHeight', 'standingElbow', 'standingEye'],
	seat: ['thigh', 'sittingElbow', 'sittingEye', 'armrestHeight'],
	surface: ['topAboveBase', 'homeRow']
};

function read(answers: Answers, name: LengthFieldName, unit: LengthUnit): number | null {
	const length = readLengthField(name, answers[name], unit, LENGTH_FIELDS[name]);
	return length.ok ? length.mm : null;
}

/** The known heights, as marks of the scale; the one being typed moves with it. */
export function heightsOnRail(answers: Answers, unit: LengthUnit, active: string | null): Notch[] {
	const sitting = chosenOption(answers, 'posture') === 'sitting';
	const ground = {
		floor: 0,
		seat: sitting ? read(answers, 'seatHeight', unit) : null,
		surface: read(answers, 'surfaceHeight', unit)
	};
	return (['floor', 'seat', 'surface'] as const).flatMap((from) =>
		ABOVE[from].flatMap((name): Notch[] => {
			const mm = read(answers, name, unit);
			const base = ground[from];
			return mm === null || base === null ? [] : [{ id: name, mm: base + mm, active: active === name }];
		})
	);
}
