/** A small seeded generator (mulberry32), so that every run of a random test is the same. */
export function seededRandom(seed: number): () => number {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = Math.imul(state ^ (state >>> 15), 1 | state);
		t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

/** Draws from a seeded generator. */
export class Dice {
	private readonly next: () => number;

	constructor(seed: number) {
		this.next = seededRandom(seed);
	}

	/** A whole number from `from` to `to`, both included. */
	int(from: number, to: number): number {
		return from + Math.floor(this.next() * (to - from + 1));
	}

	chance(p: number): boolean {
		return this.next() < p;
	}

	pick<T>(of: readonly T[]): T {
		const found = of[this.int(0, of.length - 1)];
		if (found === undefined) throw new RangeError('Nothing to pick from');
		return found;
	}
}
