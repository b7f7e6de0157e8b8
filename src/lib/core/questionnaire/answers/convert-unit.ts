import { formatLength } from '../../body/length/format-length';
import { parseLength } from '../../body/length/parse-length';
import type { LengthUnit } from '../../body/length/mm';
import { LENGTH_FIELDS, type Answers } from './fields';

function isLength(name: string): boolean {
	return Object.hasOwn(LENGTH_FIELDS, name) || /^thing\.\d+\.[abc]$/.test(name);
}

/** Answers with every length converted to another unit. Unreadable text is left as typed; whole millimetres survive the round trip. */
export function convertUnit(answers: Answers, from: LengthUnit, to: LengthUnit): Record<string, string> {
	const converted = Object.entries(answers).map(([name, text]): [string, string] => {
		if (!isLength(name)) return [name, text];
		const parsed = parseLength(text, from);
		return [name, parsed.ok ? formatLength(parsed.mm, to, { withUnit: false }) : text];
	});
	return { ...Object.fromEntries(converted), unit: to };
}
