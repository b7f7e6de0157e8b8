import { execFile, spawn, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { get } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import pg from 'pg';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { NODE_FLAGS } from '../../bin/lib/app.mjs';
import { freePort } from '../../bin/lib/net.mjs';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { startPostgres } from '../../bin/lib/postgres.mjs';
import { cookieOf } from '../support/attack';
import { PATIENCE } from '../support/patience';
import { IS_LONG_RUN } from '../support/rotation';
import { SmtpStandIn } from '../support/smtp-stand-in';

/** The page for who runs it, followed to the letter: its SQL, its commands, and nothing that only building needs. */
const PAGE = readFileSync('docs/running.md', 'utf8');
const APP = (JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: { app: string } }).scripts.app;
/** What systemd starts, without Node.js itself. */
const START = (
	/^ExecStart=\/usr\/bin\/node (.+)$/m.exec(readFileSync('deploy/easy-corner.service', 'utf8'))?.[1] ?? ''
).split(' ');
const run = promisify(execFile);

let folder: string;
let postgres: Awaited<ReturnType<typeof startPostgres>>;
let mail: SmtpStandIn;
let settings: Record<string, string>;
let origin: string;
let server: ChildProcess | null = null;
/** In a short run the project's own folder, which has the same build; packaging takes minutes. */
const program = () => (IS_LONG_RUN ? join(folder, 'program') : process.cwd());
const urlOf = (role: string, more = '') => {
	const url = new URL(postgres.url);
	[url.username, url.password, url.pathname] = [role, `of-${role}`, '/corner'];
	return `${url.href}${more}`;
};

/** A command of the page, in the folder that the page has made: what `npm run app` runs. */
async function app(args: string[], env: Record<string, string> = {}) {
	const [node = '', file = ''] = APP.split(' ');
	try {
		const { stdout } = await run(node, [file, ...args], {
			cwd: program(),
			env: { PATH: process.env.PATH ?? '', HOME: folder, ...settings, ...env }
		});
		return { code: 0, text: stdout };
	} catch (error) {
		const { code, stdout, stderr } = error as { code: number; stdout: string; stderr: string };
		return { code, text: stdout + stderr };
	}
}

async function start(): Promise<void> {
	server = spawn('node', START, {
		cwd: program(),
		env: { PATH: process.env.PATH ?? '', ...settings },
		stdio: 'ignore'
	});
	await vi.waitFor(async () => expect((await fetch(`${origin}/health`)).status).toBe(200), PATIENCE);
}

async function stop(): Promise<void> {
	if (!server || server.exitCode !== null) return;
	const ended = new Promise((resolve) => server?.once('exit', resolve));
	server.kill('SIGTERM');
	await ended;
	server = null;
}

/** Sends a form, as a browser does. */
const post = (path: string, cookie: string, form: Record<string, string>) =>
	fetch(`${origin}${path}`, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin, cookie, accept: 'text/html', 'content-type': 'application/x-www-form-urlencoded' },
		body: new URLSearchParams(form).toString()
	});

async function ask(sql: string, database = 'corner'): Promise<Record<string, unknown>[]> {
	const admin = new URL(postgres.url);
	admin.pathname = `/${database}`;
	const client = new pg.Client({ connectionString: admin.href });
	await client.connect();
	try {
		return (await client.query<Record<string, unknown>>(sql)).rows;
	} finally {
		await client.end();
	}
}

beforeAll(async () => {
	folder = mkdtempSync(join(tmpdir(), 'easy-corner-production-'));
	postgres = await startPostgres({ temporary: true });
	mail = await SmtpStandIn.start();
	const port = (await freePort(0)) ?? 0;
	origin = `http://127.0.0.1:${port}`;
	settings = {
		DATABASE_URL: urlOf('easy_corner_app'),
		ORIGIN: origin,
		PORT: String(port),
		EASY_CORNER_KEY: randomBytes(32).toString('base64'),
		EASY_CORNER_ERASURES_FILE: join(folder, 'erasures.jsonl'),
		EASY_CORNER_SMTP: mail.url,
		EASY_CORNER_MAIL_FROM: 'Easy Corner <corner@organisation.example>'
	};
	if (IS_LONG_RUN) await run('deploy/package.sh', [program()], { maxBuffer: 1e8 });
});
afterAll(async () => {
	await stop();
	await mail.stop();
	await postgres.stop();
	rmSync(folder, { recursive: true, force: true });
});

