import { describe, expect, it } from 'vitest';
import { CellsOfBefore, changesOfDimension } from './cells-before';
import { bothChanges, hidesEnough } from './changed-cells';
import { closingTables } from './closing-table';
import { figureTable, type CodeRule } from './figures';
import { MIN_CLOSING_GROUP_SIZE, publishedGroups } from './group-size-limit';
import { changesByGroup, peopleToRenew, type ChangedPerson } from './people-to-renew';
import { inferableSums } from './inferable-sums';

const RULES: readonly CodeRule[] = [{ code: 'sore', among: '' }];

/** Someone who answered anew in one team. */
const anew = (team: string, ...codes: string[]): ChangedPerson => ({
	before: { groups: [team], codes: ['in'] },
	after: { groups: [team], codes: ['in', ...codes] }
});

const times = (n: number, person: ChangedPerson): ChangedPerson[] => Array.from({ length: n }, () => person);

describe('who is renewed at a closing', () => {
	it('is everyone in groups of which at least five change, and nobody else', () => {
		const changed = [...times(6, anew('Law')), ...times(4, anew('Press'))];
		expect([...peopleToRenew(changed)]).toEqual([0, 1, 2, 3, 4, 5]);
	});

	it('is nobody where leaving some out leaves too few of others: a move counts in both teams', () => {
		const moved: ChangedPerson = {
			before: { groups: ['Law'], codes: ['in'] },
			after: { groups: ['Press'], codes: ['in'] }
		};
		// Press has one change, so the move waits; then Law has four, and they wait too.
		expect(peopleToRenew([...times(4, anew('Law')), moved]).size).toBe(0);
		expect(peopleToRenew([...times(5, anew('Law')), moved]).size).toBe(5);
	});

	it('may be people who join or leave, together with as many', () => {
		const joined: ChangedPerson = { before: null, after: { groups: ['Law'], codes: ['in'] } };
		const left: ChangedPerson = { before: { groups: ['Law'], codes: ['in'] }, after: null };
		expect(peopleToRenew([...times(3, joined), ...times(2, left)]).size).toBe(5);
		expect(peopleToRenew([...times(3, joined), left]).size).toBe(0);
		expect(peopleToRenew([]).size).toBe(0);
	});
});

describe('changes by group', () => {
	it('are the same however many people are counted at once', () => {
		const moved = (from: string, to: string, code: string): ChangedPerson => ({
			before: { groups: [from, 'GB'], codes: ['in', code] },
			after: { groups: [to, 'GB'], codes: ['in'] }
		});
		const names = ['Law', 'Press', 'Sales'] as const;
		const changed = Array.from({ length: 40 }, (_, i) =>
			moved(names[i % 3] ?? '', names[(i * 7) % 3] ?? '', `code-${i % 4}`)
		);
		const whole = changesByGroup(changed, changed.keys());
		const counted: ReturnType<typeof changesByGroup> = [];
		for (let i = 0; i < changed.length; i += 7)
			changesByGroup(changed, [...changed.keys()].slice(i, i + 7), counted);
		expect(counted).toEqual(whole);
		expect(whole[0]?.get('')?.people.size).toBe(40);
	});
});

describe('the difference of two figures', () => {
	const change = (before: number, after: number, by: number) => ({ before, after, by, isExact: true });

	it('leaves open what people answered where many had answered before', () => {
		expect(hidesEnough(change(8, 8, 1))).toBe(true);
		expect(hidesEnough(change(40, 45, -3))).toBe(true);
	});

	it('tells what those who joined answered, which is open only where it could be published by itself', () => {
		expect(hidesEnough(change(0, 6, 2))).toBe(false);
		expect(hidesEnough(change(0, 6, 0))).toBe(false);
		expect(hidesEnough(change(0, 20, 8))).toBe(true);
		expect(hidesEnough(change(0, 20, 18))).toBe(false);
	});

	it('tells that all of them changed, where it is as large as they are many', () => {
		expect(hidesEnough(change(5, 5, 5))).toBe(false);
		expect(hidesEnough(change(5, 5, -4))).toBe(false);
	});

	it('over two steps rests on no more people than surely changed', () => {
		const both = bothChanges(change(0, 6, 2), change(9, 9, 1));
		expect(both).toEqual({ before: 3, after: 9, by: 3, isExact: false });
		expect(hidesEnough(both)).toBe(false);
		expect(hidesEnough(bothChanges(change(0, 0, 0), change(8, 8, 1)))).toBe(true);
	});
});

