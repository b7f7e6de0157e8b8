/** A heading in lower case, of letters and digits alone. */
export const plainHeading = (heading: string): string =>
	heading.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '');

/** Identifies files of one kind by their headings, however many empty ones follow the last. */
export const headingsKey = (headings: readonly string[]): string =>
	headings.map(plainHeading).join('|').replace(/\|+$/, '');
