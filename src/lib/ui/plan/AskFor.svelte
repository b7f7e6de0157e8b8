<script lang="ts">
	import { enhanceForm } from '../kit/enhance-form';
	import type { RequestableItem } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import { isOffline } from '../kit/is-offline.svelte';

	interface Props {
		thing: RequestableItem;
		/** What was requested. */
		requests: readonly RequestableItem[];
		t: Catalogue;
		/** What need not be requested: it is at home. */
		own: readonly RequestableItem[];
		/** Names the item on the button, where several are side by side. */
		isNamed?: boolean;
	}

	let { thing, requests, own, t, isNamed = false }: Props = $props();

	const isAsked = $derived(requests.includes(thing));
	const words = $derived(isAsked ? t.open.asked : t.open.ask);
</script>

{#if own.includes(thing)}
	<span class="font-semibold text-cool">{t.open.atHome[thing] ?? t.open.haveIt}</span>
{:else}
	<form method="POST" action="?/ask" use:enhanceForm>
		<input type="hidden" name="purchase" value={thing} />
		<Button
			disabled={isOffline.current}
			name="wanted"
			value={isAsked ? 'no' : 'yes'}
			aria-pressed={isAsked}
			aria-label={t.lists.of(words, t.open.buy[thing])}
			>{isNamed ? t.lists.of(words, t.open.buy[thing]) : words}</Button
		>
	</form>
{/if}
