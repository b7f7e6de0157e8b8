import { afterEach, describe, expect, it } from 'vitest';
import { adviseCorner } from '$lib/core/plan/advice/advise-corner';
import { DomainError } from '$lib/server/platform/domain-error';
import { PlanPool } from '$lib/server/plan/planning/plan-pool';
import { randomCorner } from '../support/random-corner';

let pool = new PlanPool();

afterEach(async () => {
	await pool.close();
	pool = new PlanPool();
});

describe('PlanPool', () => {
	it('gives every asker the advice for their own corner, as the core gives it here', async () => {
		const corners = Array.from({ length: 10 }, (_, seed) =>
			randomCorner(seed, { rigid: 8, soft: 2, span: 20 })
		);
		const advised = await Promise.all(corners.map((corner) => pool.advise(corner)));
		expect(advised).toEqual(corners.map(adviseCorner));
	});

	it('works the same corner out once, and again after it failed', async () => {
		const corner = randomCorner(3, { rigid: 4, soft: 1, span: 0 });
		const [first, second] = await Promise.all([pool.advise(corner), pool.advise({ ...corner })]);
		expect(second).toBe(first);
		expect(await pool.advise(randomCorner(4, { rigid: 4, soft: 1, span: 0 }))).not.toEqual(first);
		const broken = { format: 'easy-corner.corner/1' } as unknown as Parameters<PlanPool['advise']>[0];
		for (let i = 0; i < 2; i += 1) await expect(pool.advise(broken)).rejects.toThrow();
	});

	it('leaves the process free to answer while it solves', async () => {
		const heavy = randomCorner(5, { rigid: 30, soft: 4, span: 60 });
		let isSolved = false;
		const solving = pool.advise(heavy).then(() => (isSolved = true));
		// Turns of this thread's loop go on before the answer comes.
		let turns = 0;
		while (!isSolved && turns < 5) {
			await new Promise((resolve) => setImmediate(resolve));
			turns += 1;
		}
		expect(turns).toBe(5);
		expect(isSolved).toBe(false);
		await solving;
	});

	it('fails one asker and serves the next where a thread breaks', async () => {
		const broken = { format: 'easy-corner.corner/1' } as unknown as Parameters<PlanPool['advise']>[0];
		await expect(pool.advise(broken)).rejects.toThrow();
		const corner = randomCorner(1, { rigid: 4, soft: 1, span: 0 });
		expect(await pool.advise(corner)).toEqual(adviseCorner(corner));
	});

	it('gives a job up that takes its thread for too long, and serves the next', async () => {
		// Shorter than any thread takes to start: what is asked can't be done in time.
		pool = new PlanPool({ longestJobMs: 1 });
		const corner = randomCorner(5, { rigid: 30, soft: 4, span: 60 });
		await expect(pool.advise(corner)).rejects.toMatchObject({ kind: 'too-many', why: 'solvingTooLong' });
		await expect(Promise.all([pool.advise(corner), pool.advise(corner)])).rejects.toThrow(DomainError);
		await pool.close();
		pool = new PlanPool();
		const small = randomCorner(1, { rigid: 4, soft: 1, span: 0 });
		expect(await pool.advise(small)).toEqual(adviseCorner(small));
	});

	it('refuses more than can be answered in good time', async () => {
		pool = new PlanPool({ longestQueue: 20 });
		const asked = Array.from({ length: 40 }, (_, seed) =>
			pool.advise(randomCorner(seed, { rigid: 0, soft: 0, span: 0 })).then(
				() => 'solved',
				() => 'refused'
			)
		);
		const answers = await Promise.all(asked);
		expect(answers.filter((a) => a === 'refused').length).toBeGreaterThan(0);
		expect(answers.filter((a) => a === 'solved').length).toBeGreaterThanOrEqual(20);
	});
});
