<script lang="ts">
	import { CURRENCIES, isShippedItem, type Currency, type EquipmentItem } from '$lib/core/plan/equipment';
	import { ownNameIn } from '$lib/core/platform/organisation-settings/own-names';
	import type { CatalogueItem } from '$lib/core/platform/organisation-settings/equipment-catalogue';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import Button from '../kit/Button.svelte';
	import Select from '../kit/Select.svelte';
	import CatalogueEntry from './CatalogueEntry.svelte';
	import { nextNumber, withEntry, withoutEntry, type SettingsDraft } from './settings-draft.svelte';

	const texts = deskWords.settings.equipment;

	interface Props {
		draft: SettingsDraft<'equipment'>;
		/** Those that people read. */
		languages: readonly string[];
	}

	let { draft, languages }: Props = $props();

	const { buy } = deskCatalogue().open;
	const { items, currency } = $derived(draft.settings);
	const nameOf = ({ code, names }: CatalogueItem) =>
		isShippedItem(code) ? buy[code] : ownNameIn(names, deskLocale()) || texts.newItem;
	const numberOf = (code: EquipmentItem) => Number(/^item-(\d+)$/.exec(code)?.[1] ?? 0);
	const add = () =>
		draft.change({
			currency,
			items: [
				...items,
				{
					code: `item-${nextNumber(items.map(({ code }) => numberOf(code)))}`,
					isOffered: true,
					names: {},
					helps: [],
					cents: null,
					supplier: '',
					article: '',
					deliveryDays: null
				}
			]
		});
</script>

<div class="max-w-48">
	<Select
		name=""
		id="catalogue-currency"
		label={texts.currency}
		size="desk"
		value={currency}
		options={CURRENCIES.map((value) => ({ value, words: value }))}
		onchange={(chosen) => draft.change({ items, currency: chosen as Currency })}
	/>
</div>
<ul class="mt-3 border-t border-ink">
	{#each items as item, i (item.code)}
		<li class="border-b border-rule py-2.5">
			<CatalogueEntry
				{item}
				name={nameOf(item)}
				{currency}
				{languages}
				onchange={(part) => draft.change({ currency, items: withEntry(items, i, part) })}
				onremove={isShippedItem(item.code)
					? null
					: () => draft.change({ currency, items: withoutEntry(items, i) })}
			/>
		</li>
	{/each}
</ul>
<p class="mt-3"><Button type="button" size="desk" class="needs-js" onclick={add}>{texts.add}</Button></p>
