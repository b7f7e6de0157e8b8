import type { CheckId } from '../checks';
import type { PurchaseId } from '../plan';
import type { PurchaseOffer } from './purchase-offers';

/** A person for whom a purchase would close what household items leave open. */
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

/** Several items or checks as one word. */
const THINGS_JOINED = '+';
const CHECKS_JOINED = ',';

/** An offer as it is stored: its items and its checks as a word each. */
export interface WrittenOffer {
	readonly things: string;
	readonly closes: string;
	readonly savesW: number;
}

/** An offer as it is stored; {@link readNeeds} reads lines of them. */
export const writeOffer = ({ things, closes, savesW }: PurchaseOffer): WrittenOffer => ({
	things: things.join(THINGS_JOINED),
	closes: closes.join(CHECKS_JOINED),
	savesW
});

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

/** Offers being brought into columns, in any order. */
function columnsOf(lines: Iterable<readonly [personId: string, worst: number, offer: WrittenOffer]>): Needs {
	const [people, sets, closings] = [numbered(), numbered(), numbered()];
	const of: number[] = [];
	const worstOf: number[] = [];
	const offers: { readonly set: number; readonly closing: number; readonly savesW: number }[] = [];
	let [last, person] = ['', -1];
	for (const [personId, worst, { things, closes, savesW }] of lines) {
		// Those of one person are together as a rule, which saves looking for them.
		if (personId !== last || person < 0) [last, person] = [personId, people.placeOf(personId)];
		worstOf[person] = worst;
		of.push(person);
		offers.push({ set: sets.placeOf(things), closing: closings.placeOf(closes), savesW });
	}
	const n = offers.length;
	const starts = new Int32Array(people.words.length + 1);
	for (const person of of) starts[person + 1] = (starts[person + 1] ?? 0) + 1;
	for (let i = 1; i < starts.length; i += 1) starts[i] = (starts[i] ?? 0) + (starts[i - 1] ?? 0);
	const next = starts.slice();
	const columns = { set: new Uint16Array(n), closing: new Uint16Array(n), savesW: new Float64Array(n) };
	offers.forEach(({ set, closing, savesW }, k) => {
		const person = of[k] ?? 0;
		const at = next[person] ?? 0;
		next[person] = at + 1;
		columns.set[at] = set;
		columns.closing[at] = closing;
		columns.savesW[at] = savesW;
	});
	return {
		personIds: people.words,
		worst: Uint8Array.from(worstOf),
		starts,
		...columns,
		sets: sets.words.map((word) => parts<PurchaseId>(word, THINGS_JOINED)),
		closings: closings.words.map((word) => parts<CheckId>(word, CHECKS_JOINED))
	};
}

/** Needs from people one by one. */
export const needsOf = (people: readonly PersonInNeed[]): Needs =>
	columnsOf(
		people.flatMap(({ personId, worst, offers }) =>
			offers.map((offer) => [personId, worst, writeOffer(offer)] as const)
		)
	);

/** What is left out of needs that are read. */
export interface LeftOut {
	/** People who wait for an item already. */
	readonly waiting: ReadonlySet<string>;
	/** By person: items that were declined. */
	readonly declined: ReadonlyMap<string, readonly string[]>;
}

/**
 * Needs as the database writes them: a line for each offer with person, worst score, misfit, items and checks, apart by blanks.
 * @returns with how many people were left out because they wait
 */
export function readNeeds(text: string, { waiting, declined }: LeftOut): { needs: Needs; waiting: number } {
	const waits = new Set<string>();
	function* lines() {
		for (let from = 0; from < text.length;) {
			const end = text.indexOf('\n', from);
			const line = text.slice(from, end < 0 ? text.length : end);
			from = end < 0 ? text.length : end + 1;
			const [personId = '', worst, savesW, things = '', closes = ''] = line.split(' ');
			if (waiting.has(personId)) {
				waits.add(personId);
				continue;
			}
			const no = declined.get(personId);
			if (no && things.split(THINGS_JOINED).some((thing) => no.includes(thing))) continue;
			yield [personId, Number(worst), { things, closes, savesW: Number(savesW) }] as const;
		}
	}
	const needs = columnsOf(lines());
	return { needs, waiting: waits.size };
}
