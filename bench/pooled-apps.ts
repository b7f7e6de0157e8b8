import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { postgresBin } from '../bin/lib/packages.mjs';
import { startPooler } from '../bin/lib/pooler.mjs';
import { setUpRoles } from '../bin/lib/roles.mjs';

/** Connections of the pooler, for all processes together. */
const CONNECTIONS = 10;

/** What is to be stopped, the last one started first. */
export type Stops = (() => Promise<unknown>)[];

/**
 * Starts processes that share a few connections to a database through a pooler.
 * @param stops what is started is added to
 */
export async function startPooledApps(
	databaseUrl: string,
	n: number,
	stops: Stops
): Promise<readonly string[]> {
	const { appUrl } = await setUpRoles(postgresBin() ?? '', databaseUrl);
	const pooler = await startPooler(appUrl, CONNECTIONS);
	stops.unshift(pooler.stop);
	const addresses: string[] = [];
	for (let i = 0; i < n; i += 1) {
		const app = await startApp({
			url: databaseUrl,
			port: (await freePort(0)) ?? 0,
			env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_POOLER_URL: pooler.url },
			log: 'pipe'
		});
		addresses.push(app.address);
		stops.unshift(app.stop);
	}
	return addresses;
}
