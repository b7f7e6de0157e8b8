<script lang="ts">
	import { choiceOf, type PartialCorner } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import DeskLook from './DeskLook.svelte';
	import type { Draft } from './draft.svelte';
	import PageQuestions from './PageQuestions.svelte';
	import StationLook from './StationLook.svelte';
	import type { WalkVisit } from './walk-visit.svelte';

	interface Props {
		visit: WalkVisit;
		draft: Draft;
		drawn: PartialCorner | null;
		fault: string | null;
		t: Catalogue;
	}

	let { visit, draft, drawn, fault, t }: Props = $props();

	const page = $derived(visit.place.page);
	const next = $derived(visit.next);
	const fieldName = (field: string) => t.fields[field as keyof typeof t.fields] as string | undefined;
</script>

<h1 class="text-title">{t.pages[page].title}</h1>
<p class="mt-2 text-lead">{t.pages[page].lead}</p>
{#if fault}<p class="mt-4 border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">{fault}</p>{/if}
{#if visit.standing.length > 0}
	<div class="mt-4 border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">
		<strong>{t.nav.fix(visit.standing.length)}.</strong>
		{t.nav.fixLead}
		{#each visit.standing as issue (issue.field)}
			{#if fieldName(issue.field)}
				<a class="mr-3 inline-block" href="#{issue.field}">{fieldName(issue.field)}</a>
			{/if}
		{/each}
	</div>
{/if}
{#if drawn}
	<DeskLook {page} corner={drawn.corner} {t} />
	<StationLook {page} corner={drawn.corner} drawnAs={choiceOf(draft.answers, 'drawnAs')} {t} />
{/if}
<div class="mt-3">
	<PageQuestions
		{page}
		{draft}
		{t}
		issues={visit.issues}
		checklistVersion={visit.place.checklistVersion}
		stop={(signs) => visit.halt(signs)}
	/>
</div>
<div class="mt-6 flex gap-3">
	<button class="btn" name="go" value="back" formnovalidate>{t.frame.back}</button>
	<button class="btn btn-main flex-1 sm:flex-none" name="go" value="next">
		{next ? t.nav.next(t.pages[next].short.toLowerCase()) : t.nav.finish}
	</button>
</div>
<p class="mt-2 text-note text-ink-soft" role="status">{visit.isFinishing ? t.plan.solving : ''}</p>
