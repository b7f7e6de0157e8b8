import type { Role } from './roles';

/** How much a permission covers: everyone, only the people referred to the account, or nobody. */
export type Grant = 'all' | 'own' | 'none';

/** Columns in the order of a row: coordinator, clinician, reader. */
const row = (
	coordinator: Grant,
	clinician: Grant,
	reader: Grant
): { readonly coordinator: Grant; readonly clinician: Grant; readonly reader: Grant } => ({
	coordinator,
	clinician,
	reader
});

const COORDINATORS = row('all', 'none', 'none');

/**
 * Who may do what: one row per act, one column per role. Whatever is missing here is forbidden to everyone, and a new role makes the type
 * checker ask for its column. Server guards read it at the start of each use case, and each desk route reads it before it opens.
 */
export const PERMISSIONS = {
	/** One's own account: password, second factor, passkeys, signed-in browsers. */
	'account:own': row('all', 'all', 'all'),
	'accounts:manage': COORDINATORS,
	/** Also needs the audit-log right of the account, which only someone who holds it can give. */
	'audit-log:read': COORDINATORS,
	/** Live updates on open pages. */
	'desk:live': row('all', 'all', 'none'),
	'desk:undo': row('all', 'all', 'none'),
	'cases:read': COORDINATORS,
	'cases:act': COORDINATORS,
	'assessments:send': COORDINATORS,
	'messages:write': COORDINATORS,
	'emails:release': COORDINATORS,
	'equipment:read': COORDINATORS,
	'equipment:decide': COORDINATORS,
	'follow-ups:read': COORDINATORS,
	'follow-ups:set': COORDINATORS,
	'people:read': COORDINATORS,
	'people:change': COORDINATORS,
	'people:export': COORDINATORS,
	'people:erase': COORDINATORS,
	'referrals:make': COORDINATORS,
	'referrals:list': row('none', 'own', 'none'),
	'referrals:read': row('all', 'own', 'none'),
	'referrals:answer': row('all', 'own', 'none'),
	'retention:set': COORDINATORS,
	'rounds:read': COORDINATORS,
	'rounds:run': COORDINATORS,
	'workforce:read': row('all', 'none', 'all'),
	/** Current figures between any two month ends. */
	'workforce:live': COORDINATORS,
	'reports:make': COORDINATORS,
	'prices:set': COORDINATORS,
	/** Practice on made-up cases. */
	'practice:take': COORDINATORS,
	'settings:change': COORDINATORS
} as const satisfies Readonly<Record<string, Readonly<Record<Role, Grant>>>>;

/** An act that a role may or may not be allowed to do. */
export type Permission = keyof typeof PERMISSIONS;

/** Which permissions open pages that show employees by name. Opening such a page is written to the audit log. */
export const SHOWS_PEOPLE: Readonly<Record<Permission, boolean>> = {
	'account:own': false,
	'accounts:manage': false,
	'audit-log:read': false,
	'desk:live': false,
	'desk:undo': false,
	'cases:read': true,
	'cases:act': true,
	'assessments:send': true,
	'messages:write': true,
	'emails:release': true,
	'equipment:read': true,
	'equipment:decide': true,
	'follow-ups:read': true,
	'follow-ups:set': true,
	'people:read': true,
	'people:change': true,
	'people:export': true,
	'people:erase': true,
	'referrals:make': true,
	'referrals:list': true,
	'referrals:read': true,
	'referrals:answer': true,
	'retention:set': true,
	'rounds:read': true,
	'rounds:run': true,
	'workforce:read': false,
	'workforce:live': false,
	'reports:make': false,
	'prices:set': false,
	'practice:take': false,
	'settings:change': false
};

/**
 * How much of an act a role is allowed. Denied by default: a role or an act that the table does not know, for example one that a newer
 * version wrote into the database, gets nothing.
 */
export function grantOf(role: string, permission: Permission): Grant {
	const grants: Readonly<Record<string, Grant>> | undefined = Object.hasOwn(PERMISSIONS, permission)
		? PERMISSIONS[permission]
		: undefined;
	return (grants && Object.hasOwn(grants, role) ? grants[role] : undefined) ?? 'none';
}

/** Whether a role may do an act at all, even if only for people referred to it. */
export function isPermitted(role: string, permission: Permission): boolean {
	return grantOf(role, permission) !== 'none';
}

/** The roles that may do an act. */
export function rolesWith(permission: Permission): Role[] {
	return (Object.keys(PERMISSIONS[permission]) as Role[]).filter((role) => isPermitted(role, permission));
}
