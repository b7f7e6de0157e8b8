import { Type, type Static, type TProperties, type TSchema } from 'typebox';
import { compileSchema } from '../../core/schema';
import { turn } from '../turn';
import { Fault } from '../fault';

/** Largest body that any route takes, in bytes; the draft of a long self-assessment is some 20 kB. */
export const LARGEST_BODY_BYTES = 256 * 1024;

/** Largest list of people, in bytes: a hundred thousand lines. */
export const LARGEST_IMPORT_BYTES = 24 * 1024 * 1024;

const decoder = new TextDecoder('utf-8', { fatal: true });

/** Characters that PostgreSQL can't keep, or that only appear where bytes were no text. */
// eslint-disable-next-line no-control-regex -- the zero character is just what is looked for
const UNSTORABLE = /[\u0000\ufffd]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

async function readBytes(request: Request, most = LARGEST_BODY_BYTES): Promise<Uint8Array> {
	if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge(most);
	const bytes = new Uint8Array(await request.arrayBuffer());
	if (bytes.byteLength > most) throw tooLarge(most);
	return bytes;
}

/**
 * Takes a body off the line that nobody has read. Left there, the next request on the same connection would wait behind it, and
 * a sender who is still sending would see the connection break instead of the answer. The server's own limit bounds it.
 */
export async function takeOffTheLine({ body, bodyUsed }: Request): Promise<void> {
	if (!body || bodyUsed) return;
	// Who stops sending half way gets the answer all the same.
	await body.pipeTo(new WritableStream()).catch(() => {});
}

/** The fault of a body that is too large. */
export function tooLarge(most = LARGEST_BODY_BYTES): Fault {
	return new Fault('too-large', { code: 'bodyTooLarge', facts: { kB: most / 1024 } });
}

function decode(bytes: Uint8Array): string {
	try {
		return decoder.decode(bytes);
	} catch {
		throw new Fault('invalid', 'notUtf8', '');
	}
}

function refuseUnstorable(value: unknown, at: string): void {
	if (typeof value === 'string' && UNSTORABLE.test(value))
		throw new Fault('invalid', { code: 'unreadableText', facts: { at } }, at);
	if (value && typeof value === 'object')
		for (const [name, inner] of Object.entries(value)) {
			refuseUnstorable(name, at);
			refuseUnstorable(inner, `${at}/${name}`);
		}
}

/** Values that are looked at before others have their turn. */
const LOOKED_AT = 20_000;

/**
 * The same for a body of any length, without holding anybody up: whether there is anything to refuse is looked for without keeping
 * places, and only what is refused is gone through again for its place.
 */
async function refuseUnstorableIn(value: unknown, next: () => Promise<void> | undefined): Promise<void> {
	const waiting: unknown[] = [value];
	for (let looked = 1; waiting.length > 0; looked += 1) {
		const one = waiting.pop();
		if (typeof one === 'string') {
			if (UNSTORABLE.test(one)) return refuseUnstorable(value, '');
		} else if (Array.isArray(one)) for (const inner of one) waiting.push(inner);
		else if (one && typeof one === 'object') waiting.push(...Object.keys(one), ...Object.values(one));
		if (looked % LOOKED_AT === 0) await next();
	}
}

/** A reader of bodies of one shape: checks against a JSON Schema and throws an `invalid` fault that names the place. */
export type BodyReader<T> = (request: Request) => Promise<T>;

/** How deep a body may be nested: what is read here is flat. Deeper, a reader that follows it would run out of stack. */
const DEEPEST = 64;

const [OPENS, CLOSES] = [
	{ list: '['.charCodeAt(0), object: '{'.charCodeAt(0) },
	{ list: ']'.charCodeAt(0), object: '}'.charCodeAt(0) }
];

/** Refuses a text whose brackets go deeper than any body does, before it is read; brackets within texts count too, and are as rare. */
function refuseDeep(text: string): void {
	let depth = 0;
	// By code units: a long text has ten million of them, and no bracket is one of two.
	for (let i = 0; i < text.length; i += 1) {
		const unit = text.charCodeAt(i);
		if (unit === OPENS.list || unit === OPENS.object) depth += 1;
		else if (unit === CLOSES.list || unit === CLOSES.object) depth -= 1;
		if (depth > DEEPEST) throw new Fault('invalid', 'nestedTooDeeply', '');
	}
}

/** Characters from which on a body is long. */
const LONG_TEXT = 500_000;

/** Makes a reader of JSON bodies. @param schema what is taken; its type is what the reader gives. @param most largest body, bytes */
export function jsonReader<S extends TSchema>(schema: S, most = LARGEST_BODY_BYTES): BodyReader<Static<S>> {
	const check = compileSchema<Static<S>>(schema);
	return async (request) => {
		const text = decode(await readBytes(request, most));
		// A long body is read step by step: between them others have their turn.
		const next = () => (text.length > LONG_TEXT ? turn() : undefined);
		await next();
		refuseDeep(text);
		await next();
		let value: unknown;
		try {
			value = JSON.parse(text);
		} catch {
			throw new Fault('invalid', 'notJson', '');
		}
		await next();
		await refuseUnstorableIn(value, next);
		await next();
		const checked = check(value);
		if (!checked.ok)
			throw new Fault('invalid', { code: 'checked', facts: { text: checked.issue.text } }, checked.issue.at);
		return checked.value;
	};
}

/** Makes a reader of HTML forms of just these fields; see {@link formReaderOf}. */
export function formReader<P extends TProperties>(fields: P) {
	return formReaderOf(Type.Object(fields, { additionalProperties: false }));
}

/**
 * Makes a reader of HTML forms (`application/x-www-form-urlencoded`). Every value is text; of a field sent twice the last
 * one counts, as with a hidden default before a checkbox.
 */
export function formReaderOf<S extends TSchema>(schema: S): BodyReader<Static<S>> {
	const check = compileSchema<Static<S>>(schema);
	return async (request) => {
		const type = request.headers.get('content-type') ?? '';
		if (!type.startsWith('application/x-www-form-urlencoded'))
			throw new Fault('invalid', 'unreadableForm', '');
		const fields: Record<string, string> = Object.create(null) as Record<string, string>;
		for (const [name, value] of new URLSearchParams(decode(await readBytes(request)))) fields[name] = value;
		const value: unknown = { ...fields };
		refuseUnstorable(value, '');
		const checked = check(value);
		if (!checked.ok)
			throw new Fault('invalid', { code: 'checked', facts: { text: checked.issue.text } }, checked.issue.at);
		return checked.value;
	};
}
