import { lookup as lookUp, type LookupAddress } from 'node:dns';
import {
	request as requestHttp,
	type ClientRequest,
	type IncomingMessage,
	type RequestOptions
} from 'node:http';
import { request as requestHttps } from 'node:https';
import { isIP, type LookupFunction } from 'node:net';
import { log } from '../log';
import { isPublicAddress } from './private-addresses';

/** A request that got no answer: whatever the reason, it is told in this one word, so that nobody learns what is where. */
export class UnreachableError extends Error {
	/** @param isPrivate whether the address is one that only a setting opens; for the log and whoever runs the server */
	constructor(readonly isPrivate = false) {
		super('unreachable');
		this.name = 'unreachable';
	}
}

/** What is asked for. */
export interface SafeRequest {
	readonly method?: string;
	readonly headers?: Readonly<Record<string, string>>;
	readonly body?: string | Uint8Array;
	/** Longest time until the whole answer is there, ms. */
	readonly timeoutMs: number;
	/** Longest answer, bytes. */
	readonly mostBytes: number;
	/** Hosts, by name or address, that may be on this machine or in a private network: those of the setting. */
	readonly privateHosts: readonly string[];
}

const hostOf = ({ hostname }: URL): string => hostname.replace(/^\[|\]$/g, '').toLowerCase();

/** Looks a name up for the connection itself: what was checked is what is connected to, however soon the name says something else. */
const checkedLookup =
	(mayBePrivate: boolean): LookupFunction =>
	(hostname, options, done) => {
		lookUp(hostname, { ...options, all: true }, (error, found: LookupAddress[]) => {
			if (error) return done(error, '', 0);
			const [first] = found;
			// One that is refused taints the others: the next look-up might begin with it.
			if (!first || (!mayBePrivate && !found.every(({ address }) => isPublicAddress(address))))
				return done(new UnreachableError(true), '', 0);
			if (options.all) return (done as (error: null, all: LookupAddress[]) => void)(null, found);
			return done(null, first.address, first.family);
		});
	};

/**
 * Asks something of another server, as everything does that reaches out: webhooks, the staff directory, the organisation's sign-in. Its
 * address is looked up once, refused where it is on this machine, in a private network or on a link (unless a setting names the host), and
 * connected to as it was looked up. Nobody is followed elsewhere, no connection is kept, and time and size are limited.
 * @returns the answer, whatever its status but a redirect; the body is read
 * @throws UnreachableError where there is none, for whatever reason
 */
export function safeFetch(address: string | URL, asked: SafeRequest): Promise<Response> {
	const url = new URL(address);
	const host = hostOf(url);
	const mayBePrivate = asked.privateHosts.includes(host);
	const isRefused =
		!/^https?:$/.test(url.protocol) || (isIP(host) !== 0 && !mayBePrivate && !isPublicAddress(host));
	return new Promise<Response>((resolve, reject) => {
		if (isRefused) return reject(new UnreachableError(true));
		const { method = 'GET', headers = {}, body, timeoutMs, mostBytes } = asked;
		const options: RequestOptions = {
			method,
			headers: { ...headers, ...(body === undefined ? {} : { 'content-length': Buffer.byteLength(body) }) },
			agent: false,
			lookup: checkedLookup(mayBePrivate),
			signal: AbortSignal.timeout(timeoutMs)
		};
		const send = url.protocol === 'https:' ? requestHttps : requestHttp;
		const request: ClientRequest = send(url, options, (answer) => {
			readAnswer(answer, mostBytes).then(resolve, reject);
		});
		request.on('error', reject);
		request.end(body);
	}).catch((error: unknown) => {
		const isPrivate = error instanceof UnreachableError && error.isPrivate;
		if (isPrivate) log({ level: 'warn', event: 'private-address-refused' });
		throw new UnreachableError(isPrivate);
	});
}

/** Statuses whose answers have no body (RFC 9110). */
const WITHOUT_BODY: readonly number[] = [101, 204, 205, 304];

/** Statuses that lead elsewhere. */
const REDIRECTS: readonly number[] = [301, 302, 303, 307, 308];

async function readAnswer(answer: IncomingMessage, mostBytes: number): Promise<Response> {
	const chunks: Uint8Array[] = [];
	let size = 0;
	// Leaving the loop ends the connection.
	for await (const chunk of answer) {
		size += (chunk as Uint8Array).byteLength;
		if (size > mostBytes) throw new UnreachableError();
		chunks.push(chunk as Uint8Array);
	}
	const status = answer.statusCode ?? 0;
	if (!answer.complete || REDIRECTS.includes(status)) throw new UnreachableError();
	const headers = new Headers();
	for (const [name, value] of Object.entries(answer.headers))
		for (const one of [value].flat()) if (one !== undefined) headers.append(name, one);
	return new Response(WITHOUT_BODY.includes(status) ? null : new Uint8Array(Buffer.concat(chunks)), {
		status,
		headers
	});
}
