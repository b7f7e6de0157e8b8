import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../../tests/support/random-corner';
import type { Corner } from '../../workstation/corner/corner';
import type { Plan } from '../plan-corner';
import { adviseCorner, summarizeAdvice } from './advise-corner';
import { orderEqualPlans, type KeptCounts } from './order-equal-plans';
import { planOffers } from './plan-offers';

/** A laptop alone on a table, with piles of two kinds that reach the same height. */
function withTwoKinds(): {
	corner: Corner;
	first: Plan;
	other: Plan;
	advice: ReturnType<typeof summarizeAdvice>;
} {
	for (let seed = 0; seed < 200; seed += 1) {
		const from = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
		const corner: Corner = {
			...from,
			household: [
				{ id: 't0', kind: 'book', label: 'Atlas', size: [320, 240, 60] },
				{ id: 't1', kind: 'board-game', label: 'Game', size: [320, 240, 60] }
			]
		};
		const advice = summarizeAdvice(adviseCorner(corner));
		const [first, other] = advice.plans;
		const isOneEach = [first, other].every((plan) => plan?.cost.pieces === 1);
		if (first && other && isOneEach && first.cost.W === other.cost.W && advice.ladder.length > 0)
			return { corner, first, other, advice };
	}
	throw new Error('no corner with two equal plans');
}

const itemOf = ({ stations }: Plan) => Object.values(stations).flatMap(({ pieces }) => pieces)[0]?.id;
const kindOf = (corner: Corner, plan: Plan) =>
	corner.household.find(({ id }) => id === itemOf(plan))?.kind ?? 'book';
const stationOf = ({ stations }: Plan) =>
	Object.entries(stations).find(([, { pieces }]) => pieces.length > 0)?.[0] ?? '';

describe('plans that are equally good', () => {
	const { corner, first, other, advice } = withTwoKinds();
	const what = (plan: Plan) => `${stationOf(plan)}:${kindOf(corner, plan)}`;
	const counts = (better: Plan, worse: Plan): KeptCounts =>
		new Map([
			[what(better), { kept: 58, asked: 60 }],
			[what(worse), { kept: 12, asked: 60 }]
		]);

	it('come in the order in which colleagues have kept them', () => {
		expect(what(first)).not.toBe(what(other));
		const changed = orderEqualPlans(corner, advice, counts(other, first), null);
		expect(planOffers(corner, changed)[0]?.plan).toEqual(other);
		expect(changed.plans).toHaveLength(advice.plans.length);
		expect(planOffers(corner, changed).map(({ plan }) => plan)).toContainEqual(first);
		expect(orderEqualPlans(corner, advice, counts(first, other), null)).toBe(advice);
	});

	it('stay as they are without counts, and where the plan in use is one of them', () => {
		expect(orderEqualPlans(corner, advice, new Map(), null)).toBe(advice);
		expect(orderEqualPlans(corner, advice, counts(other, first), first)).toBe(advice);
		const kept = orderEqualPlans(corner, advice, counts(first, other), other);
		expect(planOffers(corner, kept)[0]?.plan).toEqual(other);
	});

	it('are not decided by a handful of people', () => {
		const few: KeptCounts = new Map([
			[what(first), { kept: 4, asked: 5 }],
			['screen:ream', { kept: 300, asked: 400 }]
		]);
		expect(orderEqualPlans(corner, advice, few, null)).toBe(advice);
	});

	it('never let a worse one come first', () => {
		for (let seed = 0; seed < 25; seed += 1) {
			const any = randomCorner(seed, { rigid: 5, soft: 2, span: 60 });
			const all = summarizeAdvice(adviseCorner(any));
			const against: KeptCounts = new Map(
				(all.plans[0] ? Object.entries(all.plans[0].stations) : []).flatMap(([station, { pieces }]) =>
					pieces.map(({ id }) => [
						`${station}:${any.household.find((item) => item.id === id.split('#')[0])?.kind ?? ''}`,
						{ kept: 0, asked: 500 }
					])
				)
			);
			const changed = orderEqualPlans(any, all, against, null);
			const [was, is] = [planOffers(any, all)[0]?.plan, planOffers(any, changed)[0]?.plan];
			expect(is?.cost.pieces).toBe(was?.cost.pieces);
			expect(Math.abs((is?.cost.W ?? 0) - (was?.cost.W ?? 0))).toBeLessThan(300);
			expect(is?.after.map(({ verdict }) => verdict)).toEqual(was?.after.map(({ verdict }) => verdict));
			expect(changed.plans).toHaveLength(all.plans.length);
		}
	});
});
