import type { RequestEvent } from '@sveltejs/kit';
import { Type, type Static, type TSchema } from 'typebox';
import type { ApiOperation } from '../../../core/platform/api/operations';
import { compileSchema } from '../../../core/platform/schema/compile-schema';
import { UUID_PATTERN } from '../../../core/platform/uuid';
import { errorText, type ErrorCode } from '../../../messages/error-text';
import type { Actor } from '../actor';
import type { Db } from '../db/client';
import { DomainError } from '../domain-error';
import { jsonReader } from '../http/read-body';
import { runtime } from '../runtime';
import { readToken } from './tokens';

/** A request of a program, checked: who it acts for, and what it sent. */
export interface ApiCall<B> {
	readonly db: Db;
	readonly actor: Actor & { readonly kind: 'user' };
	/** The id in the path; empty where there is none. */
	readonly id: string;
	readonly query: URLSearchParams;
	readonly body: B;
	readonly now: Date;
}

type BodyOf<O extends ApiOperation> = O['body'] extends TSchema ? Static<O['body']> : null;

const TITLES: Readonly<Record<number, string>> = {
	400: 'Bad request',
	401: 'Unauthorized',
	403: 'Forbidden',
	404: 'Not found',
	409: 'Conflict',
	410: 'Gone',
	413: 'Too large',
	429: 'Too many requests'
};

/** A refusal as a program reads it (RFC 9457). English, like the rest of the API. */
function problem(
	status: number,
	why: ErrorCode,
	at?: string,
	headers: Record<string, string> = {}
): Response {
	const document = {
		type: 'about:blank',
		title: TITLES[status] ?? 'Error',
		status,
		detail: errorText(why, 'en'),
		...(at ? { at } : {})
	};
	return new Response(JSON.stringify(document), {
		status,
		headers: { 'content-type': 'application/problem+json', ...headers }
	});
}

function problemOf({ status, why, at }: DomainError): Response {
	const seconds = typeof why === 'object' && 'seconds' in why.facts ? Number(why.facts.seconds) : 0;
	return problem(status, why, at, seconds > 0 ? { 'retry-after': String(seconds) } : {});
}

/** Makes the check of a query by its description: unknown names are refused, so that a typing error finds nobody rather than everybody. */
function queryCheck({ query = {} }: ApiOperation): (query: URLSearchParams) => void {
	const names = Object.keys(query);
	const checks = new Map(
		Object.entries(query).map(([name, schema]) => [
			name,
			compileSchema(Type.Object({ [name]: schema }, { additionalProperties: false }))
		])
	);
	return (given) => {
		for (const [name, value] of given)
			if (!names.includes(name) || !checks.get(name)?.({ [name]: value }).ok)
				throw new DomainError('invalid', { code: 'apiQuery', facts: { name } }, `/${name}`);
	};
}

/**
 * Answers an operation of the API: by a token with its scope, within its limits, and after what was sent was checked against the
 * operation's schemas.
 */
export function apiHandler<O extends ApiOperation>(
	operation: O,
	work: (call: ApiCall<BodyOf<O>>) => Promise<Static<O['answer']>>
): (event: RequestEvent) => Promise<Response> {
	const checkQuery = queryCheck(operation);
	const readBody = operation.body ? jsonReader(operation.body) : null;
	return async ({ request, url, params, locals }) => {
		try {
			const [, token] = /^Bearer (\S{1,200})$/.exec(request.headers.get('authorization') ?? '') ?? [];
			const caller = token ? await readToken(locals.db, token, locals.now) : null;
			if (!caller) return problem(401, 'apiToken', undefined, { 'www-authenticate': 'Bearer' });
			await runtime().writes.countProgram(caller.tokenId);
			const { scope } = operation;
			if (!caller.scopes.includes(scope))
				throw new DomainError('not-allowed', { code: 'apiScope', facts: { scope } });
			const id = params.id ?? '';
			if (id !== '' && !new RegExp(UUID_PATTERN).test(id))
				throw new DomainError('not-found', operation.path.startsWith('/rounds') ? 'noRound' : 'noPerson');
			checkQuery(url.searchParams);
			const answer = await work({
				db: locals.db,
				actor: caller.actor,
				id,
				query: url.searchParams,
				body: (readBody ? await readBody(request) : null) as BodyOf<O>,
				now: locals.now
			});
			return Response.json(answer, { status: operation.status, headers: { 'cache-control': 'no-store' } });
		} catch (thrown) {
			if (thrown instanceof DomainError) return problemOf(thrown);
			throw thrown;
		}
	};
}
