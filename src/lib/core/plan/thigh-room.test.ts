import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../tests/support/random-corner';
import { cornerFromAnswers } from '../questionnaire/answers/corner-from-answers';
import type { Answers } from '../questionnaire/answers/fields';
import { bodyMethodSd } from '../body/method-uncertainty';
import { bodyOf } from '../body/body-length';
import { checkCorner } from '../workstation/checks/check-corner';
import type { Corner } from '../workstation/corner/corner';
import { neededOverThigh } from './limits';
import { planCorner } from './plan-corner';
import { elbowWonByThigh } from './thigh-room';

/** The coarsest step between two stacks under a seat that differ least, mm. */
const STEP_MM = 20;

const SEATED: Answers = {
	unit: 'cm',
	stature: '168',
	posture: 'sitting',
	seatHeight: '46',
	seatGive: '0',
	heel: '1',
	surfaceThickness: '3',
	seatMoves: 'yes'
};

function cornerOf(more: Answers): Corner {
	const { corner } = cornerFromAnswers({ ...SEATED, ...more }, 'upright');
	if (!corner) throw new Error('these answers make a corner');
	return corner;
}

const withThigh = (corner: Corner, mm: number): Corner => ({
	...corner,
	body: { ...corner.body, thigh: { mm, by: 'tape' } }
});

/** Elbow height above the keyboard that the best plan reaches, mm. */
function elbowPlanned(corner: Corner): number {
	const [best] = planCorner(corner, 1).plans;
	const elbow = best?.after.find(({ id }) => id === 'elbow');
	if (!elbow) throw new Error('every plan checks the elbow');
	return elbow.value;
}

describe('elbow height won by measuring the thigh', () => {
	it('is what the plan keeps above an unknown thigh beyond a measured one, where nothing else stops the seat', () => {
		const corner = cornerOf({ surfaceHeight: '76', seatLow: '42', seatHigh: '60' });
		const { thigh } = bodyOf(corner);
		const wonMm = elbowWonByThigh(corner, 'tape');
		expect(wonMm).toBeGreaterThan(0);
		expect(wonMm).toBeLessThanOrEqual(
			neededOverThigh({ thigh }) -
				neededOverThigh({ thigh: { ...thigh, from: 'tape', sd: bodyMethodSd('tape') } })
		);
	});

	it('is nothing where the keyboard is low enough', () => {
		expect(elbowWonByThigh(cornerOf({ surfaceHeight: '62', sittingElbow: '26' }), 'tape')).toBe(0);
	});

	it('is nothing where the seat can’t rise and the table can’t sink', () => {
		const corner = cornerOf({ surfaceHeight: '76' });
		const still: Corner = {
			...corner,
			spot: {
				...corner.spot,
				seat: corner.spot.seat && { ...corner.spot.seat, kind: 'wheelchair', range: null },
				surface: { ...corner.spot.surface, range: null }
			}
		};
		expect(elbowWonByThigh(still, 'tape')).toBe(0);
	});

	it('is nothing once the thigh has been measured, and less by a rougher method', () => {
		const corner = cornerOf({ surfaceHeight: '76', seatLow: '42', seatHigh: '60' });
		const { mm } = bodyOf(corner).thigh;
		expect(elbowWonByThigh(withThigh(corner, mm), 'tape')).toBe(0);
		expect(elbowWonByThigh(corner, 'guess')).toBeLessThan(elbowWonByThigh(corner, 'tape'));
	});

	it('is never less than what the plan then finds: 300 workstations', () => {
		let raised = 0;
		for (let seed = 0; seed < 300; seed += 1) {
			const given = randomCorner(seed, { rigid: 6, soft: 3, span: 120 });
			const { thigh: _, ...others } = given.body;
			const corner: Corner = { ...given, body: others };
			const wonMm = elbowWonByThigh(corner, 'tape');
			if (wonMm === 0) continue;
			const known = withThigh(corner, Math.round(bodyOf(corner).thigh.mm));
			const by = elbowPlanned(known) - elbowPlanned(corner);
			if (by > 0) raised += 1;
			// Whole millimetres of settings, and pads that come in steps.
			expect(by, `seed ${seed}`).toBeLessThanOrEqual(wonMm + STEP_MM);
		}
		expect(raised).toBeGreaterThan(5);
	});

	it('is never negative, never more than the elbow lacks, and never more than the room kept: 2,000 workstations', () => {
		let won = 0;
		for (let seed = 0; seed < 2000; seed += 1) {
			const corner = randomCorner(seed, { rigid: 4, soft: 2, span: 120 });
			const elbow = checkCorner(corner).find(({ id }) => id === 'elbow');
			const mm = elbowWonByThigh(corner, 'tape');
			expect(mm).toBeGreaterThanOrEqual(0);
			if (mm === 0) continue;
			won += 1;
			expect(elbow && mm <= elbow.low - elbow.value).toBe(true);
			expect(mm).toBeLessThanOrEqual(neededOverThigh(bodyOf(corner)));
			expect(bodyOf(corner).thigh.sd).toBeGreaterThan(bodyMethodSd('tape'));
		}
		expect(won).toBeGreaterThan(50);
	});
});
