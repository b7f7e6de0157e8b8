<script lang="ts">
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import {
		canBeLent,
		CURRENCIES,
		requestMoves,
		type EquipmentItem,
		type RequestState
	} from '$lib/core/plan/equipment';
	import DayField from '../../cases/DayField.svelte';
	import ActFields from '../../cases/ActFields.svelte';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import TextField from '../../platform/kit/TextField.svelte';
	import { needsDetail } from '$lib/core/plan/equipment';
	import { usualOrder, type UsualOrder } from './usual-order';
	import { deskWords } from '$lib/messages/desk';
	import { requestActWords } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.equipment;

	interface Props {
		request: {
			readonly id: string;
			readonly purchase: EquipmentItem;
			readonly state: RequestState;
			readonly version: number;
			/** Whether one in stock is reserved for it. */
			readonly fromStore?: boolean;
		};
		personId: string;
		/** Person and item, for people who only hear the buttons. */
		of: string;
		/** As the catalogue has it. */
		usual?: UsualOrder;
		/** How many are in stock and promised to nobody. */
		inStore?: number;
		/** ISO date. */
		today?: string;
	}

	let { request, personId, of, usual = usualOrder(undefined), inStore = 0, today = '' }: Props = $props();

	let more = $state<RequestState | null>(null);
	const actWords = (to: RequestState) => requestActWords(request.purchase, to);
	const form = new CaseForm(() => (more = null));
</script>

<div class="flex flex-wrap gap-1.5">
	{#each requestMoves(request.purchase, request.state) as to (to)}
		{#if needsDetail(to)}
			<Button
				type="button"
				size="desk"
				class="needs-js"
				aria-expanded={more === to}
				aria-label="{actWords(to)}: {of}"
				onclick={() => (more = more === to ? null : to)}>{actWords(to)} …</Button
			>
		{:else}
			<form method="POST" action="/desk/cases/{personId}?/equipment" use:enhanceForm={form.submit}>
				<ActFields {form} version={request.version} />
				<input type="hidden" name="request" value={request.id} />
				<Button
					size="desk"
					name="to"
					value={to}
					data-act={to}
					isBusy={form.isBusy}
					aria-label="{actWords(to)}: {of}">{actWords(to)}</Button
				>
			</form>
		{/if}
	{/each}
	{#if inStore > 0 && request.state === 'asked'}
		<form method="POST" action="/desk/cases/{personId}?/equipment" use:enhanceForm={form.submit}>
			<ActFields {form} version={request.version} />
			<input type="hidden" name="request" value={request.id} />
			<input type="hidden" name="isReserved" value="yes" />
			<Button size="desk" name="to" value="approved" isBusy={form.isBusy} aria-label={texts.reserveOf(of)}
				>{texts.reserve(inStore)}</Button
			>
		</form>
	{/if}
	{#if (inStore > 0 || request.fromStore) && canBeLent(request.purchase, request.state)}
		<Button
			type="button"
			size="desk"
			class="needs-js"
			aria-expanded={more === 'sent'}
			aria-label={texts.sendFromStock(of)}
			onclick={() => (more = more === 'sent' ? null : 'sent')}
			>{request.fromStore ? texts.sendReserved : texts.sendFromStockMenu(inStore)}</Button
		>
	{/if}
</div>
{#if more}
	<form
		method="POST"
		action="/desk/cases/{personId}?/equipment"
		use:enhanceForm={form.submit}
		class="mt-2 grid max-w-md gap-2"
	>
		<ActFields {form} version={request.version} />
		<input type="hidden" name="request" value={request.id} />
		<input type="hidden" name="to" value={more} />
		{#if more === 'declined'}
			<TextField
				name="reason"
				id="reason-{request.id}"
				label={texts.reasonForEmployee}
				value=""
				size="desk"
				maxlength={300}
				isRequired
			/>
		{:else if more === 'sent'}
			<input type="hidden" name="fromStore" value="yes" />
			<DayField id="back-by-{request.id}" name="backBy" label={texts.dueBack} least={today} />
		{:else}
			<TextField
				name="supplier"
				id="supplier-{request.id}"
				label={texts.supplier}
				value={usual.supplier}
				size="desk"
				maxlength={120}
			/>
			<TextField
				name="orderNumber"
				id="number-{request.id}"
				label={texts.orderNumber}
				value=""
				size="desk"
				maxlength={80}
			/>
			<div class="flex gap-2">
				<TextField
					name="cost"
					id="cost-{request.id}"
					label={texts.price}
					value={usual.cost}
					inputmode="decimal"
					size="desk"
					maxlength={20}
				/>
				<Select
					name="currency"
					id="currency-{request.id}"
					label={texts.currency}
					size="desk"
					value={usual.currency || CURRENCIES[0]}
					options={CURRENCIES.map((value) => ({ value, words: value }))}
				/>
			</div>
		{/if}
		<div><Button size="desk" look="main" isBusy={form.isBusy}>{actWords(more)}</Button></div>
	</form>
{/if}
<FormError fault={form.fault} />
