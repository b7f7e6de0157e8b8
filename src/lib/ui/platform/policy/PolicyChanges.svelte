<script lang="ts">
	import { policyFieldRule, type PolicyChange } from '$lib/core/cases/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import { settingText } from './setting-text';

	const texts = deskWords.policy;

	let { changes }: { changes: readonly PolicyChange[] } = $props();
</script>

<ul class="mt-1 text-note">
	{#each changes as { field, before, after } (field)}
		<li>
			<span class="text-ink-soft">{texts.parts[policyFieldRule(field).part]}</span>
			{texts.changed(texts.fields[field], settingText(before), settingText(after))}
		</li>
	{/each}
</ul>
