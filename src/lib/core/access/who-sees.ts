import { grantOf, rolesWith } from './permissions';
import { ROLES, type Role } from './roles';

/** Which roles see what of employees, worked out from the permission table: what privacy texts say of it. */
export interface WhoSees {
	/** Everybody's answers. */
	readonly everyAnswer: readonly Role[];
	/** Only of people who were referred to them. */
	readonly referredOnly: readonly Role[];
	/** Totals, and no person. */
	readonly totalsOnly: readonly Role[];
}

/** Who sees what, by the permissions that are in force. */
export function whoSees(): WhoSees {
	const everyAnswer = ROLES.filter((role) => grantOf(role, 'cases:read') === 'all');
	const referredOnly = ROLES.filter(
		(role) => !everyAnswer.includes(role) && grantOf(role, 'referrals:read') === 'own'
	);
	return {
		everyAnswer,
		referredOnly,
		totalsOnly: rolesWith('workforce:read').filter((role) => !everyAnswer.includes(role))
	};
}
