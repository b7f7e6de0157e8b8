import { describe, expect, it } from 'vitest';
import { isPermitted, PERMISSIONS, SHOWS_PEOPLE, type Permission } from './permissions';
import { ROLES } from './roles';
import { whoSees } from './who-sees';

const ACTS = Object.keys(PERMISSIONS) as Permission[];

describe('who sees what', () => {
	const { everyAnswer, referredOnly, totalsOnly } = whoSees();

	it('puts every role in one place', () => {
		expect([...everyAnswer, ...referredOnly, ...totalsOnly].sort()).toEqual([...ROLES].sort());
	});

	it('calls a role one of totals only where no act of it shows people', () => {
		for (const role of totalsOnly)
			expect(
				ACTS.filter((act) => SHOWS_PEOPLE[act] && isPermitted(role, act)),
				role
			).toEqual([]);
	});

	it('calls a role one of referrals only where every act of it that shows people is limited to its own', () => {
		for (const role of referredOnly) {
			const showing = ACTS.filter((act) => SHOWS_PEOPLE[act] && isPermitted(role, act));
			expect(showing.length).toBeGreaterThan(0);
			for (const act of showing) expect(PERMISSIONS[act][role], `${role} ${act}`).toBe('own');
		}
	});
});
