/** What the page says about saving; `refused`: one answer can't be saved as it is, all others are; `ended`: the link has ended. */
export type SaveState = 'idle' | 'saving' | 'saved' | 'waiting' | 'refused' | 'ended';

/** Refusals that pass by themselves: too slow, too early, too many at once. */
const PASSING: ReadonlySet<number> = new Set([408, 425, 429]);

/** Status codes for a link that no longer exists. */
const ENDED: ReadonlySet<number> = new Set([404, 410]);

/** Pause after the last key before saving where nothing else is said, ms: typing is never held up. */
const PAUSE_MS = 500;

/** Interval of retries while offline, ms; the browser's "online" event comes first where it fires. */
const RETRY_MS = 4000;

/** Where unsent fields are kept on the device. */
export interface SaveFields {
	getItem(key: string): string | null;
	setItem(key: string, value: string): void;
	removeItem(key: string): void;
}

/**
 * Saves fields while they are typed: at once on the device, after a pause on the server, and repeatedly while offline. What the server has
 * not confirmed stays on the device.
 */
export class Autosave {
	state = $state<SaveState>('idle');
	/** Time of the last confirmed save, ms since the epoch; null before the first. */
	savedAt = $state<number | null>(null);
	private pending: Record<string, string>;
	private timer: ReturnType<typeof setTimeout> | undefined;
	private running: Promise<void> | null = null;
	/** Fields that need not stay on the device, as they were sent. */
	private done: Record<string, string> = {};
	/** The refused field, until it is typed again. */
	private refused: string | null = null;
	private readonly key: string;

	/**
	 * @param address where fields are put
	 * @param keep storage on the device; what lies there from an earlier visit is sent first
	 */
	constructor(
		private readonly address: string,
		private readonly keep: SaveFields | null,
		private readonly put: typeof fetch = fetch,
		/** Called after each save, with the server's revision if it sends one. */
		private readonly saved: (revision: number | null) => void = () => {},
		/** Pause after the last key before saving, ms. */
		private readonly pauseMs = PAUSE_MS
	) {
		this.key = keyOf(address);
		this.pending = this.restore();
		if (Object.keys(this.pending).length > 0) this.schedule(0);
	}

	/** Fields that the server has not confirmed yet. */
	get unsent(): Readonly<Record<string, string>> {
		return this.pending;
	}

	/** Whether the server has confirmed everything. */
	get isSent(): boolean {
		return Object.keys(this.pending).length === 0;
	}

	/** Takes the present values of fields. */
	set(fields: Readonly<Record<string, string>>): void {
		this.pending = { ...this.pending, ...fields };
		if (this.refused !== null && this.refused in fields) this.refused = null;
		// From the first key on: "Saved" must never stand next to unsaved input.
		if (this.state === 'idle' || this.state === 'saved') this.state = 'saving';
		this.remember();
		this.schedule(this.pauseMs);
	}

	/** Sends what is pending now; settles when it was sent or could not be. */
	async flush(): Promise<void> {
		clearTimeout(this.timer);
		if (this.running) await this.running;
		if (Object.keys(this.pending).length === 0) return;
		this.running = this.send();
		await this.running;
		this.running = null;
	}

	/** Hands what is pending to the browser as the page closes. */
	leave(): void {
		if (Object.keys(this.pending).length === 0) return;
		void this.put(this.address, { ...request(this.pending), keepalive: true }).catch(() => {});
	}

	private schedule(afterMs: number): void {
		clearTimeout(this.timer);
		this.timer = setTimeout(() => void this.flush(), afterMs);
	}

	private async send(): Promise<void> {
		const sent = this.pending;
		this.state = 'saving';
		const response = await this.put(this.address, request(sent)).catch(() => null);
		const isFinal =
			response && response.status >= 400 && response.status < 500 && !PASSING.has(response.status);
		if (!response || (!response.ok && !isFinal)) {
			this.state = 'waiting';
			this.schedule(RETRY_MS);
			return;
		}
		const body: unknown = await response.json().catch(() => null);
		// No pause from here on: a page that closes in between would leave the device with neither what was typed nor what the server has.
		if (response.ok) {
			this.forget(sent);
			this.state = this.refused === null ? 'saved' : 'refused';
			this.savedAt = Date.now();
			const revision = (body as { revision?: unknown } | null)?.revision;
			this.saved(typeof revision === 'number' ? revision : null);
		} else {
			const field = fieldAt(body);
			const text = field === null ? undefined : sent[field];
			// An error in one answer must not affect the others. Without a field, nothing of it can ever be saved.
			if (field !== null && text !== undefined) {
				this.forget({ [field]: text });
				if (this.pending[field] === undefined) this.refused = field;
				if (!this.isSent) this.schedule(0);
			} else this.forget(sent);
			this.state = ENDED.has(response.status) ? 'ended' : 'refused';
		}
		this.remember();
	}

	/** Removes fields from what is pending, except those typed again in the meantime. */
	private forget(fields: Readonly<Record<string, string>>): void {
		Object.assign(this.done, fields);
		this.pending = Object.fromEntries(
			Object.entries(this.pending).filter(([field, text]) => fields[field] !== text)
		);
	}

	private restore(): Record<string, string> {
		return readKept(this.keep, this.key);
	}

	/** Updates the device. What another page of the same link has stored and not sent yet stays. */
	private remember(): void {
		const others = Object.entries(this.restore()).filter(([field, text]) => this.done[field] !== text);
		const kept = { ...Object.fromEntries(others), ...this.pending };
		this.done = {};
		try {
			if (Object.keys(kept).length === 0) this.keep?.removeItem(this.key);
			else this.keep?.setItem(this.key, JSON.stringify(kept));
		} catch {
			// Storage is full or forbidden: the server still gets it; only a crash before that would lose it.
		}
	}
}

const keyOf = (address: string) => `easy-corner ${address}`;

/** Unsent fields on the device; none where storage is broken or forbidden. */
function readKept(keep: SaveFields | null, key: string): Record<string, string> {
	try {
		const kept: unknown = JSON.parse(keep?.getItem(key) ?? '{}');
		if (!kept || typeof kept !== 'object') return {};
		return Object.fromEntries(
			Object.entries(kept).filter((entry): entry is [string, string] => typeof entry[1] === 'string')
		);
	} catch {
		return {};
	}
}

/** Removes fields from the device's unsent ones: the server has received them by another way, and confirmed. */
export function discardUnsent(keep: SaveFields | null, address: string, fields: readonly string[]): void {
	const kept = readKept(keep, keyOf(address));
	const left = Object.fromEntries(Object.entries(kept).filter(([field]) => !fields.includes(field)));
	try {
		if (Object.keys(left).length > 0) keep?.setItem(keyOf(address), JSON.stringify(left));
		else keep?.removeItem(keyOf(address));
	} catch {
		// A device that stores nothing has nothing to forget.
	}
}

/** The field named in a refusal: `/fields/NAME`, a JSON Pointer (RFC 6901); null where there is none. */
function fieldAt(body: unknown): string | null {
	const at = (body as { at?: unknown } | null)?.at;
	const name = typeof at === 'string' ? /^\/fields\/([^/]+)/.exec(at)?.[1] : undefined;
	return name?.replaceAll('~1', '/').replaceAll('~0', '~') ?? null;
}

function request(fields: Readonly<Record<string, string>>): RequestInit {
	return { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ fields }) };
}
