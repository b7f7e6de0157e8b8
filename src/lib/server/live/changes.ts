import { sql } from 'drizzle-orm';
import pg from 'pg';
import type { Db } from '../db/client';
import { destroyClient } from '../db/database-watch';
import { describeError, log } from '../log';
import { SharedReads } from './shared-reads';

/** What a page can follow while it is open. */
export type ChangeTopic = 'desk' | `round:${string}` | `answers:${string}` | `session:${string}`;

const CHANNEL = 'easy_corner';

/** Between two tries to reach the database again, ms. */
const AGAIN_MS = 1000;

/** So long a new connection is waited for, ms. */
const CONNECT_MS = 4000;

/** Tells every process that something changed, with the transaction in which it does: when that is kept, or not at all. */
export async function publishChange(db: Db, what: ChangeTopic): Promise<void> {
	await db.execute(sql`select pg_notify(${CHANNEL}, ${what})`);
}

/** Someone who follows something. */
export interface ChangeListener {
	/**
	 * Called after each change, and once as soon as changes are heard. It says only, look.
	 *
	 * @param isChange whether something was given, or may have been missed: not so the first time
	 */
	look(isChange: boolean): void;
	/** Called when nothing will be told any more, as the process is about to end. */
	end(): void;
}

/**
 * Hears what any process changed, by one connection of its own that is open while someone follows something. What is shown
 * while the connection is broken is lost, so everybody is called once when it stands again.
 */
export class ChangeFeed {
	private readonly followers = new Map<ChangeTopic, Set<ChangeListener>>();
	private client: pg.Client | null = null;
	private isListening = false;
	private wasBroken = false;
	private readonly reads = new SharedReads();
	private again: ReturnType<typeof setTimeout> | undefined;

	constructor(private readonly databaseUrl: string) {}

	/**
	 * Begins to follow something.
	 *
	 * @returns ends it
	 */
	follow(what: ChangeTopic, follower: ChangeListener): () => void {
		const followers = this.followers.get(what) ?? new Set();
		this.followers.set(what, followers.add(follower));
		if (this.isListening) follower.look(false);
		else if (!this.client) this.connect();
		return () => {
			followers.delete(follower);
			if (followers.size === 0 && this.followers.get(what) === followers) {
				this.followers.delete(what);
				this.reads.forget(what);
			}
			if (this.followers.size === 0) this.disconnect();
		};
	}

	/**
	 * What there is to tell of something, read once after each change however many follow it.
	 *
	 * @param read the same for everybody who follows it
	 */
	read(what: ChangeTopic, read: () => Promise<unknown>): Promise<unknown> {
		// Who is not heard yet may have missed something.
		return this.isListening ? this.reads.read(what, read) : read();
	}

	/** Lets go of a connection that has fallen silent, and makes another. */
	drop(): void {
		if (this.client) destroyClient(this.client);
	}

	/** Ends everything: a stream that went on would keep the process alive. */
	close(): void {
		const all = [...this.followers.values()].flatMap((followers) => [...followers]);
		this.followers.clear();
		this.disconnect();
		for (const follower of all) follower.end();
	}

	private disconnect(): void {
		clearTimeout(this.again);
		const { client } = this;
		this.client = null;
		this.isListening = false;
		// It may be broken already, and is not needed any more.
		client?.end().catch(() => {});
	}

	private connect(): void {
		clearTimeout(this.again);
		const client = new pg.Client({
			connectionString: this.databaseUrl,
			keepAlive: true,
			connectionTimeoutMillis: CONNECT_MS
		});
		this.client = client;
		client.on('error', (error) => this.reconnect(client, error));
		client.on('end', () => this.reconnect(client, null));
		client.on('notification', ({ payload }) => this.call(payload as ChangeTopic, true));
		client
			.connect()
			.then(() => client.query(`listen ${CHANNEL}`))
			.then(() => {
				if (this.client !== client) return;
				this.isListening = true;
				for (const what of [...this.followers.keys()]) this.call(what, this.wasBroken);
				this.wasBroken = false;
			})
			.catch((error: unknown) => this.reconnect(client, error));
	}

	private call(what: ChangeTopic, isChange: boolean): void {
		this.reads.changed(what);
		for (const follower of [...(this.followers.get(what) ?? [])]) follower.look(isChange);
	}

	private reconnect(broken: pg.Client, error: unknown): void {
		if (this.client !== broken) return;
		log({ level: 'warn', event: 'listen', ...describeError(error ?? new Error('ended')) });
		this.disconnect();
		this.wasBroken = true;
		if (this.followers.size > 0) this.again = setTimeout(() => this.connect(), AGAIN_MS);
	}
}
