import { describe, expect, it } from 'vitest';
import { confirmedSizeFields, sizesToCheck } from './sizes-to-check';
import { newThingFields, THING_CHOICES } from './household-things';
import type { HouseholdKind } from '../../workstation/corner/vocabulary';

const listed = (index: number, kind: HouseholdKind, label: string) =>
	newThingFields(index, { ...THING_CHOICES.find((one) => one.kind === kind)!, label }, 'cm');

const answers = {
	unit: 'cm',
	...listed(0, 'book', 'Atlas'),
	...listed(1, 'pillow', 'Pillow'),
	...listed(2, 'ream', 'Paper')
};
const none = { pieces: [] };
const plan = {
	stations: {
		seat: { pieces: [{ id: 't1', rise: 42 }] },
		feet: none,
		keys: none,
		mouse: none,
		screen: {
			pieces: [
				{ id: 't0#1', rise: 35 },
				{ id: 't0#2', rise: 35 }
			]
		}
	}
};

describe('sizes to check', () => {
	it('are those of firm things that the plan uses by their usual size, together', () => {
		expect(sizesToCheck(answers, plan)).toEqual([{ index: 0, label: 'Atlas', used: 2, riseMm: 70 }]);
		expect(sizesToCheck(answers, null)).toEqual([]);
	});

	it('are not asked again once they were said to be right, or were measured', () => {
		const [size] = sizesToCheck(answers, plan);
		if (!size) throw new Error('one is asked');
		expect(sizesToCheck({ ...answers, ...confirmedSizeFields(answers, size) }, plan)).toEqual([]);
		const measured = confirmedSizeFields(answers, size, 81);
		// A pile of two that is 81 mm high: each is 41.
		expect(measured['thing.0.c']).toBe('4.1');
		expect(sizesToCheck({ ...answers, ...measured }, plan)).toEqual([]);
		expect(sizesToCheck({ ...answers, 'thing.0.c': '5.2' }, plan)).toEqual([]);
	});
});
