import { addUser } from '../src/lib/server/platform/access/add-user';
import type { Organisation } from '../src/lib/core/platform/organisation';
import { setLogo, setOrganisation } from '../src/lib/server/platform/organisation/set-organisation';
import { setCover } from '../src/lib/server/platform/cover/cover-settings';
import { openDatabase, schema } from '../src/lib/server/platform/db/client';
import {
	migrateDatabase,
	MigrationError,
	OtherBaselineError,
	pendingMigrations
} from '../src/lib/server/platform/db/migrate';
import { readConfig, ConfigError } from '../src/lib/server/platform/config';
import { demoLogo } from './demo-logo';
import { redrawLogo } from '../src/lib/server/platform/organisation/redraw-logo';
import { publishDueClosings } from '../src/lib/server/workforce/publish-closing';
import { setPrices } from '../src/lib/server/platform/organisation-settings/set-prices';
import { setYearBudget } from '../src/lib/server/plan/equipment/year-budget';
import { FIRST_DIRECTORY_SETTINGS } from '../src/lib/core/people/directory/directory-settings';
import { setDirectory } from '../src/lib/server/people/directory/directory-page';
import { seedSettings } from './demo-settings';
import { seedDemo } from './seed-demo';
import { seedOwners } from './demo-board';
import { seedWork } from './demo-work';
import { seedWorkforce } from './workforce';

/** The account used to sign in to the demo; its password is no secret. */
const DEMO_COORDINATOR = {
	email: 'coordinator@lanterns.example',
	name: 'Oriel Thatchmere',
	role: 'coordinator',
	password: 'tarn-valley-demo'
} as const;

/** The demo's other accounts, one per role, with the same password. */
const DEMO_OTHERS = [
	{ email: 'second@lanterns.example', name: 'Ferelith Ashdown', role: 'coordinator' },
	{ email: 'clinician@lanterns.example', name: 'Dr Benedikt Moorsole', role: 'clinician' },
	{ email: 'reader@lanterns.example', name: 'Paloma Wintergreen', role: 'reader' }
] as const;

/** The demo's organisation: invented; its phone number is from a range reserved for fiction (Ofcom, 01632 960). */
const DEMO_ORGANISATION: Organisation = {
	name: 'Tarn Valley Lanterns',
	contactName: DEMO_COORDINATOR.name,
	contactRole: 'Occupational health coordinator',
	phone: '+44 1632 960123',
	replyTo: DEMO_COORDINATOR.email,
	address: '4 Weir Lane\nTarn Valley',
	genuinePage: 'https://intranet.lanterns.example/easy-corner',
	participation: 'voluntary',
	dutyLaw: '',
	language: 'en',
	timeZone: 'UTC'
};

/** Who is told of an emergency that nobody opens: invented. */
const DEMO_COVER = {
	minutes: 30,
	outOfHours: 'We don’t read reports at night or on public holidays.',
	webhookUrl: ''
} as const;

/** What things cost the demo's organisation: invented. */
const DEMO_PRICES = {
	'keyboard-and-mouse': '45',
	footrest: '38',
	'foot-bar': '24',
	'seat-cushion': '29',
	monitor: '189',
	chair: '240',
	'another-surface': '420'
} as const;

/** People in the demo where no other number is asked for. */
const USUAL_PEOPLE = 325;

/** What the demo's organisation may spend in a year: invented. */
const DEMO_BUDGET = '15000';

/** How many people are asked for: `--people 100000`. */
function peopleWanted(args: readonly string[]): number {
	const at = args.indexOf('--people');
	const n = at < 0 ? USUAL_PEOPLE : Number(args[at + 1]);
	if (!Number.isInteger(n) || n < 0 || n > 1_000_000)
		throw new ConfigError('--people takes a whole number up to a million, such as --people 100000.');
	return n;
}

/**
 * A demo database that this version can't use is renamed, and an empty one takes its place.
 * @returns a sentence that says so; empty where nothing was done
 */
async function setAsideOtherBaseline(url: string): Promise<string> {
	try {
		await pendingMigrations(url);
		return '';
	} catch (error) {
		if (!(error instanceof OtherBaselineError)) throw error;
	}
	const at = new URL(url);
	const name = decodeURIComponent(at.pathname.slice(1));
	const kept = `${name} until ${new Date().toISOString().slice(0, 16).replace('T', ' ')}`;
	at.pathname = '/postgres';
	const { pool } = openDatabase(at.href);
	try {
		await pool.query(`alter database "${name}" rename to "${kept}"`);
		await pool.query(`create database "${name}"`);
	} finally {
		await pool.end();
	}
	return `The database of an earlier version is kept as "${kept}". `;
}

async function main(args: readonly string[]): Promise<string> {
	const { databaseUrl } = readConfig(process.env);
	const isDemo = args.includes('--demo');
	const aside = isDemo ? await setAsideOtherBaseline(databaseUrl) : '';
	const { db, pool } = openDatabase(databaseUrl);
	try {
		await migrateDatabase(pool);
		if (!isDemo) return 'The database is up to date.';
		if ((await db.$count(schema.users)) > 0) return 'The database is up to date; its data was kept.';
		const userId = await addUser(db, DEMO_COORDINATOR);
		const coordinator = {
			kind: 'user',
			id: userId,
			name: DEMO_COORDINATOR.name,
			role: 'coordinator'
		} as const;
		const now = new Date();
		await setOrganisation(db, coordinator, { organisation: DEMO_ORGANISATION, version: 0 }, now);
		await setLogo(db, coordinator, await redrawLogo(await demoLogo()), now);
		const wanted = peopleWanted(args);
		const others = [];
		for (const other of DEMO_OTHERS)
			others.push(await addUser(db, { ...other, password: DEMO_COORDINATOR.password }));
		await seedWorkforce(db, wanted, now, coordinator);
		const people = await seedDemo(db, coordinator, now);
		await setPrices(db, coordinator, DEMO_PRICES, 'EUR', now);
		await seedSettings(db, coordinator, now);
		// Read as soon as the program runs, if a directory is connected then.
		const settings = { ...FIRST_DIRECTORY_SETTINGS, isOn: true };
		await setDirectory(db, coordinator, { settings, version: 0 }, now);
		const year = now.getUTCFullYear();
		const budget = { year, amount: DEMO_BUDGET, currency: 'EUR', version: 0 };
		await setYearBudget(db, coordinator, budget, now);
		await seedWork(db, coordinator, others[1] ?? '', now);
		const second = {
			kind: 'user',
			id: others[0] ?? '',
			name: DEMO_OTHERS[0].name,
			role: 'coordinator'
		} as const;
		await setCover(db, coordinator, { cover: { ...DEMO_COVER, deputyId: second.id }, version: 0 }, now);
		await seedOwners(db, [coordinator, second], now);
		await publishDueClosings(db, () => now);
		return `${aside}The database is new: filled with the demo data, ${wanted + people} people.`;
	} finally {
		await pool.end();
	}
}

try {
	process.stdout.write(`${await main(process.argv.slice(2))}\n`);
} catch (error) {
	if (!(error instanceof MigrationError) && !(error instanceof ConfigError)) throw error;
	process.stderr.write(`${error.message}\n`);
	process.exitCode = 1;
}
