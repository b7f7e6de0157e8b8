import { sql } from 'drizzle-orm';
import pg from 'pg';
import type { Db } from '../db/client';
import { destroyClient } from '../db/database-watch';
import { describeError, log } from '../log';
import { SharedReads } from './shared-reads';

/** What a page can follow while it is open. */
export type ChangeTopic =
	| 'desk'
	| `round:${string}`
	| `case:${string}`
	| `answers:${string}`
	| `sharedSession:${string}`
	| `job:${string}`
	| `session:${string}`;

/** Where processes tell each other of changes. */
export const CHANNEL = 'easy_corner';

/** Interval between attempts to reach the database again, ms. */
const AGAIN_MS = 1000;

/** Longest wait for a new connection, ms. */
const CONNECT_MS = 4000;

/** Tells every process that something changed, within the transaction that changes it: sent on commit, or not at all. */
export async function publishChange(db: Db, what: ChangeTopic): Promise<void> {
	await db.execute(sql`select pg_notify(${CHANNEL}, ${what})`);
}

/** A subscriber. */
export interface ChangeListener {
	/**
	 * Called after each change, and once as soon as the subscription is active. It only says: look.
	 * @param isChange whether something changed, or a change may have been missed; false the first time
	 */
	look(isChange: boolean): void;
	/** Called when nothing more will come because the process is about to end. */
	end(): void;
}

/**
 * Receives changes from every process, on a connection of its own that is open while anyone follows something. What changes while the
 * connection is broken is missed, so everyone is called once when it is back.
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
	 * @returns ends the subscription
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
	 * The state of something, read once after each change however many follow it.
	 * @param what everything that it depends on
	 * @param read the same for everyone who follows it
	 */
	read(what: readonly ChangeTopic[], read: () => Promise<unknown>): Promise<unknown> {
		// A subscription not yet confirmed may have missed something.
		return this.isListening ? this.reads.read(what, read) : read();
	}

	/** Drops a silent connection, and opens another. */
	drop(): void {
		if (this.client) destroyClient(this.client);
	}

	/** Ends everything: an open stream would keep the process alive. */
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
		// It may be broken already, and is no longer needed.
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
