import { MIN_GROUP_SIZE } from './group-size-limit';

/** A person as figures count them: their group in each dimension, and what is counted of them. */
export interface CountedState {
	/** Group in each dimension, in the same order for everyone. */
	readonly groups: readonly string[];
	readonly codes: readonly string[];
}

/** Someone whose published state is no longer true: what is published, and what would be; null for none. */
export interface ChangedPerson {
	readonly before: CountedState | null;
	readonly after: CountedState | null;
}

/** The name of the one group of everyone, which is dimension 0. */
export const EVERYONE = '';

/** The people who changed in a group, and how many of them had and have each code. */
export interface GroupChange {
	readonly people: ReadonlySet<number>;
	readonly before: ReadonlyMap<string, number>;
	readonly after: ReadonlyMap<string, number>;
}

interface Counting {
	readonly people: Set<number>;
	readonly before: Map<string, number>;
	readonly after: Map<string, number>;
}

/** Changes by dimension and group; dimension 0 is everyone. */
type ChangesByGroup = Map<string, Counting>[];

/**
 * The changes of some people by dimension and group; dimension 0 is everyone. Cost: people times dimensions times what is counted of a
 * person.
 * @param kept indices of the people
 * @param dimensions to which they are added, where a large workforce is counted in parts; none if left out
 */
export function changesByGroup(
	changed: readonly ChangedPerson[],
	kept: Iterable<number>,
	dimensions: ChangesByGroup = []
): ChangesByGroup {
	const add = (person: number, which: 'before' | 'after', state: CountedState | null | undefined) => {
		for (const [d, group] of state ? [EVERYONE, ...state.groups].entries() : []) {
			const groups = (dimensions[d] ??= new Map());
			const change = groups.get(group) ?? { people: new Set(), before: new Map(), after: new Map() };
			change.people.add(person);
			for (const code of state?.codes ?? []) change[which].set(code, (change[which].get(code) ?? 0) + 1);
			groups.set(group, change);
		}
	};
	for (const person of kept) {
		add(person, 'before', changed[person]?.before);
		add(person, 'after', changed[person]?.after);
	}
	return dimensions;
}

/**
 * The largest set of people whose published state may be renewed together: in every group of every dimension, and among everyone, none of
 * them or at least {@link MIN_GROUP_SIZE} change. Found by leaving out the people of groups in which it isn't so, until nothing changes.
 * Others keep their published state until they can be renewed together. Cost: for each round, people times dimensions; few rounds are
 * needed.
 * @param changed everyone whose published state is no longer true
 * @returns indices of the people to renew
 */
export function peopleToRenew(changed: readonly ChangedPerson[]): Set<number> {
	const kept = new Set(changed.keys());
	const groupsOf = changed.map(({ before, after }) => {
		const [was, is] = [before, after].map((state) => (state ? [EVERYONE, ...state.groups] : []));
		return Array.from({ length: Math.max(was?.length ?? 0, is?.length ?? 0) }, (_, d) => [
			...new Set([was?.[d], is?.[d]].filter((group) => group !== undefined))
		]);
	});
	for (;;) {
		const sizes = new Map<string, number>();
		const keyOf = (d: number, group: string) => `${d} ${group}`;
		for (const person of kept)
			for (const [d, groups] of (groupsOf[person] ?? []).entries())
				for (const group of groups) sizes.set(keyOf(d, group), (sizes.get(keyOf(d, group)) ?? 0) + 1);
		const left = [...kept].filter((person) =>
			(groupsOf[person] ?? []).some((groups, d) =>
				groups.some((group) => (sizes.get(keyOf(d, group)) ?? 0) < MIN_GROUP_SIZE)
			)
		);
		if (left.length === 0) return kept;
		for (const person of left) kept.delete(person);
	}
}
