import type { ComponentProps } from 'svelte';
import {
	POLICY_FIELD_NAMES,
	type PolicyField,
	type PolicySettings
} from '$lib/core/cases/triage/policy-settings';
import { VersionDraft } from '../versions/version-draft.svelte';
import type PolicyPreview from './PolicyPreview.svelte';
import { settingText } from './setting-text';

type Typed = Readonly<Record<PolicyField, string>>;

/** Settings as the form shows them. */
export const typedOf = (settings: PolicySettings): Typed =>
	Object.fromEntries(POLICY_FIELD_NAMES.map((field) => [field, settingText(settings[field])])) as Typed;

const withoutSpaces = (value: string) => value.replace(/\s/g, '');

/** What a preview answered: the settings it was about, and what they would do. */
interface SeenPolicy {
	readonly settings: PolicySettings;
	readonly preview: ComponentProps<typeof PolicyPreview>['preview'];
}

/** Settings of the policy while they are typed, previewed and published. */
export class PolicyDraft extends VersionDraft<Typed, SeenPolicy> {
	protected override areAlike(a: Typed, b: Typed): boolean {
		return POLICY_FIELD_NAMES.every((field) => withoutSpaces(a[field]) === withoutSpaces(b[field]));
	}

	type(field: PolicyField, text: string): void {
		this.change({ ...this.settings, [field]: text });
	}

	/** The value that applies now, where another is typed; otherwise empty. */
	differsFrom(field: PolicyField): string {
		const now = this.current()[field];
		return withoutSpaces(this.settings[field]) === withoutSpaces(now) ? '' : now;
	}
}
