import { describe, expect, it } from 'vitest';
import { TRIAGE_POLICIES } from './policy';
import { POLICY_FORMAT, validatePolicyDocument } from './policy-document';
import { sumPolicyEffects, type PolicyEffect } from './policy-effect';
import {
	completeSettings,
	policyChanges,
	policyFaults,
	policyFieldRule,
	policyFrom,
	policySettingsOf,
	POLICY_FIELD_NAMES,
	SHIPPED_SETTINGS
} from './policy-settings';

const [shipped] = TRIAGE_POLICIES;

describe('settings of the triage policy', () => {
	it('make the shipped policy again, and may be published as they are', () => {
		expect(policyFrom(SHIPPED_SETTINGS, shipped.version)).toEqual(shipped);
		expect(policySettingsOf(shipped)).toEqual(SHIPPED_SETTINGS);
		expect(policyFaults(SHIPPED_SETTINGS)).toEqual([]);
	});

	it('of an earlier version are completed by what has been added since', () => {
		const { unfinishedTimes, ...stored } = { ...SHIPPED_SETTINGS, clinicianFrom: 5 };
		expect(completeSettings(stored)).toEqual({ ...SHIPPED_SETTINGS, clinicianFrom: 5, unfinishedTimes });
	});

	it('each change something of the policy, and nothing else', () => {
		for (const field of POLICY_FIELD_NAMES) {
			const value = SHIPPED_SETTINGS[field];
			const other = typeof value === 'number' ? value - 1 : [...value.slice(0, -1), (value.at(-1) ?? 0) - 1];
			const changed = { ...SHIPPED_SETTINGS, [field]: other };
			expect(policySettingsOf(policyFrom(changed, 1001)), field).toEqual(changed);
			expect(policyChanges(SHIPPED_SETTINGS, changed)).toEqual([{ field, before: value, after: other }]);
		}
	});

	it('leave no way to weaken a warning sign: emergencies, urgent signs and weakness have no setting', () => {
		for (const field of POLICY_FIELD_NAMES) expect(field).not.toMatch(/emergency|urgent|weakness|sign/i);
		const loosest = Object.fromEntries(
			POLICY_FIELD_NAMES.map((field) => [
				field,
				policyFieldRule(field).list ? SHIPPED_SETTINGS[field] : policyFieldRule(field).most
			])
		) as unknown as typeof SHIPPED_SETTINGS;
		const { weaknessFrom, workingDaysToAct, clinicianFrom, tingling } = policyFrom(loosest, 1001);
		expect(weaknessFrom).toBe(shipped.weaknessFrom);
		expect(workingDaysToAct).toMatchObject({ emergency: 0, urgent: 0 });
		expect(clinicianFrom).toBeLessThanOrEqual(shipped.clinicianFrom);
		expect(tingling.days).toBeLessThanOrEqual(shipped.tingling.days);
		expect(tingling.from).toBeLessThanOrEqual(shipped.tingling.from);
	});

	it.each([
		[{ clinicianFrom: 8 }, 'clinicianFrom', 'limits'],
		[{ clinicianFrom: 4 }, 'soonFrom', 'below'],
		[{ clinicianFrom: 6.5 }, 'clinicianFrom', 'limits'],
		[{ soonDays: 2 }, 'clinicianDays', 'at-most'],
		[{ clinicianDays: 4 }, 'clinicianDays', 'limits'],
		[{ helpDays: 4 }, 'soonDays', 'at-most'],
		[{ notBegunStuckDays: 10 }, 'notBegunRemindDays', 'below'],
		[{ reminderDays: [] }, 'reminderDays', 'list'],
		[{ reminderDays: [7, 3] }, 'reminderDays', 'list'],
		[{ reminderDays: [3, 31] }, 'reminderDays', 'limits'],
		[{ checkInDays: [14, 20] }, 'checkInDays', 'list'],
		[{ checkInDays: [14, 28] }, 'notBetterDays', 'at-most'],
		[{ recheckDays: 120 }, 'recheckSoonerDays', 'at-most']
	] as const)('%j is refused at %s', (over, field, fault) => {
		expect(policyFaults({ ...SHIPPED_SETTINGS, ...over })).toContainEqual(
			expect.objectContaining({ field, fault })
		);
	});

	it('go through a file, and a file that can’t be used says where', () => {
		const document = { format: POLICY_FORMAT, settings: SHIPPED_SETTINGS };
		expect(validatePolicyDocument(JSON.parse(JSON.stringify(document)))).toEqual({
			ok: true,
			value: document
		});
		const withSettings = (over: object) =>
			validatePolicyDocument({ ...document, settings: { ...SHIPPED_SETTINGS, ...over } });
		for (const [over, at] of [
			[{ clinicianFrom: 9 }, '/settings/clinicianFrom'],
			[{ weaknessFrom: 9 }, '/settings/weaknessFrom'],
			[{ reminderDays: 'never' }, '/settings/reminderDays'],
			[{ reminderDays: [9, 3] }, '/settings/reminderDays'],
			[{ soonDays: 1 }, '/settings/clinicianDays']
		] as const)
			expect(withSettings(over)).toMatchObject({ ok: false, issue: { at } });
		expect(validatePolicyDocument({ format: 'another' })).toMatchObject({ ok: false });
	});
});

describe('the effects of settings', () => {
	const effect = (to: PolicyEffect['to'], over: Partial<PolicyEffect> = {}): PolicyEffect => ({
		from: 'soon',
		to,
		hasOtherDay: false,
		isAskedSooner: false,
		...over
	});

	it('are exact where everyone was looked at', () => {
		const sum = sumPolicyEffects(
			[
				effect('soon'),
				effect('clinician', { hasOtherDay: true }),
				effect('clinician', { hasOtherDay: true })
			],
			3
		);
		expect(sum).toEqual({
			looked: 3,
			of: 3,
			moves: [{ from: 'soon', to: 'clinician', n: 2, low: 2, high: 2 }],
			otherDays: { n: 2, low: 2, high: 2 },
			askedSooner: { n: 0, low: 0, high: 0 }
		});
	});

	it('have a range around the estimate where some were drawn, and what was not seen isn’t ruled out', () => {
		const seen = Array.from({ length: 200 }, (_, i) => effect(i < 50 ? 'clinician' : 'soon'));
		const { moves, askedSooner } = sumPolicyEffects(seen, 10_000);
		// A quarter; Wilson's interval for 50 of 200 is 19.5 to 31.4 % (Newcombe 1998, method 3).
		expect(moves[0]).toMatchObject({ n: 2500 });
		expect(moves[0]!.low).toBeCloseTo(50 + 0.195 * 9800, -2);
		expect(moves[0]!.high).toBeCloseTo(50 + 0.314 * 9800, -2);
		expect(askedSooner).toMatchObject({ n: 0, low: 0 });
		expect(askedSooner.high).toBeGreaterThan(0);
	});
});
