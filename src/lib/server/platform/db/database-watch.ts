import pg from 'pg';
import { describeError, log } from '../log';

/** Interval between two checks of a database that answers, ms. */
const LOOK_MS = 1000;

/** Interval between two checks of one that doesn't, ms: how long the first page waits after it is back. */
const LOOK_AGAIN_MS = 250;

/**
 * A database that does not answer for so many ticks of this length, and then again on a new connection, counts as gone: 1.8 s. The check asks
 * for a single value. Our assumption. Ticks of this process are counted, not the clock: where it was busy itself, or a busy machine held it
 * up, the answer may have come without being read.
 */
const TICK_MS = 200;
const SILENT_TICKS = 9;

/** Interval between two test writes, ms: on a full disk, reading still works. */
const WRITE_MS = 15_000;

/**
 * Watches the database on a connection of its own. A connection can die silently: nothing comes back, and nothing fails, for minutes, and
 * everyone waiting for one would wait as long. When this one falls silent, all are dropped, and requests are refused at once until the
 * database answers again.
 */
export class DatabaseWatch {
	#client: pg.Client | null = null;
	#timer: NodeJS.Timeout | undefined;
	#isSilent = false;
	#canWrite = true;
	#nextWriteAt = 0;
	#hasEnded = false;
	readonly #waiting = new Set<() => void>();

	/** @param drop ends every connection of this process to the database, with what waits on it */
	constructor(
		private readonly databaseUrl: string,
		private readonly drop: () => void
	) {}

	/** Whether the database does not answer. */
	get isSilent(): boolean {
		return this.#isSilent;
	}

	/** Whether the last test write succeeded; on a full disk, reading still works. */
	get canWrite(): boolean {
		return this.#canWrite;
	}

	/**
	 * Registers a callback for when the database falls silent.
	 * @returns unregisters it
	 */
	onSilent(tell: () => void): () => void {
		this.#waiting.add(tell);
		return () => this.#waiting.delete(tell);
	}

	start(): void {
		void this.#look();
	}

	/** Stops, and closes the connection. */
	stop(): void {
		this.#hasEnded = true;
		clearTimeout(this.#timer);
		this.#leave();
	}

	async #look(): Promise<void> {
		const stood = this.#client !== null;
		try {
			await this.#ask();
		} catch (first) {
			this.#leave();
			// One connection may break, or a busy machine pause for a moment: a second one is tried before the database counts as silent.
			const error =
				stood && !this.#hasEnded
					? await this.#ask().then(
							() => null,
							(second: unknown) => second
						)
					: first;
			if (error !== null) this.#leave();
			if (error !== null && !this.#hasEnded) this.#setSilent(error);
		}
		// Stopped while it was asking: the connection that this has opened in the meantime would keep the process from ending.
		if (this.#hasEnded) this.#leave();
		else this.#timer = setTimeout(() => void this.#look(), this.#isSilent ? LOOK_AGAIN_MS : LOOK_MS);
	}

	async #ask(): Promise<void> {
		const client = (this.#client ??= await this.#connected());
		await withinTicks(client.query('select 1'));
		this.#setSilent(null);
		await this.#tryToWrite(client);
	}

	async #connected(): Promise<pg.Client> {
		const client = new pg.Client({
			connectionString: this.databaseUrl,
			keepAlive: true,
			application_name: 'easy-corner-watch'
		});
		client.on('error', () => {});
		try {
			await withinTicks(client.connect());
		} catch (error) {
			destroyClient(client);
			throw error;
		}
		return client;
	}

	#leave(): void {
		if (this.#client) destroyClient(this.#client);
		this.#client = null;
	}

	/** Writes to a row of its own. A refusal is recorded; the connection remains. */
	async #tryToWrite(client: pg.Client): Promise<void> {
		if (Date.now() < this.#nextWriteAt) return;
		this.#nextWriteAt = Date.now() + WRITE_MS;
		const could = await withinTicks(client.query('update heartbeat set at = now()')).then(
			() => true,
			(error: unknown) => {
				// Before the first migration there is no such table.
				const { code } = error as { code?: string };
				if (code === undefined) throw error;
				if (code === '42P01') return true;
				log({ level: 'error', event: 'database-not-writable', ...describeError(error) });
				return false;
			}
		);
		this.#canWrite = could;
	}

	#setSilent(error: unknown): void {
		const isSilent = error !== null;
		// Each time: whoever waited for a connection has begun to open another.
		if (isSilent) this.drop();
		if (isSilent === this.#isSilent) return;
		this.#isSilent = isSilent;
		if (isSilent) {
			log({ level: 'error', event: 'database-silent', ...describeError(error) });
			for (const tell of this.#waiting) tell();
			this.#waiting.clear();
		} else log({ level: 'info', event: 'database-back' });
	}
}

/** The result of some work, or an error where it takes more than {@link SILENT_TICKS}. */
export async function withinTicks<T>(work: Promise<T>): Promise<T> {
	let ticks = 0;
	let timer: NodeJS.Timeout | undefined;
	const silence = new Promise<never>((_, reject) => {
		timer = setInterval(() => {
			ticks += 1;
			if (ticks >= SILENT_TICKS) reject(new Error('No answer from the database'));
		}, TICK_MS);
	});
	// What is given up fails when its connection is dropped.
	work.catch(() => {});
	try {
		return await Promise.race([work, silence]);
	} finally {
		clearInterval(timer);
	}
}

/**
 * Ends a connection without the protocol's goodbye, which nobody may be there to receive; what waits on it fails at once.
 * @param client also one still connecting
 */
export function destroyClient(client: pg.ClientBase): void {
	const { connection } = client as unknown as { connection?: { stream?: { destroy(): void } } };
	connection?.stream?.destroy();
}
