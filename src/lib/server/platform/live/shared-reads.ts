/** How long a result is shared, ms: some of it depends on the date, too. Our assumption. */
const KEPT_MS = 5000;

interface Read {
	readonly version: number;
	readonly at: number;
	readonly state: Promise<unknown>;
}

/** Results for those who follow something, by its name: read once after each change, however many follow. */
export class SharedReads {
	readonly #versions = new Map<string, number>();
	readonly #reads = new Map<string, Read>();

	/** Marks something as changed, or possibly changed: the next request reads it again. */
	changed(what: string): void {
		this.#versions.set(what, (this.#versions.get(what) ?? 0) + 1);
	}

	/** Forgets what nobody follows any more. */
	forget(what: string): void {
		this.#versions.delete(what);
		for (const key of this.#reads.keys()) if (key.split(' ').includes(what)) this.#reads.delete(key);
	}

	/**
	 * The state since the last change; a failed read is not kept.
	 * @param names of everything that the state depends on
	 */
	read(names: readonly string[], read: () => Promise<unknown>): Promise<unknown> {
		const what = names.join(' ');
		const version = names.reduce((sum, name) => sum + (this.#versions.get(name) ?? 0), 0);
		const known = this.#reads.get(what);
		const at = performance.now();
		if (known?.version === version && at - known.at < KEPT_MS) return known.state;
		const state = read();
		this.#reads.set(what, { version, at, state });
		state.catch(() => {
			if (this.#reads.get(what)?.state === state) this.#reads.delete(what);
		});
		return state;
	}
}
