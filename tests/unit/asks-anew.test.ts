import { describe, expect, it } from 'vitest';
import { gateFor } from '../../src/lib/server/platform/access/gate';
import { DESK_ENDPOINTS, DESK_ROUTES } from '../../src/lib/server/platform/access/desk-routes';
import type { Session } from '../../src/lib/server/platform/access/sessions';

const session = (isFresh: boolean): Session => ({
	user: { kind: 'user', id: '', name: '', role: 'coordinator' },
	language: 'en',
	timeZone: 'UTC',
	hash: '',
	isPending: false,
	isFresh,
	hasFactor: true,
	hasCode: false
});

/** Permissions by which a file leaves that says something of people or of the audit log. */
const TAKES_AWAY: readonly (string | null)[] = ['people:export', 'audit-log:read'];

describe('a file that takes people’s data away', () => {
	const files = DESK_ENDPOINTS.filter((route) => TAKES_AWAY.includes(DESK_ROUTES[route]));

	it('asks for the password again after a while, and leads back to a page that is there', () => {
		expect(files.length).toBeGreaterThan(5);
		for (const route of files) {
			const path = route
				.replace('/(signed-in)', '')
				.replace('[id=uuid]', '5b0d8f0e-4f0f-4f43-9a8f-2f6f0c1f7a11');
			const to = gateFor(route, path, session(false), []);
			expect(to, route).toMatch(/^\/desk\/confirm\?to=/);
			// Not to the file itself: after the password a page is shown.
			expect(decodeURIComponent(to?.split('to=')[1] ?? ''), route).not.toBe(path);
			expect(gateFor(route, path, session(true), []), route).toBeNull();
		}
	});
});
