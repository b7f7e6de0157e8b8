import type { WorkingArms, Precaution } from '../workstation/corner/vocabulary';
import type { Region } from '../cases/discomfort/regions';
import type { BreakKind } from './break-schedules';
import {
	EXERCISE_RULES,
	EXERCISES,
	exerciseSeconds,
	PAIN_LIMIT,
	type Exercise,
	type ExerciseId,
	type ExercisePosition
} from './exercise';

/** An exercise is not offered again within this time, min. */
export const NO_REPEAT_MIN = 120;

/** The body condition of the person a break is for. */
export interface BodyCondition {
	/** Where it hurts, with the worst intensity of the last days, 0 to 10. */
	readonly worst: Readonly<Partial<Record<Region, number>>>;
	/** Regions with a warning sign that calls for a professional. */
	readonly signs: readonly Region[];
	/** A warning sign that names no region: nothing that strains any region is offered until a professional has been asked. */
	readonly hasOtherSign: boolean;
	/** An urgent warning sign: no exercise on one's feet either. */
	readonly hasUrgentSign: boolean;
	readonly isInWheelchair: boolean;
	readonly care: readonly Precaution[];
	readonly arms: WorkingArms;
	/** Exercises that hurt when tried: not offered again. */
	readonly dropped: readonly ExerciseId[];
}

/** What a set of exercises is chosen for. */
export interface ExerciseSetRequest {
	readonly kind: BreakKind;
	/** Length of the break, s. */
	readonly seconds: number;
	readonly body: BodyCondition;
	/** Positions possible here, given for example a doorway or a chair that can't roll. */
	readonly positions: readonly ExercisePosition[];
	/** Minutes since each exercise was last done; absent if not done today. */
	readonly sinceMin: Readonly<Partial<Record<ExerciseId, number>>>;
}

/** Why no stretch is offered. */
type StretchRestriction = 'urgent' | 'sign' | 'surgery' | 'too-bad';

/** The exercises of a break, in order. */
export interface ExerciseSet {
	readonly exercises: readonly ExerciseId[];
	readonly seconds: number;
	/** Regions with discomfort for which no exercise is offered, with the reason; null for the whole body. */
	readonly heldBack: readonly { readonly region: Region | null; readonly why: StretchRestriction }[];
}

/** Exercises that make up a kind of break alone. */
const BY_THEMSELVES: readonly ExerciseId[] = ['change', 'stand-up'];

/** Exercises that open chest and hands in half a minute. */
const OPENING: readonly ExerciseId[] = ['palms-out', 'chest-open', 'shoulder-rolls', 'neck-side'];

/** The exercises each kind of break draws from. */
const OF_KIND: Readonly<Record<BreakKind, readonly ExerciseId[]>> = {
	eyes: ['far-look'],
	shift: ['change'],
	stand: [...BY_THEMSELVES, ...OPENING],
	micro: OPENING,
	up: EXERCISES.filter((id) => !BY_THEMSELVES.includes(id))
};

/** What a break begins with: the first of these that is possible. Whoever gets up walks; whoever can't shifts their weight. */
const BEGINS: Readonly<Partial<Record<BreakKind, readonly ExerciseId[]>>> = {
	up: ['stairs', 'walk', 'weight-shift'],
	stand: ['stand-up', 'change']
};

/** Whether all exercises that strain a region are withheld from someone. */
const isHeldBack = ({ hasOtherSign, hasUrgentSign, care }: BodyCondition) =>
	hasOtherSign || hasUrgentSign || care.includes('recent-surgery');

/** Whether an exercise suits a body condition, wherever it is done. */
const isForBody = (exercise: Exercise, body: BodyCondition): boolean =>
	!body.dropped.includes(exercise.id) &&
	(!body.isInWheelchair || exercise.fitsWheelchair) &&
	(body.arms === 'both' || !exercise.wantsBothHands) &&
	!exercise.notWith.some((care) => body.care.includes(care)) &&
	!(isHeldBack(body) && exercise.loads.length > 0) &&
	!(body.hasUrgentSign && exercise.isOnFeet) &&
	!exercise.loads.some(
		(region) => (body.worst[region] ?? 0) >= exercise.tooBadFrom || body.signs.includes(region)
	);

