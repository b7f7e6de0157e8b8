import { describe, expect, it } from 'vitest';
import { FINDING_IDS } from '$lib/core/questionnaire/checklist/findings';
import { addedItemsFor } from './offered-items';

const lamp = { code: 'desk-lamp', name: '', helps: [] } as const;

describe('items that the organisation has added', () => {
	it('stand with the problems that they help with, and with no other', () => {
		const offered = [
			lamp,
			{
				code: 'item-1',
				name: 'laptop riser',
				helps: FINDING_IDS.filter((_, i) => i === 0 || i === 2)
			} as const
		];
		for (const [i, finding] of FINDING_IDS.entries())
			expect(addedItemsFor(finding, offered).map(({ code }) => code)).toEqual(
				i === 0 || i === 2 ? ['item-1'] : []
			);
	});

	it('are none where nothing is offered, or the page does not say', () => {
		for (const finding of FINDING_IDS) {
			expect(addedItemsFor(finding, [])).toEqual([]);
			expect(addedItemsFor(finding, null)).toEqual([]);
			// What the software comes with has its place by the checklist.
			expect(addedItemsFor(finding, [{ ...lamp, helps: [finding] }])).toEqual([]);
		}
	});
});
