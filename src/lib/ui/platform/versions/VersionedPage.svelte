<script lang="ts">
	import type { Snippet } from 'svelte';
	import { deskWords } from '$lib/messages/desk';
	import Notice from '../kit/Notice.svelte';
	import WithAside from '../kit/WithAside.svelte';

	interface Props {
		title: string;
		heading: string;
		lead: string;
		/** Said above the form: what it shows, or what was published. */
		notice: string;
		/** Said to screen readers alone. */
		said?: string;
		/** Below the lead. */
		intro?: Snippet;
		children: Snippet;
		/** The versions so far, and the way in and out as a file. */
		versions: Snippet;
	}

	let { title, heading, lead, notice, said = '', intro, children, versions }: Props = $props();
</script>

<svelte:head><title>{title}</title></svelte:head>

<!-- A page on which the organisation publishes something in versions. -->
<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{deskWords.organisation.back}</a></p>
	<h1 class="mt-1 text-title">{heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{lead}</p>
	{@render intro?.()}
	<div role="status">
		{#if notice}<div class="mt-3 max-w-prose"><Notice kind="done">{notice}</Notice></div>{/if}
		<span class="sr-only">{said}</span>
	</div>
	<WithAside label={deskWords.versions.heading} {children}>
		{#snippet aside()}
			<h2 class="text-lead">{deskWords.versions.heading}</h2>
			{@render versions()}
		{/snippet}
	</WithAside>
</main>
