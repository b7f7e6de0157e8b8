import { DomainError } from '../domain-error';

/** Streams that one link or one account has open in this process at most. Our assumption: far above the windows that someone has open. */
export const MAX_STREAMS = { link: 12, account: 40 } as const;

/** Who follows something: a link or an account, by its id. */
export type StreamOwner = `link:${string}` | `account:${string}`;

/** Counts the streams that are open, so that nobody takes the connections and the reading of everybody else. */
export class OpenStreams {
	readonly #open = new Map<StreamOwner, number>();

	/** How many there are. */
	get size(): number {
		return [...this.#open.values()].reduce((sum, n) => sum + n, 0);
	}

	/**
	 * Counts one more.
	 *
	 * @returns to be called once, as it ends
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
