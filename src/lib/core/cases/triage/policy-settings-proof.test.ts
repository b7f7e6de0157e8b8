import { expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import { randomFile } from '../../../../../tests/support/random-file';
import { casesOf } from '../../../../../tests/support/rotation';
import { workCalendarOfPlace } from '../../platform/calendar/public-holidays';
import { assessCase } from '../case-assessment/assess-case';
import { SHIPPED_RULES } from '../../platform/rules/shipped-rules';
import { actByDay } from './follow-up-dates';
import { TRIAGE_LEVELS } from './policy';
import {
	POLICY_FIELD_NAMES,
	policyFaults,
	policyFieldRule,
	policyFrom,
	type PolicySettings
} from './policy-settings';

/** Settings drawn within the limits of each; some go against each other, and may not be published. */
function randomSettings(dice: Dice): PolicySettings {
	return Object.fromEntries(
		POLICY_FIELD_NAMES.map((field) => {
			const { least, most, list } = policyFieldRule(field);
			if (!list) return [field, dice.int(least, most)];
			const drawn = Array.from({ length: dice.int(list.fewest, list.longest) }, () => dice.int(least, most));
			return [field, drawn.sort((a, b) => a - b)];
		})
	) as unknown as PolicySettings;
}

/** Reasons that rest on a warning sign, or on what calls for a professional by rule. */
const ON_A_SIGN = new Set([
	'emergency-sign',
	'urgent-sign',
	'professional-sign',
	'reported-weakness',
	'reported-tingling',
	'severe'
]);

it('no settings that may be published silence a sign, lower its level or put off its day', () => {
	const levelOf = (level: (typeof TRIAGE_LEVELS)[number]) => TRIAGE_LEVELS.indexOf(level);
	let published = 0;
	let withSigns = 0;
	for (const seed of casesOf(10_000, 2_000)) {
		const dice = new Dice(seed);
		// Drawn until some may be published: at most a few dozen tries.
		let settings = randomSettings(dice);
		while (policyFaults(settings).length > 0) settings = randomSettings(dice);
		published += 1;
		const file = randomFile(seed);
		const given = { calendar: workCalendarOfPlace(file.place), unclosable: [] };
		const shipped = assessCase(file, { ...given, rules: SHIPPED_RULES });
		const own = assessCase(file, {
			...given,
			rules: { ...SHIPPED_RULES, policy: policyFrom(settings, 1001) }
		});
		for (const { code, level, on, sign } of shipped.reasons) {
			if (!ON_A_SIGN.has(code)) continue;
			withSigns += 1;
			// The same reason, with the same level, or resting on something newer.
			const still = own.reasons.find((one) => one.code === code && one.sign === sign);
			expect(still, `${seed}: ${code}`).toBeDefined();
			expect(levelOf(still!.level), `${seed}: ${code}`).toBeLessThanOrEqual(levelOf(level));
			expect(still!.on >= on, `${seed}: ${code}`).toBe(true);
			expect(levelOf(own.level), `${seed}: ${code}`).toBeLessThanOrEqual(levelOf(level));
			if (still!.on > on) continue;
			const by = actByDay(level, on, SHIPPED_RULES.policy, given.calendar)!;
			expect(own.actBy! <= by, `${seed}: ${code} by ${by}, not ${own.actBy}`).toBe(true);
		}
		if (shipped.level === 'emergency' || shipped.level === 'urgent')
			expect(own.level, String(seed)).toBe(shipped.level);
	}
	expect(published).toBeGreaterThan(0);
	expect(withSigns).toBeGreaterThan(published / 10);
});