const isFit = (exercise: Exercise, { body, positions }: ExerciseSetRequest): boolean =>
	isForBody(exercise, body) && exercise.positions.some((position) => positions.includes(position));

/** Exercises that can be repeated at any time: they move the whole body, or strain nothing. */
const AT_ANY_TIME: readonly ExerciseId[] = ['far-look', 'change', ...Object.values(BEGINS).flat()];

const isFresh = (id: ExerciseId, { sinceMin }: ExerciseSetRequest): boolean =>
	(sinceMin[id] ?? Infinity) >= NO_REPEAT_MIN || AT_ANY_TIME.includes(id);

/**
 * This many exercises of a set are for the discomfort before anything else counts: one is soon forgotten, a third adds little. Our
 * assumption.
 */
const FOR_A_COMPLAINT = 2;

/** How good a set is: first for the discomfort, then by the number of regions it moves, then by the time since it was last done. */
type Worth = readonly [soothed: number, regions: number, restedMin: number];

const isBetter = (a: Worth, b: Worth): boolean => {
	const at = a.findIndex((value, i) => value !== b[i]);
	return at >= 0 && (a[at] ?? 0) > (b[at] ?? 0);
};

/** An exercise counts as not done after this time, min: a day. */
const LONG_AGO_MIN = 24 * 60;

/** A set under construction with its running score: it is updated for each of some ten thousand sets instead of being recounted. */
class GrowingSet {
	private readonly exercises: Exercise[] = [];
	private readonly times = new Map<Region, number>();
	private soothed = 0;
	private restedMin = 0;

	constructor(private readonly question: Pick<ExerciseSetRequest, 'body' | 'sinceMin'>) {}

	get worth(): Worth {
		return [this.soothed, this.times.size, this.restedMin];
	}

	get size(): number {
		return this.exercises.length;
	}

	/** The exercises in it now. */
	taken(): readonly Exercise[] {
		return [...this.exercises];
	}

	add(one: Exercise): void {
		this.exercises.push(one);
		this.count(one, 1);
	}

	/** Removes the last one. */
	drop(): void {
		const last = this.exercises.pop();
		if (last) this.count(last, -1);
	}

	private count({ id, regions }: Exercise, by: 1 | -1): void {
		const { body, sinceMin } = this.question;
		for (const region of regions) {
			const before = this.times.get(region) ?? 0;
			const n = before + by;
			if (n === 0) this.times.delete(region);
			else this.times.set(region, n);
			if (Math.max(n, before) <= FOR_A_COMPLAINT) this.soothed += by * (body.worst[region] ?? 0);
		}
		this.restedMin += by * Math.min(sinceMin[id] ?? LONG_AGO_MIN, LONG_AGO_MIN);
	}
}

/** Regions shared by two neighbours: a set alternates, so that what was just strained can rest. */
const shared = (a: Exercise, b: Exercise) =>
	a.regions.filter((region) => b.regions.includes(region)).length +
	(a.positions[0] === b.positions[0] ? 0 : 0.5);

/** The order in which neighbours share the fewest regions, after what the break begins with. Every order is tried; sets are small. */
function alternated(first: readonly Exercise[], others: readonly Exercise[]): readonly Exercise[] {
	let best = { order: others, cost: Infinity };
	const place = (done: readonly Exercise[], left: readonly Exercise[], cost: number) => {
		if (cost >= best.cost) return;
		if (left.length === 0) best = { order: done, cost };
		for (const one of left) {
			const last = done.at(-1);
			place(
				[...done, one],
				left.filter((other) => other !== one),
				cost + (last ? shared(last, one) : 0)
			);
		}
	};
	place(first, others, 0);
	return best.order;
}

