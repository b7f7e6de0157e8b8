import { beforeEach, describe, expect, it, vi } from 'vitest';
import { MemoryStorage } from '../../../../tests/support/memory-storage';
import { draftOf, keepDraft } from './drafts';

describe('drafts', () => {
	beforeEach(() => vi.stubGlobal('sessionStorage', new MemoryStorage()));

	it('are there again under their own name, and the offered text where nothing was begun', () => {
		keepDraft('a', 'half a letter', 'offered');
		expect([draftOf('a', 'offered'), draftOf('b', 'offered')]).toEqual(['half a letter', 'offered']);
	});

	it('are forgotten once they say what is offered: a newer offer is then shown', () => {
		keepDraft('a', 'half a letter', 'offered');
		keepDraft('a', 'offered', 'offered');
		expect(draftOf('a', 'a newer offer')).toBe('a newer offer');
	});

	it('of nothing are kept where something was offered and was taken away', () => {
		keepDraft('a', '', 'offered');
		expect(draftOf('a', 'offered')).toBe('');
	});
});
