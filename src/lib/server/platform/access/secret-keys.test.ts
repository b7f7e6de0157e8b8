import { afterEach, describe, expect, it } from 'vitest';
import { linkToken, linkTokens, decryptSecret, encryptSecret, configureKeys } from './secret-keys';

const [OLD, NEW] = ['o'.repeat(43), 'n'.repeat(43)];
afterEach(() => configureKeys([]));

describe('a personal link', () => {
	it('is the same each time, another for each self-assessment and each key, and of 256 bits', () => {
		configureKeys([NEW]);
		const link = linkToken('a');
		expect(linkToken('a')).toBe(link);
		expect(linkToken('b')).not.toBe(link);
		expect(link).toMatch(/^[\w-]{43}$/);
		configureKeys([OLD]);
		expect(linkToken('a')).not.toBe(link);
		configureKeys([OLD, NEW]);
		expect(linkTokens('a')).toEqual([linkToken('a'), link]);
	});
});

describe('a secret that is kept', () => {
	it('is opened by its key, also while another is in force, and by no other; two are never alike', () => {
		configureKeys([OLD]);
		const kept = encryptSecret('JBSWY3DPEHPK3PXP');
		expect(kept).not.toContain('JBSW');
		expect(encryptSecret('JBSWY3DPEHPK3PXP')).not.toBe(kept);
		configureKeys([NEW, OLD]);
		expect(decryptSecret(kept)).toBe('JBSWY3DPEHPK3PXP');
		configureKeys([NEW]);
		expect(decryptSecret(kept)).toBeNull();
		expect(decryptSecret(`${kept.slice(0, -4)}AAAA`)).toBeNull();
		// Kept before there were keys.
		expect(decryptSecret('JBSWY3DPEHPK3PXP')).toBe('JBSWY3DPEHPK3PXP');
	});
});
