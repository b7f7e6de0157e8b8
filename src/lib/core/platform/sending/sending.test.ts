import { describe, expect, it } from 'vitest';
import { filledText, ROUND_FIELDS } from '../../../messages/emails';
import { unknownPlaceholders } from './index';

describe('unknownPlaceholders', () => {
	it('names what would go out as it was typed, each once, and nothing that is filled in', () => {
		const text = 'Hello {name} of {team}, {Name}, {team}, until {until}. {not\na field} {}';
		expect(unknownPlaceholders(text, ROUND_FIELDS)).toEqual(['{team}', '{Name}', '{}']);
		expect(unknownPlaceholders('Hello {name}, until {until}.', ROUND_FIELDS)).toEqual([]);
	});

	it('is empty just where filling leaves no brace behind', () => {
		for (const text of ['{name}', '{until} {name}', 'plain', '{x}', '{name}{y}']) {
			const filled = filledText(text, { name: 'A', until: 'B', organisation: 'C', contact: 'D' });
			expect(unknownPlaceholders(text, ROUND_FIELDS).length > 0).toBe(/\{.*\}/.test(filled));
		}
	});
});
