import type { ComponentProps } from 'svelte';
import {
	POLICY_FIELD_NAMES,
	type PolicyField,
	type PolicySettings
} from '$lib/core/cases/triage/policy-settings';
import type PolicyPreview from './PolicyPreview.svelte';
import { settingText } from './setting-text';

type Typed = Record<PolicyField, string>;

const typedOf = (settings: PolicySettings) =>
	Object.fromEntries(POLICY_FIELD_NAMES.map((field) => [field, settingText(settings[field])])) as Typed;

const withoutSpaces = (value: string) => value.replace(/\s/g, '');
const asOne = (typed: Typed) => POLICY_FIELD_NAMES.map((field) => withoutSpaces(typed[field])).join(';');

/** What a preview answered: the settings it was about, and what they would do. */
export interface SeenPolicy {
	readonly settings: PolicySettings;
	readonly preview: ComponentProps<typeof PolicyPreview>['preview'];
}

/** Settings of the policy while they are typed, previewed and published. */
export class PolicyDraft {
	typed = $state<Typed>({} as Typed);
	/** The newest preview, and how the settings were typed when it was asked for. */
	seen = $state.raw<(SeenPolicy & { readonly typed: string }) | null>(null);
	/** Said above the form: what it shows, or what was published. */
	notice = $state('');
	readonly isSame: boolean = $derived.by(() => asOne(this.typed) === asOne(typedOf(this.inForce())));
	/** Whether the preview is of what is typed now. */
	readonly isSeen: boolean = $derived.by(() => this.seen?.typed === asOne(this.typed));

	/**
	 * @param inForce reads the settings that apply now
	 * @param start those that the form begins with
	 */
	constructor(
		private readonly inForce: () => PolicySettings,
		start: PolicySettings,
		notice: string
	) {
		this.typed = typedOf(start);
		this.notice = notice;
	}

	/** The value that applies now, where another is typed; otherwise empty. */
	differsFrom(field: PolicyField): string {
		const now = settingText(this.inForce()[field]);
		return withoutSpaces(this.typed[field]) === withoutSpaces(now) ? '' : now;
	}

	/** Puts settings into the form, with what is said about them. */
	show(settings: PolicySettings, notice: string): void {
		this.typed = typedOf(settings);
		this.seen = null;
		this.notice = notice;
	}

	previewed(seen: SeenPolicy): void {
		this.notice = '';
		this.seen = { ...seen, typed: asOne(this.typed) };
	}

	published(notice: string): void {
		this.seen = null;
		this.notice = notice;
	}
}
