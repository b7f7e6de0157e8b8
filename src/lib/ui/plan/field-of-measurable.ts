import type { LengthFieldName } from '$lib/core/questionnaire/answers/fields';
import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';

const FURNITURE = {
	seat: 'seatHeight',
	surface: 'surfaceHeight',
	thickness: 'surfaceThickness'
} as const satisfies Partial<Record<MeasurableLengthName, LengthFieldName>>;

export function fieldOfMeasurable(name: MeasurableLengthName): LengthFieldName {
	return name === 'seat' || name === 'surface' || name === 'thickness' ? FURNITURE[name] : name;
}
