import type { ComponentProps } from 'svelte';
import { sameDocument } from '$lib/core/platform/same-document';
import type { SettingsArea, SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
import type SettingsPreview from './SettingsPreview.svelte';

/** What a preview answered. */
export interface SeenSettings {
	readonly preview: ComponentProps<typeof SettingsPreview>['preview'];
}

/** Settings of an area while they are edited, previewed and published. */
export class SettingsDraft<A extends SettingsArea = SettingsArea> {
	settings: SettingsByArea[A] = $state.raw(null as never);
	/** The newest preview, and the settings that it was of. */
	seen = $state.raw<(SeenSettings & { readonly of: SettingsByArea[A] }) | null>(null);
	/** Said above the form: what it shows, or what was published. */
	notice = $state('');
	readonly isSame: boolean = $derived.by(() => sameDocument(this.settings, this.current()));
	/** Whether the preview is of what the form shows now. */
	readonly isSeen: boolean = $derived.by(
		() => this.seen !== null && sameDocument(this.seen.of, this.settings)
	);

	/**
	 * @param current reads the settings that apply
	 * @param start those that the form begins with
	 */
	constructor(
		private readonly current: () => SettingsByArea[A],
		start: SettingsByArea[A],
		notice: string
	) {
		this.settings = start;
		this.notice = notice;
	}

	/** Puts settings into the form, with what is said about them. */
	show(settings: SettingsByArea[A], notice: string): void {
		this.settings = settings;
		this.seen = null;
		this.notice = notice;
	}

	change(settings: SettingsByArea[A]): void {
		this.settings = settings;
	}

	previewed(seen: SeenSettings): void {
		this.notice = '';
		this.seen = { ...seen, of: this.settings };
	}

	published(notice: string): void {
		this.seen = null;
		this.notice = notice;
	}
}

/** A list with one entry changed. */
export const withEntry = <T>(entries: readonly T[], at: number, change: Partial<T>): T[] =>
	entries.map((entry, i) => (i === at ? { ...entry, ...change } : entry));

/** A list without one entry. */
export const withoutEntry = <T>(entries: readonly T[], at: number): T[] => entries.filter((_, i) => i !== at);

/** A list with one entry moved to another place. */
export function withMoved<T>(entries: readonly T[], from: number, to: number): T[] {
	const all = [...entries];
	const [one] = all.splice(from, 1);
	if (one !== undefined) all.splice(Math.max(0, Math.min(to, all.length)), 0, one);
	return all;
}

/** The next number for an entry of one's own: never one that was given before, as far as the form knows. */
export const nextNumber = (given: readonly number[]): number => Math.max(0, ...given) + 1;
