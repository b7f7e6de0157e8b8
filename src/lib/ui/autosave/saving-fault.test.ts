import { describe, expect, it } from 'vitest';
import { messagesFor } from '$lib/messages';
import { savingFault } from './saving-fault';

const t = messagesFor();

describe('savingFault', () => {
	it('says nothing where everything is kept or on its way', () => {
		expect(savingFault([], t)).toBeNull();
		expect(savingFault(['idle', 'saving', 'saved'], t)).toBeNull();
	});

	it('tells the gravest of several, wherever it stands', () => {
		expect(savingFault(['saved', 'waiting'], t)).toBe(t.frame.notSaved);
		expect(savingFault(['refused', 'waiting'], t)).toBe(t.frame.refused);
		expect(savingFault(['waiting', 'refused', 'ended'], t)).toBe(t.frame.ended);
	});

	it('has three different things to say, each with what to do', () => {
		const told = (['waiting', 'refused', 'ended'] as const).map((state) => savingFault([state], t) ?? '');
		expect(new Set(told).size).toBe(3);
		expect(told[1]).toContain('Write it again');
		expect(told[2]).toContain('Ask your coordinator');
	});
});
