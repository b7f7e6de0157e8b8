import { expect, it } from 'vitest';
import { crashRun } from '../support/crash-run';
import { IS_LONG_RUN } from '../support/rotation';

const KILLS = IS_LONG_RUN ? 10 : 2;

it('killed under load, the program and then its database: nothing that was answered as done is lost, each email lies once', async () => {
	const found = await crashRun(KILLS);
	expect(found).toMatchObject({ kills: KILLS, lost: [], lettersNotOnce: [] });
	expect(found.acknowledged).toBeGreaterThan(50 * KILLS);
	// While the database is down, everybody is told so in plain words, and the health check reports it.
	expect(found.whileGone).toMatchObject({ health: 503, save: 503 });
	expect(found.whileGone.words).toContain('this step wasn’t saved');
	expect(found.whileFull).toMatchObject({ read: 200, save: 500, words: found.whileGone.words, after: 200 });
});
