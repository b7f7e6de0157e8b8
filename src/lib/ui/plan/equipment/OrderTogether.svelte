<script lang="ts">
	import { CURRENCIES } from '$lib/core/plan/equipment';
	import { deskWords } from '$lib/messages/desk';
	import ActFields from '../../cases/ActFields.svelte';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import Select from '../../platform/kit/Select.svelte';
	import TextField from '../../platform/kit/TextField.svelte';
	import type { UsualOrder } from './usual-order';

	const texts = deskWords.equipment;

	interface Props {
		/** The ticked requests. */
		chosen: readonly {
			readonly id: string;
			readonly version: number;
			readonly words: string;
			readonly deliverTo: string;
		}[];
		/** As the catalogue has it where all are the same item. */
		usual: UsualOrder;
		ordered: (n: number) => void;
	}

	let { chosen, usual, ordered }: Props = $props();

	const form = new CaseForm((result) => ordered(Number(result.ordered ?? 0)));
</script>

<form method="POST" action="?/order" use:enhanceForm={form.submit} class="order">
	<ActFields {form} />
	<input
		type="hidden"
		name="requests"
		value={chosen.map(({ id, version }) => `${id}:${version}`).join(',')}
	/>
	<div>
		<h3 class="text-lead">{texts.orderTogether(chosen.length)}</h3>
		<ul class="text-note text-ink-soft">
			{#each chosen as { id, words, deliverTo } (id)}<li>
					{words}{#if deliverTo}<span class="soft">{texts.deliverTo(deliverTo)}</span>{/if}
				</li>{/each}
		</ul>
	</div>
	<div class="fields">
		<TextField name="supplier" label={texts.supplier} value={usual.supplier} size="desk" maxlength={120} />
		<TextField name="orderNumber" label={texts.orderNumber} value="" size="desk" maxlength={80} />
		<TextField
			name="cost"
			label={texts.priceOfOne}
			value={usual.cost}
			inputmode="decimal"
			size="desk"
			maxlength={20}
		/>
		<Select
			name="currency"
			label={texts.currency}
			size="desk"
			value={usual.currency || CURRENCIES[0]}
			options={CURRENCIES.map((value) => ({ value, words: value }))}
		/>
	</div>
	<p class="text-note text-ink-soft">{texts.orderTogetherHint}</p>
	<p><Button look="main" size="desk" isBusy={form.isBusy}>{texts.markOrdered(chosen.length)}</Button></p>
	<FormError fault={form.fault} />
</form>

<style>
	.order {
		display: grid;
		gap: 0.75rem;
		max-width: 48rem;
		margin-top: 0.75rem;
		padding: 0.75rem 1rem;
		border-inline-start: 3px solid var(--cool);
		background: var(--cool-wash);
	}
	.fields {
		display: grid;
		gap: 0.75rem;
	}
	@media (min-width: 48rem) {
		.fields {
			grid-template-columns: 2fr 1.4fr 1fr 0.8fr;
		}
	}
</style>
