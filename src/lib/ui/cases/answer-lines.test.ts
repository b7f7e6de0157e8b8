import { describe, expect, it } from 'vitest';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import { messagesFor } from '$lib/messages';
import { randomCorner } from '../../../../tests/support/random-corner';
import { answerLines } from './answer-lines';
import { deskWords } from '$lib/messages/desk';

const t = messagesFor();
const NOTHING = { care: [], arms: 'both', devices: [], photo: null } as const;

describe('the answers of a case', () => {
	const corners = Array.from({ length: 60 }, (_, seed) =>
		randomCorner(seed, { rigid: 6, soft: 3, span: seed % 2 ? 80 : 0 })
	);

	it('are told in words for every corner and unit, none left out and none empty', () => {
		for (const corner of corners)
			for (const unit of ['cm', 'mm', 'in'] as const) {
				const parts = answerLines(corner, NOTHING, t, unit);
				expect(parts.map(({ title }) => title)).toEqual([
					'Person',
					'Measured on the body',
					'Workstation',
					'Household items'
				]);
				for (const { name, words } of parts.flatMap(({ lines }) => lines)) {
					expect(name).not.toMatch(/^$|undefined/);
					expect(words).not.toMatch(/^$|undefined|NaN|null/);
				}
				const [, body, , house] = parts;
				expect(body?.lines).toHaveLength(Math.max(1, Object.keys(corner.body).length));
				expect(house?.lines).toHaveLength(Math.max(1, corner.household.length));
			}
	});

	it('carry the unit, the way of measuring and the range of what moves', () => {
		const [corner] = corners;
		if (!corner) throw new Error('no corner');
		const set = {
			...corner,
			person: { ...corner.person, stature: 1640, hand: 'right' as const, pointer: 'left' as const },
			body: { popliteal: { mm: 401, by: 'hand-span' as const } },
			spot: {
				...corner.spot,
				keys: { ...corner.spot.keys, kind: 'separate' as const, tray: { height: 640, thickness: 20 } },
				surface: {
					...corner.spot.surface,
					kind: 'ironing-board' as const,
					height: 742,
					depth: 700,
					range: [650, 1250] as const
				}
			}
		};
		const all = answerLines(
			set,
			{
				care: ['pregnant'],
				arms: 'left-only',
				devices: ['keyboard', 'screen'],
				photo: {
					on: '2026-11-30' as CivilDate,
					angles: { neck: { value: 41.3, sd: 1.6 } },
					heights: { eye: { value: 1198, sd: 8 } }
				}
			},
			t,
			'cm'
		).flatMap(({ lines }) => lines);
		const of = (name: string) => all.find((line) => line.name === name)?.words;
		expect(of('Health and access needs')).toBe('Pregnancy, Left arm only');
		expect(of('Unused items at home')).toBe('Keyboard, Screen');
		expect(of('Height')).toBe('164.0 cm');
		expect(of('Surface')).toBe('An ironing board, 74.2 cm high, 70.0 cm deep, moves 65.0 cm to 125.0 cm');
		expect(of('Mouse hand')).toBe('Left');
		expect(of('Keyboard tray')).toBe('64.0 cm high, 2.0 cm thick');
		expect(of('Neck: forward from upright')).toBe('41° ± 3°');
		expect(of('Eye above the floor')).toBe('119.8 cm ± 1.6 cm');
		expect(of(t.fields.popliteal)).toMatch(/^40\.1 cm, /);
	});
});

describe('the words of a state', () => {
	it('are there for every state, and differ', () => {
		const states = Object.values(deskWords.states.assessment);
		expect(new Set(states).size).toBe(states.length);
		expect(new Set(Object.values(deskWords.states.rounds)).size).toBe(
			Object.keys(deskWords.states.rounds).length
		);
		expect(new Set(Object.values(deskWords.states.acts)).size).toBe(
			Object.keys(deskWords.states.acts).length
		);
	});
});
