import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { purgeWriteLimits, WriteLimits, type WriteSource } from '$lib/server/platform/access/write-limits';
import { openDatabase, schema, type OpenDatabase } from '$lib/server/platform/db/client';
import { DomainError } from '$lib/server/platform/domain-error';
import { makeTestDatabase, type TestDatabase } from '../support/database';

let test: TestDatabase;
let open: OpenDatabase;
beforeAll(async () => {
	test = await makeTestDatabase();
	open = openDatabase(test.url);
});
beforeEach(() => test.db.delete(schema.writeLimits));
afterAll(async () => {
	await open.pool.end();
	await test.drop();
});

const one = { points: 3, duration: 60 };
const make = (more = {}) =>
	new WriteLimits(open.pool, 1, {
		link: one,
		account: one,
		address: { points: 5, duration: 60 },
		import: { points: 1, duration: 60 },
		token: { points: 2, duration: 60 },
		...more
	});

/** How many of so many writes are let through. */
async function through(limits: WriteLimits, times: number, writer: Partial<WriteSource>): Promise<number> {
	let passed = 0;
	for (let i = 0; i < times; i += 1)
		try {
			await limits.count({ address: '127.0.0.1', isImport: false, ...writer });
			passed += 1;
		} catch (thrown) {
			if (!(thrown instanceof DomainError)) throw thrown;
			expect(thrown).toMatchObject({ kind: 'too-many', why: { code: 'tooManyWrites' } });
		}
	return passed;
}

// OWASP ASVS 4.0.3, 11.1.4 and 13.2 (from memory): limits by who asks, without shutting others out.
describe('limits of what is written', () => {
	it('count the requests of a program by its token, reads too', async () => {
		const limits = make();
		for (const token of ['one', 'other']) {
			await limits.countProgram(token);
			await limits.countProgram(token);
			await expect(limits.countProgram(token)).rejects.toMatchObject({
				kind: 'too-many',
				why: { code: 'tooManyWrites', facts: { seconds: expect.any(Number) as number } }
			});
		}
	});

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
		expect(await through(new WriteLimits(open.pool, 1), 290, { link: 'a', address: '192.0.2.9' })).toBe(290);
		expect(await through(new WriteLimits(open.pool, 2), 590, { link: 'b', address: '192.0.2.8' })).toBe(590);
	});

	it('hold over all processes together, however many ask at once', async () => {
		const processes = [make(), make()];
		const passed = await Promise.all(
			Array.from({ length: 40 }, (_, i) => through(processes[i % 2] ?? make(), 1, { link: 'c' }))
		);
		expect(passed.reduce((sum, n) => sum + n)).toBe(3);
	});

	it('hold nobody up while the database can’t count, and keep no link that opens anything', async () => {
		await through(make(), 1, { link: 'a-secret', account: 'x' });
		const keys = (await test.db.select({ key: schema.writeLimits.key }).from(schema.writeLimits)).map(
			({ key }) => key
		);
		expect(keys).toHaveLength(2);
		expect(keys.join()).not.toContain('a-secret');
		await purgeWriteLimits(test.db, new Date());
		expect(await test.db.$count(schema.writeLimits)).toBe(2);
		await purgeWriteLimits(test.db, new Date(Date.now() + 61_000));
		expect(await test.db.$count(schema.writeLimits)).toBe(0);
		const gone = openDatabase(test.url);
		await gone.pool.end();
		expect(
			await through(
				new WriteLimits(gone.pool, 1, { link: one, account: one, address: one, import: one, token: one }),
				10,
				{ link: 'd' }
			)
		).toBe(3);
	});
});
