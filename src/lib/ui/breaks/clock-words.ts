/**
 * A time of day as on a clock.
 * @param minute from midnight
 */
export function clockWords(minute: number): string {
	return `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
}

/** Times of day to choose from, a quarter of an hour apart. */
export function clockOptions(from: number, to: number): { readonly value: string; readonly words: string }[] {
	return Array.from({ length: Math.floor((to - from) / 15) + 1 }, (_, i) => {
		const minute = from + i * 15;
		return { value: String(minute), words: clockWords(minute) };
	});
}
