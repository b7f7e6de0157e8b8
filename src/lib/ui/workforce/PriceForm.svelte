<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { PurchaseId } from '$lib/core/plan/purchases';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import Notice from '../platform/kit/Notice.svelte';
	import Select from '../platform/kit/Select.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { codeWords } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		things: readonly PurchaseId[];
		prices: readonly { readonly purchase: PurchaseId; readonly cents: number; readonly currency: string }[];
		currencies: readonly string[];
		fault: string | null;
		isKept: boolean;
	}

	let { things, prices, currencies, fault, isKept }: Props = $props();

	const priceOf = (thing: PurchaseId) => {
		const found = prices.find(({ purchase }) => purchase === thing);
		return found ? (found.cents / 100).toFixed(2) : '';
	};
</script>

<div class="mt-6 no-print">
	<!-- The result is shown outside the fold, so that nobody can fold it away. -->
	{#if fault}<Notice kind="caution" role="alert">{fault}</Notice>{/if}
	{#if isKept}<Notice kind="done" role="status">{texts.pricesSaved}</Notice>{/if}
	<Disclosure words={texts.prices} isOpen={prices.length === 0 || fault !== null}>
		<form
			method="POST"
			action="?/prices"
			use:enhanceForm={() =>
				({ update }) =>
					update({ reset: false })}
		>
			<div class="prices">
				{#each things as thing (thing)}
					<TextField
						name={thing}
						label={codeWords(thing)}
						value={priceOf(thing)}
						size="desk"
						inputmode="decimal"
						maxlength={12}
					/>
				{/each}
				<Select
					name="currency"
					label={texts.currency}
					size="desk"
					value={prices[0]?.currency ?? currencies[0] ?? ''}
					options={currencies.map((value) => ({ value, words: value }))}
				/>
			</div>
			<p class="mt-3"><Button size="desk">{texts.savePrices}</Button></p>
		</form>
	</Disclosure>
</div>

<style>
	.prices {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
		gap: 0.5rem 1.25rem;
		margin-top: 0.5rem;
	}
</style>
