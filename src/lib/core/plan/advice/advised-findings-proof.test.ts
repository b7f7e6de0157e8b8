import { describe, expect, it } from 'vitest';
import { randomPerson } from '../../../../../tests/support/random-person';
import { casesOf } from '../../../../../tests/support/rotation';
import { whatIsTold } from '../../../../../tests/support/what-is-told';
import { checkArmrest } from '../../body/seat/armrest';
import { viewingDistanceWith } from '../../body/sight/viewing-distance';
import { setUpAfter } from '../plan-corner';
import { situationAfter } from '../situation-after';

/** People whose plan closes a problem that is no height. */
const WITH_CLOSED = [88, 107, 137, 212, 227, 247, 312, 343, 358, 402];

const people = casesOf(3000, 250, WITH_CLOSED).map((seed) => whatIsTold(randomPerson(seed + 40_000)));

describe('what is no stack', () => {
	it('is judged for the corner as the plan leaves it: an armrest sinks by the pads that raise the person', () => {
		let sunk = 0;
		for (const { corner, plan, steps, page } of people) {
			const line = page.others.find(({ id }) => id === 'armrest');
			if (!line?.after || !plan || steps.length === 0) continue;
			const after = checkArmrest(corner, setUpAfter(corner, plan));
			expect(line.after.value).toBe(after?.elbowAbove);
			expect(line.after.value - line.now.value).toBe(plan.stations.seat.rise);
			sunk += 1;
		}
		expect(sunk).toBeGreaterThan(1);
	});

	it('keeps what lies between eye and screen along the floor until the screen is moved, and then is well inside its band', () => {
		let set = 0;
		for (const { corner, plan, steps, page } of people) {
			const line = page.others.find(({ id }) => id === 'distance');
			if (!line || !plan) continue;
			const step = steps.find(({ place }) => place === 'distance');
			const last = line.after ?? line.now;
			if (step) {
				expect(last.value).toBe(step.setTo);
				expect(last.value).toBeGreaterThanOrEqual(line.low + 20);
				expect(last.value).toBeLessThanOrEqual((line.high ?? Infinity) - 20);
				expect(last.verdict).not.toBe('off');
				set += 1;
			} else if (steps.length > 0)
				expect(
					Math.abs(last.value - viewingDistanceWith(corner, setUpAfter(corner, plan)))
				).toBeLessThanOrEqual(1);
		}
		expect(set).toBeGreaterThan(8);
	});

	it('says what the plan closes, and lists none of it as still to do', () => {
		let closed = 0;
		for (const { page, steps } of people) {
			if (steps.length === 0) expect(page.closed).toEqual([]);
			closed += page.closed.length;
			const names = page.findings.map(({ name }) => name);
			for (const name of page.closed) expect(names).not.toContain(name);
		}
		expect(closed).toBeGreaterThan(8);
	});

	it('brings nobody forward by a roll that only fills the hollow', () => {
		let filled = 0;
		for (const { corner, plan } of people) {
			if (!plan) continue;
			const { filledMm, forwardMm } = situationAfter(corner, plan);
			expect(forwardMm).toBeLessThanOrEqual(filledMm);
			if (filledMm > 0 && forwardMm === 0) filled += 1;
		}
		expect(filled).toBeGreaterThan(1);
	});
});

describe('what someone has seen themselves', () => {
	it('is not closed by a plan whose numbers never saw it', () => {
		let seen = 0;
		for (let seed = 0; seed < 400; seed += 1) {
			const person = randomPerson(seed + 60_000);
			if (person.corner.spot.seat?.kind !== 'chair') continue;
			const spot = { ...person.corner.spot, seat: { ...person.corner.spot.seat, depth: 400, lumbar: false } };
			const body = { ...person.corner.body, buttockPopliteal: { mm: 450, by: 'tape' as const } };
			const corner = { ...person.corner, spot: { ...spot, by: 'tape' as const }, body };
			const { page } = whatIsTold({ ...person, corner, checks: { 'behind-the-knee': 'touches' } });
			expect(page.findings.map(({ finding }) => finding)).toContain('edge-behind-knee');
			seen += 1;
		}
		expect(seen).toBeGreaterThan(50);
	});
});
