import pg from 'pg';
import { migrateAndSeed, startApp } from '../../bin/lib/app.mjs';
import { readBackup } from '../../bin/lib/backup.mjs';
import { freePort } from '../../bin/lib/net.mjs';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { startPostgres } from '../../bin/lib/postgres.mjs';
import { cookieOf } from './attack';
import { startProxy } from './proxy';

/** What was lost, or twice, after the program and its database were killed again and again. */
export interface CrashResult {
	readonly kills: number;
	/** Writes that were answered as done. */
	readonly acknowledged: number;
	/** Of those, what is not there afterwards. */
	readonly lost: readonly string[];
	/** Letters that are not in the stand-in's mailbox exactly once. */
	readonly lettersNotOnce: readonly string[];
	/** After each start of PostgreSQL: until the program's next good answer, ms. */
	readonly recoveryMs: readonly number[];
	/** What is answered while the database is gone. */
	readonly whileGone: { readonly health: number; readonly save: number; readonly words: string };
	/** What is answered while PostgreSQL has no room left, and once it has. */
	readonly whileFull: {
		readonly read: number;
		readonly save: number;
		readonly words: string;
		readonly after: number;
	};
}

const LINKS = 6;

/** Pause of who tries again, ms. */
const PAUSE_MS = 25;

const pause = () => new Promise<void>((resolve) => void setTimeout(resolve, PAUSE_MS));

/** An answer, whole, or null where nobody gave one: it may have been cut off in the midst of it. */
async function ask(
	address: string,
	init: RequestInit = {}
): Promise<{ status: number; text: string } | null> {
	try {
		const signal = AbortSignal.timeout(20_000);
		const response = await fetch(address, { redirect: 'manual', signal, ...init });
		return { status: response.status, text: await response.text() };
	} catch {
		return null;
	}
}

/** What an answer says, as JSON. */
const said = <T>(answer: { text: string } | null) => JSON.parse(answer?.text ?? '{}') as T;

/** Someone's link, written to one number after the other: what was answered as kept is at least as high as the last of them. */
class Typist {
	sent = 0;
	acknowledged = 0;
	answered = 0;
	constructor(
		readonly address: string,
		readonly token: string
	) {}

	async type(): Promise<void> {
		const n = this.acknowledged + 1;
		this.sent += 1;
		const response = await write(this.address, this.token, { 'thing.0.label': `n${n}` });
		if (response?.status !== 200) return pause();
		this.acknowledged = n;
		this.answered += 1;
	}

	async kept(): Promise<number> {
		const response = await ask(`${this.address}/c/${this.token}/draft`);
		const { answers } = said<{ answers: Record<string, string> }>(response);
		return Number((answers['thing.0.label'] ?? 'n0').slice(1));
	}
}

/** A coordinator who invites one after the other: each has an account and a letter. */
class Inviter {
	readonly acknowledged: string[] = [];
	#n = 0;
	constructor(
		readonly address: string,
		readonly cookie: string
	) {}

	async invite(): Promise<void> {
		this.#n += 1;
		const email = `invited-${this.#n}@lanterns.example`;
		const response = await ask(`${this.address}/desk/users?/invite`, {
			method: 'POST',
			headers: {
				origin: this.address,
				cookie: this.cookie,
				accept: 'application/json',
				'x-sveltekit-action': 'true',
				'content-type': 'application/x-www-form-urlencoded'
			},
			body: new URLSearchParams({ name: `Invited ${this.#n}`, email, role: 'reader' }).toString()
		});
		if (response?.status === 200 && said<{ type: string }>(response).type === 'success')
			this.acknowledged.push(email);
		else await pause();
	}
}

async function openLinks(address: string): Promise<string[]> {
	const list = await (await fetch(`${address}/post`)).text();
	const tokens: string[] = [];
	for (const [, letter = ''] of list.matchAll(/href="(\/post\/[0-9a-f-]{36})"/g)) {
		if (tokens.length === LINKS) break;
		const token = /\/c\/([\w-]{20,})/.exec(await (await fetch(address + letter)).text())?.[1];
		if (!token || tokens.includes(token)) continue;
		if ((await ask(`${address}/c/${token}/draft`))?.status !== 200) continue;
		// Nothing is kept of who has not agreed.
		await agree(address, token);
		tokens.push(token);
	}
	return tokens;
}

/**
 * Kills the program and its database in turn while people write, and looks afterwards what is there. Its own database, as safe as a
 * real one, with the demo data.
 *
 * @param kills how often; the program first
 * @param processes of the program, behind a proxy; one of them is killed at a time
 */
