import { describe, expect, it } from 'vitest';
import { timelineGroupOfAct } from '$lib/core/timeline';
import { messagesFor } from '$lib/messages';
import { actWords } from '$lib/messages/desk/timeline-words';
import { ACT_WORDS } from '$lib/messages/desk/state-words';
import { recordActWords } from '$lib/messages/desk/record-words';
import { AUDIT_ACTIONS } from '$lib/server/audit/write-audit-line';

describe('the audit log', () => {
	it('says every act in words, and none by its code', () => {
		expect(AUDIT_ACTIONS.filter((act) => recordActWords(act) === act && !(act in ACT_WORDS))).toEqual([]);
		expect(Object.keys(ACT_WORDS).length).toBeGreaterThan(10);
	});

	it('is no code in the course of a case either', () => {
		const t = messagesFor();
		const told = AUDIT_ACTIONS.filter((act) => timelineGroupOfAct(act) !== null);
		expect(told.length).toBeGreaterThan(20);
		for (const act of told)
			if (recordActWords(act) !== act) expect(actWords({ kind: 'act', act, detail: {} }, t)).not.toBe(act);
		expect(timelineGroupOfAct('letter-delivered')).toBeNull();
		const hazard = {
			kind: 'act',
			act: 'finding-ticked',
			detail: { finding: 'chained-strips', how: 'not-here' }
		} as const;
		expect(actWords(hazard, t)).toBe(
			'said that a problem can’t be fixed there: power strips plugged into each other'
		);
		const lifted = { kind: 'act', act: 'signs-lifted', detail: { signs: 1, how: 'mistake' } } as const;
		expect(actWords(lifted, t)).toMatch(/: they tapped it by mistake$/);
	});
});
