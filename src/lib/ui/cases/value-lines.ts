import { momentWords } from '$lib/messages/dates';

/** A field of a row, readable. */
export interface ValueLine {
	readonly name: string;
	readonly words: string;
}

/** A field name as words: `answeredAt` becomes `Answered at`. */
function nameWords(name: string): string {
	const spaced = name
		.replace(/([a-z])([A-Z0-9])/g, '$1 $2')
		.replaceAll(/[._-]/g, ' ')
		.toLowerCase();
	return spaced.charAt(0).toUpperCase() + spaced.slice(1);
}

/** A value, readable; nested values are indented below. */
function valueWords(value: unknown, zone: string, depth = 0): string {
	if (value instanceof Date) return momentWords(value, zone);
	if (Array.isArray(value)) {
		const isPlain = value.every((one) => typeof one !== 'object' || one === null);
		return value.map((one) => valueWords(one, zone, depth + 1)).join(isPlain ? ', ' : '\n');
	}
	if (typeof value !== 'object' || value === null) return String(value);
	return Object.entries(value)
		.filter(([, one]) => one !== null && one !== '')
		.map(([name, one]) => {
			const words = valueWords(one, zone, depth + 1);
			const isLong = words.includes('\n');
			return `${'  '.repeat(depth)}${nameWords(name)}: ${isLong ? '\n' : ''}${words}`;
		})
		.join('\n');
}

/**
 * The fields of a stored row, in words.
 * @param names fields with a name of their own
 */
export function valueLines(
	row: Readonly<Record<string, unknown>>,
	zone: string,
	names: Readonly<Record<string, string>>
): ValueLine[] {
	return Object.entries(row)
		.filter(([name, value]) => value !== '' && !/(?:^id|Id)$/.test(name))
		.map(([name, value]) => ({ name: names[name] ?? nameWords(name), words: valueWords(value, zone) }))
		.filter(({ words }) => words !== '');
}
