import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { angleAt } from '../side-view/geometry';
import { binderAngle, keyboardWedge } from './keyboard-wedge';
import { layOutDesk, type DeskContents } from './desk-layout';
import { placeScreens } from './screen-places';
import { reachEnvelope, reachZoneOf } from './reach';

const person = { stature: 1700, sex: 'female', hand: 'right' } as const;
const contents: DeskContents = {
	desk: { width: 1600, depth: 800 },
	keyboard: [440, 130],
	mouseHand: 'right',
	screens: [{ share: 1, width: 540, distance: 600 }],
	things: ['phone', 'papers', 'cup', 'lamp']
};

const deskContents = fc.record({
	desk: fc.record({ width: fc.integer({ min: 600, max: 2200 }), depth: fc.integer({ min: 400, max: 1000 }) }),
	keyboard: fc.tuple(fc.integer({ min: 280, max: 480 }), fc.integer({ min: 100, max: 200 })),
	mouseHand: fc.constantFrom('right' as const, 'left' as const, null),
	screens: fc.array(
		fc.record({
			share: fc.integer({ min: 1, max: 10 }),
			width: fc.integer({ min: 300, max: 800 }),
			distance: fc.integer({ min: 460, max: 800 })
		}),
		{ maxLength: 2 }
	),
	things: fc.uniqueArray(
		fc.constantFrom('phone' as const, 'papers' as const, 'cup' as const, 'lamp' as const)
	)
});

describe('layOutDesk', () => {
	const other = (hand: 'right' | 'left') => (hand === 'right' ? 'left' : 'right');

	it('mirrors the desk where the hands are mirrored', () => {
		fc.assert(
			fc.property(deskContents, fc.constantFrom('right' as const, 'left' as const), (c, hand) => {
				const layout = layOutDesk({ ...person, hand }, c);
				const mirrored = layOutDesk(
					{ ...person, hand: other(hand) },
					{ ...c, mouseHand: c.mouseHand && other(c.mouseHand) }
				);
				const turned = mirrored.things.map((thing) => ({
					...thing,
					at: { x: 0 - thing.at.x, y: thing.at.y },
					turnedDeg: 0 - thing.turnedDeg
				}));
				expect(turned).toEqual(
					layout.things.map((t) => ({ ...t, at: { ...t.at, x: t.at.x + 0 }, turnedDeg: t.turnedDeg + 0 }))
				);
			})
		);
	});

	it('never lays one thing of the hands upon another', () => {
		fc.assert(
			fc.property(deskContents, (c) => {
				const hands = layOutDesk(person, c).things.filter(({ name }) =>
					['keyboard', 'mouse', 'phone', 'cup'].includes(name)
				);
				for (const a of hands)
					for (const b of hands)
						if (a !== b)
							expect(Math.abs(a.at.x - b.at.x)).toBeGreaterThanOrEqual((a.size[0] + b.size[0]) / 2);
			})
		);
	});

	it('keeps keys and mouse in the usual zone and gives phone and lamp to the hand that doesn’t write', () => {
		const { things, isDeep } = layOutDesk(person, contents);
		const of = (name: string) => things.find((t) => t.name === name);
		expect([of('keyboard')?.zone, of('mouse')?.zone]).toEqual(['usual', 'usual']);
		expect(of('mouse')?.at.x).toBeGreaterThan(0);
		expect(of('phone')?.at.x).toBeLessThan(0);
		expect(of('lamp')?.at.x).toBeLessThan(0);
		expect(of('papers')?.at.x).toBeGreaterThan(0);
		expect(isDeep).toBe(true);
		expect(layOutDesk(person, { ...contents, desk: { width: 500, depth: 699 } })).toMatchObject({
			isDeep: false
		});
	});

	it('keeps the papers’ stand clear of the mouse, from an arm’s length on', () => {
		for (const distance of [500, 560, 640, 750]) {
			const screens = [{ share: 1, width: 320, distance }];
			const { things } = layOutDesk(person, { ...contents, screens });
			const [mouse, papers] = ['mouse', 'papers'].map((name) => things.find((t) => t.name === name));
			if (!mouse || !papers) throw new Error('A thing is missing');
			const a = (papers.turnedDeg * Math.PI) / 180;
			const half = (papers.size[0] / 2) * Math.sin(a) + (papers.size[1] / 2) * Math.cos(a);
			expect(papers.at.y - half).toBeGreaterThan(mouse.at.y + mouse.size[1] / 2 - 1);
		}
	});

	it('says what does not lie on the desk', () => {
		const small = layOutDesk(person, { ...contents, desk: { width: 700, depth: 450 } });
		expect(small.things.find((t) => t.name === 'screen-1')?.onDesk).toBe(false);
		expect(small.things.find((t) => t.name === 'keyboard')?.onDesk).toBe(true);
	});
});

