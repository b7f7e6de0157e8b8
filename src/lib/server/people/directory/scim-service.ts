import { setTimeout as pause } from 'node:timers/promises';
import type { TSchema, Static } from 'typebox';
import {
	scimGroup,
	scimPage,
	scimUser,
	type ScimGroup,
	type ScimUser
} from '../../../core/people/directory/scim';
import type { Checked } from '../../../core/platform/issue';
import { compileSchema } from '../../../core/platform/schema/compile-schema';
import type { DirectoryAddress } from '../../platform/config';
import { safeFetch, UnreachableError } from '../../platform/http/safe-fetch';

/** Resources asked for at a time; a service may send fewer. */
const PAGE = 200;

/** Most resources that are read: far beyond any organisation, but not endless where a service never says that it is done. */
const MOST = 2_000_000;

/** How long one page may take, ms. */
const TIMEOUT_MS = 60_000;

/** Longest page, bytes: a hundred times what a page of two hundred users has. Our assumption. */
const MOST_BYTES = 16 * 1024 * 1024;

const PRIVATE_HOST = 'its host is in a private network: name it in EASY_CORNER_PRIVATE_HOSTS';

/** Attempts at a page that a service is too busy for, and the pause where it names none, ms. */
const ATTEMPTS = 4;
const PAUSE_MS = 2000;

/** Longest pause that a service may ask for, ms: then the directory is read at another time. */
const LONGEST_PAUSE_MS = 60_000;

/** What went wrong while a directory was read, as the page says it. */
export type DirectoryFault = 'unreachable' | 'refused' | 'filter' | 'busy' | 'unreadable' | 'incomplete';

/** A directory that couldn't be read to its end: nothing of it is used, since whoever is missing would seem to have left. */
export class DirectoryError extends Error {
	constructor(
		readonly fault: DirectoryFault,
		detail: string
	) {
		super(`${fault}: ${detail}`);
	}
}

const asPage = compileSchema<Static<typeof scimPage>>(scimPage);

/** What needn't be sent of a user. Not the reverse: some services can't list what is asked for where it belongs to an extension. */
const NOT_NEEDED = 'photos,groups,roles,entitlements,x509Certificates,ims';

/** Pauses between attempts; a test passes none. */
export type Pause = (ms: number) => Promise<unknown>;

/**
 * Reads all users of a SCIM 2.0 service (RFC 7644).
 * @param filter of the service's own attributes; empty for all
 * @throws DirectoryError where it can't be read to its end
 */
export const readUsers = (
	service: DirectoryAddress,
	filter: string,
	wait: Pause = pause
): Promise<ScimUser[]> =>
	readAll(
		service,
		'Users',
		{ ...(filter === '' ? {} : { filter }), excludedAttributes: NOT_NEEDED },
		scimUser,
		wait
	);

/** Reads all groups of a service with their members. @throws DirectoryError */
export const readGroups = (service: DirectoryAddress, wait: Pause = pause): Promise<ScimGroup[]> =>
	readAll(service, 'Groups', { attributes: 'displayName,members' }, scimGroup, wait);

/** How often reading begins again where the directory changed meanwhile. */
const READINGS = 3;

/**
 * Reads all of a kind. Pages are numbered by place: where somebody was removed meanwhile, the next page begins one further on and whoever is
 * between them would seem to have left. So a reading counts only where the number of resources stayed the same.
 */
async function readAll<S extends TSchema>(
	service: DirectoryAddress,
	kind: 'Users' | 'Groups',
	query: Readonly<Record<string, string>>,
	schema: S,
	wait: Pause
): Promise<Static<S>[]> {
	const check = compileSchema<Static<S> & { readonly id: string }>(schema);
	for (let reading = 1; reading <= READINGS; reading += 1) {
		const { found, total } = await readPages(service, kind, query, check, wait);
		if (found.size === total) return [...found.values()];
	}
	throw new DirectoryError('incomplete', `${kind} changed in each of ${READINGS} readings`);
}

/**
 * Reads page by page, each from where the last one ended: a service decides how many it sends. Cost: one request for every 200 resources.
 * @returns what was found, and how many there are; -1 where that changed between two pages
 */
async function readPages<T extends { readonly id: string }>(
	service: DirectoryAddress,
	kind: 'Users' | 'Groups',
	query: Readonly<Record<string, string>>,
	check: (value: unknown) => Checked<T>,
	wait: Pause
): Promise<{ readonly found: ReadonlyMap<string, T>; readonly total: number }> {
	const found = new Map<string, T>();
	let [next, total] = [1, -1];
	for (;;) {
		const asked = { startIndex: String(next), count: String(PAGE), ...query };
		const { totalResults, Resources = [] } = await readPage(service, kind, asked, wait);
		if (total !== -1 && totalResults !== total) return { found, total: -1 };
		total = totalResults;
		for (const [i, one] of Resources.entries()) {
			const resource = check(one);
			if (!resource.ok) throw new DirectoryError('unreadable', `${kind} ${next + i}: ${resource.issue.text}`);
			found.set(resource.value.id, resource.value);
		}
		next += Resources.length;
		if (next > total) return { found, total };
		if (Resources.length === 0 || next > MOST)
			throw new DirectoryError('incomplete', `${kind}: ${next - 1} of ${total}`);
	}
}

/** Looks whether a service answers as one should, without reading more than a user of it. @throws DirectoryError */
export const checkDirectory = (service: DirectoryAddress): Promise<unknown> =>
	readPage(service, 'Users', { startIndex: '1', count: '1' }, pause);

async function readPage(
	service: DirectoryAddress,
	kind: 'Users' | 'Groups',
	asked: Readonly<Record<string, string>>,
	wait: Pause
): Promise<Static<typeof scimPage>> {
	const url = new URL(`${service.url.replace(/\/$/, '')}/${kind}`);
	for (const [name, value] of Object.entries(asked)) url.searchParams.set(name, value);
	const page = asPage(await get(url, service, wait));
	if (!page.ok) throw new DirectoryError('unreadable', `${kind} ${asked['startIndex']}: ${page.issue.text}`);
	return page.value;
}

/** One page, tried again where the service is too busy; no redirect is followed with the token. */
async function get(url: URL, { token, privateHosts }: DirectoryAddress, wait: Pause): Promise<unknown> {
	for (let attempt = 1; ; attempt += 1) {
		const answer = await safeFetch(url, {
			headers: {
				accept: 'application/scim+json, application/json',
				...(token === '' ? {} : { authorization: `Bearer ${token}` })
			},
			timeoutMs: TIMEOUT_MS,
			mostBytes: MOST_BYTES,
			privateHosts
		}).catch((error: unknown) => {
			const isPrivate = error instanceof UnreachableError && error.isPrivate;
			throw new DirectoryError('unreachable', isPrivate ? PRIVATE_HOST : 'unreachable');
		});
		if (answer.ok) {
			try {
				return JSON.parse(await answer.text());
			} catch {
				throw new DirectoryError('unreadable', 'an answer is not JSON');
			}
		}
		const { status } = answer;
		if (status === 401 || status === 403) throw new DirectoryError('refused', String(status));
		if (status === 400) throw new DirectoryError('filter', String(status));
		if (status !== 429 && status < 500) throw new DirectoryError('unreadable', String(status));
		const asked = Number(answer.headers.get('retry-after') ?? Number.NaN) * 1000;
		const ms = Number.isFinite(asked) ? asked : PAUSE_MS * attempt;
		if (attempt === ATTEMPTS || ms > LONGEST_PAUSE_MS) throw new DirectoryError('busy', String(status));
		await wait(ms);
	}
}
