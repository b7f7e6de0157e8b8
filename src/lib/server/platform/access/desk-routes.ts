import type { RouteId } from '$app/types';
import { isPermitted, SHOWS_PEOPLE, type Permission } from '../../../core/platform/access/permissions';

export type DeskRoute = Extract<RouteId, `/desk/(signed-in)${string}`>;

/**
 * The permission that opens each desk route; null for a folder that has no page of its own. A new route makes the type checker ask for its
 * row.
 */
export const DESK_ROUTES: Readonly<Record<DeskRoute, Permission | null>> = {
	// The start page of each role: it redirects to what the role works on.
	'/desk/(signed-in)': 'account:own',
	'/desk/(signed-in)/account': 'account:own',
	'/desk/(signed-in)/account/absence': 'cases:act',
	'/desk/(signed-in)/account/passkeys': 'account:own',
	'/desk/(signed-in)/account/second-factor': 'account:own',
	'/desk/(signed-in)/account/tokens': 'settings:change',
	'/desk/(signed-in)/confirm': 'account:own',
	'/desk/(signed-in)/cases': null,
	'/desk/(signed-in)/cases/[id=uuid]': 'cases:read',
	'/desk/(signed-in)/cases/[id=uuid]/brief': 'cases:read',
	'/desk/(signed-in)/cases/[id=uuid]/erase': 'people:erase',
	'/desk/(signed-in)/cases/[id=uuid]/everything': 'people:export',
	'/desk/(signed-in)/cases/[id=uuid]/merge': 'people:erase',
	'/desk/(signed-in)/cases/[id=uuid]/phone': 'assessments:send',
	'/desk/(signed-in)/cases/[id=uuid]/together': 'cases:act',
	'/desk/(signed-in)/cases/[id=uuid]/together/board': 'cases:act',
	'/desk/(signed-in)/cases/[id=uuid]/together/board/live': 'cases:act',
	'/desk/(signed-in)/cases/[id=uuid]/everything/archive': 'people:export',
	'/desk/(signed-in)/cases/[id=uuid]/everything/data': 'people:export',
	'/desk/(signed-in)/cases/[id=uuid]/everything/fhir': 'people:export',
	'/desk/(signed-in)/cases/[id=uuid]/here': 'cases:read',
	'/desk/(signed-in)/cases/[id=uuid]/inspection': 'cases:read',
	'/desk/(signed-in)/cases/[id=uuid]/letter': 'cases:read',
	'/desk/(signed-in)/crisis-lines': 'settings:change',
	'/desk/(signed-in)/equipment': 'equipment:read',
	'/desk/(signed-in)/equipment/budget': 'equipment:read',
	'/desk/(signed-in)/equipment/export': 'equipment:read',
	'/desk/(signed-in)/follow-ups': 'follow-ups:read',
	'/desk/(signed-in)/live': 'desk:live',
	'/desk/(signed-in)/organisation': 'settings:change',
	'/desk/(signed-in)/organisation/archive': 'settings:change',
	'/desk/(signed-in)/organisation/archive/file': 'audit-log:read',
	'/desk/(signed-in)/organisation/checklist': 'settings:change',
	'/desk/(signed-in)/organisation/checklist/file': 'settings:change',
	'/desk/(signed-in)/organisation/checklist/problem': 'settings:change',
	'/desk/(signed-in)/organisation/checklist/question': 'settings:change',
	'/desk/(signed-in)/organisation/checklist/try': 'settings:change',
	'/desk/(signed-in)/organisation/cover': 'settings:change',
	'/desk/(signed-in)/organisation/emails': 'settings:change',
	'/desk/(signed-in)/organisation/emails/html': 'settings:change',
	'/desk/(signed-in)/organisation/logo': 'settings:change',
	'/desk/(signed-in)/organisation/policy': 'settings:change',
	'/desk/(signed-in)/organisation/policy/file': 'settings:change',
	'/desk/(signed-in)/organisation/settings': null,
	'/desk/(signed-in)/organisation/settings/[area=area]': 'settings:change',
	'/desk/(signed-in)/organisation/settings/[area=area]/file': 'settings:change',
	'/desk/(signed-in)/organisation/translations': 'settings:change',
	'/desk/(signed-in)/organisation/webhooks': 'settings:change',
	'/desk/(signed-in)/people': 'people:read',
	'/desk/(signed-in)/people/export': 'people:export',
	'/desk/(signed-in)/people/export/fhir': 'people:export',
	'/desk/(signed-in)/people/directory': 'people:change',
	'/desk/(signed-in)/people/import': 'people:change',
	'/desk/(signed-in)/people/new': 'people:change',
	'/desk/(signed-in)/practice': 'practice:take',
	'/desk/(signed-in)/practice/[id=uuid]': 'practice:take',
	'/desk/(signed-in)/practice/second-opinion': null,
	'/desk/(signed-in)/practice/second-opinion/[id=uuid]': 'cases:read',
	'/desk/(signed-in)/record': 'audit-log:read',
	'/desk/(signed-in)/record/export': 'audit-log:read',
	'/desk/(signed-in)/referrals': null,
	'/desk/(signed-in)/referrals/[id=uuid]': 'referrals:read',
	'/desk/(signed-in)/retention': 'retention:set',
	'/desk/(signed-in)/rounds': 'rounds:read',
	'/desk/(signed-in)/rounds/new': 'rounds:run',
	'/desk/(signed-in)/rounds/[id=uuid]': 'rounds:read',
	'/desk/(signed-in)/rounds/[id=uuid]/inspection': 'rounds:read',
	'/desk/(signed-in)/rounds/[id=uuid]/progress': 'rounds:read',
	'/desk/(signed-in)/users': 'accounts:manage',
	'/desk/(signed-in)/waiting-emails': 'emails:release',
	'/desk/(signed-in)/workforce': 'workforce:read',
	'/desk/(signed-in)/workforce/answers': 'workforce:read',
	'/desk/(signed-in)/workforce/discomfort': 'workforce:read',
	'/desk/(signed-in)/workforce/figures': 'workforce:read',
	'/desk/(signed-in)/workforce/findings': 'workforce:read',
	'/desk/(signed-in)/workforce/goes-with': 'workforce:read',
	'/desk/(signed-in)/workforce/steps': 'workforce:read',
	'/desk/(signed-in)/workforce/helps': 'workforce:read',
	'/desk/(signed-in)/workforce/report': 'workforce:read',
	'/desk/(signed-in)/workforce/report/[id=uuid]': 'workforce:read',
	'/desk/(signed-in)/workforce/report/[id=uuid]/data': 'workforce:read',
	'/desk/(signed-in)/workforce/times': 'workforce:read',
	'/desk/(signed-in)/workforce/to-buy': 'workforce:read'
};