export async function crashRun(kills: number, processes = 1): Promise<CrashResult> {
	const postgres = await startPostgres({ temporary: true, durable: true });
	const ports: number[] = [];
	for (let i = 0; i < processes; i += 1) ports.push((await freePort(0)) ?? 0);
	const proxy = await startProxy(ports);
	const address = `http://127.0.0.1:${proxy.port}`;
	const startOne = (port: number) =>
		startApp({
			url: postgres.url,
			port,
			env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '1000', ORIGIN: address },
			log: 'pipe'
		});
	const backup = process.env.FILLED_BACKUP;
	if (backup) await readBackup(postgresBin() ?? '', postgres.url, backup);
	else await migrateAndSeed(postgres.url, ['--demo']);
	const apps: Awaited<ReturnType<typeof startOne>>[] = [];
	for (const port of ports) apps.push(await startOne(port));
	/** Kills one of the processes, and starts it again. */
	const killOne = async (i: number) => {
		await apps[i]?.kill();
		apps[i] = await startOne(ports[i] ?? 0);
	};
	/** Ends them as a power cut doesn't. */
	const stopAll = () => Promise.all(apps.map((app) => app.stop()));
	let isOver = false;
	const recoveryMs: number[] = [];
	const whileGone = { health: 0, save: 0, words: '' };
	try {
		const cookie = await cookieOf(address, 'coordinator@lanterns.example', 'tarn-valley-demo');
		const typists = (await openLinks(address)).map((token) => new Typist(address, token));
		const inviter = new Inviter(address, cookie);
		const until = async (work: () => Promise<void>) => {
			while (!isOver) await work();
		};
		const writing = Promise.all([
			...typists.map((typist) => until(() => typist.type())),
			until(() => inviter.invite())
		]);
		const count = () =>
			inviter.acknowledged.length + typists.reduce((sum, { answered }) => sum + answered, 0);
		/** Goes on once so many more were answered as done: everybody is in the midst of writing. */
		const more = async (n: number) => {
			const from = count();
			while (count() < from + n) await pause();
		};
		for (let i = 0; i < kills; i += 1) {
			await more(60);
			if (i % 2 === 0) {
				await killOne((i / 2) % processes);
				continue;
			}
			await postgres.crash();
			const first = typists[0];
			whileGone.health = (await ask(`${address}/health`))?.status ?? 0;
			const refused = await write(address, first?.token ?? '', {});
			whileGone.save = refused?.status ?? 0;
			whileGone.words = said<{ message?: string }>(refused).message ?? '';
			await postgres.revive();
			const began = performance.now();
			while ((await ask(`${address}/c/${first?.token ?? ''}/draft`))?.status !== 200) await pause();
			recoveryMs.push(Math.round(performance.now() - began));
		}
		await more(60);
		isOver = true;
		await writing;
		// What a killed process had in hand is given to another after six minutes: nobody waits for those here.
		await stopAll();
		await withDatabase(postgres.url, (pool) => pool.query('update emails set claimed_until = null'));
		for (const [i, port] of ports.entries()) apps[i] = await startOne(port);
		const whileFull = await withoutRoom(postgres.url, address, typists[0]?.token ?? '');
		const lost: string[] = [];
		for (const typist of typists)
			if ((await typist.kept()) < typist.acknowledged) lost.push(`answers of ${typist.token.slice(0, 6)}`);
		return {
			kills,
			acknowledged: count(),
			lost: [...lost, ...(await notInvited(postgres.url, inviter.acknowledged))],
			lettersNotOnce: await notOnce(postgres.url),
			recoveryMs,
			whileGone,
			whileFull
		};
	} finally {
		isOver = true;
		await stopAll();
		await proxy.stop();
		await postgres.stop();
	}
}

async function withDatabase<T>(url: string, work: (pool: pg.Pool) => Promise<T>): Promise<T> {
	const pool = new pg.Pool({ connectionString: url, max: 1 });
	try {
		return await work(pool);
	} finally {
		await pool.end();
	}
}

/** Agrees to what the first page of a link says. */
const agree = (address: string, token: string) =>
	fetch(`${address}/c/${token}?/begin`, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin: address, 'content-type': 'application/x-www-form-urlencoded' },
		body: ''
	});

/** A write to one link, answered. */
const write = (address: string, token: string, fields: Record<string, string>) =>
	ask(`${address}/c/${token}/draft`, {
		method: 'PUT',
		headers: { origin: address, 'content-type': 'application/json' },
		body: JSON.stringify({ fields })
	});

/** Lets PostgreSQL answer as it does on a full disk (53100, its documentation's appendix A), and then as usual. */
const withoutRoom = (url: string, address: string, token: string) =>
	withDatabase(url, async (pool) => {
		await pool.query(`
			create function no_room() returns trigger language plpgsql as $$
			begin raise exception 'could not extend file: No space left on device' using errcode = '53100'; end $$;
			create trigger no_room before insert or update on assessments execute function no_room()`);
		const refused = await write(address, token, { stature: '170' });
		const read = await ask(`${address}/c/${token}/draft`);
		await pool.query('drop function no_room cascade');
		const after = await write(address, token, { stature: '171' });
		return {
			read: read?.status ?? 0,
			save: refused?.status ?? 0,
			words: said<{ message?: string }>(refused).message ?? '',
			after: after?.status ?? 0
		};
	});

/** Of those whose invitation was answered as done, who has no account. */
const notInvited = (url: string, emails: readonly string[]) =>
	withDatabase(url, async (pool) => {
		const { rows } = await pool.query<{ email: string }>('select email from users');
		const there = new Set(rows.map(({ email }) => email));
		return emails.filter((email) => !there.has(email));
	});

/** Who was invited and does not have one letter: waits until none is on its way. */
const notOnce = (url: string) =>
	withDatabase(url, async (pool) => {
		const waiting = async () =>
			(
				await pool.query<{ n: number }>(
					`select count(*)::int as n from emails where to_email like 'invited-%' and state = 'waiting'`
				)
			).rows[0]?.n ?? 0;
		for (let i = 0; i < 1200 && (await waiting()) > 0; i += 1) await pause();
		const { rows } = await pool.query<{ email: string }>(`
			select u.email from users u
			left join emails l on l.to_email = u.email
			left join test_inbox m on m.email_id = l.id
			where u.email like 'invited-%'
			group by u.email
			having count(distinct l.id) <> 1 or count(m.email_id) <> 1
		`);
		return rows.map(({ email }) => email);
	});
