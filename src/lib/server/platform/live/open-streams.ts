import { DomainError } from '../domain-error';

/** Most open streams per link and per account in this process. Our assumption: far above the windows anyone has open. */
export const MAX_STREAMS = { link: 12, account: 40 } as const;

/** Who follows something: a link or an account, by its id. */
export type StreamOwner = `link:${string}` | `account:${string}`;

/** Counts open streams, so that nobody takes everyone else's connections and reads. */
export class OpenStreams {
	readonly #open = new Map<StreamOwner, number>();

	get size(): number {
		return [...this.#open.values()].reduce((sum, n) => sum + n, 0);
	}

	/**
	 * Counts one more.
	 * @returns to be called once, at its end
	 * @throws DomainError `too-many` beyond {@link MAX_STREAMS}
	 */
	open(owner: StreamOwner): () => void {
		const most = owner.startsWith('link:') ? MAX_STREAMS.link : MAX_STREAMS.account;
		const n = this.#open.get(owner) ?? 0;
		if (n >= most) throw new DomainError('too-many', 'tooManyWindows');
		this.#open.set(owner, n + 1);
		return () => {
			const left = (this.#open.get(owner) ?? 1) - 1;
			if (left > 0) this.#open.set(owner, left);
			else this.#open.delete(owner);
		};
	}
}
