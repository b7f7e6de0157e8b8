import { describe, expect, it } from 'vitest';
import { ACT_WORDS } from '$lib/messages/desk/state-words';
import { recordActWords } from '$lib/messages/desk/record-words';
import { ACTS } from '$lib/server/audit/write-audit-line';

describe('the audit log', () => {
	it('says every act in words, and none by its code', () => {
		expect(ACTS.filter((act) => recordActWords(act) === act && !(act in ACT_WORDS))).toEqual([]);
		expect(Object.keys(ACT_WORDS).length).toBeGreaterThan(10);
	});
});
