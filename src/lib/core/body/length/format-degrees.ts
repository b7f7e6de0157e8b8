/**
 * Formats an angle for people: whole degrees.
 * @param degrees negative with a minus sign
 */
export function formatDegrees(degrees: number): string {
	return `${Math.round(degrees)}°`.replace('-', '−');
}
