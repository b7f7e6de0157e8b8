import { afterEach, describe, expect, it } from 'vitest';
import { linkToken, linkTokens, opened, sealed, useKeys } from './keys';

const [OLD, NEW] = ['o'.repeat(43), 'n'.repeat(43)];
afterEach(() => useKeys([]));

describe('a personal link', () => {
	it('is the same each time, another for each self-assessment and each key, and of 256 bits', () => {
		useKeys([NEW]);
		const link = linkToken('a');
		expect(linkToken('a')).toBe(link);
		expect(linkToken('b')).not.toBe(link);
		expect(link).toMatch(/^[\w-]{43}$/);
		useKeys([OLD]);
		expect(linkToken('a')).not.toBe(link);
		useKeys([OLD, NEW]);
		expect(linkTokens('a')).toEqual([linkToken('a'), link]);
	});
});

describe('a secret that is kept', () => {
	it('is opened by its key, also while another is in force, and by no other; two are never alike', () => {
		useKeys([OLD]);
		const kept = sealed('JBSWY3DPEHPK3PXP');
		expect(kept).not.toContain('JBSW');
		expect(sealed('JBSWY3DPEHPK3PXP')).not.toBe(kept);
		useKeys([NEW, OLD]);
		expect(opened(kept)).toBe('JBSWY3DPEHPK3PXP');
		useKeys([NEW]);
		expect(opened(kept)).toBeNull();
		expect(opened(`${kept.slice(0, -4)}AAAA`)).toBeNull();
		// Kept before there were keys.
		expect(opened('JBSWY3DPEHPK3PXP')).toBe('JBSWY3DPEHPK3PXP');
	});
});
