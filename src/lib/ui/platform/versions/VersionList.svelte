<script lang="ts" generics="V extends PublishedVersion">
	import type { Snippet } from 'svelte';
	import { momentWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import type { PublishedVersion, VersionFileWords, VersionWords } from './version-words';

	const texts = deskWords.versions;

	interface Props {
		/** Newest first. */
		versions: readonly V[];
		/** The one that applies now. */
		current: number;
		timeZone: string;
		words: VersionWords;
		/** Address of their page, where each is also a file. */
		at?: string;
		fileName?: VersionFileWords['fileName'];
		changed: Snippet<[V]>;
		/** How editing starts from a version; otherwise by a link to the page. */
		start?: Snippet<[number]>;
	}

	let { versions, current, timeZone, words, at, fileName, changed, start }: Props = $props();
</script>

{#snippet name(version: number)}
	<p class="font-semibold">
		{version === current ? words.current(words.version(version)) : words.version(version)}
	</p>
{/snippet}

{#snippet uses(version: number)}
	<div class="mt-1 flex flex-wrap items-baseline gap-4 text-note">
		{#if start}{@render start(version)}{:else if version !== current}
			<a href="{at}?from={version}" data-sveltekit-reload>{texts.use}</a>
		{/if}
		{#if fileName}
			<a href="{at}/file?version={version}" download={fileName(version)}>{texts.download}</a>
		{/if}
	</div>
{/snippet}

<ol class="mt-1 border-t border-ink">
	{#each versions as one (one.version)}
		<li class="border-b border-rule py-2.5">
			{@render name(one.version)}
			<p class="text-note text-ink-soft">{texts.by(one.by ?? texts.gone, momentWords(one.at, timeZone))}</p>
			{#if one.note}<p class="text-note">{one.note}</p>{/if}
			{@render changed(one)}
			{@render uses(one.version)}
		</li>
	{/each}
	<li class="border-b border-rule py-2.5">
		{@render name(0)}
		<p class="text-note text-ink-soft">{words.original}</p>
		{@render uses(0)}
	</li>
</ol>