/** The permission for each form action of the desk, by route and name. An action that is missing here is refused to everyone. */
export const DESK_ACTIONS: Partial<Readonly<Record<DeskRoute, Readonly<Record<string, Permission>>>>> = {
	'/desk/(signed-in)': {
		settle: 'cases:act',
		finish: 'follow-ups:set',
		write: 'messages:write',
		undo: 'desk:undo'
	},
	'/desk/(signed-in)/account': {
		elsewhere: 'account:own',
		language: 'account:own',
		password: 'account:own'
	},
	'/desk/(signed-in)/account/absence': { away: 'cases:act', back: 'cases:act', hand: 'cases:act' },
	'/desk/(signed-in)/account/second-factor': {
		begin: 'account:own',
		end: 'account:own',
		remove: 'account:own'
	},
	'/desk/(signed-in)/account/tokens': { make: 'settings:change', end: 'settings:change' },
	'/desk/(signed-in)/confirm': { default: 'account:own' },
	'/desk/(signed-in)/cases/[id=uuid]': {
		settle: 'cases:act',
		reopen: 'cases:act',
		owner: 'cases:act',
		later: 'cases:act',
		send: 'assessments:send',
		followUp: 'follow-ups:set',
		done: 'follow-ups:set',
		contact: 'cases:act',
		message: 'messages:write',
		read: 'messages:write',
		note: 'cases:act',
		refer: 'referrals:make',
		writeReferral: 'referrals:answer',
		endReferral: 'referrals:answer',
		askFor: 'equipment:decide',
		equipment: 'equipment:decide',
		setUp: 'cases:act',
		person: 'people:change'
	},
	'/desk/(signed-in)/cases/[id=uuid]/merge': { merge: 'people:erase' },
	'/desk/(signed-in)/cases/[id=uuid]/phone': { begin: 'assessments:send' },
	'/desk/(signed-in)/cases/[id=uuid]/together': {
		join: 'cases:act',
		plan: 'cases:act',
		agree: 'cases:act',
		next: 'follow-ups:set',
		end: 'cases:act'
	},
	'/desk/(signed-in)/cases/[id=uuid]/erase': { default: 'people:erase' },
	'/desk/(signed-in)/crisis-lines': { set: 'settings:change', remove: 'settings:change' },
	'/desk/(signed-in)/equipment': { count: 'equipment:decide', order: 'equipment:decide' },
	'/desk/(signed-in)/equipment/budget': { approve: 'equipment:decide', year: 'prices:set' },
	'/desk/(signed-in)/follow-ups': {
		move: 'follow-ups:set',
		feed: 'follow-ups:read',
		endFeed: 'follow-ups:read'
	},
	'/desk/(signed-in)/organisation': { save: 'settings:change', removeLogo: 'settings:change' },
	'/desk/(signed-in)/organisation/checklist': {
		move: 'settings:change',
		remove: 'settings:change',
		takeIn: 'settings:change',
		start: 'settings:change',
		load: 'settings:change',
		publish: 'settings:change',
		discard: 'settings:change'
	},
	'/desk/(signed-in)/organisation/checklist/problem': { save: 'settings:change' },
	'/desk/(signed-in)/organisation/checklist/question': { save: 'settings:change' },
	'/desk/(signed-in)/organisation/cover': { save: 'settings:change' },
	'/desk/(signed-in)/organisation/emails': {
		send: 'settings:change',
		save: 'settings:change',
		publish: 'settings:change',
		discard: 'settings:change',
		original: 'settings:change'
	},
	'/desk/(signed-in)/organisation/policy': {
		preview: 'settings:change',
		publish: 'settings:change',
		load: 'settings:change'
	},

	'/desk/(signed-in)/organisation/settings/[area=area]': {
		preview: 'settings:change',
		publish: 'settings:change',
		load: 'settings:change'
	},
	'/desk/(signed-in)/organisation/translations': { confirm: 'settings:change' },
	'/desk/(signed-in)/organisation/webhooks': {
		save: 'settings:change',
		try: 'settings:change',
		remove: 'settings:change'
	},
	'/desk/(signed-in)/people': {
		bulk: 'people:change',
		columns: 'people:read',
		save: 'people:read',
		drop: 'people:read'
	},
	'/desk/(signed-in)/people/directory': {
		read: 'people:change',
		apply: 'people:change',
		save: 'settings:change'
	},
	'/desk/(signed-in)/people/new': { default: 'people:change' },
	'/desk/(signed-in)/practice': { start: 'practice:take', ask: 'cases:read' },
	'/desk/(signed-in)/practice/[id=uuid]': { answer: 'practice:take' },
	'/desk/(signed-in)/practice/second-opinion/[id=uuid]': { judge: 'cases:read' },
	'/desk/(signed-in)/referrals/[id=uuid]': {
		writeReferral: 'referrals:answer',
		endReferral: 'referrals:answer'
	},
	'/desk/(signed-in)/retention': { keep: 'retention:set' },
	'/desk/(signed-in)/rounds/new': { default: 'rounds:run' },
	'/desk/(signed-in)/rounds/[id=uuid]': {
		change: 'rounds:run',
		start: 'rounds:run',
		nudge: 'rounds:run',
		close: 'rounds:run',
		pause: 'rounds:run',
		correct: 'rounds:run',
		reopen: 'rounds:run',
		drop: 'rounds:run'
	},
	'/desk/(signed-in)/users': {
		invite: 'accounts:manage',
		close: 'accounts:manage',
		record: 'audit-log:read'
	},
	'/desk/(signed-in)/waiting-emails': {
		again: 'emails:release',
		release: 'emails:release',
		cancel: 'emails:release',
		limit: 'emails:release'
	},
	'/desk/(signed-in)/workforce/report': { make: 'reports:make', drop: 'reports:make' },
	'/desk/(signed-in)/workforce/report/[id=uuid]': { record: 'reports:make' },
	'/desk/(signed-in)/workforce/to-buy': { prices: 'prices:set' }
};

