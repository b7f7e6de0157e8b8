import { describe, expect, it } from 'vitest';
import { adviseCorner } from '$lib/core/plan/advice/advise-corner';
import { validateCorner } from '$lib/core/workstation/corner/validate-corner';
import { recommendedPlan, itemsOfPlan } from '$lib/core/plan/plan-options';
import { JUDGED_PEOPLE } from '../support/judged-people';

/** What a person is told about heights and equipment, as `act what`: what comes first, what is built, what a laptop alone needs. */
const told = JUDGED_PEOPLE.map((judged) => {
	const advice = adviseCorner(judged.corner);
	const plan = recommendedPlan(advice.ladder, advice.plans);
	const acts = [
		...advice.first.map(({ act, what }) => `${act} ${what}`),
		...(plan ? itemsOfPlan(judged.corner, plan).map((thing) => `build ${thing}`) : []),
		...(advice.measureNext ? [`measure ${advice.measureNext}`] : [])
	];
	return { judged, advice, plan, acts, isAlone: advice.ladder.length === 0 };
});

describe('sixty people, judged by hand before anything was computed', () => {
	it('are sixty, and their documents hold', () => {
		expect(JUDGED_PEOPLE).toHaveLength(60);
		expect(new Set(JUDGED_PEOPLE.map(({ name }) => name)).size).toBe(60);
		for (const { name, corner } of JUDGED_PEOPLE) expect(validateCorner(corner).ok, name).toBe(true);
	});

	it('are left alone where they are to be left alone', () => {
		for (const { judged, isAlone } of told) if (judged.isAlone) expect(isAlone, judged.name).toBe(true);
	});

	it('are told nine of ten of the acts that the practitioner wants', () => {
		const wanted = told.flatMap(({ judged, acts }) =>
			judged.acts.map((act) => ({ who: `${judged.name}: ${act}`, isThere: acts.includes(act) }))
		);
		const missing = wanted.filter(({ isThere }) => !isThere).map(({ who }) => who);
		expect(missing.length, missing.join('; ')).toBeLessThanOrEqual(wanted.length * 0.1);
	});

	it('begin with the same act, in more than half', () => {
		const firsts = told.filter(({ judged }) => judged.first !== null);
		const others = firsts
			.filter(({ judged, acts }) => acts[0] !== judged.first)
			.map(({ judged, acts }) => `${judged.name}: ${acts[0]} for ${judged.first}`);
		expect(firsts.length - others.length, others.join('; ')).toBeGreaterThanOrEqual(firsts.length * 0.55);
	});

	it('are harmed by nothing: no padding on castors, no laptop keys raised above the elbow, no room taken from the thighs', () => {
		for (const { judged, plan } of told) {
			if (!plan) continue;
			const { seat, keys } = judged.corner.spot;
			const at = (id: string) => plan.after.find((check) => check.id === id)?.value ?? 0;
			if (seat?.castors) expect(plan.stations.seat.rise, judged.name).toBeLessThanOrEqual(30);
			if (seat?.range && plan.stations.seat.rise > 0)
				expect(plan.heights.seat, judged.name).toBe(seat.range[1]);
			expect(plan.stations.seat.rise, judged.name).toBeLessThanOrEqual(70);
			if (keys.kind === 'built-in' && plan.stations.screen.rise > 0)
				expect(at('elbow'), judged.name).toBeGreaterThanOrEqual(0);
		}
	});
});
