import { describe, expect, it } from 'vitest';
import { randomPerson } from '../../../../../tests/support/random-person';
import { casesOf } from '../../../../../tests/support/rotation';
import { whatIsTold } from '../../../../../tests/support/what-is-told';
import { bodyOf } from '../../body/body-length';
import { checkCorner } from '../checks/check-corner';
import { setUpAsMeasured } from '../checks/set-up';
import { bandsFor } from '../../body/guidance/sitting-styles';
import { setUpAfter } from '../../plan/plan-corner';
import { slopeOfBooks } from './sloped-books';
import { VARIANT_IDS, type Variant } from './variant';
import { variantsOf } from './variants-of';

/** Variants of many people, each with the corner as their plan leaves it. */
/** People who could have the keyboard on the lap and have a tray. */
const WITH_TRAY = [5035, 5304];

const all = casesOf(6000, 600, WITH_TRAY).map((seed) => {
	const person = randomPerson(seed + 9000);
	const { corner, plan, steps, page } = whatIsTold(person);
	const worked = steps.length > 0 ? plan : null;
	const found = page.findings.map(({ finding }) => finding);
	return {
		corner,
		worked,
		setUp: worked ? setUpAfter(corner, worked) : setUpAsMeasured(corner),
		variants: variantsOf(corner, worked, found, person.checks)
	};
});

const each = (id: Variant['id']) =>
	all.flatMap(({ variants, ...person }) =>
		variants.filter((v) => v.id === id).map((variant) => ({ ...person, variant }))
	);

describe('variants', () => {
	it('all come up, and none for everybody', () => {
		const counts = VARIANT_IDS.map((id) => each(id).length);
		for (const [i, count] of counts.entries()) {
			expect(count, VARIANT_IDS[i]).toBeGreaterThan(0);
			expect(count).toBeLessThan(all.length);
		}
	});

	it('close only what the plan leaves open, checked again by the checks themselves', () => {
		for (const { corner, setUp, variants } of all) {
			const after = checkCorner(corner, setUp);
			for (const { closes, after: with_ } of variants)
				for (const id of closes) {
					expect(after.find((check) => check.id === id)?.verdict).not.toBe('fits');
					expect(with_.find((check) => check.id === id)?.verdict).toBe('fits');
				}
		}
	});

	it('lay the keyboard on the thigh, where the hands then are: home row at seat, thigh, towel and its own height', () => {
		for (const { corner, setUp, variant } of each('keyboard-on-lap')) {
			const body = bodyOf(corner);
			const homeRow =
				setUp.seat + setUp.pads + body.thigh.mm + (variant.numbers.riseMm ?? 0) + corner.spot.keys.homeRow;
			const elbow = setUp.seat + setUp.pads + body.sittingElbow.mm;
			expect(variant.after[0]?.value).toBe(elbow - homeRow);
			expect(variant.closes).toContain('elbow');
			expect(corner.spot.seat?.armrest ?? null).toBeNull();
		}
	});

	it('lean back by the smallest angle that closes the screen’s gap, the eye coming down by the cosine', () => {
		for (const { corner, variant } of each('recline')) {
			const { degrees = 0, lowerMm = 0, nearerMm = 0 } = variant.numbers;
			const eye = bodyOf(corner).sittingEye.mm;
			expect(lowerMm).toBe(Math.round(eye - eye * Math.cos((degrees * Math.PI) / 180)));
			expect(nearerMm).toBe(Math.round(eye * Math.sin((degrees * Math.PI) / 180)));
			expect(variant.closes).toContain('eye');
		}
	});

	it('slope the keyboard only as far as the hands’ height bears it', () => {
		for (const { variant } of each('wedge')) {
			const [elbow] = variant.after;
			expect(elbow && elbow.value >= elbow.low).toBe(true);
		}
	});

	it('tell a bar’s chair by the elbow, and its footrest by the knee', () => {
		for (const { corner, setUp, variant } of each('high-chair')) {
			const body = bodyOf(corner);
			const sitting = { ...corner, spot: { ...corner.spot, posture: 'sitting' as const } };
			const { knee } = bandsFor(sitting);
			const { fromMm = 0, feetMm = 0 } = variant.numbers;
			expect(fromMm - feetMm - body.popliteal.mm - corner.person.heel).toBe(knee.ideal);
			expect(fromMm + body.thigh.mm).toBeLessThanOrEqual(setUp.surface - corner.spot.surface.thickness);
		}
	});

	it('rest the feet on books that the plan has left', () => {
		for (const { corner, worked, variant } of each('sloped-books'))
			for (const label of new Set(variant.labels)) {
				const item = corner.household.find((one) => one.label === label);
				const used = Object.values(worked?.stations ?? {})
					.flatMap(({ pieces }) => pieces)
					.filter(({ id }) => id.replace(/#\d+$/, '') === item?.id).length;
				const asked = variant.labels.filter((one) => one === label).length;
				expect(used + asked).toBeLessThanOrEqual(item?.count ?? 1);
			}
		// A book of 35 mm under one of 230 mm: a triangle whose height is the sine of its angle.
		expect(230 * Math.sin((slopeOfBooks(35, 230) * Math.PI) / 180)).toBeCloseTo(35, 9);
	});
});
