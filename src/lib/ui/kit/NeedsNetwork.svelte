<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Catalogue } from '$lib/messages';
	import Button from './Button.svelte';
	import { isOffline } from './is-offline.svelte';

	interface Props {
		href: string;
		t: Catalogue;
		isDownload?: boolean;
		class?: string;
		children: Snippet;
	}

	let { href, t, isDownload = false, class: classes = '', children }: Props = $props();
</script>

<!-- A link to a page that only the server has: without network it is words, with the reason, and never leads to a failure. -->
{#if isOffline.current}
	<span class="kit-off {classes}"
		><span>{@render children()}</span> <span class="text-note">({t.faults.offline})</span></span
	>
{:else}
	<Button look="quiet" class={classes} {href} download={isDownload}>{@render children()}</Button>
{/if}