/** Routes that answer with data or a file and have no page. */
export const DESK_ENDPOINTS: readonly DeskRoute[] = [
	'/desk/(signed-in)/account/passkeys',
	'/desk/(signed-in)/cases/[id=uuid]/brief',
	'/desk/(signed-in)/cases/[id=uuid]/everything/archive',
	'/desk/(signed-in)/cases/[id=uuid]/everything/data',
	'/desk/(signed-in)/cases/[id=uuid]/everything/fhir',
	'/desk/(signed-in)/cases/[id=uuid]/here',
	'/desk/(signed-in)/cases/[id=uuid]/together/board',
	'/desk/(signed-in)/cases/[id=uuid]/together/board/live',
	'/desk/(signed-in)/equipment/export',
	'/desk/(signed-in)/live',
	'/desk/(signed-in)/organisation/archive/file',
	'/desk/(signed-in)/organisation/checklist/file',
	'/desk/(signed-in)/organisation/emails/html',
	'/desk/(signed-in)/organisation/logo',
	'/desk/(signed-in)/organisation/policy/file',
	'/desk/(signed-in)/organisation/settings/[area=area]/file',
	'/desk/(signed-in)/people/export',
	'/desk/(signed-in)/people/export/fhir',
	'/desk/(signed-in)/record/export',
	'/desk/(signed-in)/rounds/[id=uuid]/progress',
	'/desk/(signed-in)/workforce/figures',
	'/desk/(signed-in)/workforce/report/[id=uuid]/data'
];

