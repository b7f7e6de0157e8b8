import type { MinuteSpan } from './place-breaks';

/** A place where someone can work. */
export interface WorkPlace {
	/** Its number among the person's workstations, from 1. */
	readonly number: number;
	readonly posture: 'sitting' | 'standing';
}

/** Work spans with their places. */
export interface PlaceSchedule {
	readonly work: readonly (MinuteSpan & { readonly place: WorkPlace })[];
	/** Share of the work done standing, 0 to 1; null without a place to stand. */
	readonly standingShare: number | null;
}

const lengthOf = ({ from, to }: MinuteSpan) => to - from;

/**
 * Longest stretch of standing asked of anyone, and nobody is asked to begin the day standing, min: standing still is as bad as sitting
 * still. Our assumption.
 */
const MAX_STANDING_MIN = 60;

/** How a sum of minutes was reached: with how many changes, and from which previous key. */
interface Step {
	readonly changes: number;
	readonly before: number;
}

/**
 * Which work spans are done standing: a share as close to the wanted one as possible, with as few changes as possible. Every reachable sum
 * of minutes is kept, by the key `2 * minutes + whether the last span is standing`, so this is exact. Cost: spans times minutes of the day.
 */
function stoodThrough(stretches: readonly MinuteSpan[], share: number): readonly boolean[] {
	const total = stretches.reduce((sum, one) => sum + lengthOf(one), 0);
	const layers: ReadonlyMap<number, Step>[] = [new Map([[0, { changes: 0, before: 0 }]])];
	for (const [i, stretch] of stretches.entries()) {
		const mayStand = i > 0 && lengthOf(stretch) <= MAX_STANDING_MIN;
		const further = new Map<number, Step>();
		for (const [key, { changes }] of layers[i] ?? []) {
			const offer = (next: number, isChange: boolean) => {
				const all = changes + (isChange ? 1 : 0);
				if (all < (further.get(next)?.changes ?? Infinity)) further.set(next, { changes: all, before: key });
			};
			const stoodLast = (key & 1) === 1;
			offer(key & ~1, stoodLast);
			if (mayStand) offer((key & ~1) + 2 * lengthOf(stretch) + 1, !stoodLast);
		}
		layers.push(further);
	}
	const distance = (key: number) => Math.abs((key >> 1) - share * total);
	let [key] = [...(layers.at(-1) ?? [])].reduce(([a, x], [b, y]) =>
		distance(b) < distance(a) || (distance(b) === distance(a) && y.changes < x.changes) ? [b, y] : [a, x]
	);
	const stood: boolean[] = [];
	for (let i = stretches.length; i > 0; i -= 1) {
		stood.unshift((key & 1) === 1);
		key = layers[i]?.get(key)?.before ?? 0;
	}
	return stood;
}

/**
 * Gives each work span a place. Without a wanted share, the place changes at every break: what counts is to keep moving.
 * @param places the usual place first; at least one
 * @param share of the work to be done standing, 0 to 1; null for no particular share
 */
export function schedulePlaces(
	stretches: readonly MinuteSpan[],
	places: readonly WorkPlace[],
	share: number | null
): PlaceSchedule {
	const [sits, stands] = [
		places.filter(({ posture }) => posture === 'sitting'),
		places.filter(({ posture }) => posture === 'standing')
	];
	const usual: WorkPlace = places[0] ?? { number: 1, posture: 'sitting' };
	const stood =
		stands.length === 0 || sits.length === 0
			? null
			: share === null
				? stretches.map((one, i) => i % 2 === 1 && lengthOf(one) <= MAX_STANDING_MIN)
				: stretches.length > 0
					? stoodThrough(stretches, share)
					: [];
	let turn = 0;
	const work = stretches.map((one, i) => {
		if (!stood) return { ...one, place: places[i % Math.max(places.length, 1)] ?? usual };
		const among = stood[i] ? stands : sits;
		// Several places of one posture take turns.
		if (!stood[i]) turn += 1;
		return { ...one, place: among[(stood[i] ? i : turn - 1) % among.length] ?? usual };
	});
	const total = work.reduce((sum, one) => sum + lengthOf(one), 0);
	const standing = work.reduce((sum, one) => sum + (one.place.posture === 'standing' ? lengthOf(one) : 0), 0);
	return { work, standingShare: stands.length === 0 || total === 0 ? null : standing / total };
}
