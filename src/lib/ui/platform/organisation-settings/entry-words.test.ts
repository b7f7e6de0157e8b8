import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { SettingsArea, SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
import { settingsChangesOf } from '$lib/core/platform/organisation-settings/area-changes';
import { originalSettings } from '$lib/core/platform/organisation-settings/settings-document';
import { DESK_LANGUAGES, ENGLISH_READER, findDeskReaderBy } from '$lib/messages/desk-language';
import { entryWords } from './entry-words';

/** Settings of an area without any entry. */
const EMPTY: { readonly [A in SettingsArea]?: SettingsByArea[A] } = {
	choices: { sittingStyles: [], breakSchedules: [] },
	'household-items': { kinds: [], own: [] },
	equipment: { currency: 'EUR', items: [] },
	'eye-tests': { entitlements: [] }
};

afterEach(() => findDeskReaderBy(() => ENGLISH_READER));

describe.each(DESK_LANGUAGES)('entries that settings add, change and remove: %s', (language) => {
	beforeEach(() => findDeskReaderBy(() => ({ ...ENGLISH_READER, language })));

	it.each(['choices', 'household-items', 'equipment', 'eye-tests'] as const)(
		'have words of their own, no two the same: %s',
		(area) => {
			const changes = settingsChangesOf(area, EMPTY[area]!, originalSettings(area), language);
			const codes = changes.map(({ name }) => name);
			expect(codes.length).toBeGreaterThan(3);
			const words = codes.map((code) => entryWords(area, code));
			for (const [i, word] of words.entries()) {
				expect(word).not.toMatch(/^$|undefined/);
				expect(word, codes[i]).not.toBe(codes[i]);
			}
			expect(new Set(words).size).toBe(words.length);
		}
	);

	it('are called as people called them where the organisation added them', () => {
		for (const area of ['household-items', 'equipment', 'teams', 'days-off'] as const)
			expect(entryWords(area, 'Harbour lamp')).toBe('Harbour lamp');
		// A country without a code is every other one.
		expect(entryWords('eye-tests', '')).toMatch(/^\p{Lu}\p{L}+ .*\p{L}$/u);
		// What every object has is no entry.
		for (const area of ['choices', 'household-items'] as const)
			expect(entryWords(area, 'constructor')).toBe('constructor');
	});
});
