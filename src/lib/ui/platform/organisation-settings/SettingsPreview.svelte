<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { SettingsArea } from '$lib/core/platform/organisation-settings/areas';
	import type { SettingsChange } from '$lib/core/platform/organisation-settings/settings-change';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import PolicyPreview from '../policy/PolicyPreview.svelte';
	import { entryWords } from './entry-words';
	import SettingsChanges from './SettingsChanges.svelte';

	const { policy, settings: texts } = deskWords;

	interface Props {
		area: SettingsArea;
		changes: readonly SettingsChange[];
		preview: {
			readonly concerned: number;
			readonly people: readonly { readonly personId: string; readonly name: string; readonly what: string }[];
			readonly effects: ComponentProps<typeof PolicyPreview>['preview'] | null;
		};
	}

	let { area, changes, preview }: Props = $props();

	const whatWords = (what: string) =>
		area === 'days-off' ? dayWords(what, 'weekday') : entryWords(area, what);
</script>

<h2 class="text-head">{policy.wouldChange}</h2>
<SettingsChanges {area} {changes} />
<p class="mt-2">{texts.concerned[area](preview.concerned)}</p>
{#if preview.people.length > 0}
	<details class="mt-2">
		<summary class="kit-button desk">{texts.listed(preview.people.length)}</summary>
		<ul class="mt-2 border-t border-rule">
			{#each preview.people as { personId, name, what }, i (i)}
				<li class="border-b border-rule py-1 text-note">
					<a href="/desk/cases/{personId}">{name}</a>: {whatWords(what)}
				</li>
			{/each}
		</ul>
	</details>
{/if}
{#if preview.effects}
	<PolicyPreview changes={null} preview={preview.effects} />
{:else}
	<p class="mt-2 text-note text-ink-soft">{texts.noLevels}</p>
{/if}