describe('placeScreens', () => {
	const screen = (share: number) => ({ share, width: 540, distance: 600 });

	it('puts the one used most ahead and the other beside it, on the side of the writing hand', () => {
		expect(placeScreens([screen(3), screen(1)], 1).map((s) => Math.sign(s.turnedDeg))).toEqual([0, 1]);
		expect(placeScreens([screen(1), screen(3)], -1).map((s) => Math.sign(s.turnedDeg))).toEqual([-1, 0]);
	});

	it('makes a shallow V of two used alike: the seam ahead, both square to the eye and meeting', () => {
		const [left, right] = placeScreens([screen(1), screen(1)], 1);
		if (!left || !right) throw new Error('A screen has no place');
		expect(left.at.x).toBeCloseTo(-right.at.x, 9);
		expect(left.at.y).toBeCloseTo(right.at.y, 9);
		expect(Math.hypot(left.at.x, left.at.y)).toBeCloseTo(600, 9);
		// The inner edges: half a width along the pane from each middle. Between them lies the seam of 10 mm, turned.
		const inner = (s: typeof left, side: 1 | -1) => {
			const a = (s.turnedDeg * Math.PI) / 180;
			return { x: s.at.x + side * 270 * Math.cos(a), y: s.at.y - side * 270 * Math.sin(a) };
		};
		const gap = inner(right, -1).x - inner(left, 1).x;
		expect(gap).toBeGreaterThan(0);
		expect(gap).toBeLessThan(12);
		expect(angleAt({ x: 0, y: 0 }, left.at, right.at)).toBeCloseTo(2 * right.turnedDeg, 9);
	});
});

describe('reach', () => {
	it('is the forearm’s sweep about the elbow, then the arm’s about the shoulder', () => {
		const reach = reachEnvelope(person);
		// Bodyspace women (from memory): elbow to fingertip 430, shoulder to elbow 330 of a stature of 1610.
		expect(reach.forearm).toBe(Math.round((1700 * 430) / 1610) - 60);
		expect(reach.arm - reach.forearm).toBe(Math.round((1700 * 330) / 1610));
		const ahead = (y: number) => reachZoneOf(reach, { x: reach.halfWidth, y });
		expect([ahead(reach.forearm), ahead(reach.forearm + 1), ahead(reach.arm), ahead(reach.arm + 1)]).toEqual([
			'usual',
			'occasional',
			'occasional',
			'beyond'
		]);
	});
});

describe('binderAngle', () => {
	it('agrees with a triangle drawn by its corners', () => {
		for (const [spine, depth] of [
			[75, 285],
			[50, 285],
			[30, 250]
		] as const) {
			const degrees = binderAngle(spine, depth);
			const a = (degrees * Math.PI) / 180;
			const corner = { x: depth * Math.cos(a), y: depth * Math.sin(a) };
			expect(Math.hypot(corner.x - depth, corner.y)).toBeCloseTo(spine, 9);
		}
		expect(binderAngle(285, 285)).toBeCloseTo(60, 9);
	});

	it('lifts the home row less than the near edge, and warns of a steep one', () => {
		const wedge = keyboardWedge(75, 285, 130);
		expect(wedge.nearEdgeRise).toBeGreaterThan(wedge.homeRowRise);
		// A usual binder serves; a thicker one is a slide.
		expect(wedge).toMatchObject({ state: 'good', nearEdgeRise: 74, homeRowRise: 57 });
		expect(keyboardWedge(85, 285, 130).state).toBe('steep');
		expect(keyboardWedge(50, 285, 130).state).toBe('good');
	});
});
