<script lang="ts">
	import { untrack } from 'svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { refreshPage } from '$lib/ui/platform/kit/refresh-page';
	import { factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
	import { unitOf } from '$lib/core/questionnaire/answers/fields';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { spacedCode } from '$lib/core/questionnaire/shared-session/code';
	import { messagesFor } from '$lib/messages';
	import { sharedSessionTextsFor } from '$lib/messages/shared-session';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { isOffline } from '$lib/ui/platform/kit/is-offline.svelte';
	import { LiveSharedSession } from '$lib/ui/questionnaire/shared-session/live-shared-session.svelte';
	import SharedSessionBoard from '$lib/ui/questionnaire/shared-session/SharedSessionBoard.svelte';
	import SharedSessionSummaries from '$lib/ui/questionnaire/shared-session/SharedSessionSummaries.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(sharedSessionTextsFor(data.locale));
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const open = $derived(form && 'open' in form ? (form.open as readonly FieldIssue[]) : []);
	const isOpen = $derived(data.sharedSession !== null);
	const live = $derived(
		isOpen
			? untrack(
					() =>
						data.sharedSession &&
						new LiveSharedSession(
							data.sharedSession,
							data.way,
							`/c/${data.token}/together/board`,
							() => void refreshPage()
						)
				)
			: null
	);
	$effect(() => live?.follow());

	const context = $derived({
		checklist: data.checklist,
		facts: factsOfAnswers(data.answers, data.way),
		t,
		texts
	});
	const day = (at: Date | string) => t.dates.day(new Date(at));
	const names = $derived(live?.state.coordinatorsHere ?? []);
</script>

<svelte:head><title>{t.frame.together} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto px-5 py-5 md:px-8" class:max-w-6xl={live} class:max-w-xl={!live}>
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-4 text-title">{t.frame.together}</h1>
	{#if fault}<p class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">{fault}</p>{/if}
	{#if live}
		<div class="mt-2 flex flex-wrap items-baseline gap-x-6 gap-y-1">
			<p>
				<span class="text-ink-soft">{t.lists.label(texts.yourCode)}</span>
				<strong class="num text-lead">{spacedCode(live.state.code)}</strong>
			</p>
			<p role="status" class="font-semibold">
				{names.length > 0 ? texts.here(t.lists.and(names), names.length) : texts.notHere}
			</p>
		</div>
		{#if names.length === 0}<p class="max-w-prose text-ink-soft">{texts.readOut}</p>{/if}
		<SharedSessionBoard
			{live}
			side="person"
			personName={data.personName}
			way={data.way}
			checklist={data.checklist}
			{open}
			{t}
			{texts}
		>
			{#snippet next()}
				<p>{live.state.nextOn ? texts.nextOn(day(live.state.nextOn)) : texts.noNext}</p>
			{/snippet}
		</SharedSessionBoard>
	{:else}
		<p class="mt-2 text-lead">{texts.lead}</p>
		<p class="mt-3">{texts.saved}</p>
		<form method="POST" action="?/start" use:enhanceForm class="mt-5">
			<Button look="main" size="thumb" disabled={isOffline.current}>{texts.start}</Button>
			{#if isOffline.current}<span class="ms-3 text-note">{t.faults.offline}</span>{/if}
		</form>
		<SharedSessionSummaries
			summaries={data.summaries}
			{context}
			unit={unitOf(data.answers)}
			personName={data.personName}
			{day}
		/>
		<p class="mt-6">
			<Button look="quiet" href="/c/{data.token}{data.isAnswered ? '/plan' : ''}">{t.frame.back}</Button>
		</p>
	{/if}
</main>
