import { formatLength } from '../length';
import { A4_MM, CARD_MM, formatCount, parseCount } from '../measuring';
import {
	bodyMethodOf,
	BODY_FIELDS,
	choiceOf,
	LENGTH_FIELDS,
	unitOf,
	type Answers,
	type LengthFieldName
} from './fields';
import { readLength } from './read-length';

/** What a length is counted in, and how long one of it is, mm. */
export interface CountedIn {
	readonly by: 'a4-sheets' | 'hand-span' | 'card';
	readonly eachMm: number;
}

const BODY: readonly string[] = [...BODY_FIELDS.sitting, ...BODY_FIELDS.standing];

/** A length whose usual ones reach this far is laid out in sheets or spans; a shorter one in cards, mm. */
const LONG_MM = 300;

/** What people know by heart or read off: never counted. */
const KNOWN: ReadonlySet<LengthFieldName> = new Set(['stature', 'handSpan']);

/** What a length is counted in, by how this person measures; null where it is typed as a length. */
export function countedIn(name: LengthFieldName, answers: Answers): CountedIn | null {
	const method = BODY.includes(name) ? bodyMethodOf(answers) : choiceOf(answers, 'by');
	if (KNOWN.has(name) || 'picks' in LENGTH_FIELDS[name]) return null;
	if (method !== 'a4-sheets' && method !== 'hand-span') return null;
	if (LENGTH_FIELDS[name].usual[1] < LONG_MM) return { by: 'card', eachMm: CARD_MM.long };
	if (method === 'a4-sheets') return { by: method, eachMm: A4_MM.long };
	const span = readLength('handSpan', answers.handSpan, unitOf(answers), LENGTH_FIELDS.handSpan);
	return span.ok ? { by: method, eachMm: span.mm } : null;
}

/** Name of the field that holds a count instead of a length: what a page without scripts posts. */
export function countField(name: LengthFieldName): string {
	return `count.${name}`;
}

/** Names of such fields. */
export const COUNT_FIELD_PATTERN = `^count\\.(?:${Object.keys(LENGTH_FIELDS).join('|')})$`;

/** The text of a length that was counted, in the person's unit; what can't be read stays as it was typed. */
export function lengthOfCount(name: LengthFieldName, typed: string, answers: Answers): string {
	const counted = countedIn(name, answers);
	const count = parseCount(typed);
	if (!counted || count === null) return typed;
	return formatLength(Math.round(count * counted.eachMm), unitOf(answers), { withUnit: false });
}

/** A length as it is counted, in whole ones and quarters; as typed where it is not counted or can't be read. */
export function countOfLength(name: LengthFieldName, answers: Answers): string {
	const text = answers[name] ?? '';
	const counted = countedIn(name, answers);
	const read = readLength(name, text, unitOf(answers), { bounds: [0, 100_000], usual: [0, 100_000] });
	return counted && read.ok ? formatCount(read.mm / counted.eachMm) : text;
}

/** Fields of a form with every count turned into the length it means. */
export function withCounts(fields: Answers, answers: Answers): Record<string, string> {
	const known = { ...answers, ...fields };
	return Object.fromEntries(
		Object.entries(fields).map(([field, text]): [string, string] => {
			if (!field.startsWith('count.')) return [field, text];
			const name = field.slice('count.'.length) as LengthFieldName;
			return [name, lengthOfCount(name, text, known)];
		})
	);
}
