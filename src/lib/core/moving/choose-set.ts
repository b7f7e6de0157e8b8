import type { Region } from '../discomfort';
import type { BreakKind } from './rhythm';
import { EXERCISE, EXERCISES, secondsOf, type Exercise, type ExerciseId, type Position } from './exercise';

/** How bad a region is, from which on nothing that works on it is offered. Common practice: pain is no thing to stretch through. */
export const TOO_BAD = 7;

/** An exercise is not offered again within so long, min. */
export const NO_REPEAT_MIN = 120;

/** Whom a break is for. */
export interface Bodily {
	/** What hurts, with the worst of the last days, 0 to 10. */
	readonly worst: Readonly<Partial<Record<Region, number>>>;
	/** Regions with a sign that wants a professional. */
	readonly signs: readonly Region[];
	/** A sign that names no region: nothing that pulls at anything is offered until a professional has been asked. */
	readonly hasOtherSign: boolean;
	readonly isInWheelchair: boolean;
	/** Exercises that hurt when they were tried: not offered again. */
	readonly dropped: readonly ExerciseId[];
}

/** What a set is chosen for. */
export interface SetQuestion {
	readonly kind: BreakKind;
	/** How long the break is, s. */
	readonly seconds: number;
	readonly body: Bodily;
	/** There is a doorway, or a chair that can't roll: positions that can be taken. */
	readonly positions: readonly Position[];
	/** Minutes since each exercise was done last; absent where it was not today. */
	readonly sinceMin: Readonly<Partial<Record<ExerciseId, number>>>;
}

/** Why nothing is pulled at. */
export type HeldBack = 'sign' | 'too-bad';

/** The exercises of a break, in the order in which they are done. */
export interface ExerciseSet {
	readonly exercises: readonly ExerciseId[];
	readonly seconds: number;
	/** Regions that hurt and that no exercise is offered for, with why. */
	readonly heldBack: readonly { readonly region: Region | null; readonly why: HeldBack }[];
}

/** What each kind of break is made of. */
const OF_KIND: Readonly<Record<BreakKind, readonly ExerciseId[]>> = {
	eyes: ['far-look'],
	shift: ['weight-shift', 'palms-out', 'chest-open'],
	micro: ['palms-out', 'chest-open', 'chin-back', 'neck-side', 'forearm', 'thumbs'],
	up: EXERCISES.filter((id) => id !== 'far-look')
};

const isFit = (exercise: Exercise, { body, positions }: SetQuestion): boolean =>
	!body.dropped.includes(exercise.id) &&
	exercise.positions.some((position) => positions.includes(position)) &&
	(body.isInWheelchair ? exercise.fitsWheelchair : exercise.id !== 'weight-shift') &&
	!(body.hasOtherSign && exercise.loads.length > 0) &&
	!exercise.loads.some((region) => (body.worst[region] ?? 0) >= TOO_BAD || body.signs.includes(region));

const isFresh = (id: ExerciseId, { sinceMin }: SetQuestion): boolean =>
	(sinceMin[id] ?? Infinity) >= NO_REPEAT_MIN || id === 'far-look' || id === 'walk' || id === 'weight-shift';

/** How much a set is worth: what hurts first, then how many regions it moves, then how long it was not done. */
function worthOf(set: readonly Exercise[], { body, sinceMin }: SetQuestion): readonly number[] {
	const regions = new Set(set.flatMap((exercise) => exercise.regions));
	const soothed = [...regions].reduce((sum, region) => sum + (body.worst[region] ?? 0), 0);
	const rested = set.reduce((sum, { id }) => sum + Math.min(sinceMin[id] ?? 24 * 60, 24 * 60), 0);
	return [soothed, regions.size, rested];
}

const isBetter = (a: readonly number[], b: readonly number[]): boolean => {
	const at = a.findIndex((value, i) => value !== b[i]);
	return at >= 0 && (a[at] ?? 0) > (b[at] ?? 0);
};

/** Regions that two neighbours share: a set alternates, so that what was just pulled at rests. */
const shared = (a: Exercise, b: Exercise) =>
	a.regions.filter((region) => b.regions.includes(region)).length +
	(a.positions[0] === b.positions[0] ? 0 : 0.5);

/** The order with the least that neighbours share, a walk first: who gets up goes. Every order is tried; sets are small. */
function alternated(set: readonly Exercise[]): readonly Exercise[] {
	let best = { order: set, cost: Infinity };
	const place = (done: readonly Exercise[], left: readonly Exercise[], cost: number) => {
		if (cost >= best.cost) return;
		if (left.length === 0) best = { order: done, cost };
		for (const one of left) {
			if (one.id !== 'walk' && left.some(({ id }) => id === 'walk')) continue;
			const last = done.at(-1);
			place(
				[...done, one],
				left.filter((other) => other !== one),
				cost + (last ? shared(last, one) : 0)
			);
		}
	};
	place([], set, 0);
	return best.order;
}

/** Exercises in one break at most: more is a lesson and no break. Ours. */
const MOST_IN_A_SET = 5;

/**
 * The set of a break, chosen exactly: of all sets that fit the seconds, the one that is for most of what hurts, moves most of the body and
 * was longest not done; nothing that was done within two hours, nothing that pulls at what is bad or has a sign.
 *
 * Cost: every subset of at most a dozen exercises.
 */
export function chooseSet(question: SetQuestion): ExerciseSet {
	const { kind, seconds, body } = question;
	const fit = OF_KIND[kind].map((id) => EXERCISE[id]).filter((exercise) => isFit(exercise, question));
	const open = fit.filter(({ id }) => isFresh(id, question));
	// A break has something to do in it: a walk is always begun with, where it is one for getting up.
	const first = kind === 'up' ? open.filter(({ id }) => id === 'walk') : [];
	const others = open.filter((exercise) => !first.includes(exercise));
	let best: { set: readonly Exercise[]; worth: readonly number[] } = {
		set: first,
		worth: worthOf(first, question)
	};
	const take = (at: number, set: readonly Exercise[], left: number) => {
		const worth = worthOf(set, question);
		if (isBetter(worth, best.worth)) best = { set, worth };
		if (set.length >= MOST_IN_A_SET) return;
		for (let i = at; i < others.length; i += 1) {
			const one = others[i];
			if (one && secondsOf(one) <= left) take(i + 1, [...set, one], left - secondsOf(one));
		}
	};
	take(0, first, seconds - first.reduce((sum, one) => sum + secondsOf(one), 0));
	const set = alternated(best.set);
	return {
		exercises: set.map(({ id }) => id),
		seconds: set.reduce((sum, one) => sum + secondsOf(one), 0),
		heldBack: heldBack(body)
	};
}

/** What nothing is offered for, and why: said, so that nobody thinks it was forgotten. */
function heldBack(body: Bodily): ExerciseSet['heldBack'] {
	if (body.hasOtherSign) return [{ region: null, why: 'sign' }];
	const signs = body.signs.map((region) => ({ region, why: 'sign' as const }));
	const bad = (Object.keys(body.worst) as Region[])
		.filter((region) => (body.worst[region] ?? 0) >= TOO_BAD && !body.signs.includes(region))
		.map((region) => ({ region, why: 'too-bad' as const }));
	return [...signs, ...bad];
}
