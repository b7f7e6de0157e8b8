import { once } from 'node:events';
import { createServer } from 'node:http';
import pg from 'pg';
import SCIMMY from 'scimmy';

/**
 * A stand-in for an organisation's staff directory, for the demo and the tests: on loopback, it speaks SCIM 2.0 and has the people of the
 * demo, some of whom have joined, moved or left. Built on a library that follows the standard, so that what works with it works with a real
 * one.
 */

/** The token that it takes. */
export const TOKEN = 'only-for-the-demo';

const ENTERPRISE = 'urn:ietf:params:scim:schemas:extension:enterprise:2.0:User';

/**
 * @typedef {object} Worker a person as a directory has them
 * @property {string} id
 * @property {string} name
 * @property {string} email
 * @property {string} number their staff number; empty where they have none
 * @property {string} team
 * @property {string} phone
 * @property {string} country
 * @property {string} language
 * @property {string} kind such as Employee or Contractor
 * @property {boolean} active
 */

/** Everybody is invented. */
const JOINERS = [
	{
		name: 'Ottilie Farthing',
		email: 'ottilie.farthing@lanterns.example',
		number: 'TV-9001',
		team: 'Studio',
		country: 'GB'
	},
	{
		name: 'Caspar Wrenfield',
		email: 'caspar.wrenfield@lanterns.example',
		number: 'TV-9002',
		team: 'Workshop',
		country: 'GB'
	},
	{
		name: 'Liesel Ohlendorf',
		email: 'liesel.ohlendorf@lanterns.example',
		number: 'TV-9003',
		team: 'Studio',
		country: 'DE'
	}
];

const CONTRACTOR = {
	name: 'Piet Wandsley',
	email: 'piet.wandsley@contractors.example',
	number: '',
	team: 'Studio',
	country: 'NL'
};

/**
 * The demo's people as their directory has them today: a few with a number have left, moved or got another address since.
 * @param {string} url of the database
 * @returns {Promise<Worker[]>}
 */
async function workersOf(url) {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		const { rows } =
			await client.query(`select id, name, email, staff_number as number, team, phone, country, language
			from people where left_at is null order by staff_number = '', staff_number, id`);
		const workers = rows.map((row) => ({ ...row, kind: 'Employee', active: true }));
		const numbered = workers.filter(({ number }) => number !== '');
		// Not the first of a list, whom whoever tries the demo presses on.
		const [first, second, third, fourth, fifth] = numbered.slice(numbered.length >> 1);
		for (const one of [first, second]) if (one) one.active = false;
		if (third) third.team = third.team === 'Studio' ? 'Workshop' : 'Studio';
		if (fourth) fourth.email = fourth.email.replace('@', '.new@');
		if (fifth) fifth.phone = '+44 20 7946 0000';
		const joined = [...JOINERS, CONTRACTOR].map((one, i) => ({
			...one,
			id: `joined-${i + 1}`,
			phone: '',
			language: '',
			kind: one === CONTRACTOR ? 'Contractor' : 'Employee',
			active: true
		}));
		return [...workers, ...joined];
	} finally {
		await client.end();
	}
}

/** @param {Worker} worker */
const userOf = ({ id, name, email, number, team, phone, country, language, kind, active }) => ({
	id,
	userName: email,
	displayName: name,
	name: { formatted: name },
	userType: kind,
	active,
	emails: [{ value: email, type: 'work', primary: true }],
	...(phone ? { phoneNumbers: [{ value: phone, type: 'work' }] } : {}),
	...(country ? { addresses: [{ country, type: 'work' }] } : {}),
	...(language ? { preferredLanguage: language } : {}),
	[ENTERPRISE]: { ...(number ? { employeeNumber: number } : {}), ...(team ? { department: team } : {}) }
});

/** @param {readonly Worker[]} workers */
function groupsOf(workers) {
	const teams = [...new Set(workers.map(({ team }) => team))].filter((team) => team !== '').sort();
	return teams.map((team, i) => ({
		id: `team-${i + 1}`,
		displayName: `Team ${team}`,
		members: workers
			.filter((one) => one.team === team)
			.map(({ id, name }) => ({ value: id, display: name, type: 'User' }))
	}));
}

/**
 * What a search asks for.
 * @param {URLSearchParams} query
 * @returns {any} the library's types want a text for what it takes apart itself
 */
function searchOf(query) {
	const { filter, attributes, excludedAttributes, startIndex, count } = Object.fromEntries(query);
	return {
		...(filter ? { filter } : {}),
		...(attributes ? { attributes } : {}),
		...(excludedAttributes ? { excludedAttributes } : {}),
		startIndex: Number(startIndex ?? 1),
		count: Number(count ?? 20)
	};
}

const { User, Group } = SCIMMY.Resources;

/**
 * The resources that are asked for: one, or those that match. The library's types have a list of everything optional.
 * @param {SCIMMY.Types.Resource} resource
 * @param {{ id: string }[]} all
 * @returns {any}
 */
const found = (resource, all) =>
	resource.id ? all.find(({ id }) => id === resource.id) : resource.filter ? resource.filter.match(all) : all;

// Declared once for all stand-ins of a process: each hands over its own people with a request.
SCIMMY.Resources.declare(User.extend(SCIMMY.Schemas.EnterpriseUser));
SCIMMY.Resources.declare(Group);
User.egress((resource, workers) => found(resource, /** @type {Worker[]} */ (workers).map(userOf)));
Group.egress((resource, workers) => found(resource, groupsOf(/** @type {Worker[]} */ (workers))));

/**
 * Starts the stand-in.
 * @param {{ port?: number, databaseUrl: string }} options port: 0 for one that is free; databaseUrl: whose people it has
 * @returns {Promise<{ url: string, workers: Worker[], env: NodeJS.ProcessEnv, stop: () => Promise<void> }>} workers may be changed
 */
export async function startPersonnel({ port = 0, databaseUrl }) {
	const workers = await workersOf(databaseUrl);
	const server = createServer(async (request, response) => {
		/** @param {number} status @param {unknown} body */
		const answer = (status, body) => {
			response.writeHead(status, { 'content-type': 'application/scim+json' });
			response.end(JSON.stringify(body));
		};
		try {
			if (request.headers.authorization !== `Bearer ${TOKEN}`)
				throw new SCIMMY.Types.Error(401, '', 'The token is missing or wrong.');
			const { pathname, searchParams } = new URL(request.url ?? '/', 'http://stand-in');
			const [, , , kind = '', id] = pathname.split('/');
			const Resource = { Users: User, Groups: Group }[kind];
			if (!Resource || request.method !== 'GET')
				throw new SCIMMY.Types.Error(404, '', 'There is nothing of this kind.');
			const search = searchOf(searchParams);
			answer(200, await (id ? new Resource(id) : new Resource(search)).read(workers));
		} catch (error) {
			const fault = new SCIMMY.Messages.ErrorResponse(error instanceof Error ? error : new Error('unknown'));
			answer(Number(fault.status), fault);
		}
	});
	server.listen(port, '127.0.0.1');
	await once(server, 'listening');
	const address = server.address();
	if (address === null || typeof address === 'string') throw new Error('The stand-in has no port');
	const url = `http://127.0.0.1:${address.port}/scim/v2`;
	return {
		url,
		workers,
		env: {
			EASY_CORNER_SCIM_URL: url,
			EASY_CORNER_SCIM_TOKEN: TOKEN,
			EASY_CORNER_PRIVATE_HOSTS: '127.0.0.1'
		},
		stop: async () => {
			server.closeAllConnections();
			await new Promise((resolve) => server.close(resolve));
		}
	};
}
