import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

const eslint = new ESLint();

/** What the project's own rules say of markup, as if it stood in a file. */
async function refusals(markup: string, filePath: string): Promise<string[]> {
	const [result] = await eslint.lintText(markup, { filePath });
	return (result?.messages ?? [])
		.filter(({ ruleId }) => ruleId?.includes('restricted'))
		.map(({ message }) => message);
}

const WALK = 'src/lib/ui/questionnaire/WalkBar.svelte';
const DESK = 'src/lib/ui/cases/CasePane.svelte';

describe('what the linter refuses of markup', () => {
	it('a control that hides a method of its form, in either door', async () => {
		for (const file of [WALK, DESK])
			for (const name of ['remove', 'submit', 'closest', 'parentNode'])
				expect(await refusals(`<input type="hidden" name="${name}" value="1" />`, file)).toEqual([
					'A control of this name hides a property of its form.'
				]);
		expect(await refusals('<input type="hidden" name="takeOut" value="1" />', WALK)).toEqual([]);
	});

	it('a control that is not of the kit, in the employee’s door', async () => {
		for (const bare of [
			'<input name="a" />',
			'<input type="checkbox" name="a" />',
			'<button name="a">a</button>',
			'<select name="a"></select>',
			'<textarea name="a"></textarea>',
			'<dialog></dialog>'
		]) {
			expect(await refusals(bare, WALK), bare).toHaveLength(1);
			// Those are drawn there.
			expect(await refusals(bare, 'src/lib/ui/platform/kit/Button.svelte'), bare).toEqual([]);
		}
		expect(await refusals('<a class="btn btn-main" href="/">a</a>', WALK)).toHaveLength(1);
		// What is sent along, and what Enter presses, are no controls to anybody's eye.
		expect(await refusals('<input type="hidden" name="a" />', WALK)).toEqual([]);
		expect(await refusals('<button class="hidden" aria-hidden="true">a</button>', WALK)).toEqual([]);
	});
});
