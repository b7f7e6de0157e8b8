import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../tests/support/random-corner';
import { casesOf } from '../../../../tests/support/rotation';
import type { Corner } from '../corner';
import { bestPlans, planCorner, type Plan } from './plan-corner';
import { prepareProblem } from './problem';
import { purchaseOutcomes } from './purchase-outcomes';
import { cornersWith, withFirmBlock } from './purchases';

function bestOf(corner: Corner): Plan {
	const plan = planCorner(corner, 1).plans[0];
	if (!plan) throw new Error('A corner always has a plan');
	return plan;
}

/** Corners with little in the house, whose best plan leaves something open. */
const open = casesOf(800, 40)
	.map((seed) => {
		const corner = randomCorner(seed + 3000, { rigid: 3, soft: 1, span: 0 });
		return { corner, without: bestOf(corner) };
	})
	.filter(({ without }) => without.open.length > 0);

const closedBy = (without: Plan, plan: Plan) =>
	without.open.filter(({ id }) => plan.after.find((check) => check.id === id)?.verdict === 'fits').length;

describe('more firm things', () => {
	it('are the smallest whole centimetres that trying every one finds, and close the most that any does', () => {
		let told = 0;
		for (const { corner, without } of open.slice(0, 20)) {
			const firm = purchaseOutcomes(corner, without).find(({ firmMm }) => firmMm !== null);
			const tried = Array.from({ length: 40 }, (_, i) => {
				const plan = bestOf(withFirmBlock(corner, (i + 1) * 10));
				return { mm: (i + 1) * 10, closes: plan.cost.W < without.cost.W ? closedBy(without, plan) : 0 };
			});
			const most = Math.max(...tried.map(({ closes }) => closes));
			if (most === 0) {
				expect(firm).toBeUndefined();
				continue;
			}
			const smallest = tried.find(({ closes }) => closes === most)?.mm;
			expect(firm?.firmMm).toBe(smallest);
			expect(firm?.closes.length).toBe(most);
			told += 1;
		}
		expect(told).toBeGreaterThan(1);
	});
});

describe('two things bought together', () => {
	it('are told only where they close more than either, and nothing alone closes all', () => {
		let pairs = 0;
		for (const { corner, without } of open) {
			const outcomes = purchaseOutcomes(corner, without);
			const single = (id: string) =>
				outcomes.find(({ purchases }) => purchases.length === 1 && purchases[0] === id)?.closes.length ?? 0;
			for (const { purchases, closes, corner: bought, plan } of outcomes) {
				if (purchases.length !== 2) continue;
				pairs += 1;
				for (const id of purchases) expect(closes.length).toBeGreaterThan(single(id));
				for (const other of outcomes)
					if (other.purchases.length < 2) expect(other.closes.length).toBeLessThan(without.open.length);
				expect(plan.cost.W).toBeLessThanOrEqual(bestPlans(prepareProblem(bought), 1).plans[0]?.cost.W ?? 0);
			}
		}
		expect(pairs).toBeGreaterThan(0);
	});
});

describe('a chair with a range', () => {
	it('takes the place of one whose height is fixed, a stool or a ball; never of a wheelchair or of one that moves', () => {
		const sitting = open.map(({ corner }) => corner).find(({ spot }) => spot.posture === 'sitting');
		if (!sitting?.spot.seat) throw new Error('Nobody sits');
		const { seat } = sitting.spot;
		const withSeat = (parts: object): Corner => ({
			...sitting,
			format: 'easy-corner.corner/2',
			spot: { ...sitting.spot, seat: { ...seat, ...parts } }
		});
		for (const kind of ['chair', 'stool', 'ball'] as const) {
			const [bought] = cornersWith('chair', withSeat({ kind }));
			expect(bought?.corner.spot.seat).toMatchObject({ kind: 'chair', range: [400, 510], backrest: true });
		}
		expect(cornersWith('chair', withSeat({ kind: 'wheelchair' }))).toEqual([]);
		expect(cornersWith('chair', withSeat({ kind: 'chair', range: [420, 500] }))).toEqual([]);
		for (const kind of ['sofa', 'bed'] as const) {
			const soft = withSeat({ kind });
			expect(purchaseOutcomes(soft, bestOf(soft))).toEqual([]);
		}
	});
});

describe('a plan by kind of seat', () => {
	it('pads, sets and stacks only what that seat takes', () => {
		let seen = 0;
		for (const seed of casesOf(900, 60)) {
			const base = randomCorner(seed, { rigid: 6, soft: 3, span: 60 });
			const { seat } = base.spot;
			if (base.spot.posture === 'standing' || !seat) continue;
			const of = (kind: NonNullable<typeof seat.kind>) =>
				bestOf({ ...base, format: 'easy-corner.corner/2', spot: { ...base.spot, seat: { ...seat, kind } } });
			const own = seat.height - seat.give;
			const [ball, wheelchair, sofa] = [of('ball'), of('wheelchair'), of('sofa')];
			expect(ball.stations.seat.pieces).toEqual([]);
			expect([ball.heights.seat, wheelchair.heights.seat, sofa.heights.seat]).toEqual([own, own, own]);
			expect([...wheelchair.stations.seat.pieces, ...wheelchair.stations.feet.pieces]).toEqual([]);
			expect(Object.values(sofa.stations).flatMap(({ pieces }) => pieces)).toEqual([]);
			expect(wheelchair.after.map(({ id }) => id)).toEqual(['elbow', 'eye', 'thigh']);
			expect(of('bed').after.map(({ id }) => id)).toEqual(['elbow', 'eye']);
			// Version 1 means a chair, and is planned as one.
			expect(of('chair')).toEqual(bestOf(base));
			seen += 1;
		}
		expect(seen).toBeGreaterThan(20);
	});
});
