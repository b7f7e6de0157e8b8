import { expect, type Locator, type Page } from '@playwright/test';
import pg from 'pg';
import { migrateAndSeed, startApp } from '../bin/lib/app.mjs';
import { readBackup } from '../bin/lib/backup.mjs';
import { startIdentity } from '../bin/lib/identity.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { postgresBin } from '../bin/lib/packages.mjs';
import { startPersonnel } from '../bin/lib/personnel.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { QUESTIONNAIRE_PAGES } from '../src/lib/core/questionnaire/answers/questionnaire-pages';
import { actionsOf, routesIn } from '../tests/support/routes';
import { hydrated } from './support';

/** Sessions that were only seen or confirmed, apart from those that begin or end. */
export const SEEN_SESSIONS = 'sessions seen';

/** Tables that change without anybody's act, or with every look at a page: none of them shows that a press did something. */
const NOISE = new Set([
	'audit_checks',
	'audit_counts',
	'audit_lines',
	'audit_seals',
	'case_visitors',
	'current_figures',
	'deputy_alerts',
	'heartbeat',
	'test_inbox',
	'press_log',
	SEEN_SESSIONS,
	'shared_session_visits',
	'write_limits'
]);

/** Notes each row that changes, so that a press can be seen in the database. */
const WATCH = `
	create table if not exists press_log (id bigserial primary key, of text not null);
	grant insert on press_log to public;
	grant usage on sequence press_log_id_seq to public;
	create or replace function note_press() returns trigger language plpgsql security definer as $$
	begin
		-- An email that goes out by itself, or a session that is seen, is nobody's act; one that was given up is tried again by somebody.
		if tg_op = 'UPDATE' and tg_table_name = 'emails' and to_jsonb(old) ->> 'state' <> 'failed' then return null; end if;
		insert into press_log (of)
		values (case when tg_op = 'UPDATE' and tg_table_name = 'sessions' then '${SEEN_SESSIONS}' else tg_table_name end);
		return null;
	end $$;
	do $$ declare t text; begin
		for t in select tablename from pg_tables where schemaname = 'public' and tablename not in ('press_log', 'audit_counts', 'audit_lines')
		loop execute format('create or replace trigger note_press after insert or update or delete on %I for each row execute function note_press()', t);
		end loop; end $$`;

/** A program, its database with the demo's data, an identity provider and a personnel department: presses change too much to share any. */
export async function startOwnProgram() {
	const postgres = await startPostgres({ temporary: true });
	const backup = process.env.FILLED_BACKUP;
	if (backup) await readBackup(postgresBin() ?? '', postgres.url, backup);
	else await migrateAndSeed(postgres.url, ['--demo']);
	const port = (await freePort(0)) ?? 0;
	const identity = await startIdentity({ appPort: port });
	const personnel = await startPersonnel({ databaseUrl: postgres.url });
	const env = {
		EASY_CORNER_MODE: 'demo',
		EASY_CORNER_WRITES_FACTOR: '100',
		...identity.env,
		...personnel.env
	};
	// Its triggers lock every table, so before anybody works on them.
	const watch = await DatabaseWatch.start(postgres.url);
	const app = await startApp({ url: postgres.url, port, env, log: 'pipe' });
	const stop = async () => {
		await watch.end();
		const hasEnded = await app.stop();
		await identity.stop();
		await personnel.stop();
		await postgres.stop();
		return hasEnded;
	};
	return { app, watch, stop };
}

/** The database behind the tested program, and which of its tables changed since. */
export class DatabaseWatch {
	private constructor(private readonly client: pg.Client) {}

	static async start(url: string): Promise<DatabaseWatch> {
		const client = new pg.Client({ connectionString: url });
		await client.connect();
		await client.query(WATCH);
		return new DatabaseWatch(client);
	}

	end(): Promise<void> {
		return this.client.end();
	}

	async now(): Promise<string> {
		const { rows } = await this.client.query<{ id: string }>(
			'select coalesce(max(id), 0) as id from press_log'
		);
		return rows[0]?.id ?? '0';
	}

	/** Tables with rows that changed since, without those that change by themselves. @param also noise that counts here */
	async since(id: string, also: readonly string[] = []): Promise<string[]> {
		const { rows } = await this.client.query<{ of: string }>(
			'select distinct of from press_log where id > $1 order by 1',
			[id]
		);
		return rows.map(({ of }) => of).filter((of) => !NOISE.has(of) || also.includes(of));
	}

