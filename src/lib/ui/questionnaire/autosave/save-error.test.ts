import { describe, expect, it } from 'vitest';
import { messagesFor } from '$lib/messages';
import { saveErrorOf } from './save-error';

const t = messagesFor();

describe('saveErrorOf', () => {
	it('says nothing where everything is kept or on its way', () => {
		expect(saveErrorOf([], t)).toBeNull();
		expect(saveErrorOf(['idle', 'saving', 'saved'], t)).toBeNull();
	});

	it('tells the gravest of several, wherever it stands', () => {
		expect(saveErrorOf(['saved', 'waiting'], t)).toBe(t.frame.notSaved);
		expect(saveErrorOf(['refused', 'waiting'], t)).toBe(t.frame.refused);
		expect(saveErrorOf(['waiting', 'refused', 'ended'], t)).toBe(t.frame.ended);
	});

	it('has three different things to say, each with what to do', () => {
		const told = (['waiting', 'refused', 'ended'] as const).map((state) => saveErrorOf([state], t) ?? '');
		expect(new Set(told).size).toBe(3);
		expect(told[1]).toContain('Please enter it again');
		expect(told[2]).toContain('Ask your coordinator');
	});
});
