<script lang="ts" generics="T">
	import type { Snippet } from 'svelte';
	import { momentWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.policy;

	interface Props {
		/** Newest first. */
		versions: readonly {
			readonly version: number;
			readonly by: string | null;
			readonly at: Date;
			readonly note: string;
			readonly changes: readonly T[];
		}[];
		/** The one that applies now. */
		current: number;
		timeZone: string;
		/** Address of their page. */
		at: string;
		fileName: (version: number) => string;
		/** What a version changed. */
		changed: Snippet<[readonly T[]]>;
	}

	let { versions, current, timeZone, at, fileName, changed }: Props = $props();
</script>

{#snippet uses(version: number)}
	<p class="mt-1 flex flex-wrap gap-4 text-note">
		{#if version !== current}
			<a href="{at}?from={version}" data-sveltekit-reload>{texts.use}</a>
		{/if}
		<a href="{at}/file?version={version}" download={fileName(version)}>{texts.download}</a>
	</p>
{/snippet}

<h2 class="text-lead">{texts.versions}</h2>
<ol class="mt-1 border-t border-ink">
	{#each versions as { version, by, at: on, note, changes } (version)}
		<li class="border-b border-rule py-2.5">
			<p class="font-semibold">{texts.version(version)}</p>
			<p class="text-note text-ink-soft">{texts.by(by ?? texts.gone, momentWords(on, timeZone))}</p>
			{#if note}<p class="text-note">{note}</p>{/if}
			{@render changed(changes)}
			{@render uses(version)}
		</li>
	{/each}
	<li class="border-b border-rule py-2.5">
		<p class="font-semibold">{texts.version(0)}</p>
		<p class="text-note text-ink-soft">{texts.original}</p>
		{@render uses(0)}
	</li>
</ol>
