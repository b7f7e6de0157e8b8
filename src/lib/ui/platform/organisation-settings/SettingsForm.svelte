<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { SettingsArea } from '$lib/core/platform/organisation-settings/areas';
	import type { SettingsChange } from '$lib/core/platform/organisation-settings/settings-change';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import PublishBar from '../organisation/PublishBar.svelte';
	import type { SeenSettings, SettingsDraft } from './settings-draft.svelte';
	import SettingsPreview from './SettingsPreview.svelte';

	const { policy, settings: texts } = deskWords;

	interface Props {
		area: SettingsArea;
		draft: SettingsDraft;
		version: number;
		/** How what the form shows differs from what applies. */
		changes: readonly SettingsChange[];
		children: Snippet;
	}

	let { area, draft, version, changes, children }: Props = $props();

	let note = $state('');
	const form = new CaseForm((result) => {
		if ('published' in result) {
			note = '';
			const words = policy.version(Number(result.published));
			draft.published(area === 'days-off' ? texts.publishedDays(words) : texts.published(words));
		} else draft.previewed(result as unknown as SeenSettings);
	});
</script>

<form method="POST" action="?/preview" use:enhanceForm={form.submit}>
	<input type="hidden" name="seen" value={version} />
	<input type="hidden" name="settings" value={JSON.stringify(draft.settings)} />
	{@render children()}
	<FormError fault={form.fault} />
	{#if draft.seen}
		<section class="preview" aria-live="polite">
			<SettingsPreview {area} {changes} preview={draft.seen.preview} />
		</section>
	{/if}
	<PublishBar {draft} bind:note isBusy={form.isBusy} />
</form>

<style>
	.preview {
		margin-top: 1rem;
		padding: 0.75rem 1rem;
		border-inline-start: 3px solid var(--cool);
		background: var(--cool-wash);
	}
</style>
