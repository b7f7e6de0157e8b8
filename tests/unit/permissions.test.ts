import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import {
	grantOf,
	isPermitted,
	PERMISSIONS,
	rolesWith,
	SHOWS_PEOPLE,
	type Permission
} from '$lib/core/platform/access/permissions';
import { ROLES } from '$lib/core/platform/access/roles';
import {
	DESK_ACTIONS,
	DESK_ENDPOINTS,
	DESK_ROUTES,
	isPageView,
	isRequestAllowed,
	listShownBy,
	permissionFor,
	type DeskRoute
} from '$lib/server/platform/access/desk-routes';
import { grantFor, requirePermission } from '$lib/server/platform/access/require-permission';
import type { Actor, Role } from '$lib/server/platform/actor';
import { DomainError } from '$lib/server/platform/domain-error';
import { actionsOf, deskRoutes } from '../support/routes';

const everyPermission = Object.keys(PERMISSIONS) as Permission[];

/** Roles that no table has, as a newer version, a mistake or a name of the language itself would have them. */
const UNKNOWN = ['auditor', '', 'Coordinator', '__proto__', 'constructor', 'toString'];

const user = (role: string): Actor => ({ kind: 'user', id: 'u', name: 'n', role: role as Role });

describe('the table of permissions', () => {
	it('grants nothing to a role that it does not have, whatever is asked', () => {
		for (const role of UNKNOWN)
			for (const permission of everyPermission) {
				expect(grantOf(role, permission)).toBe('none');
				expect(() => requirePermission(user(role), permission)).toThrow(DomainError);
				expect(grantFor(user(role), permission)).toBe('none');
			}
	});

	it('grants nothing for an act that it does not have', () => {
		for (const name of ['people:everything', 'toString', '__proto__'])
			for (const role of ROLES) expect(grantOf(role, name as Permission)).toBe('none');
	});

	it('grants nothing to the system, nor to someone with a personal link', () => {
		const others: Actor[] = [{ kind: 'system' }, { kind: 'person', personId: 'p', assessmentId: 'a' }];
		for (const actor of others)
			for (const permission of everyPermission)
				expect(() => requirePermission(actor, permission)).toThrow(DomainError);
	});

	it('lets each role do something, and shows persons to nobody who sees figures alone', () => {
		for (const role of ROLES)
			expect(everyPermission.filter((one) => isPermitted(role, one)).length).toBeGreaterThan(1);
		expect(everyPermission.filter((one) => isPermitted('reader', one))).toEqual([
			'account:own',
			'workforce:read'
		]);
		expect(everyPermission.filter((one) => grantOf('clinician', one) === 'all')).toEqual([
			'account:own',
			'desk:live',
			'desk:undo'
		]);
		expect(rolesWith('referrals:list')).toEqual(['clinician']);
	});
});

describe('the routes of the desk', () => {
	const routes = deskRoutes();

	it('are each in the table, and answer nothing where it has no permission for them', () => {
		expect(
			Object.keys(DESK_ROUTES)
				.filter((route) => DESK_ROUTES[route as DeskRoute] !== null)
				.sort()
		).toEqual(routes.map(({ route }) => route).sort());
		expect(routes.length).toBeGreaterThan(35);
	});

	it('are told apart as pages and as answers of data', () => {
		expect([...DESK_ENDPOINTS].sort()).toEqual(
			routes.flatMap(({ route, hasPage }) => (hasPage ? [] : [route])).sort()
		);
		expect(isPageView({ route: DESK_ENDPOINTS[0] ?? '', method: 'GET', query: new URLSearchParams() })).toBe(
			false
		);
	});

	it('have every form action in the table, and no other', () => {
		const found = routes.flatMap(({ route }) => actionsOf(route).map((name) => `${route} ${name}`));
		const listed = Object.entries(DESK_ACTIONS).flatMap(([route, names]) =>
			Object.keys(names ?? {}).map((name) => `${route} ${name}`)
		);
		expect(found.length).toBeGreaterThan(40);
		expect(listed.sort()).toEqual(found.sort());
	});

	it('are closed to an unknown role, and to an action or a route that the tables don’t have', () => {
		const view = (route: string, method = 'GET', query = '') => ({
			route,
			method,
			query: new URLSearchParams(query)
		});
		for (const role of UNKNOWN)
			for (const { route } of routes) expect(isRequestAllowed(role, view(route))).toBe(false);
		for (const role of ROLES) {
			expect(isRequestAllowed(role, view('/desk/(signed-in)/not-there'))).toBe(false);
			expect(isRequestAllowed(role, view('/desk/(signed-in)/cases'))).toBe(false);
			expect(isRequestAllowed(role, view('/desk/(signed-in)/people', 'POST', '/everything'))).toBe(false);
			expect(isRequestAllowed(role, view('/desk/(signed-in)/people', 'POST', '/toString'))).toBe(false);
		}
		expect(permissionFor(view('/desk/(signed-in)/rounds/new', 'POST'))).toBe('rounds:run');
		expect(permissionFor(view('/desk/(signed-in)/people', 'POST', 'q=a&/bulk='))).toBe('people:change');
	});
});

/** Every source of the program but the table itself. */
function sourcesIn(folder: string): { name: string; text: string }[] {
	return readdirSync(folder).flatMap((entry) => {
		const path = join(folder, entry);
		if (statSync(path).isDirectory()) return sourcesIn(path);
		return /\.(?:ts|svelte)$/.test(entry) && !/\.test\.ts$/.test(entry)
			? [{ name: path, text: readFileSync(path, 'utf8') }]
			: [];
	});
}

describe('code', () => {
	it('asks what someone may do, and never which role they have or have not', () => {
		const asks = /\brole\s*(?:===|!==)|(?:===|!==)\s*'(?:coordinator|reader)'|users\.role,\s*'/;
		expect(existsSync('src/lib/core/platform/access/permissions.ts')).toBe(true);
		const found = ['src/lib', 'src/routes']
			.flatMap(sourcesIn)
			.flatMap(({ name, text }) => (asks.test(text) ? [name] : []));
		expect(found).toEqual([]);
		// It would see one.
		expect(asks.test("if (actor.role !== 'reader')")).toBe(true);
	});
});

describe('what the audit log has of lists', () => {
	it('follows from the permission that opens a page: every page with employees by name, and none that a role without them may open', () => {
		const recorded = (Object.keys(DESK_ROUTES) as DeskRoute[]).filter((route) => listShownBy(route) !== null);
		const names = recorded.map((route) => listShownBy(route));
		expect(new Set(names).size).toBe(names.length);
		for (const list of [
			'day sheet',
			'people',
			'follow-ups',
			'equipment',
			'budget',
			'round',
			'retention',
			'waiting emails'
		])
			expect(names).toContain(list);
		for (const [route, permission] of Object.entries(DESK_ROUTES) as [DeskRoute, Permission | null][]) {
			const isOfOne = /\/(cases|referrals)\/\[/.test(route);
			const shows = permission !== null && SHOWS_PEOPLE[permission];
			if (shows && !isOfOne) expect(recorded, route).toContain(route);
		}
		// Who sees figures alone opens no list of people.
		for (const route of recorded)
			if (route !== '/desk/(signed-in)')
				expect(isPermitted('reader', DESK_ROUTES[route] ?? 'people:read'), route).toBe(false);
	});
});