	/** Rows of a statement, for what a page doesn't say: an id, the newest link. */
	async rows<T extends Record<string, unknown>>(sql: string, values: unknown[] = []): Promise<T[]> {
		return (await this.client.query<T>(sql, values)).rows;
	}
}

const UUID = /[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}/g;

/** An address as its route, whoever it is about. */
function routeOf(pathname: string): string {
	const parts = pathname.replace(UUID, '*').replace(/\/$/, '').split('/');
	if (parts[1] === 'c' && parts.length > 2) {
		parts[2] = '*';
		if (QUESTIONNAIRE_PAGES.some((page) => page === parts[3])) parts[3] = '*';
	}
	if (parts[1] === 'desk' && parts[2] === 'password' && parts.length > 3) parts[3] = '*';
	if (parts[2] === 'organisation' && parts[3] === 'settings' && parts.length > 4) parts[4] = '*';
	return parts.join('/');
}

/** Every form action that the sources have: `/desk/cases/*?/settle`; a page's only one is called `default`. */
export const everyAct = (): string[] =>
	routesIn()
		.flatMap(({ route }) =>
			actionsOf(route).map((act) => {
				const path = route.replace(/\/\(signed-in\)/, '').replace(/\[[^\]]+\]/g, '*');
				return `${path}?/${act}`;
			})
		)
		.sort();

/** What is pressed: the act, and which of its buttons. */
export interface Press {
	readonly act: string;
	readonly button: string;
	readonly changed: readonly string[];
}

type Fill = (form: Locator, page: Page) => Promise<unknown>;

/** How a form is filled in before it is pressed, by its act; what is required and empty gets something by its type. */
export type Fills = Readonly<Record<string, Fill>>;

interface Found {
	readonly act: string;
	readonly button: string;
}

/** Presses every button of every form of the pages it is taken to, and holds each against the database. */
export class Presser {
	readonly presses: Press[] = [];
	readonly faults: string[] = [];
	private readonly done = new Set<string>();

	constructor(
		readonly page: Page,
		private readonly watch: DatabaseWatch,
		private readonly fills: Fills,
		/** Acts that change nothing, or only what changes by itself, with the reason. */
		private readonly changesNothing: Readonly<Record<string, string>>
	) {
		page.on('response', (response) => {
			if (response.request().method() !== 'POST') return;
			void response.text().then(
				(text) => (this.lastRefusal = `${response.status()} ${text.slice(0, 300)}`),
				() => {}
			);
		});
	}

	/** Notes something that was pressed by hand, and what it changed. */
	async byHand(
		act: string,
		button: string,
		work: () => Promise<unknown>,
		also: readonly string[] = []
	): Promise<void> {
		const before = await this.watch.now();
		await work();
		await this.hold({ act, button }, before, also);
	}

	/** Opens a page, and waits for its scripts where it has any. */
	async open(path: string): Promise<void> {
		await this.page.goto(path);
		if ((await this.page.locator('body script').count()) > 0) await hydrated(this.page);
	}

	/**
	 * Presses everything on a page that was not pressed yet, one after the other; the page is opened anew for each, so that what a press
	 * brings about is pressed, too.
	 * @param except acts that are left for later, since they end what the others need
	 * @param prepare done on the page each time, such as a selection
	 */
	async everythingOn(
		path: string,
		except: readonly string[] = [],
		prepare: () => Promise<unknown> = () => Promise.resolve()
	): Promise<void> {
		for (let n = 0; n < 60; n += 1) {
			await this.open(path);
			await prepare();
			const next = (await this.found()).find(
				({ act, button }) => !this.done.has(`${act} ${button}`) && !except.includes(act)
			);
			if (!next) return;
			await this.press(next);
		}
		this.faults.push(`${path}: there is always something left to press`);
	}