/** Most exercises in one break. Our assumption. */
const MOST_IN_A_SET = 5;

/** Exercises available now: those not done within two hours; for the worst discomfort also a recent one, if there is no other. */
function openNow(fit: readonly Exercise[], question: ExerciseSetRequest): readonly Exercise[] {
	const { worst } = question.body;
	const fresh = fit.filter(({ id }) => isFresh(id, question));
	const sore = fit.flatMap(({ regions }) => regions).filter((region) => (worst[region] ?? 0) > 0);
	const most = sore.reduce<Region | null>(
		(a, b) => (a === null || (worst[b] ?? 0) > (worst[a] ?? 0) ? b : a),
		null
	);
	const isForMost = ({ regions }: Exercise) => most !== null && regions.includes(most);
	if (most === null || fresh.some(isForMost)) return fresh;
	const since = ({ id }: Exercise) => question.sinceMin[id] ?? Infinity;
	const longestAgo = fit.filter(isForMost).sort((a, b) => since(b) - since(a))[0];
	return longestAgo ? [...fresh, longestAgo] : fresh;
}

/**
 * Chooses the exercises of a break exactly: of all sets that fit the time, the one that helps most of the discomfort, moves most of the
 * body and was done least recently. Excludes what was done within two hours (except for the worst discomfort), what strains a painful
 * region or one with a warning sign, and what this person must not do. Cost: every subset of at most five of some twenty exercises.
 */
export function chooseExerciseSet(question: ExerciseSetRequest): ExerciseSet {
	const { kind, seconds, body } = question;
	const fit = OF_KIND[kind].map((id) => EXERCISE_RULES[id]).filter((exercise) => isFit(exercise, question));
	const begins = BEGINS[kind] ?? [];
	const beginning = fit.filter((exercise) => exerciseSeconds(exercise) <= seconds);
	const first = begins.flatMap((id) => beginning.find((exercise) => exercise.id === id) ?? []).slice(0, 1);
	const isWanted = (id: ExerciseId) =>
		!begins.includes(id) && (id !== 'far-look' || kind === 'eyes' || (body.worst.eyes ?? 0) > 0);
	const others = openNow(fit, question).filter(({ id }) => isWanted(id));
	const takes = others.map(exerciseSeconds);
	const set = new GrowingSet(question);
	for (const one of first) set.add(one);
	let best = { set: set.taken(), worth: set.worth };
	const take = (at: number, left: number) => {
		const { worth } = set;
		if (isBetter(worth, best.worth)) best = { set: set.taken(), worth };
		if (set.size >= MOST_IN_A_SET) return;
		for (let i = at; i < others.length; i += 1) {
			const [one, takesS] = [others[i], takes[i] ?? 0];
			if (!one || takesS > left) continue;
			set.add(one);
			take(i + 1, left - takesS);
			set.drop();
		}
	};
	take(0, seconds - first.reduce((sum, one) => sum + exerciseSeconds(one), 0));
	const ordered = alternated(first, best.set.slice(first.length));
	return {
		exercises: ordered.map(({ id }) => id),
		seconds: ordered.reduce((sum, one) => sum + exerciseSeconds(one), 0),
		heldBack: heldBack(body)
	};
}

/** What no exercise is offered for, and why; shown, so that nobody thinks it was forgotten. */
function heldBack(body: BodyCondition): ExerciseSet['heldBack'] {
	if (body.hasUrgentSign) return [{ region: null, why: 'urgent' }];
	if (body.hasOtherSign) return [{ region: null, why: 'sign' }];
	if (body.care.includes('recent-surgery')) return [{ region: null, why: 'surgery' }];
	const signs = body.signs.map((region) => ({ region, why: 'sign' as const }));
	const bad = (Object.keys(body.worst) as Region[])
		.filter((region) => (body.worst[region] ?? 0) >= PAIN_LIMIT && !body.signs.includes(region))
		.map((region) => ({ region, why: 'too-bad' as const }));
	return [...signs, ...bad];
}
