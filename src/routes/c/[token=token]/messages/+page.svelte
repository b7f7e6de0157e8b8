<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { EYE_TEST, type EquipmentItem, type RequestState } from '$lib/core/plan/equipment';
	import { messagesFor } from '$lib/messages';
	import { itemName } from '$lib/messages/item-name';
	import MessageList from '$lib/ui/cases/correspondence/MessageList.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import CheckBox from '$lib/ui/platform/kit/CheckBox.svelte';
	import TextArea from '$lib/ui/platform/kit/TextArea.svelte';
	import { isOffline } from '$lib/ui/platform/kit/is-offline.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const nameOf = (item: EquipmentItem) => itemName(item, t, data.names);
	const stateOf = (item: EquipmentItem, state: RequestState) =>
		item === EYE_TEST && state === 'arrived' ? t.messages.eyeTestDone : t.messages.requestStates[state];
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{t.messages.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-5">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{data.stuck ? t.stuck.title : t.messages.title}</h1>
	{#if data.hasLeft}<p class="mt-2 border-s-4 border-rule bg-sheet px-3 py-2">{t.messages.left}</p>{/if}
	<p class="mt-2 text-lead">{data.stuck ? t.stuck.lead(data.stuck) : t.messages.lead}</p>
	{#if data.requests.length > 0}
		<ul class="mt-4 border-t border-rule">
			{#each data.requests as request, i (i)}
				<li class="border-b border-rule py-2">
					{t.lists.of(nameOf(request.purchase), stateOf(request.purchase, request.state))}{request.reason
						? ` (${request.reason})`
						: ''}
				</li>
			{/each}
		</ul>
		{#if !data.hasLeft}
			<p class="mt-3">
				<Button look="quiet" href="/c/{data.token}/equipment">{t.messages.equipment}</Button>
			</p>
		{/if}
	{/if}
	<div class="mt-4">
		{#if data.messages.length === 0}<p class="text-ink-soft">{t.messages.none}</p>{/if}
		<MessageList messages={data.messages} locale={data.locale} timeZone={data.timeZone} />
	</div>
	<form method="POST" use:enhanceForm class="mt-5 grid gap-2">
		<input type="hidden" name="key" value={data.key} />
		<TextArea
			name="text"
			label={t.messages.write}
			maxlength={4000}
			value={data.begun}
			isRequired={!data.stuck}
			{fault}
		/>
		{#if data.stuck}<CheckBox name="call" words={t.stuck.call} isChecked={false} />{/if}
		<p class="text-note text-ink-soft">{t.messages.care}</p>
		<div>
			<Button look="main" disabled={isOffline.current}>{t.messages.send}</Button>
			{#if isOffline.current}<span class="ms-3 text-note">{t.faults.offline}</span>{/if}
		</div>
	</form>
	{#if !data.hasLeft}
		<p class="mt-6">
			<Button look="quiet" href="/c/{data.token}{data.isAnswered ? '/plan' : ''}">{t.messages.back}</Button>
		</p>
	{/if}
</main>
