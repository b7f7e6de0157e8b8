<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Catalogue } from '$lib/messages/shapes';
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

<!-- A link to a page that needs the server: offline it is text with the reason, and never leads to an error. -->
{#if isOffline.current}
	<span class="kit-off {classes}"
		><span>{@render children()}</span> <span class="text-note">({t.faults.offline})</span></span
	>
{:else}
	<Button look="quiet" class={classes} {href} download={isDownload}>{@render children()}</Button>
{/if}
