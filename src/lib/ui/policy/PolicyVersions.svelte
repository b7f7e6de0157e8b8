<script lang="ts">
	import type { PolicyChange } from '$lib/core/triage/policy-settings';
	import { momentWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import PolicyChanges from './PolicyChanges.svelte';

	const texts = deskWords.policy;

	interface Props {
		/** Newest first. */
		versions: readonly {
			readonly version: number;
			readonly by: string | null;
			readonly at: Date;
			readonly note: string;
			readonly changes: readonly PolicyChange[];
		}[];
		/** The one that applies now. */
		current: number;
		timeZone: string;
	}

	let { versions, current, timeZone }: Props = $props();
</script>

{#snippet uses(version: number)}
	<p class="mt-1 flex flex-wrap gap-4 text-note">
		{#if version !== current}
			<a href="/desk/organisation/policy?from={version}" data-sveltekit-reload>{texts.use}</a>
		{/if}
		<a href="/desk/organisation/policy/file?version={version}" download={texts.fileName(version)}
			>{texts.download}</a
		>
	</p>
{/snippet}

<h2 class="text-lead">{texts.versions}</h2>
<ol class="mt-1 border-t border-ink">
	{#each versions as { version, by, at, note, changes } (version)}
		<li class="border-b border-rule py-2.5">
			<p class="font-semibold">{texts.version(version)}</p>
			<p class="text-note text-ink-soft">{texts.by(by ?? texts.gone, momentWords(at, timeZone))}</p>
			{#if note}<p class="text-note">{note}</p>{/if}
			<PolicyChanges {changes} />
			{@render uses(version)}
		</li>
	{/each}
	<li class="border-b border-rule py-2.5">
		<p class="font-semibold">{texts.version(0)}</p>
		<p class="text-note text-ink-soft">{texts.original}</p>
		{@render uses(0)}
	</li>
</ol>
