import { grantOf, rolesWith } from './permissions';
import { ROLES, type Role } from './roles';

/** Which roles see what of employees, derived from the permission table. Privacy texts are made from this. */
export interface WhoSees {
	/** See everyone's answers. */
	readonly everyAnswer: readonly Role[];
	/** See only the people referred to them. */
	readonly referredOnly: readonly Role[];
	/** See totals and no individual. */
	readonly totalsOnly: readonly Role[];
}

/** Who sees what under the permissions in force. */
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
