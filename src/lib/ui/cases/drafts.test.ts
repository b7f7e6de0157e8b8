import { beforeEach, describe, expect, it, vi } from 'vitest';
import { MemoryStorage } from '../../../../tests/support/memory-storage';
import { readDraft, storeDraft } from './drafts';

describe('drafts', () => {
	beforeEach(() => vi.stubGlobal('sessionStorage', new MemoryStorage()));

	it('are there again under their own name, and the offered text where nothing was begun', () => {
		storeDraft('a', 'half a letter', 'offered');
		expect([readDraft('a', 'offered'), readDraft('b', 'offered')]).toEqual(['half a letter', 'offered']);
	});

	it('are forgotten once they say what is offered: a newer offer is then shown', () => {
		storeDraft('a', 'half a letter', 'offered');
		storeDraft('a', 'offered', 'offered');
		expect(readDraft('a', 'a newer offer')).toBe('a newer offer');
	});

	it('of nothing are kept where something was offered and was taken away', () => {
		storeDraft('a', '', 'offered');
		expect(readDraft('a', 'offered')).toBe('');
	});
});
