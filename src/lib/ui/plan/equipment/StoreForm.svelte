<script lang="ts">
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import TextField from '../../platform/kit/TextField.svelte';
	import { deskWords } from '$lib/messages/desk';
	import { itemWords } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.equipment;

	interface Props {
		/** The count. */
		store: readonly {
			readonly thing: EquipmentItem;
			readonly onHand: number;
			readonly reserved: number;
			readonly version: number;
		}[];
		/** Every item of the catalogue. */
		items: readonly EquipmentItem[];
	}

	let { store, items }: Props = $props();

	let kept = $state<EquipmentItem | null>(null);
	let counting: EquipmentItem | null = null;
	const form = new CaseForm(() => (kept = counting));
	const all = $derived(store.reduce((sum, { onHand }) => sum + onHand, 0));
</script>

<details class="mt-3">
	<summary class="kit-summary">{texts.inStock(all)}</summary>
	<ul class="store">
		{#each items as thing (thing)}
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
							label={itemWords(thing)}
							value={String(row?.onHand ?? 0)}
							inputmode="numeric"
							size="desk"
							maxlength={4}
						/>
					</div>
					<Button size="desk" isBusy={form.isBusy}>{texts.saveCount}</Button>
					{#if row && row.reserved > 0}<span class="text-note text-ink-soft"
							>{texts.reservedOf(row.reserved)}</span
						>{/if}
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
