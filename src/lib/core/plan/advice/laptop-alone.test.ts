import { describe, expect, it } from 'vitest';
import { PLAIN_CHAIR } from '../../../../../tests/support/plain-chair';
import type { Corner } from '../../workstation/corner/corner';
import type { MeasuringMethod } from '../../workstation/corner/vocabulary';
import { adviseCorner } from './advise-corner';
import { planOffers, stepsOfOffer } from './plan-offers';

/** 171 cm at a dining table with a laptop alone; five books, a ream, two pillows and two towels to build with. */
function diningTable(by: MeasuringMethod, body: Corner['body'] = {}): Corner {
	return {
		format: 'easy-corner.corner/3',
		person: {
			stature: 1710,
			sex: 'unstated',
			heel: 15,
			hand: 'right',
			lenses: 'none',
			back: 'any',
			wrists: 'well'
		},
		body,
		way: 'upright',
		spot: {
			posture: 'sitting',
			by,
			surface: { kind: 'table', height: 755, thickness: 30, depth: 800, range: null },
			seat: { ...PLAIN_CHAIR, height: 460 },
			screen: {
				kind: 'laptop',
				topAboveBase: 208,
				visibleHeight: 188,
				base: [315, 222],
				range: null,
				distance: 500
			},
			keys: { kind: 'built-in', homeRow: 15, base: [315, 222] },
			mouse: 'touchpad'
		},
		household: [
			{ id: 'b', kind: 'book', label: 'book', size: [300, 215, 35], count: 5 },
			{ id: 'r', kind: 'ream', label: 'paper', size: [297, 210, 52] },
			{ id: 'p', kind: 'pillow', label: 'pillow', size: [600, 400, 120], count: 2 },
			{ id: 't', kind: 'towel', label: 'towel', size: [1400, 700, 5], count: 2 }
		]
	};
}

const TAPED: Corner['body'] = {
	popliteal: { mm: 430, by: 'tape' },
	sittingElbow: { mm: 243, by: 'tape' },
	sittingEye: { mm: 778, by: 'tape' },
	thigh: { mm: 160, by: 'tape' },
	buttockPopliteal: { mm: 495, by: 'tape' }
};

describe('a laptop alone at a dining table', () => {
	it.each([
		['nothing measured', diningTable('tape')],
		['all with a tape', diningTable('tape', TAPED)]
	])('asks for a keyboard and mouse first, and has three ways to work until then: %s', (_, corner) => {
		const advice = adviseCorner(corner);
		const { laptop, before } = advice;
		if (!laptop) throw new Error('A laptop alone has three arrangements');
		expect(advice.first[0]).toEqual({ act: 'ask', what: 'keyboard-and-mouse' });
		const value = (checks: typeof before, id: string) =>
			checks.find((check) => check.id === id)?.value ?? NaN;
		// For typing: the hands first, seat and feet with them; the knees stay about as they are.
		const { typing, reading, withKeyboard } = laptop;
		expect(typing.stations.seat.rise).toBeGreaterThanOrEqual(40);
		expect(typing.stations.seat.rise).toBeLessThanOrEqual(60);
		expect(typing.stations.feet.rise).toBeGreaterThan(0);
		expect(typing.stations.screen.rise).toBe(0);
		expect(value(typing.after, 'elbow') - value(before, 'elbow')).toBe(typing.stations.seat.rise);
		expect(value(typing.after, 'elbow')).toBeLessThan(0);
		expect(Math.abs(value(typing.after, 'knee') - value(before, 'knee'))).toBeLessThanOrEqual(25);
		// For reading: the laptop on every book that is left, and nobody types on it.
		expect(reading.stations.seat).toEqual(typing.stations.seat);
		expect(reading.stations.feet).toEqual(typing.stations.feet);
		expect(reading.stations.screen.rise).toBeGreaterThan(100);
		expect(reading.after.map(({ id }) => id)).not.toContain('elbow');
		// With a keyboard the laptop is the screen.
		expect(withKeyboard.stations.screen.rise).toBeGreaterThan(100);
		expect(value(withKeyboard.after, 'eye')).toBeGreaterThan(value(before, 'eye') + 100);
		// Reading can be looked at and worked on; what it builds is told step by step.
		const place = planOffers(corner, advice).findIndex(({ kind }) => kind === 'reading');
		expect(stepsOfOffer(corner, advice, place).map((step) => step.place)).toContain('screen');
	});

	it('has the rise of five books, a ream less what the feet took, for reading', () => {
		const { laptop } = adviseCorner(diningTable('tape'));
		const ids = laptop?.reading.stations.screen.pieces.map(({ id }) => id) ?? [];
		const feet = laptop?.reading.stations.feet.pieces.map(({ id }) => id) ?? [];
		expect(ids.some((id) => feet.includes(id))).toBe(false);
	});
});

describe('what to do first', () => {
	const away = (over: Partial<Corner['spot']>): Corner => {
		const corner = diningTable('tape');
		return { ...corner, spot: { ...corner.spot, ...over } };
	};

	it('is to leave a sofa, a bed or the floor', () => {
		for (const kind of ['sofa', 'bed', 'floor'] as const)
			expect(adviseCorner(away({ seat: { ...PLAIN_CHAIR, kind } })).first[0]).toEqual({
				act: 'spot',
				what: kind
			});
	});

	it('is to measure before building by guesses, then to build in the order of work; three acts at most', () => {
		const guessed = away({
			by: 'guess',
			keys: { kind: 'separate', homeRow: 20, base: [440, 130] },
			mouse: 'separate'
		});
		const { first, measureNext, ladder } = adviseCorner(guessed);
		expect(ladder.length).toBeGreaterThan(0);
		expect(first.length).toBeLessThanOrEqual(3);
		if (measureNext) expect(first[0]).toEqual({ act: 'measure', what: measureNext });
		const built = first.filter(({ act }) => act === 'build').map(({ what }) => what);
		const order = ['surface', 'seat', 'feet', 'keys', 'screen'];
		expect(built).toEqual(order.filter((thing) => built.some((one) => one === thing)));
	});
});
