<script lang="ts">
	import { EYE_TEST, type EquipmentItem, type RequestState } from '$lib/core/plan/equipment';
	import { messagesFor } from '$lib/messages';
	import { itemName } from '$lib/messages/item-name';
	import { asideTextsFor } from '$lib/messages/aside';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { isOffline } from '$lib/ui/platform/kit/is-offline.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextArea from '$lib/ui/platform/kit/TextArea.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(asideTextsFor(data.locale).equipment);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const day = (at: Date) => t.dates.day(at);
	const nameOf = (item: EquipmentItem) => itemName(item, t, data.names);
	const stateOf = (item: EquipmentItem, state: RequestState) =>
		item === EYE_TEST && state === 'arrived' ? t.messages.eyeTestDone : t.messages.requestStates[state];
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-5">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.title}</h1>
	<p class="mt-2 text-lead">{data.requests.length > 0 ? texts.lead : texts.none}</p>
	{#if data.requests.length > 0}
		<ul class="mt-4 border-t border-ink">
			{#each data.requests as { purchase, state, reason }, i (i)}
				<li class="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-3">
					<div>
						<p class="font-semibold first-letter:uppercase">{nameOf(purchase)}</p>
						<p class="text-note text-ink-soft first-letter:uppercase">{stateOf(purchase, state)}</p>
						{#if reason}<p class="text-note">{reason}</p>{/if}
					</div>
					{#if state === 'asked'}
						<form method="POST" action="?/withdraw" use:enhanceForm>
							<input type="hidden" name="purchase" value={purchase} />
							<Button disabled={isOffline.current} aria-label={t.lists.of(texts.withdraw, nameOf(purchase))}
								>{texts.withdraw}</Button
							>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
	{#if data.isWaiting}
		<form method="POST" action="?/deliver" use:enhanceForm class="mt-6 grid gap-2">
			<TextArea
				name="deliverTo"
				label={texts.address}
				hint={texts.addressHint}
				value={data.deliverTo}
				rows={3}
				maxlength={300}
				{fault}
			/>
			<div><Button look="main" disabled={isOffline.current}>{texts.save}</Button></div>
			<div role="status">
				{#if form && 'isSaved' in form && form.isSaved}<Notice kind="done">{texts.saved}</Notice>{/if}
			</div>
		</form>
	{/if}
	{#if data.eyeTest}
		{@const test = data.eyeTest}
		<section class="mt-8">
			<h2 class="text-head">{texts.eyeTest}</h2>
			<p class="mt-1">{texts.entitled(test.everyMonths)}</p>
			{#if test.howTo}<p class="mt-1 whitespace-pre-line">{test.howTo}</p>{/if}
			<p class="mt-1 text-note text-ink-soft">{texts.law(test.law)}</p>
			{#if test.doneAt}<p class="mt-1">{texts.lastDone(day(test.doneAt))}</p>{/if}
			{#if test.isAsked}
				<p class="mt-2 font-semibold text-cool">{texts.eyeTestAsked}</p>
			{:else}
				<form method="POST" action="?/ask" use:enhanceForm class="mt-3">
					<Button disabled={isOffline.current}>{texts.ask}</Button>
				</form>
			{/if}
		</section>
	{/if}
	<p class="mt-8 flex flex-wrap gap-3">
		<Button href="/c/{data.token}{data.isAnswered ? '/plan' : ''}">{t.messages.back}</Button>
		<Button look="quiet" href="/c/{data.token}/messages">{t.messages.link}</Button>
	</p>
</main>
