/**
 * The first letters of a text, none of them cut in two: a letter beyond the first 65,536 of Unicode is two units of a JavaScript
 * string, and half of one is no text that a database takes.
 *
 * @param most how many at most
 */
export function truncateText(text: string, most: number): string {
	return text.length <= most ? text : [...text].slice(0, most).join('');
}