const isDeskRoute = (route: string): route is DeskRoute => Object.hasOwn(DESK_ROUTES, route);

export const isBehindSignIn = (route: string | null): boolean =>
	route?.startsWith('/desk/(signed-in)') ?? false;

/** The form action of a request, as SvelteKit reads it from the URL. */
function actionOf(query: URLSearchParams): string {
	const named = [...query.keys()].find((key) => key.startsWith('/'));
	return named?.slice(1) ?? 'default';
}

/** A desk request, as far as it decides who may make it. */
export interface DeskRequest {
	readonly route: string;
	readonly method: string;
	readonly query: URLSearchParams;
}

/** The permission that a desk request needs; null where the tables don't list it, so that nobody may make it. */
export function permissionFor({ route, method, query }: DeskRequest): Permission | null {
	if (!isDeskRoute(route)) return null;
	const actions = DESK_ACTIONS[route];
	if (method !== 'POST' || !actions) return DESK_ROUTES[route];
	const action = actionOf(query);
	return Object.hasOwn(actions, action) ? (actions[action] ?? null) : null;
}

/** Whether a request only views a page. */
export function isPageView({ route, method }: DeskRequest): boolean {
	return (method === 'GET' || method === 'HEAD') && isDeskRoute(route) && !DESK_ENDPOINTS.includes(route);
}

/** The audit log's names for pages, where the route's own name would say less. */
const LIST_NAMES: Partial<Readonly<Record<DeskRoute, string>>> = {
	'/desk/(signed-in)': 'day sheet',
	'/desk/(signed-in)/account/absence': 'absences',
	'/desk/(signed-in)/equipment/budget': 'budget',
	'/desk/(signed-in)/equipment/export': 'equipment as CSV',
	'/desk/(signed-in)/people/export': 'people as CSV',
	'/desk/(signed-in)/practice/second-opinion/[id=uuid]': 'second opinion',
	'/desk/(signed-in)/people/export/fhir': 'people as FHIR',
	'/desk/(signed-in)/people/directory': 'staff directory',
	'/desk/(signed-in)/people/import': 'import of people',
	'/desk/(signed-in)/people/new': 'form for a new person',
	'/desk/(signed-in)/record/export': 'audit log as CSV',
	'/desk/(signed-in)/rounds/new': 'form for a new round',
	'/desk/(signed-in)/rounds/[id=uuid]': 'round',
	'/desk/(signed-in)/rounds/[id=uuid]/inspection': 'record of a round',
	'/desk/(signed-in)/rounds/[id=uuid]/progress': 'progress of a round',
	'/desk/(signed-in)/waiting-emails': 'waiting emails'
};

/** Routes of one person: the guard that reads the case or the referral also writes to the audit log whose it was. */
const OF_ONE_PERSON = /\/(?:cases|referrals)\/\[/;

/**
 * The list of people that a route shows, as named in the audit log; null where it shows none. Derived from the route's permission, so a new
 * page is recorded without anybody having to think of it.
 */
export function listShownBy(route: string): string | null {
	if (!isDeskRoute(route) || OF_ONE_PERSON.test(route)) return null;
	const permission = DESK_ROUTES[route];
	const isList = permission !== null && SHOWS_PEOPLE[permission];
	return LIST_NAMES[route] ?? (isList ? route.slice('/desk/(signed-in)/'.length) : null);
}

/** Whether a role may make a desk request: denied unless the tables allow it. */
export function isRequestAllowed(role: string, request: DeskRequest): boolean {
	const permission = permissionFor(request);
	return permission !== null && isPermitted(role, permission);
}
