<script lang="ts">
	import {
		policyChanges,
		POLICY_FIELD_NAMES,
		POLICY_PARTS,
		policyFieldRule,
		type PolicySettings
	} from '$lib/core/cases/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import SettingRow from '../kit/SettingRow.svelte';
	import PublishForm from '../versions/PublishForm.svelte';
	import type { PolicyDraft } from './policy-draft.svelte';
	import PolicyPreview from './PolicyPreview.svelte';

	const texts = deskWords.policy;

	interface Props {
		draft: PolicyDraft;
		/** The settings that apply now, and their version. */
		inForce: PolicySettings;
		version: number;
	}

	let { draft, inForce, version }: Props = $props();
</script>

<PublishForm {draft} {version} published={texts.published}>
	{#each POLICY_PARTS as part (part)}
		<fieldset class="mb-5">
			<legend class="text-lead font-semibold">{texts.parts[part]}</legend>
			{#each POLICY_FIELD_NAMES.filter((one) => policyFieldRule(one).part === part) as field (field)}
				{@const rule = policyFieldRule(field)}
				{@const now = draft.differsFrom(field)}
				<SettingRow
					name={field}
					label={texts.fields[field]}
					value={draft.settings[field]}
					unit={texts.units[rule.unit]}
					limits={rule.list
						? texts.listLimits({ ...rule, ...rule.list })
						: texts.limits(rule.least, rule.most)}
					note={now && texts.now(now)}
					isList={Boolean(rule.list)}
					oninput={(text) => draft.type(field, text)}
				/>
			{/each}
		</fieldset>
	{/each}
	{#snippet preview()}
		{#if draft.seen}
			<PolicyPreview changes={policyChanges(inForce, draft.seen.settings)} preview={draft.seen.preview} />
		{/if}
	{/snippet}
</PublishForm>
