<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { browser } from '$app/environment';
	import { page } from '$app/state';
	import { PAGES_DRAWN, type FieldIssue, type Page } from '$lib/core/answers';
	import { messagesFor } from '$lib/messages';
	import Button from '$lib/ui/kit/Button.svelte';
	import Later from '$lib/ui/later/Later.svelte';
	import { inTurn } from '$lib/ui/later/turns';
	import Rail from '$lib/ui/rail/Rail.svelte';
	import { madeFor, usualRoom } from '$lib/ui/section/room';
	import { deviceStorage } from '$lib/ui/walk/device-storage';
	import { Draft } from '$lib/ui/walk/draft.svelte';
	import { heightsOnRail } from '$lib/ui/walk/heights-on-rail';
	import { walkQuery } from '$lib/ui/walk/walk-query';
	import { WalkVisit } from '$lib/ui/walk/walk-visit.svelte';
	import WalkDrawing from '$lib/ui/walk/WalkDrawing.svelte';
	import WalkFields from '$lib/ui/walk/WalkFields.svelte';
	import WalkFrame from '$lib/ui/walk/WalkFrame.svelte';
	import WalkBar from '$lib/ui/walk/WalkBar.svelte';
	import WalkHeader from '$lib/ui/walk/WalkHeader.svelte';
	import WalkQuestions from '$lib/ui/walk/WalkQuestions.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const station = $derived(page.params.page as Page);
	// One draft for the whole visit: pages change beneath it.
	const draft = untrack(() => new Draft(data, data.way, `/c/${data.token}/draft`, deviceStorage()));
	const visit = new WalkVisit(draft, () => ({
		...data,
		page: station,
		query: walkQuery(page.url.searchParams),
		posted: form && 'issues' in form ? (form.issues as FieldIssue[]) : null,
		t
	}));

	// Each worked out in a task of its own, before the parts that show them are taken over.
	if (browser)
		for (const work of [() => draft.partial, () => visit.facts, () => visit.walk]) inTurn(() => void work());
	$effect(() => {
		const { answers, revision } = data;
		untrack(() => draft.take({ answers, revision }));
	});

	const active = $derived(draft.active ?? visit.current?.id ?? null);
	const notches = $derived(heightsOnRail(draft.answers, draft.unit, active));
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const room = usualRoom();
	const isPlanned = $derived(visit.finishing.local !== null);
	const LocalPlan = $derived(visit.finishing.page);
	const stuckHref = $derived(`/c/${data.token}/messages?stuck=${station}.${active ?? ''}`);
</script>

<svelte:head><title>{t.pages[station].title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => draft.autosave.leave()} ononline={() => visit.finishing.online()} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'visible' && void draft.pull()} />

<form
	method="POST"
	action="?/go{visit.place.query.search({}).replace('?', '&')}"
	class="answers"
	use:enhance={visit.answer}
	autocomplete="off"
	novalidate
>
	<!-- The first button is what Enter presses. -->
	<button class="hidden" name="go" value="on" tabindex="-1" aria-hidden="true">{t.nav.on}</button>
	<Later><WalkFields {visit} {draft} /></Later>
	<WalkFrame drawing={PAGES_DRAWN.has(station) && !isPlanned ? drawing : undefined}>
		{#snippet rail()}
			<Later shows={() => [notches, draft.unit]}><Rail {notches} unit={draft.unit} /></Later>
		{/snippet}
		{#snippet header()}
			{#if !isPlanned}
				<WalkHeader {draft} {t} page={station} {visit} savedAt={data.savedAt} home="/c/{data.token}" />
			{/if}
		{/snippet}
		{#if visit.finishing.local && LocalPlan}
			<LocalPlan {...visit.finishing.local} {draft} {t} />
			<p class="mt-6">
				<Button type="button" onclick={() => (visit.finishing.local = null)}>{t.frame.back}</Button>
			</p>
		{:else}
			<Later><WalkQuestions {visit} {draft} {fault} {t} /></Later>
		{/if}
		{#snippet bar()}
			{#if !isPlanned}
				<WalkBar words={visit.buttons} isBusy={visit.finishing.isBusy} {stuckHref} {t} />
			{/if}
		{/snippet}
	</WalkFrame>
</form>

{#snippet drawing()}
	<Later shows={() => [station, active, draft.answers, madeFor(room)]}>
		<WalkDrawing {draft} page={station} {active} {t} />
	</Later>
{/snippet}

<style>
	.answers {
		display: grid;
		grid-template-columns: 2.75rem minmax(0, 1fr);
		gap: 0.75rem;
		max-width: 76rem;
		margin: 0 auto;
		padding-right: 0.75rem;
	}
	@media (min-width: 62rem) {
		.answers {
			grid-template-columns: 4rem minmax(0, 1fr);
			gap: 2.5rem;
			padding-right: 1.25rem;
		}
	}
</style>
