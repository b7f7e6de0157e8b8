import type { ComponentProps } from 'svelte';
import type { SettingsArea, SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
import { VersionDraft } from '../versions/version-draft.svelte';
import type SettingsPreview from './SettingsPreview.svelte';

/** What a preview answered. */
export interface SeenSettings {
	readonly preview: ComponentProps<typeof SettingsPreview>['preview'];
}

/** Settings of an area while they are edited, previewed and published. */
export class SettingsDraft<A extends SettingsArea = SettingsArea> extends VersionDraft<
	SettingsByArea[A],
	SeenSettings
> {}

export const withEntry = <T>(entries: readonly T[], at: number, change: Partial<T>): T[] =>
	entries.map((entry, i) => (i === at ? { ...entry, ...change } : entry));

/** A list without one entry. */
export const withoutEntry = <T>(entries: readonly T[], at: number): T[] => entries.filter((_, i) => i !== at);

export function withMoved<T>(entries: readonly T[], from: number, to: number): T[] {
	const all = [...entries];
	const [one] = all.splice(from, 1);
	if (one !== undefined) all.splice(Math.max(0, Math.min(to, all.length)), 0, one);
	return all;
}

/** The next number for an entry of one's own: never one that was given before, as far as the form knows. */
export const nextNumber = (given: readonly number[]): number => Math.max(0, ...given) + 1;
