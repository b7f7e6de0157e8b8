<script lang="ts">
	import {
		policyChanges,
		POLICY_FIELD_NAMES,
		POLICY_PARTS,
		policyFieldRule,
		type PolicySettings
	} from '$lib/core/cases/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import PublishBar from '../organisation/PublishBar.svelte';
	import SettingRow from '../kit/SettingRow.svelte';
	import type { PolicyDraft, SeenPolicy } from './policy-draft.svelte';
	import PolicyPreview from './PolicyPreview.svelte';

	const texts = deskWords.policy;

	interface Props {
		draft: PolicyDraft;
		/** The settings that apply now, and their version. */
		inForce: PolicySettings;
		version: number;
	}

	let { draft, inForce, version }: Props = $props();

	let note = $state('');
	const form = new CaseForm((result) => {
		if ('published' in result) {
			note = '';
			draft.published(texts.published(texts.version(Number(result.published))));
		} else draft.previewed(result as unknown as SeenPolicy);
	});
</script>

<form method="POST" action="?/preview" use:enhanceForm={form.submit}>
	<input type="hidden" name="seen" value={version} />
	{#each POLICY_PARTS as part (part)}
		<fieldset class="mb-5">
			<legend class="text-lead font-semibold">{texts.parts[part]}</legend>
			{#each POLICY_FIELD_NAMES.filter((one) => policyFieldRule(one).part === part) as field (field)}
				{@const rule = policyFieldRule(field)}
				{@const now = draft.differsFrom(field)}
				<SettingRow
					name={field}
					label={texts.fields[field]}
					value={draft.typed[field]}
					unit={texts.units[rule.unit]}
					limits={rule.list
						? texts.listLimits({ ...rule, ...rule.list })
						: texts.limits(rule.least, rule.most)}
					note={now && texts.now(now)}
					isList={Boolean(rule.list)}
					oninput={(text) => (draft.typed[field] = text)}
				/>
			{/each}
		</fieldset>
	{/each}
	<FormError fault={form.fault} />
	{#if draft.seen}
		<section class="preview" aria-live="polite">
			<PolicyPreview changes={policyChanges(inForce, draft.seen.settings)} preview={draft.seen.preview} />
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
