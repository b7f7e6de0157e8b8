import { Type, type Static, type TProperties, type TSchema } from 'typebox';
import { compileSchema } from '../../../core/platform/schema/compile-schema';
import { yieldToEventLoop } from '../yield-to-event-loop';
import { DomainError } from '../domain-error';

/** Largest body that routes accept, bytes; the draft of a long self-assessment is some 20 kB. */
export const MAX_BODY_BYTES = 256 * 1024;

/** Largest import, bytes: a hundred thousand lines. */
export const MAX_IMPORT_BYTES = 24 * 1024 * 1024;

const decoder = new TextDecoder('utf-8', { fatal: true });

/** Characters that PostgreSQL can't keep, or that only appear where bytes were no text. */
// oxlint-disable-next-line no-control-regex -- the zero character is just what is looked for
const UNSTORABLE = /[\u0000\ufffd]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/**
 * The chunks of a body, counted while they are read: a chunked body does not state its size. A body that is too large is left unread; the
 * rest is discarded once the answer is sent (`drain-request.ts`).
 * @throws DomainError `too-large`, at the chunk that exceeds `most` bytes
 */
async function* chunksOf(request: Request, most: number): AsyncGenerator<Uint8Array> {
	if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLargeError(most);
	const reader = request.body?.getReader();
	let size = 0;
	while (reader) {
		const { done, value } = (await reader.read()) as ReadableStreamReadResult<Uint8Array>;
		if (done) return;
		size += value.byteLength;
		// Not cancelled: that would close the connection before the refusal is read.
		if (size > most) throw tooLargeError(most);
		yield value;
	}
}

/**
 * A request whose body is known to fit, read where its size was not stated (chunked); null where it is too large. Answering before any page
 * is rendered keeps nobody waiting, however many send too much at once.
 * @param most bytes
 */
export async function limitBodySize(request: Request, most: number): Promise<Request | null> {
	if (Number(request.headers.get('content-length') ?? 0) > most) return null;
	if (!request.body || request.headers.has('content-length')) return request;
	try {
		const body = new Uint8Array(await readBytes(request, most));
		return new Request(request.url, { method: request.method, headers: request.headers, body });
	} catch (thrown) {
		if (thrown instanceof DomainError && thrown.status === 413) return null;
		throw thrown;
	}
}

/**
 * The bytes of a body.
 * @param most largest body, bytes
 * @throws DomainError `too-large`
 */
export async function readBytes(request: Request, most = MAX_BODY_BYTES): Promise<Uint8Array> {
	const chunks: Uint8Array[] = [];
	for await (const chunk of chunksOf(request, most)) chunks.push(chunk);
	return Buffer.concat(chunks);
}

function tooLargeError(most = MAX_BODY_BYTES): DomainError {
	return new DomainError('too-large', { code: 'bodyTooLarge', facts: { kB: most / 1024 } });
}

function decode(bytes: Uint8Array): string {
	try {
		return decoder.decode(bytes);
	} catch {
		throw new DomainError('invalid', 'notUtf8', '');
	}
}

function refuseUnstorable(value: unknown, at: string): void {
	if (typeof value === 'string' && UNSTORABLE.test(value))
		throw new DomainError('invalid', { code: 'unreadableText', facts: { at } }, at);
	if (value && typeof value === 'object')
		for (const [name, inner] of Object.entries(value)) {
			refuseUnstorable(name, at);
			refuseUnstorable(inner, `${at}/${name}`);
		}
}

/** A reader for bodies of one shape: validates against a JSON Schema and throws an `invalid` error that names the place. */
export type BodyReader<T> = (request: Request) => Promise<T>;

/** Deepest nesting of a body: everything read here is flat. A recursive parser could run out of stack beyond it. */
const DEEPEST = 64;

const [OPENS, CLOSES] = [
	{ list: '['.charCodeAt(0), object: '{'.charCodeAt(0) },
	{ list: ']'.charCodeAt(0), object: '}'.charCodeAt(0) }
];

/** Refuses a text with deeper brackets than any valid body, before it is parsed; brackets inside strings count too, and are as rare. */
function refuseDeep(text: string): void {
	let depth = 0;
	// By code units: a long text has ten million of them, and no bracket is a surrogate.
	for (let i = 0; i < text.length; i += 1) {
		const unit = text.charCodeAt(i);
		if (unit === OPENS.list || unit === OPENS.object) depth += 1;
		else if (unit === CLOSES.list || unit === CLOSES.object) depth -= 1;
		if (depth > DEEPEST) throw new DomainError('invalid', 'nestedTooDeeply', '');
	}
}

