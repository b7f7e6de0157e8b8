import { expect, test } from '@playwright/test';
import { demoAttack } from '../tests/support/attack';
import { IS_LONG_RUN } from '../tests/support/rotation';

const REQUESTS = IS_LONG_RUN ? 3000 : 300;

test('requests by chance from every role but a coordinator: nothing fails, nobody foreign is named, nothing sent can run', async ({
	request
}) => {
	const address = new URL((await request.get('/health')).url()).origin;
	const found = await demoAttack(address, { n: REQUESTS, seed: 5, isTame: true });
	expect(found).toMatchObject({ requests: REQUESTS, failures: [], foreign: [], scripts: [] });
	expect(found.bodies).toBeGreaterThan(REQUESTS / 2);
});
