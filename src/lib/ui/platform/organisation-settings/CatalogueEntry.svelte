<script lang="ts">
	import { untrack } from 'svelte';
	import { FINDING_IDS, type FindingId } from '$lib/core/questionnaire/checklist/findings';
	import type { CatalogueItem } from '$lib/core/platform/organisation-settings/equipment-catalogue';
	import { deskWords } from '$lib/messages/desk';
	import { deskReader } from '$lib/messages/desk-language';
	import { findingWords, money } from '$lib/messages/desk/workforce-words';
	import Button from '../kit/Button.svelte';
	import CheckBox from '../kit/CheckBox.svelte';
	import Select from '../kit/Select.svelte';
	import TextField from '../kit/TextField.svelte';
	import OwnNameFields from './OwnNameFields.svelte';

	const texts = deskWords.settings.equipment;

	interface Props {
		item: CatalogueItem;
		name: string;
		currency: string;
		languages: readonly string[];
		onchange: (part: Partial<CatalogueItem>) => void;
		/** Null where it can't be removed: the software comes with it. */
		onremove: (() => void) | null;
	}

	let { item, name, currency, languages, onchange, onremove }: Props = $props();

	const problems = [
		...FINDING_IDS,
		...Object.keys(deskReader().ownNames).filter((id): id is FindingId => id.startsWith('own-'))
	];
	const known = $derived(
		[
			item.cents === null ? '' : money(item.cents, currency),
			item.supplier,
			item.article,
			item.deliveryDays === null ? '' : deskWords.equipment.deliveryTime(item.deliveryDays)
		].filter((one) => one !== '')
	);
	/** A new item is opened at once: it needs a name. */
	let isOpen = $state(untrack(() => onremove !== null && known.length === 0 && item.helps.length === 0));
	let typedPrice = $state<string | null>(null);
	let typedDays = $state<string | null>(null);
	const price = $derived(typedPrice ?? (item.cents === null ? '' : (item.cents / 100).toFixed(2)));
	function setPrice(text: string): void {
		const amount = text.trim().replace(',', '.');
		const isRead = /^(?:\d{1,6}(?:\.\d{1,2})?)?$/.test(amount);
		typedPrice = text;
		if (isRead) onchange({ cents: amount === '' ? null : Math.round(Number(amount) * 100) });
	}
	const isPriceRead = $derived(/^(?:\d{1,6}(?:[.,]\d{1,2})?)?$/.test(price.trim()));
	const days = $derived(typedDays ?? (item.deliveryDays === null ? '' : String(item.deliveryDays)));
	const areDaysRead = $derived(/^(?:\d{1,2}|1\d{2}|2[0-4]\d|250)?$/.test(days.trim()));
	function setDays(text: string): void {
		typedDays = text;
		if (/^(?:\d{1,2}|1\d{2}|2[0-4]\d|250)?$/.test(text.trim()))
			onchange({ deliveryDays: text.trim() === '' ? null : Number(text) });
	}
	const help = (finding: FindingId, isHelped: boolean) =>
		onchange({ helps: problems.filter((one) => (one === finding ? isHelped : item.helps.includes(one))) });
</script>

<div class="entry">
	<div>
		<p class="font-semibold first-letter:uppercase">{name}</p>
		{#if known.length > 0}<p class="text-note text-ink-soft">{known.join(' · ')}</p>{/if}
	</div>
	<CheckBox
		size="desk"
		words={texts.offered}
		isChecked={item.isOffered}
		onchange={(isOffered) => onchange({ isOffered })}
	/>
	<Button
		type="button"
		size="desk"
		class="needs-js"
		aria-expanded={isOpen}
		aria-label={texts.detailsOf(name)}
		onclick={() => (isOpen = !isOpen)}>{texts.details}</Button
	>
</div>
{#if isOpen}
	<div class="fields">
		{#if onremove}
			<OwnNameFields
				prefix="name-{item.code}"
				names={item.names}
				{languages}
				onchange={(names) => onchange({ names })}
			/>
		{/if}
		<TextField
			name=""
			id="price-{item.code}"
			label={texts.price}
			size="desk"
			inputmode="decimal"
			maxlength={10}
			value={price}
			fault={isPriceRead ? null : deskWords.settings.amount}
			oninput={setPrice}
		/>
		<TextField
			name=""
			id="supplier-{item.code}"
			label={texts.supplier}
			size="desk"
			maxlength={120}
			value={item.supplier}
			oninput={(supplier) => onchange({ supplier })}
		/>
		<TextField
			name=""
			id="article-{item.code}"
			label={texts.article}
			size="desk"
			maxlength={80}
			value={item.article}
			oninput={(article) => onchange({ article })}
		/>
		<TextField
			name=""
			id="delivery-{item.code}"
			label={texts.delivery}
			size="desk"
			inputmode="numeric"
			maxlength={3}
			value={days}
			fault={areDaysRead ? null : deskWords.settings.wholeNumber}
			oninput={setDays}
		/>
	</div>
	{#if onremove}
		<div class="mt-3 max-w-md">
			<Select
				name=""
				id="helps-{item.code}"
				label={texts.helps}
				size="desk"
				value=""
				options={[
					{ value: '', words: texts.addProblem },
					...problems
						.filter((finding) => !item.helps.includes(finding))
						.map((value) => ({ value, words: findingWords(value) }))
				]}
				onchange={(finding) => {
					if (finding) help(finding as FindingId, true);
				}}
			/>
		</div>
		{#if item.helps.length > 0}
			<ul class="mt-2">
				{#each item.helps as finding (finding)}
					<li class="flex flex-wrap items-center gap-x-4 text-note">
						{findingWords(finding)}
						<Button
							type="button"
							size="desk"
							look="quiet"
							aria-label={deskWords.settings.daysOff.remove(findingWords(finding))}
							onclick={() => help(finding, false)}>{deskWords.settings.remove}</Button
						>
					</li>
				{/each}
			</ul>
		{/if}
		<p class="mt-3">
			<Button
				type="button"
				size="desk"
				look="quiet"
				aria-label={deskWords.settings.daysOff.remove(name)}
				onclick={onremove}>{deskWords.settings.removeItem}</Button
			>
		</p>
	{/if}
{/if}

<style>
	.entry {
		display: grid;
		gap: 0.25rem 1.5rem;
		align-items: center;
		justify-items: start;
	}
	@media (min-width: 40rem) {
		.entry {
			grid-template-columns: minmax(0, 1fr) auto auto;
		}
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
		gap: 0.5rem 0.75rem;
		margin-top: 0.5rem;
	}
</style>
