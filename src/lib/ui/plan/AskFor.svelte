<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { isShippedItem, type EquipmentItem } from '$lib/core/plan/equipment';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import { offeredItems } from './offered-items';

	interface Props {
		thing: EquipmentItem;
		requests: readonly EquipmentItem[];
		t: Catalogue;
		/** What need not be requested: it is at home. */
		own: readonly EquipmentItem[];
		/** Names the item on the button, where several are side by side. */
		isNamed?: boolean;
	}

	let { thing, requests, own, t, isNamed = false }: Props = $props();

	const offered = offeredItems();
	const entry = $derived(offered()?.find(({ code }) => code === thing));
	const isAsked = $derived(requests.includes(thing));
	/** What was asked for can be withdrawn, also where it is no longer offered. */
	const isShown = $derived(isAsked || offered() === null || entry !== undefined);
	const name = $derived(isShippedItem(thing) ? t.open.buy[thing] : (entry?.name ?? thing));
	const words = $derived(isAsked ? t.open.asked : t.open.ask);
</script>

{#if own.includes(thing)}
	<span class="font-semibold text-cool"
		>{(isShippedItem(thing) && t.open.atHome[thing]) || t.open.haveIt}</span
	>
{:else if isShown}
	<form method="POST" action="?/ask" use:enhanceForm>
		<input type="hidden" name="purchase" value={thing} />
		<Button
			disabled={isOffline.current}
			name="wanted"
			value={isAsked ? 'no' : 'yes'}
			aria-pressed={isAsked}
			aria-label={t.lists.of(words, name)}>{isNamed ? t.lists.of(words, name) : words}</Button
		>
	</form>
{/if}
