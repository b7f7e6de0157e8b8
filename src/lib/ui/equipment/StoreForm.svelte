<script lang="ts">
	import { enhanceForm } from '../kit/enhance-form';
	import { REQUESTABLE_ITEMS, type RequestableItem } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import { CaseForm } from '../cases/case-form.svelte';
	import FormError from '../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.equipment;

	interface Props {
		/** The count. */
		store: readonly { readonly thing: RequestableItem; readonly onHand: number; readonly version: number }[];
		t: Catalogue;
	}

	let { store, t }: Props = $props();

	let kept = $state<RequestableItem | null>(null);
	let counting: RequestableItem = REQUESTABLE_ITEMS[0];
	const form = new CaseForm(() => (kept = counting));
	const all = $derived(store.reduce((sum, { onHand }) => sum + onHand, 0));
</script>

<details class="mt-3">
	<summary class="kit-summary">{texts.inStock(all)}</summary>
	<ul class="store">
		{#each REQUESTABLE_ITEMS as thing (thing)}
			{@const row = store.find((one) => one.thing === thing)}
			<li>
				<form
					method="POST"
					action="?/count"
					use:enhanceForm={form.submit}
					onsubmit={() => (counting = thing)}
				>
					<input type="hidden" name="thing" value={thing} />
					<input type="hidden" name="version" value={row?.version ?? 0} />
					<div class="name">
						<TextField
							name="onHand"
							id="store-{thing}"
							label={t.open.buy[thing]}
							value={String(row?.onHand ?? 0)}
							inputmode="numeric"
							size="desk"
							maxlength={4}
						/>
					</div>
					<Button size="desk" isBusy={form.isBusy}>{texts.saveCount}</Button>
					<span role="status" class="text-note text-cool">{texts.saved(kept === thing)}</span>
				</form>
			</li>
		{/each}
	</ul>
	<FormError fault={form.fault} />
</details>

<style>
	.store {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
		gap: 0.5rem 1.5rem;
		margin-top: 0.5rem;
	}
	form {
		display: flex;
		gap: 0.5rem;
		align-items: end;
	}
	.name {
		flex: 1;
	}
</style>
