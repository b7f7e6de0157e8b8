import type { CheckId } from '../../workstation/checks/check-values';
import type { PurchaseId } from '../purchases';
import type { PurchaseOffer } from './purchase-offers';

/** A person with a height problem that a purchase would fix and household items can't. */
export interface PersonInNeed {
	readonly personId: string;
	/** Their worst discomfort score, 0 to 10; 0 where none was reported. */
	readonly worst: number;
	/** The purchases worked out for their workstation, each with the misfit it removes. */
	readonly offers: readonly PurchaseOffer[];
}

/** What could be bought for many people, in columns: a quarter of a million as objects would take longer to make than to solve. */
export interface Needs {
	readonly personIds: readonly string[];
	/** By person. */
	readonly worst: Uint8Array;
	/** By person: where their offers begin; one more at the end. */
	readonly starts: Int32Array;
	/** By offer: which of {@link sets}, which of {@link closings}, and the misfit it removes. */
	readonly set: Uint16Array;
	readonly closing: Uint16Array;
	readonly savesW: Float64Array;
	/** Every set of items, and every list of checks that one closes. */
	readonly sets: readonly (readonly PurchaseId[])[];
	readonly closings: readonly (readonly CheckId[])[];
}

/** Between the items, the checks and the offers of one person; none of them occurs in a name. */
const THINGS_JOINED = '+';
const CHECKS_JOINED = ',';
const OFFERS_JOINED = ';';

/** A person's offers as they are stored: misfit, items and checks of each, apart by blanks. {@link readNeeds} reads them. */
export const writeOffers = (offers: readonly PurchaseOffer[]): string =>
	offers
		.map(({ things, closes, savesW }) =>
			[savesW, things.join(THINGS_JOINED), closes.join(CHECKS_JOINED)].join(' ')
		)
		.join(OFFERS_JOINED);

/** The place of each word in a list that grows with new ones. */
function numbered() {
	const words: string[] = [];
	const places = new Map<string, number>();
	return {
		words,
		placeOf(word: string): number {
			const known = places.get(word);
			if (known !== undefined) return known;
			places.set(word, words.length);
			return words.push(word) - 1;
		}
	};
}

const parts = <T extends string>(word: string, by: string) => (word === '' ? [] : word.split(by)) as T[];

/** The kinds of offers in a list that grows: most of the offers have one of a few hundred, so that one look-up gives items and checks. */
class OfferKinds {
	private readonly kinds = numbered();
	readonly sets = numbered();
	readonly closings = numbered();
	/** By kind: which set of items, and which list of checks. */
	readonly set: number[] = [];
	readonly closing: number[] = [];

	/** @param words items and checks, as {@link writeOffers} joins them */
	of(words: string): number {
		const kind = this.kinds.placeOf(words);
		if (kind < this.set.length) return kind;
		const [things = '', checks = ''] = words.split(' ');
		this.set.push(this.sets.placeOf(things));
		this.closing.push(this.closings.placeOf(checks));
		return kind;
	}

	hasAny(kind: number, things: readonly string[]): boolean {
		const words = this.sets.words[this.set[kind] ?? 0] ?? '';
		return words.split(THINGS_JOINED).some((thing) => things.includes(thing));
	}
}

/** What is left out of needs that are read. */
export interface LeftOut {
	/** People who wait for an item already. */
	readonly waiting: ReadonlySet<string>;
	/** By person: items that were declined. */
	readonly declined: ReadonlyMap<string, readonly string[]>;
}

/**
 * Needs as the database writes them: a line for each person with their id, worst score and offers ({@link writeOffers}), apart by blanks.
 * @returns with how many people were left out because they wait
 */
export function readNeeds(text: string, { waiting, declined }: LeftOut): { needs: Needs; waiting: number } {
	const kinds = new OfferKinds();
	const personIds: string[] = [];
	const [worst, starts]: [number[], number[]] = [[], [0]];
	const [set, closing, savesW]: [number[], number[], number[]] = [[], [], []];
	let waits = 0;
	/** Reads the offer that ends there. */
	const readOffer = (from: number, end: number, no: readonly string[] | undefined) => {
		const first = text.indexOf(' ', from);
		const kind = kinds.of(text.slice(first + 1, end));
		if (no && kinds.hasAny(kind, no)) return;
		savesW.push(Number(text.slice(from, first)));
		set.push(kinds.set[kind] ?? 0);
		closing.push(kinds.closing[kind] ?? 0);
	};
	/** The next mark, or where the line ends. */
	const endAt = (mark: string, from: number, end: number) => {
		const found = text.indexOf(mark, from);
		return found < 0 || found > end ? end : found;
	};
	let from = 0;
	while (from < text.length) {
		const end = endAt('\n', from, text.length);
		const afterId = text.indexOf(' ', from);
		const afterWorst = text.indexOf(' ', afterId + 1);
		const personId = text.slice(from, afterId);
		from = end + 1;
		if (waiting.has(personId)) {
			waits += 1;
			continue;
		}
		const no = declined.get(personId);
		let at = afterWorst + 1;
		while (at < end) {
			const next = endAt(OFFERS_JOINED, at, end);
			readOffer(at, next, no);
			at = next + 1;
		}
		if (set.length === starts.at(-1)) continue;
		personIds.push(personId);
		worst.push(Number(text.slice(afterId + 1, afterWorst)));
		starts.push(set.length);
	}
	const needs = {
		personIds,
		worst: Uint8Array.from(worst),
		starts: Int32Array.from(starts),
		set: Uint16Array.from(set),
		closing: Uint16Array.from(closing),
		savesW: Float64Array.from(savesW),
		sets: kinds.sets.words.map((word) => parts<PurchaseId>(word, THINGS_JOINED)),
		closings: kinds.closings.words.map((word) => parts<CheckId>(word, CHECKS_JOINED))
	};
	return { needs, waiting: waits };
}
