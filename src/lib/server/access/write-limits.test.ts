import { describe, expect, it } from 'vitest';
import { Fault } from '../fault';
import { WriteLimits, type Writer } from './write-limits';

const one = { points: 3, duration: 60 };
const make = (more = {}) =>
	new WriteLimits(1, {
		link: one,
		account: one,
		address: { points: 5, duration: 60 },
		import: { points: 1, duration: 60 },
		...more
	});

/** How many of so many writes are let through. */
async function through(limits: WriteLimits, times: number, writer: Partial<Writer>): Promise<number> {
	let passed = 0;
	for (let i = 0; i < times; i += 1)
		try {
			await limits.count({ address: '127.0.0.1', isImport: false, ...writer });
			passed += 1;
		} catch (thrown) {
			if (!(thrown instanceof Fault)) throw thrown;
			expect(thrown).toMatchObject({ kind: 'too-many', why: { code: 'tooManyWrites' } });
		}
	return passed;
}

// OWASP ASVS 4.0.3, 11.1.4 and 13.2 (from memory): limits by who asks, without shutting others out.
describe('limits of what is written', () => {
	it('hold for each link, account and address by itself', async () => {
		const limits = make();
		expect(await through(limits, 10, { link: 'a' })).toBe(3);
		expect(await through(limits, 10, { link: 'b' })).toBe(3);
		expect(await through(limits, 10, { account: 'x' })).toBe(3);
		expect(await through(limits, 10, { address: '192.0.2.1' })).toBe(5);
		expect(await through(limits, 10, { address: '192.0.2.2' })).toBe(5);
	});

	it('leave a proxy on this machine alone that does not say for whom it asks', async () => {
		for (const address of ['127.0.0.1', '::1', '::ffff:127.0.0.1'])
			expect(await through(make(), 10, { address })).toBe(10);
	});

	it('let an account import few lists, and go on with all else', async () => {
		const limits = make({ account: { points: 9, duration: 60 } });
		expect(await through(limits, 3, { account: 'x', isImport: true })).toBe(1);
		expect(await through(limits, 3, { account: 'x' })).toBe(3);
	});

	it('are far above what people do, by default', async () => {
		expect(await through(new WriteLimits(1), 290, { link: 'a', address: '192.0.2.9' })).toBe(290);
		expect(await through(new WriteLimits(2), 590, { link: 'a', address: '192.0.2.9' })).toBe(590);
	});
});
