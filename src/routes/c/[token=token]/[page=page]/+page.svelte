<script lang="ts">
	import { untrack } from 'svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { browser } from '$app/environment';
	import { page } from '$app/state';
	import { PAGES_WITH_DRAWING } from '$lib/core/questionnaire/answers/fields';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import { messagesFor } from '$lib/messages';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import LazyHydrate from '$lib/ui/platform/lazy-hydrate/LazyHydrate.svelte';
	import { enqueueTask } from '$lib/ui/platform/lazy-hydrate/idle-tasks';
	import Rail from '$lib/ui/workstation/rail/Rail.svelte';
	import { drawingVariantOf, usualRoom } from '$lib/ui/workstation/side-view/room';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import { Draft } from '$lib/ui/questionnaire/draft.svelte';
	import { heightsOnRail } from '$lib/ui/questionnaire/heights-on-rail';
	import { questionnaireQuery } from '$lib/ui/questionnaire/questionnaire-query';
	import { QuestionnaireVisit } from '$lib/ui/questionnaire/questionnaire-visit.svelte';
	import WalkDrawing from '$lib/ui/questionnaire/WalkDrawing.svelte';
	import WalkFields from '$lib/ui/questionnaire/WalkFields.svelte';
	import WalkFrame from '$lib/ui/questionnaire/WalkFrame.svelte';
	import WalkBar from '$lib/ui/questionnaire/WalkBar.svelte';
	import WalkHeader from '$lib/ui/questionnaire/WalkHeader.svelte';
	import WalkQuestions from '$lib/ui/questionnaire/WalkQuestions.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const station = $derived(page.params.page as QuestionnairePage);
	// One draft for the whole visit: pages change within it.
	const draft = untrack(() => new Draft(data, data.way, `/c/${data.token}/draft`, deviceStorage()));
	const visit = new QuestionnaireVisit(draft, () => ({
		...data,
		page: station,
		query: questionnaireQuery(page.url.searchParams),
		posted: form && 'issues' in form ? (form.issues as FieldIssue[]) : null,
		t
	}));

	// Each derived in a task of its own, before the parts that show them are hydrated.
	if (browser)
		for (const work of [() => draft.partial, () => visit.facts, () => visit.walk])
			enqueueTask(() => void work());
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
	use:enhanceForm={visit.answer}
	autocomplete="off"
	novalidate
>
	<!-- Enter presses the first button. -->
	<button type="submit" class="hidden" name="go" value="on" tabindex="-1" aria-hidden="true"
		>{t.nav.on}</button
	>
	<LazyHydrate><WalkFields {visit} {draft} /></LazyHydrate>
	<WalkFrame drawing={PAGES_WITH_DRAWING.has(station) && !isPlanned ? drawing : undefined}>
		{#snippet rail()}
			<LazyHydrate shows={() => [notches, draft.unit]}><Rail {notches} unit={draft.unit} /></LazyHydrate>
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
		{/if}
		<LazyHydrate
			>{#if !(visit.finishing.local && LocalPlan)}<WalkQuestions
					{visit}
					{draft}
					{fault}
					{t}
				/>{/if}</LazyHydrate
		>
		{#snippet bar()}
			{#if !isPlanned}
				<WalkBar words={visit.buttons} isBusy={visit.finishing.isBusy} {stuckHref} {t} />
			{/if}
		{/snippet}
	</WalkFrame>
</form>

{#snippet drawing()}
	<LazyHydrate shows={() => [station, active, draft.answers, drawingVariantOf(room)]}>
		<WalkDrawing {draft} page={station} {active} {t} />
	</LazyHydrate>
{/snippet}

<style>
	.answers {
		display: grid;
		grid-template-columns: 2.75rem minmax(0, 1fr);
		gap: 0.75rem;
		max-width: 76rem;
		margin: 0 auto;
		padding-inline-end: 0.75rem;
	}
	@media (min-width: 62rem) {
		.answers {
			grid-template-columns: 4rem minmax(0, 1fr);
			gap: 2.5rem;
			padding-inline-end: 1.25rem;
		}
	}
</style>