describe('sums of hidden figures', () => {
	it('tell one by the difference of two', () => {
		expect(inferableSums([['a', 'b', 'c']]).size).toBe(0);
		expect([
			...inferableSums([
				['a', 'b', 'c'],
				['b', 'c']
			])
		]).toEqual(['a']);
		expect(
			[
				...inferableSums([
					['a', 'b'],
					['b', 'c'],
					['a', 'c']
				])
			].sort()
		).toEqual(['a', 'b', 'c']);
		expect(
			inferableSums([
				['a', 'b'],
				['c', 'd'],
				['a', 'b', 'c', 'd']
			]).size
		).toBe(0);
	});
});

describe('figures of a closing', () => {
	it('are of groups of fifteen or more; a smaller one is part of the total, with another to hide it', () => {
		const { all, groups } = publishedGroups([40, 30, 14, 0], MIN_CLOSING_GROUP_SIZE);
		expect([all, ...groups]).toEqual([true, true, false, false, true]);
		expect(publishedGroups([40, 30, 8, 9], MIN_CLOSING_GROUP_SIZE).groups).toEqual([
			true,
			true,
			false,
			false
		]);
	});

	const tally = (sore: readonly number[]) => ({
		groups: ['Law', 'Press', 'Sales'],
		people: [40, 40, 40],
		counts: { sore: [...sore] }
	});

	/** The next closing after one that showed or hid some teams, while some people changed. */
	const next = (first: readonly number[], second: readonly number[], changed: readonly ChangedPerson[]) => {
		const before = figureTable(tally(first), RULES, () => null);
		const changes = changesByGroup(changed, changed.keys());
		const cells = new CellsOfBefore(
			{ table: before, pending: [] },
			changesOfDimension(changes, 1),
			RULES,
			'in'
		);
		const [made] = closingTables([
			{
				tally: tally(second),
				rules: RULES,
				cells,
				sums: { sore: [['Sales@1', 'Press@1']] },
				versionOf: (group) => (changes[1]?.has(group) ? '2' : '1')
			}
		]);
		return { before: before.figures[0]?.groups.map((one) => one?.x ?? null), after: made?.table.figures[0] };
	};

	it('keep hidden what was hidden and has not changed: shown now, it would be known of then', () => {
		// Sales has 3, so Press is hidden with it; then Sales has 12, and Press could be shown.
		const { before, after } = next(
			[20, 15, 3],
			[20, 15, 12],
			[...times(9, anew('Sales', 'sore')), ...times(6, anew('Sales'))]
		);
		expect(before).toEqual([20, null, null]);
		expect(after?.groups[1]).toBeNull();
		// With Press alone hidden, it would follow from the total: another team is hidden beside it, or the total.
		const shown = after?.groups.filter((one) => one !== null).length ?? 0;
		expect(after?.all === null || shown <= 1).toBe(true);
	});

	it('wait where the difference would tell what the few who changed answered', () => {
		const all = times(5, anew('Law', 'sore'));
		const { before, after } = next([10, 15, 20], [15, 15, 20], all);
		expect(before).toEqual([10, 15, 20]);
		expect(after?.groups[0]).toBeNull();
		const some = [...times(5, anew('Law')), ...times(2, anew('Law', 'sore'))];
		expect(next([10, 15, 20], [12, 15, 20], some).after?.groups[0]?.x).toBe(12);
	});
});
