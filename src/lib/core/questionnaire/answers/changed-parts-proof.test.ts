import { expect, it } from 'vitest';
import { checklistFrom } from '../checklist/own-checklist';
import { randomWalker } from '../../../../../tests/support/random-walker';
import { casesOf } from '../../../../../tests/support/rotation';
import { openQuestions } from '../select-questions';
import { questionsOf } from '../question';
import { BODY_FIELDS } from './fields';
import { CHANGED_PARTS, clearChangedParts } from './changed-parts';

it('what is asked again of anybody is asked again on the way through everything, and body, house and all else are kept', () => {
	const asking = { way: 'upright', checklist: checklistFrom(3, null) } as const;
	const body: ReadonlySet<string> = new Set([...BODY_FIELDS.sitting, ...BODY_FIELDS.standing]);
	for (const seed of casesOf(60, 4)) {
		const before = randomWalker(seed, asking);
		const renewed = CHANGED_PARTS.filter((_, i) => ((seed % 16) >> i) & 1);
		const gone = clearChangedParts(before, renewed);
		for (const field of Object.keys(gone)) {
			expect(body.has(field), field).toBe(false);
			expect(field).not.toMatch(/^(?:thing|sign|pain)\.|^(?:unit|stature|hurts)$/);
		}
		const after = { ...before, ...gone };
		const open = new Set(openQuestions(after, asking, 'complete').map(({ id }) => id));
		for (const { id } of questionsOf(after, asking)) {
			if (id in gone) expect(open.has(id), `${seed} ${id}`).toBe(true);
			else if (before[id] !== undefined) expect(open.has(id), `${seed} ${id}`).toBe(false);
		}
	}
});