describe('the page for who runs it, on a machine that has nothing yet', () => {
	let cookie = '';
	let personId = '';
	let link = '';

	it('is started in the same way by systemd, in a container and here', () => {
		const inContainer = /^CMD (\[.+\])$/m.exec(readFileSync('deploy/Dockerfile', 'utf8'))?.[1] ?? '[]';
		expect(JSON.parse(inContainer)).toEqual(['node', ...START]);
		expect(START).toEqual([...NODE_FLAGS, 'build/app.js', 'start']);
	});

	it.runIf(IS_LONG_RUN)('installs what a server needs and nothing else', () => {
		expect(existsSync(join(program(), 'node_modules', 'tsx'))).toBe(false);
		expect(existsSync(join(program(), 'src'))).toBe(false);
	});

	it('refuses to start without a setting that it needs, in a sentence each', async () => {
		for (const name of ['DATABASE_URL', 'ORIGIN', 'EASY_CORNER_KEY', 'EASY_CORNER_ERASURES_FILE']) {
			const { code, text } = await app(['start'], { [name]: '' });
			expect([code, text.trim().split('\n').length, text.includes(name)], text).toEqual([1, 1, true]);
		}
		expect((await app(['start'], { ORIGIN: 'http://corner.example' })).text).toContain('https://');
		expect((await app(['nothing'])).text).toContain('usage:');
	});

	it('sets up three roles by its SQL, and the database by the migrator’s', async () => {
		const sql = /```sql\n([\s\S]*?)```/.exec(PAGE)?.[1] ?? '';
		const filled = sql.replace(/role (\w+) login password '…'/g, "role $1 login password 'of-$1'");
		expect(filled).not.toContain('…');
		const file = join(folder, 'roles.sql');
		writeFileSync(file, filled);
		await run(join(postgresBin() ?? '', 'psql'), ['-v', 'ON_ERROR_STOP=1', '-d', postgres.url, '-f', file]);
		expect((await app(['start'])).text).toContain('run "npm run app -- migrate" first');
		// Before the database is made, and by the wrong role, each command says in one sentence what to do, and changes nothing.
		const sentence = async (args: string[], env: Record<string, string> = {}) => {
			const { code, text } = await app(args, env);
			expect([code, text.trim().split('\n').length], text).toEqual([1, 1]);
			return text;
		};
		const wrong = urlOf('easy_corner_app').replace(':of-easy_corner_app@', ':wrong@');
		expect(await sentence(['migrate'])).toContain('EASY_CORNER_MIGRATION_DATABASE_URL is missing');
		for (const address of [urlOf('easy_corner_app'), urlOf('easy_corner_app', '?application_name=x')])
			expect(await sentence(['migrate'], { EASY_CORNER_MIGRATION_DATABASE_URL: address })).toContain(
				'the application’s own role'
			);
		expect(await sentence(['migrate'], { EASY_CORNER_MIGRATION_DATABASE_URL: wrong })).toContain(
			'refuses this user or password'
		);
		for (const command of [
			['start'],
			['user', 'add', 'a@b.example', 'A'],
			['archive', 'write', join(folder, 'x')]
		])
			expect(await sentence(command, { DATABASE_URL: wrong }), command.join(' ')).toContain(
				'refuses this user or password'
			);
		expect(await sentence(['user', 'add', 'a@b.example', 'A'])).toContain('npm run app -- migrate');
		const early = await app(['check']);
		expect(early.text).not.toMatch(/select|Failed query|\bat .*\.js/);
		expect(early.text).toMatch(/FAIL version of the database: .*migrate[\s\S]*FAIL audit log: not looked at/);
		expect(await ask(`select count(*)::int as n from pg_tables where schemaname = 'public'`)).toEqual([
			{ n: 0 }
		]);
		const asMigrator = {
			EASY_CORNER_MIGRATION_DATABASE_URL: urlOf(
				'easy_corner_migrator',
				/`(\?options=[^`]+)`/.exec(PAGE)?.[1] ?? ''
			)
		};
		expect(await app(['migrate'], asMigrator)).toMatchObject({ code: 0 });
		expect((await app(['migrate'], asMigrator)).text).toContain('of this version');
		// The migrator without its role would own what it makes.
		expect(
			await sentence(['migrate'], {
				EASY_CORNER_MIGRATION_DATABASE_URL: urlOf('easy_corner_app', '?options=-c%20role%3Deasy_corner_app')
			})
		).toContain('the application’s own role');
		expect(await ask(`select tableowner from pg_tables where tablename = 'people'`)).toEqual([
			{ tableowner: 'easy_corner_owner' }
		]);
	});

	it('has a first sign-in, a first email and a first answer', async () => {
		const added = await app(['user', 'add', 'first@organisation.example', 'First', 'Coordinator']);
		const password = / with (\S+) /.exec(added.text)?.[1] ?? '';
		expect(await app(['check'])).toMatchObject({ code: 0 });
		await start();
		cookie = await cookieOf(origin, 'first@organisation.example', password);
		// The desk says what to do first, beginning with who writes the emails.
		const desk = () => fetch(`${origin}/desk`, { headers: { cookie }, redirect: 'manual' });
		expect((await desk()).headers.get('location')).toBe('/desk/organisation');
		await post('/desk/organisation?/save', cookie, {
			...UNSET_ORGANISATION,
			version: '0',
			name: 'Organisation',
			contactName: 'First'
		});
		const firstDay = await (await desk()).text();
		expect(firstDay).toContain('First steps');
		expect(firstDay.match(/> done</g) ?? []).toHaveLength(1);
		const person = { name: 'Ada Example', email: 'ada@organisation.example', team: 'One' };
		const made = await post('/desk/people/new', cookie, person);
		const caseUrl = made.headers.get('location') ?? '';
		personId = /[0-9a-f-]{36}/.exec(caseUrl)?.[0] ?? '';
		const page = await (await fetch(`${origin}/desk/cases/${personId}`, { headers: { cookie } })).text();
		const version = /name="version" value="(\d+)"/.exec(page)?.[1] ?? '';
		const key = crypto.randomUUID();
		await post(`/desk/cases/${personId}?/send`, cookie, { key, version });
		const letter = () => mail.taken.find(({ to }) => to.includes('ada@organisation.example'))?.data ?? '';
		await vi.waitFor(() => expect(letter()).toContain('/c/'), PATIENCE);
		link = /\/c\/[\w-]{20,}/.exec(letter().replace(/=\r\n/g, ''))?.[0] ?? '';
		// Neither a dump nor the coordinator has what opens it.
		const secret = link.slice('/c/'.length);
		const kept = await ask(
			`select row_to_json(l)::text as row from emails l union all select row_to_json(a)::text from assessments a`
		);
		expect(JSON.stringify(kept)).not.toContain(secret);
		expect(
			await (await fetch(`${origin}/desk/cases/${personId}`, { headers: { cookie } })).text()
		).not.toContain(secret);
		await post(`${link}?/begin`, '', {});
		const saved = await fetch(`${origin}${link}/draft`, {
			method: 'PUT',
			headers: { origin, 'content-type': 'application/json' },
			body: JSON.stringify({ fields: { stature: '170' } })
		});
		expect(saved.status).toBe(200);
	});

	it.runIf(IS_LONG_RUN)(
		'is backed up, restored and opened again only once erasures were replayed',
		async () => {
			const file = join(folder, 'all.dump');
			const admin = new URL(postgres.url);
			admin.pathname = '/corner';
			const asAdmin = { EASY_CORNER_ADMIN_DATABASE_URL: admin.href };
			const asMigrator = {
				EASY_CORNER_MIGRATION_DATABASE_URL: urlOf(
					'easy_corner_migrator',
					'?options=-c%20role%3Deasy_corner_owner'
				)
			};
			expect(await app(['backup', file])).toEqual({ code: 0, text: expect.stringContaining('Written to') });
			const erased = await post(`/desk/cases/${personId}/erase`, cookie, {
				name: 'Ada Example',
				why: 'asked'
			});
			expect(erased.status).toBe(303);
			const erasures = settings.EASY_CORNER_ERASURES_FILE ?? '';
			await vi.waitFor(() => expect(readFileSync(erasures, 'utf8')).toContain(personId), PATIENCE);
			expect(readFileSync(erasures, 'utf8')).not.toContain('Ada');
			await stop();
			expect((await app(['migrate', '--dry-run'], { ...asAdmin, ...asMigrator })).text).toContain(
				'nothing would'
			);
			const weak = { EASY_CORNER_ADMIN_DATABASE_URL: urlOf('easy_corner_app') };
			expect(await app(['restore', file], { ...weak, ...asMigrator })).toMatchObject({
				code: 1,
				text: expect.stringContaining('must be a superuser')
			});
			expect(await app(['restore', file], { ...asAdmin, ...asMigrator })).toMatchObject({ code: 0 });
			expect((await app(['migrate'], asMigrator)).text).toContain('of this version');
			const closed = await app(['start']);
			expect(closed.text).toContain('holds someone who was erased since');
			expect(await app(['check'])).toMatchObject({ code: 1 });
			expect((await app(['replay-erasures', erasures])).text).toContain('One person was erased again.');
			expect(await ask('select count(*)::int as n from people')).toEqual([{ n: 0 }]);
			await start();
			expect((await fetch(`${origin}${link}`)).status).toBe(404);
		}
	);

	it.runIf(IS_LONG_RUN)(
		'moves to another server by an archive, which opens once erasures were replayed and a password was given',
		async () => {
			const file = join(folder, 'all.tar.gz');
			const erasures = settings.EASY_CORNER_ERASURES_FILE ?? '';
			expect(await app(['archive', 'write', file])).toEqual({
				code: 0,
				text: expect.stringContaining('Written to')
			});
			expect(statSync(file).mode & 0o777).toBe(0o600);
			const here = async (table: string, database?: string) =>
				(await ask(`select count(*)::int as n from ${table}`, database))[0]?.['n'];
			// The same SQL for another database: the roles are there.
			const sql = (/```sql\n([\s\S]*?)```/.exec(PAGE)?.[1] ?? '')
				.split('\n')
				.filter((line) => !line.startsWith('create role'))
				.join('\n')
				.replaceAll(/\bcorner\b/g, 'other');
			const script = join(folder, 'other.sql');
			writeFileSync(script, sql);
			await run(join(postgresBin() ?? '', 'psql'), [
				'-v',
				'ON_ERROR_STOP=1',
				'-d',
				postgres.url,
				'-f',
				script
			]);
			const toOther = (url: string) => url.replace('/corner', '/other');
			const other = {
				DATABASE_URL: toOther(urlOf('easy_corner_app')),
				EASY_CORNER_MIGRATION_DATABASE_URL: toOther(
					urlOf('easy_corner_migrator', '?options=-c%20role%3Deasy_corner_owner')
				)
			};
			expect(await app(['migrate'], other)).toMatchObject({ code: 0 });
			expect((await app(['archive', 'load', join(folder, 'none.tar.gz')], other)).text).toContain(
				'There is no file'
			);
			expect((await app(['archive', 'load'], other)).text).toContain('usage:');
			const loaded = await app(['archive', 'load', file], other);
			expect(loaded, loaded.text).toMatchObject({ code: 0 });
			for (const table of ['people', 'users', 'audit_lines', 'emails'])
				expect(await here(table, 'other'), table).toBe(await here(table));
			expect((await app(['archive', 'load', file], other)).text).toContain('not empty');
			expect((await app(['start'], other)).text).toContain('replay-erasures');
			expect(await app(['replay-erasures', erasures], other)).toMatchObject({ code: 0 });
			const given = await app(['user', 'password', 'first@organisation.example'], other);
			const password = / with (\S+) /.exec(given.text)?.[1] ?? '';
			expect((await app(['user', 'password', 'nobody@organisation.example'], other)).text).toContain(
				'no open account'
			);
			await stop();
			const before = settings;
			settings = { ...settings, ...other };
			await start();
			const signedIn = await cookieOf(origin, 'first@organisation.example', password);
			const desk = await fetch(`${origin}/desk`, { headers: { cookie: signedIn } });
			expect(desk.status).toBe(200);
			await stop();
			settings = before;
			await start();
		}
	);

	it('stands behind the proxy of its example, which passes streams on and logs no personal link', async () => {
		const port = (await freePort(0)) ?? 0;
		const [cert, key, log] = ['cert.pem', 'key.pem', 'access.log'].map((name) => join(folder, name));
		await run('openssl', [
			...[
				'req',
				'-x509',
				'-newkey',
				'ec',
				'-pkeyopt',
				'ec_paramgen_curve:prime256v1',
				'-nodes',
				'-days',
				'1'
			],
			...['-subj', '/CN=corner.example', '-keyout', key ?? '', '-out', cert ?? '']
		]);
		const site = readFileSync('deploy/nginx.conf', 'utf8')
			.replace('server 127.0.0.1:3000', `server 127.0.0.1:${settings.PORT}`)
			.replace(/server \{\n\tlisten 80;[\s\S]*?\n\}\n/, '')
			.replace('listen 443 ssl', `listen 127.0.0.1:${port} ssl`)
			.replace('/etc/ssl/certs/corner.example.pem', cert ?? '')
			.replace('/etc/ssl/private/corner.example.key', key ?? '')
			.replace('/var/log/nginx/easy-corner.log', log ?? '');
		const conf = join(folder, 'nginx.conf');
		writeFileSync(
			conf,
			`daemon off; pid ${folder}/nginx.pid; error_log ${folder}/error.log; events {} http { client_body_temp_path ${folder}/body; proxy_temp_path ${folder}/proxy; fastcgi_temp_path ${folder}/f; uwsgi_temp_path ${folder}/u; scgi_temp_path ${folder}/s;\n${site}}`
		);
		const proxy = spawn('/usr/sbin/nginx', ['-c', conf], { stdio: 'ignore' });
		const status = (path: string) =>
			new Promise<number | undefined>((resolve, reject) => {
				const asked = {
					host: '127.0.0.1',
					port,
					path,
					servername: 'corner.example',
					rejectUnauthorized: false
				};
				get({ ...asked, headers: { host: 'corner.example' } }, (answer) => {
					answer.resume();
					resolve(answer.statusCode);
				}).on('error', reject);
			});
		try {
			await vi.waitFor(async () => expect(await status('/desk/sign-in')).toBe(200), PATIENCE);
			expect(await status('/health')).toBe(200);
			expect(await status('/c/a-secret-that-opens-answers')).toBe(404);
			await vi.waitFor(() => expect(readFileSync(log ?? '', 'utf8')).toContain('/c/*'), PATIENCE);
			expect(readFileSync(log ?? '', 'utf8')).not.toContain('a-secret');
		} finally {
			const ended = new Promise((resolve) => proxy.once('exit', resolve));
			proxy.kill('SIGQUIT');
			await ended;
		}
	});
});
