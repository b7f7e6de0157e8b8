<script lang="ts">
	import type { SettingsArea } from '$lib/core/platform/organisation-settings/areas';
	import type { SettingsChange } from '$lib/core/platform/organisation-settings/settings-change';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { entryWords } from './entry-words';

	interface Props {
		area: SettingsArea;
		changes: readonly SettingsChange[];
	}

	let { area, changes }: Props = $props();
</script>

<ul class="mt-1 text-note">
	{#each changes as { how, name, on }, i (i)}
		<li>
			{deskWords.settings.howChanged[how](entryWords(area, name))}{#if on}, {dayWords(on, 'weekday')}{/if}
		</li>
	{/each}
</ul>