	/** Forms and their buttons on the page as it stands; marks each, so that it is found again. */
	private async found(): Promise<Found[]> {
		const raw = await this.page.evaluate(() =>
			[...document.forms]
				.filter((form) => form.method === 'post')
				.flatMap((form, i) =>
					[...form.elements].flatMap((one, j) => {
						if (!(one instanceof HTMLButtonElement) || one.type !== 'submit' || one.disabled) return [];
						// What is chosen already changes nothing.
						if (one.getAttribute('aria-pressed') === 'true' || one.hasAttribute('aria-current')) return [];
						// What is folded is opened, as a person would.
						for (
							let fold = one.closest('details');
							fold;
							fold = fold.parentElement?.closest('details') ?? null
						)
							fold.open = true;
						if (one.getAttribute('aria-hidden') === 'true' || one.offsetParent === null) return [];
						one.dataset['press'] = `${i}.${j}`;
						const to = new URL(
							one.getAttribute('formaction') ?? form.getAttribute('action') ?? '',
							location.href
						);
						return [
							{ path: to.pathname, query: to.search, name: one.name, value: one.value, mark: `${i}.${j}` }
						];
					})
				)
		);
		this.marks.clear();
		return raw.map(({ path, query, name, value, mark }) => {
			const act = `${routeOf(path)}?/${/^\?\/(\w+)/.exec(query)?.[1] ?? 'default'}`;
			// Of many alike (days, items, people), one is pressed.
			const kind =
				/^(?:yes|no|on|off|done|open|not-here|stop|resume|tried|own|none|moving|[a-z]{2}|light|dark)$/.test(
					value
				);
			const button = name === '' ? '' : `${name}${kind ? `=${value}` : ''}`;
			const key = `${act} ${button}`;
			if (!this.marks.has(key)) this.marks.set(key, mark);
			return { act, button };
		});
	}

	private readonly marks = new Map<string, string>();
	/** What the server refused last, for a fault. */
	private lastRefusal = '';

	private async press({ act, button }: Found): Promise<void> {
		const key = `${act} ${button}`;
		this.done.add(key);
		const pressed = this.page.locator(`[data-press="${this.marks.get(key)}"]`);
		const form = this.page.locator('form').filter({ has: pressed });
		const before = await this.watch.now();
		try {
			// Of folds with one name only the one that was opened last is still open.
			await pressed.evaluate((button) => {
				const fold = button.closest('details');
				if (fold) fold.open = true;
			});
			await this.fillRequired(form);
			await this.fills[act]?.(form, this.page);
			// The next page is opened once this press was answered: what it began is not to be overtaken. What changes nothing may be answered by
			// the page itself.
			const answered =
				this.changesNothing[act] === undefined
					? this.page
							.waitForResponse((response) => response.request().method() !== 'GET')
							.then((response) => response.finished())
					: null;
			this.lastRefusal = '';
			await Promise.all([answered, pressed.click()]);
		} catch (error) {
			this.faults.push(`${key}: could not be pressed: ${String(error).split('\n')[0]}`);
			return;
		}
		await this.hold({ act, button }, before);
	}

	/** Waits until the press is seen in the database. */
	private async hold({ act, button }: Found, before: string, also: readonly string[] = []): Promise<void> {
		this.done.add(`${act} ${button}`);
		const isQuiet = this.changesNothing[act] !== undefined;
		let changed: string[] = [];
		const seen = async () => (changed = await this.watch.since(before, also)).length > 0;
		if (!isQuiet)
			await expect
				.poll(seen)
				.toBe(true)
				.catch(async () => {
					const said = await this.page
						.getByRole('alert')
						.allInnerTexts()
						.catch(() => []);
					const invalid = await this.page
						.evaluate(() =>
							[...document.querySelectorAll<HTMLInputElement>('form :invalid:not(fieldset)')]
								.map((one) => one.name)
								.slice(0, 4)
						)
						.catch(() => []);
					this.faults.push(
						`${act} ${button}: pressed, and nothing changed (${this.lastRefusal} ${said.filter(Boolean).join('; ').slice(0, 160)}${invalid.length ? ` invalid: ${invalid.join()}` : ''} at ${new URL(this.page.url()).pathname})`
					);
				});
		if (!isQuiet && changed.length === 0) return;
		this.presses.push({ act, button, changed });
	}

	private async fillRequired(form: Locator): Promise<void> {
		const empty = form.locator('input[required], select[required], textarea[required]');
		for (let i = 0; i < (await empty.count()); i += 1) {
			const one = empty.nth(i);
			if (!(await one.isVisible()) || (await one.inputValue().catch(() => 'x')) !== '') continue;
			const { tag, type, name } = await one.evaluate((element) => ({
				tag: element.tagName,
				type: element.getAttribute('type') ?? 'text',
				name: element.getAttribute('name') ?? ''
			}));
			if (tag === 'SELECT') await one.selectOption({ index: 1 });
			else if (type === 'email' || name === 'email') await one.fill(`pressed.${Date.now()}@lanterns.example`);
			else if (type !== 'hidden') await one.fill('Pressed');
		}
	}
}
