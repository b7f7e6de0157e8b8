import { expect, test } from '@playwright/test';
import { crashRun } from '../tests/support/crash-run';

test('killed under load, the program and then its database: nothing that was answered as done is lost, each letter lies once', async () => {
	const found = await crashRun(2);
	expect(found).toMatchObject({ kills: 2, lost: [], lettersNotOnce: [] });
	expect(found.acknowledged).toBeGreaterThan(150);
	// While the database is down, everybody is told so in plain words, and the health check reports it.
	expect(found.whileGone).toMatchObject({ health: 503, save: 503 });
	expect(found.whileGone.words).toContain('this step wasn’t saved');
	expect(found.whileFull).toMatchObject({ read: 200, save: 500, words: found.whileGone.words, after: 200 });
});
