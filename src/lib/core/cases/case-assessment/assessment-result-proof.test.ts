import { expect, it } from 'vitest';
import { judgedByHand } from '../../../../../tests/support/judged-by-hand';
import { randomFile } from '../../../../../tests/support/random-file';
import { casesOf } from '../../../../../tests/support/rotation';
import { SHIPPED_RULES } from '../../platform/rules/shipped-rules';
import { REASON_CODES } from './vocabulary';
import { assessCaseRecord } from './assess-case-record';
import { validateCaseRecord } from './validate-case-record';

const inThousandths = (n: number) => Math.round(n * 1000) / 1000;

it('a assessment result agrees with an independent reading of the rules on random files', () => {
	const seen = new Set<string>();
	for (const seed of casesOf(3000, 500)) {
		const file = randomFile(seed);
		expect(validateCaseRecord(file).ok).toBe(true);
		const { level, reasons, actBy, checkIn, recheck, standing } = assessCaseRecord(file, SHIPPED_RULES);
		const rounded = standing.map(({ id, value, sd }) => ({
			id,
			value: inThousandths(value),
			sd: inThousandths(sd)
		}));
		expect({ seed, level, reasons, actBy, checkIn, recheck, standing: rounded }).toEqual({
			seed,
			...judgedByHand(file)
		});
		for (const { code } of reasons) seen.add(code);
	}
	// Every rule was met: what is compared would show it missing.
	expect([...REASON_CODES].filter((code) => !seen.has(code))).toEqual([]);
});
