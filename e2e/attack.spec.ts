import { expect, test } from '@playwright/test';
import { demoAttack } from '../tests/support/attack';

test('requests by chance from every role but a coordinator: nothing fails, nobody foreign is named, nothing sent can run', async ({
	request
}) => {
	const address = new URL((await request.get('/health')).url()).origin;
	const found = await demoAttack(address, { n: 600, seed: 5, isTame: true });
	expect(found).toMatchObject({ requests: 600, failures: [], foreign: [], scripts: [] });
	expect(found.bodies).toBeGreaterThan(400);
});
