/** Writes an angle for people: whole degrees. @param degrees below 0 with a minus sign */
export function formatDegrees(degrees: number): string {
	return `${Math.round(degrees)}°`.replace('-', '−');
}
