import type { MinuteSpan } from './place-breaks';

/** A place where someone can work. */
export interface WorkPlace {
	/** Its number among the person's spots, from 1. */
	readonly number: number;
	readonly posture: 'sitting' | 'standing';
}

/** Work at its places. */
export interface PlaceSchedule {
	readonly work: readonly (MinuteSpan & { readonly place: WorkPlace })[];
	/** The share of the work that is done standing, 0 to 1; null without a place to stand. */
	readonly standingShare: number | null;
}

const lengthOf = ({ from, to }: MinuteSpan) => to - from;

/** Nobody is asked to begin with standing, or to stand for longer than so at a stretch, min: standing still is as bad as sitting still. Our assumption. */
export const MAX_STANDING_MIN = 60;

/** How a sum of minutes was come to: with how many changes, and from which key before. */
interface Step {
	readonly changes: number;
	readonly before: number;
}

/**
 * Which stretches are stood through: the share as near to the wanted one as it can be, with as few changes as that
 * takes. Every sum of minutes that can be reached is kept, by a key of `2 * minutes + whether the last stretch is stood through`,
 * so this is exact. Cost: stretches times minutes of the day.
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
 * Gives each stretch of work a place. Without a wanted share the place changes at each getting up: what counts is the moving.
 *
 * @param places the usual one first; at least one
 * @param share of the work that is wanted standing, 0 to 1; null for none in particular
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
		// Of several places of one posture the next each time.
		if (!stood[i]) turn += 1;
		return { ...one, place: among[(stood[i] ? i : turn - 1) % among.length] ?? usual };
	});
	const total = work.reduce((sum, one) => sum + lengthOf(one), 0);
	const standing = work.reduce((sum, one) => sum + (one.place.posture === 'standing' ? lengthOf(one) : 0), 0);
	return { work, standingShare: stands.length === 0 || total === 0 ? null : standing / total };
}
