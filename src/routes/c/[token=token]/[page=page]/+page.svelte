<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { choiceOf, PAGES_DRAWN, type FieldIssue, type Page } from '$lib/core/answers';
	import { messagesFor } from '$lib/messages';
	import LocalPlan from '$lib/ui/plan/LocalPlan.svelte';
	import Rail from '$lib/ui/rail/Rail.svelte';
	import { deviceStorage } from '$lib/ui/walk/device-storage';
	import { Draft } from '$lib/ui/walk/draft.svelte';
	import { heightsOnRail } from '$lib/ui/walk/heights-on-rail';
	import { typedEarly } from '$lib/ui/walk/typed-early';
	import { pagesOfQuery, WalkVisit } from '$lib/ui/walk/walk-visit.svelte';
	import WalkDrawing from '$lib/ui/walk/WalkDrawing.svelte';
	import WalkHeader from '$lib/ui/walk/WalkHeader.svelte';
	import WalkQuestions from '$lib/ui/walk/WalkQuestions.svelte';
	import WalkStop from '$lib/ui/walk/WalkStop.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const current = $derived(page.params.page as Page);
	// One draft for the whole visit: pages change beneath it.
	const draft = untrack(() => new Draft(data, data.way, `/c/${data.token}/draft`, deviceStorage()));
	const visit = new WalkVisit(draft, () => ({
		...data,
		page: current,
		only: pagesOfQuery(page.url.searchParams),
		showsOpen: page.url.searchParams.has('open'),
		posted: form && 'issues' in form ? (form.issues as FieldIssue[]) : null,
		t
	}));
	const early = typedEarly('form.answers');
	if (Object.keys(early).length > 0) {
		draft.setAll(early);
		visit.stopAtSigns();
	}

	/** Tries again after so long without network, ms; the browser's own "online" comes first where it is shown. */
	const RETRY_MS = 4000;

	$effect(() => {
		const { answers, revision } = data;
		untrack(() => draft.take({ answers, revision }));
	});
	$effect(() => visit.prepare());
	$effect(() => visit.retry(RETRY_MS));

	// The drawing follows a frame behind what is typed: neither holds the other up.
	let drawn = $state.raw(untrack(() => draft.partial));
	$effect(() => {
		const partial = draft.partial;
		const frame = requestAnimationFrame(() => (drawn = partial));
		return () => cancelAnimationFrame(frame);
	});
	const notches = $derived(heightsOnRail(draft.answers, draft.unit, draft.active));
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{t.pages[current].title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => draft.autosave.leave()} ononline={() => visit.online()} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'visible' && void draft.pull()} />

<div class="walk">
	<div class="rail-column"><Rail {notches} unit={draft.unit} /></div>
	<form
		method="POST"
		action="?/go{visit.place.only.includes('first') ? '' : `&only=${visit.place.only.join('.')}`}"
		class="answers min-w-0"
		use:enhance={visit.answer}
		autocomplete="off"
		novalidate
	>
		<!-- The first button is what Enter presses. -->
		<button class="hidden" name="go" value="next" tabindex="-1" aria-hidden="true">{t.frame.skip}</button>
		<WalkHeader {draft} {t} page={current} savedAt={data.savedAt} home="/c/{data.token}" />
		<div class="columns">
			<main id="content" class="min-w-0">
				{#if visit.stop.length > 0}
					<WalkStop
						signs={visit.stop}
						number={data.emergencyNumber}
						slip={() => (visit.stop = [])}
						later={() => visit.goOnFromStop()}
						{t}
					/>
				{:else if visit.local}
					<LocalPlan {...visit.local} {draft} {t} />
					<p class="mt-6">
						<button type="button" class="btn" onclick={() => (visit.local = null)}>{t.frame.back}</button>
					</p>
				{:else}
					<WalkQuestions {visit} {draft} {drawn} {fault} {t} />
				{/if}
			</main>
			{#if drawn && PAGES_DRAWN.has(current) && !visit.local}
				<WalkDrawing partial={drawn} drawnAs={choiceOf(draft.answers, 'drawnAs')} unit={draft.unit} {t} />
			{/if}
		</div>
	</form>
</div>

<style>
	.walk {
		display: grid;
		grid-template-columns: 2.75rem minmax(0, 1fr);
		gap: 1rem;
		max-width: 76rem;
		margin: 0 auto;
		padding: 0 1.25rem 2rem 0;
	}
	.walk > form {
		padding-top: 1rem;
	}
	.rail-column {
		position: sticky;
		top: 0;
		height: 100dvh;
	}
	.columns {
		margin-top: 1.5rem;
	}
	@media (min-width: 62rem) {
		.walk {
			grid-template-columns: 4rem minmax(0, 1fr);
			gap: 2.5rem;
		}
		.columns {
			display: grid;
			grid-template-columns: minmax(0, 29rem) minmax(0, 1fr);
			gap: 3rem;
		}
	}
</style>
