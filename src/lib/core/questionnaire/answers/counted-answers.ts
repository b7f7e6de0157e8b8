import { formatLength } from '../../body/length/format-length';
import { A4_MM, BANK_CARD_MM } from '../../body/measuring/known-lengths';
import { formatCount, parseCount } from '../../body/measuring/counted-length';
import {
	bodyMethodOf,
	BODY_FIELDS,
	chosenOption,
	LENGTH_FIELDS,
	unitOf,
	type Answers,
	type LengthFieldName
} from './fields';
import { readLengthField } from './read-length-field';

/** The unit a length is counted in, and how long one of it is, mm. */
export interface CountingUnit {
	readonly by: 'a4-sheets' | 'hand-span' | 'card';
	readonly eachMm: number;
}

const BODY: readonly string[] = [...BODY_FIELDS.sitting, ...BODY_FIELDS.standing];

/** Lengths that usually reach this far are laid out in sheets or hand spans, shorter ones in cards, mm. */
const LONG_MM = 300;

/** Lengths people know by heart or read off a label: never counted. */
const KNOWN: ReadonlySet<LengthFieldName> = new Set(['stature', 'handSpan']);

/** The unit this person counts a length in; null where the length is typed. */
export function countingUnitOf(name: LengthFieldName, answers: Answers): CountingUnit | null {
	const method = BODY.includes(name) ? bodyMethodOf(answers) : chosenOption(answers, 'by');
	if (KNOWN.has(name) || 'picks' in LENGTH_FIELDS[name]) return null;
	if (method !== 'a4-sheets' && method !== 'hand-span') return null;
	if (LENGTH_FIELDS[name].usual[1] < LONG_MM) return { by: 'card', eachMm: BANK_CARD_MM.long };
	if (method === 'a4-sheets') return { by: method, eachMm: A4_MM.long };
	const span = readLengthField('handSpan', answers.handSpan, unitOf(answers), LENGTH_FIELDS.handSpan);
	return span.ok ? { by: method, eachMm: span.mm } : null;
}

/** Name of the field that holds a count instead of a length, as posted by a page without scripts. */
export function countField(name: LengthFieldName): string {
	return `count.${name}`;
}

/** Pattern for the names of such fields. */
export const COUNT_FIELD_PATTERN = `^count\\.(?:${Object.keys(LENGTH_FIELDS).join('|')})$`;

/** A counted length as text in the person's unit; unreadable text is left as typed. */
export function countToLength(name: LengthFieldName, typed: string, answers: Answers): string {
	const counted = countingUnitOf(name, answers);
	const count = parseCount(typed);
	if (!counted || count === null) return typed;
	return formatLength(Math.round(count * counted.eachMm), unitOf(answers), { withUnit: false });
}

/** A length as a count in whole units and quarters; as typed where it is not counted or unreadable. */
export function lengthToCount(name: LengthFieldName, answers: Answers): string {
	const text = answers[name] ?? '';
	const counted = countingUnitOf(name, answers);
	const read = readLengthField(name, text, unitOf(answers), { bounds: [0, 100_000], usual: [0, 100_000] });
	return counted && read.ok ? formatCount(read.mm / counted.eachMm) : text;
}

/** Form fields with every count converted to the length it stands for. */
export function countsToLengths(fields: Answers, answers: Answers): Record<string, string> {
	const known = { ...answers, ...fields };
	return Object.fromEntries(
		Object.entries(fields).map(([field, text]): [string, string] => {
			if (!field.startsWith('count.')) return [field, text];
			const name = field.slice('count.'.length) as LengthFieldName;
			return [name, countToLength(name, text, known)];
		})
	);
}
