import type { LengthFieldName } from '$lib/core/answers';
import type { MeasurableName } from '$lib/core/checks';

const FURNITURE = {
	seat: 'seatHeight',
	surface: 'surfaceHeight',
	thickness: 'surfaceThickness'
} as const satisfies Partial<Record<MeasurableName, LengthFieldName>>;

/** The field that a measurable length is typed into. */
export function fieldOfMeasurable(name: MeasurableName): LengthFieldName {
	return name === 'seat' || name === 'surface' || name === 'thickness' ? FURNITURE[name] : name;
}
