import { sameDocument } from '$lib/core/platform/same-document';

/** Settings while they are edited, seen for what they would change, and published. */
export class VersionDraft<T extends object, S extends object> {
	settings: T = $state.raw(null as never);
	/** What the newest preview answered, and the settings that it was of. */
	seen = $state.raw<(S & { readonly of: T }) | null>(null);
	/** Said above the form: what it shows, or what was published. */
	notice = $state('');
	readonly isSame: boolean = $derived.by(() => this.areAlike(this.settings, this.current()));
	/** Whether the preview is of what the form shows now. */
	readonly isSeen: boolean = $derived.by(
		() => this.seen !== null && this.areAlike(this.seen.of, this.settings)
	);

	/**
	 * @param current reads the settings that apply
	 * @param start those that the form begins with
	 */
	constructor(
		protected readonly current: () => T,
		start: T,
		notice: string
	) {
		this.settings = start;
		this.notice = notice;
	}

	protected areAlike(a: T, b: T): boolean {
		return sameDocument(a, b);
	}

	/** Puts settings into the form, with what is said about them. */
	show(settings: T, notice: string): void {
		this.settings = settings;
		this.seen = null;
		this.notice = notice;
	}

	change(settings: T): void {
		this.settings = settings;
	}

	previewed(seen: S): void {
		this.notice = '';
		this.seen = { ...seen, of: this.settings };
	}

	published(notice: string): void {
		this.seen = null;
		this.notice = notice;
	}
}
