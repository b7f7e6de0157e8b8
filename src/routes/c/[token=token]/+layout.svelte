<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { page } from '$app/state';
	import { messagesFor } from '$lib/messages';
	import NeedsNetwork from '$lib/ui/kit/NeedsNetwork.svelte';
	import { isOffline } from '$lib/ui/kit/is-offline.svelte';
	import Later from '$lib/ui/later/Later.svelte';
	import { keepForOffline } from '$lib/ui/later/keep-for-offline';
	import { setRoom } from '$lib/ui/section/room';
	import TextSizeSwitch from '$lib/ui/theme/TextSizeSwitch.svelte';
	import ThemeSwitch from '$lib/ui/theme/ThemeSwitch.svelte';

	let { data, children } = $props();

	const t = $derived(messagesFor(data.locale));

	setRoom(untrack(() => data.isPhone));
	onMount(() => void keepForOffline());
</script>

<a class="skip" href="#content">{t.frame.skip}</a>
{@render children()}
<Later shows={() => [page.url.pathname, page.url.search, data.theme, data.textSize, isOffline.current]}>
	<footer
		class="no-print mx-auto flex max-w-6xl flex-wrap justify-end gap-x-6 gap-y-2 px-5 pb-6 text-note md:px-8"
	>
		{#if !page.url.pathname.endsWith('/messages')}
			<NeedsNetwork class="mr-auto self-center" href="/c/{data.token}/messages" {t}
				>{t.messages.write}</NeedsNetwork
			>
		{/if}
		<TextSizeSwitch size={data.textSize} {t} />
		<ThemeSwitch theme={data.theme} {t} />
	</footer>
</Later>

<style>
	.skip {
		position: absolute;
		left: -100vw;
		padding: 0.5rem 1rem;
		background: var(--ink);
		color: var(--sheet);
		z-index: 10;
	}
	.skip:focus {
		left: 0.5rem;
		top: 0.5rem;
	}
</style>
