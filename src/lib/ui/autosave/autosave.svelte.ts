/** What the page says about saving. */
export type SaveState = 'idle' | 'saving' | 'saved' | 'waiting';

/** Waits this long after the last key before it saves, ms: typing is never held up, a pause is enough. */
const PAUSE_MS = 500;

/** Tries again after this long without network, ms; the browser's own "online" comes first where it is told. */
const RETRY_MS = 4000;

/** Where fields that are not sent yet are kept on the device. */
export interface Keep {
	getItem(key: string): string | null;
	setItem(key: string, value: string): void;
	removeItem(key: string): void;
}

/**
 * Saves fields as they are typed: at once to the device, after a pause to the server, again and again while the network
 * is away. What is not confirmed by the server stays on the device.
 */
export class Autosave {
	state = $state<SaveState>('idle');
	/** When the server last confirmed a save, ms since the epoch; null before the first. */
	savedAt = $state<number | null>(null);
	private pending: Record<string, string>;
	private timer: ReturnType<typeof setTimeout> | undefined;
	private running: Promise<void> | null = null;
	private readonly key: string;

	/**
	 * @param address where fields are put
	 * @param keep storage on the device; what lies there from an earlier visit is sent first
	 */
	constructor(
		private readonly address: string,
		private readonly keep: Keep | null,
		private readonly put: typeof fetch = fetch,
		/** Told the server's revision after each save. */
		private readonly saved: (revision: number) => void = () => {}
	) {
		this.key = `easy-corner ${address}`;
		this.pending = this.restore();
		if (Object.keys(this.pending).length > 0) this.schedule(0);
	}

	/** Fields that the server has not confirmed yet. */
	get unsent(): Readonly<Record<string, string>> {
		return this.pending;
	}

	/** Whether everything has been confirmed by the server. */
	get isSent(): boolean {
		return Object.keys(this.pending).length === 0;
	}

	/** Takes fields as they are now. */
	set(fields: Readonly<Record<string, string>>): void {
		this.pending = { ...this.pending, ...fields };
		this.remember();
		this.schedule(PAUSE_MS);
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

	/** Hands what is pending to the browser as the page goes away. */
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
		if (response && (response.ok || (response.status >= 400 && response.status < 500))) {
			this.pending = Object.fromEntries(
				Object.entries(this.pending).filter(([field, text]) => sent[field] !== text)
			);
			this.remember();
			this.state = response.ok ? 'saved' : 'waiting';
			if (response.ok) {
				this.savedAt = Date.now();
				const body: unknown = await response.json().catch(() => null);
				const revision = (body as { revision?: unknown } | null)?.revision;
				if (typeof revision === 'number') this.saved(revision);
			}
			return;
		}
		this.state = 'waiting';
		this.schedule(RETRY_MS);
	}

	private restore(): Record<string, string> {
		try {
			const kept: unknown = JSON.parse(this.keep?.getItem(this.key) ?? '{}');
			if (!kept || typeof kept !== 'object') return {};
			return Object.fromEntries(
				Object.entries(kept).filter((entry): entry is [string, string] => typeof entry[1] === 'string')
			);
		} catch {
			return {};
		}
	}

	private remember(): void {
		try {
			if (Object.keys(this.pending).length === 0) this.keep?.removeItem(this.key);
			else this.keep?.setItem(this.key, JSON.stringify(this.pending));
		} catch {
			// A full or forbidden storage: the server still gets it, only a crash before that would lose it.
		}
	}
}

function request(fields: Readonly<Record<string, string>>): RequestInit {
	return { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ fields }) };
}
