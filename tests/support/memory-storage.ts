/** A storage as browsers have it, in memory. */
export class MemoryStorage implements Storage {
	private readonly all = new Map<string, string>();

	get length(): number {
		return this.all.size;
	}

	key(index: number): string | null {
		return [...this.all.keys()][index] ?? null;
	}

	getItem(key: string): string | null {
		return this.all.get(key) ?? null;
	}

	setItem(key: string, value: string): void {
		this.all.set(key, value);
	}

	removeItem(key: string): void {
		this.all.delete(key);
	}

	clear(): void {
		this.all.clear();
	}
}
