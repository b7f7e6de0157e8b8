import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import { originalSettings } from '$lib/core/platform/organisation-settings/settings-document';
import type { SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
import {
	nextNumber,
	SettingsDraft,
	withEntry,
	withMoved,
	withoutEntry,
	type SeenSettings
} from './settings-draft.svelte';

const original = originalSettings('choices');
const fewer: SettingsByArea['choices'] = { ...original, breakSchedules: original.breakSchedules.slice(0, 1) };
const SEEN = { preview: { changes: [], people: [] } } as unknown as SeenSettings;

describe('settings while they are edited', () => {
	it('can be published only as they were previewed', () => {
		const draft = new SettingsDraft<'choices'>(() => original, original, '');
		expect([draft.isSame, draft.isSeen]).toEqual([true, false]);
		draft.change(fewer);
		expect([draft.isSame, draft.isSeen]).toEqual([false, false]);
		draft.previewed(SEEN);
		expect(draft.isSeen).toBe(true);
		// Changed after the preview: it is of something else now, and of the same again once that is taken back.
		draft.change(original);
		expect([draft.isSame, draft.isSeen]).toEqual([true, false]);
		draft.change({ ...fewer });
		expect(draft.isSeen).toBe(true);
	});

	it('say what was put into the form until it is previewed, and what was published after that', () => {
		const draft = new SettingsDraft<'choices'>(() => original, original, 'The form shows version 1.');
		expect(draft.notice).toBe('The form shows version 1.');
		draft.change(fewer);
		draft.previewed(SEEN);
		expect(draft.notice).toBe('');
		draft.published('Version 2 applies now.');
		expect([draft.notice, draft.seen]).toEqual(['Version 2 applies now.', null]);
		// A file put into the form needs a preview of its own.
		draft.previewed(SEEN);
		draft.show(original, 'The form shows the file.');
		expect([draft.notice, draft.seen, draft.isSame]).toEqual(['The form shows the file.', null, true]);
	});

	it('are the same as those that apply as soon as a colleague has published them', () => {
		let current = original;
		const draft = new SettingsDraft<'choices'>(() => current, fewer, '');
		expect(draft.isSame).toBe(false);
		current = { ...fewer };
		const again = new SettingsDraft<'choices'>(() => current, draft.settings, '');
		expect(again.isSame).toBe(true);
	});
});

describe('the entries of a list', () => {
	it('change, come and go one at a time, whatever is done to them, and no number is given twice', () => {
		const dice = new Dice(7);
		let entries: { readonly id: number; readonly name: string }[] = [];
		let highest = 0;
		for (let i = 0; i < 400; i += 1) {
			const at = dice.int(0, Math.max(0, entries.length - 1));
			const before = entries;
			if (entries.length === 0 || dice.chance(0.4)) {
				const id = nextNumber([...entries.map((one) => one.id), highest]);
				expect(before.some((one) => one.id === id)).toBe(false);
				expect(id).toBeGreaterThan(highest);
				highest = id;
				entries = [...entries, { id, name: '' }];
			} else if (dice.chance(0.5)) {
				entries = withEntry(entries, at, { name: `named ${i}` });
				expect(entries[at]).toEqual({ id: before[at]?.id, name: `named ${i}` });
				expect(entries.toSpliced(at, 1)).toEqual(before.toSpliced(at, 1));
			} else {
				entries = withoutEntry(entries, at);
				expect(entries).toEqual(before.toSpliced(at, 1));
			}
		}
		expect(highest).toBeGreaterThan(50);
	});

	it('are moved without any being lost, also past either end', () => {
		const dice = new Dice(8);
		const all = ['a', 'b', 'c', 'd', 'e'];
		for (let i = 0; i < 200; i += 1) {
			const [from, to] = [dice.int(0, 4), dice.int(-2, 7)];
			const moved = withMoved(all, from, to);
			expect([...moved].sort()).toEqual(all);
			expect(moved.indexOf(all[from] ?? '')).toBe(Math.max(0, Math.min(4, to)));
			expect(moved.filter((one) => one !== all[from])).toEqual(all.filter((one) => one !== all[from]));
		}
		expect(withMoved(all, 9, 0)).toEqual(all);
	});
});