/**
 * Makes a reader for JSON bodies.
 * @param schema what is accepted; also the reader's type.
 * @param most largest body, bytes
 */
export function jsonReader<S extends TSchema>(schema: S, most = MAX_BODY_BYTES): BodyReader<Static<S>> {
	const check = compileSchema<Static<S>>(schema);
	return async (request) => checked(check, parsed(decode(await readBytes(request, most))));
}

type Check<T> = ReturnType<typeof compileSchema<T>>;

function parsed(text: string): unknown {
	refuseDeep(text);
	try {
		return JSON.parse(text);
	} catch {
		throw new DomainError('invalid', 'notJson', '');
	}
}

/**
 * A value of the right shape, with texts that can be stored.
 * @param at the place of the whole, as a JSON Pointer
 */
function checked<T>(check: Check<T>, value: unknown, at = ''): T {
	refuseUnstorable(value, at);
	const result = check(value);
	if (!result.ok)
		throw new DomainError(
			'invalid',
			{ code: 'checked', facts: { text: result.issue.text } },
			`${at}${result.issue.at}`
		);
	return result.value;
}

/** Lines read before other work gets its turn. */
const LINES_AT_ONCE = 2000;

const NEW_LINE = '\n'.charCodeAt(0);

/** The lines of a body as they arrive, without line ends. */
async function* linesOf(request: Request, most: number): AsyncGenerator<Uint8Array> {
	let rest = new Uint8Array(0);
	for await (const chunk of chunksOf(request, most)) {
		let from = 0;
		for (let at = chunk.indexOf(NEW_LINE); at >= 0; at = chunk.indexOf(NEW_LINE, from)) {
			yield from === 0 && rest.byteLength > 0
				? joined(rest, chunk.subarray(0, at))
				: chunk.subarray(from, at);
			from = at + 1;
			rest = new Uint8Array(0);
		}
		rest = joined(rest, chunk.subarray(from));
	}
	if (rest.byteLength > 0) yield rest;
}

function joined(a: Uint8Array, b: Uint8Array): Uint8Array<ArrayBuffer> {
	const both = new Uint8Array(a.byteLength + b.byteLength);
	both.set(a);
	both.set(b, a.byteLength);
	return both;
}

/**
 * Makes a reader for long lists (`application/x-ndjson`): the first line is a header, each further one an entry. Read line by line as it
 * arrives, so that a list of a hundred thousand holds nobody up.
 * @param most largest body, bytes, and most entries
 */
export function listReader<H extends TSchema, L extends TSchema>(
	head: H,
	line: L,
	most: { readonly bytes: number; readonly lines: number }
): BodyReader<{ head: Static<H>; lines: Static<L>[] }> {
	const checkHead = compileSchema<Static<H>>(head);
	const checkLine = compileSchema<Static<L>>(line);
	return async (request) => {
		let about: { readonly head: Static<H> } | null = null;
		const lines: Static<L>[] = [];
		for await (const bytes of linesOf(request, most.bytes)) {
			const value = parsed(decode(bytes));
			if (!about) about = { head: checked(checkHead, value) };
			else lines.push(checked(checkLine, value, `/lines/${lines.length}`));
			if (lines.length > most.lines) throw tooLargeError(most.bytes);
			if (lines.length % LINES_AT_ONCE === 0) await yieldToEventLoop();
		}
		if (!about || lines.length === 0) throw new DomainError('invalid', 'notJson', '');
		return { head: about.head, lines };
	};
}

/** Makes a reader for HTML forms with exactly these fields; see {@link formReaderOf}. */
export function formReader<P extends TProperties>(fields: P) {
	return formReaderOf(Type.Object(fields, { additionalProperties: false }));
}

/**
 * Makes a reader for HTML forms (`application/x-www-form-urlencoded`). Every value is text; the last one counts for a repeated field, as
 * with a hidden default before a checkbox.
 */
export function formReaderOf<S extends TSchema>(schema: S): BodyReader<Static<S>> {
	const check = compileSchema<Static<S>>(schema);
	return async (request) => {
		const type = request.headers.get('content-type') ?? '';
		if (!type.startsWith('application/x-www-form-urlencoded'))
			throw new DomainError('invalid', 'unreadableForm', '');
		const fields: Record<string, string> = Object.create(null) as Record<string, string>;
		for (const [name, value] of new URLSearchParams(decode(await readBytes(request)))) fields[name] = value;
		const value: unknown = { ...fields };
		refuseUnstorable(value, '');
		const checked = check(value);
		if (!checked.ok)
			throw new DomainError(
				'invalid',
				{ code: 'checked', facts: { text: checked.issue.text } },
				checked.issue.at
			);
		return checked.value;
	};
}
