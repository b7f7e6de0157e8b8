<script lang="ts">
	import { goto } from '$app/navigation';
	import { CHECKLIST_STATIONS } from '$lib/core/questionnaire/checklist/stations';
	import { makeOwnChecklist } from '$lib/core/questionnaire/checklist/own-checklist';
	import { deskWords } from '$lib/messages/desk';
	import { LANGUAGE_NAMES, languageOf } from '$lib/messages/languages';
	import { ChecklistTrial } from '$lib/ui/questionnaire/checklist-editor/checklist-trial.svelte';
	import TrialFindings from '$lib/ui/questionnaire/checklist-editor/TrialFindings.svelte';
	import TrialStation from '$lib/ui/questionnaire/checklist-editor/TrialStation.svelte';
	import TrialPerson from '$lib/ui/questionnaire/checklist-editor/TrialPerson.svelte';
	import SegmentSwitch from '$lib/ui/platform/kit/SegmentSwitch.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const { question, trial: texts } = deskWords.checklistEditor;
	/** Stations with questions of the organisation's own; the first where there are none. */
	const open = $derived(
		new Set<string>(
			data.document.items.length > 0 ? data.document.items.map(({ station }) => station) : ['spot']
		)
	);
	const trial = new ChecklistTrial(() => makeOwnChecklist(data.document, data.document.basedOn));
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation/checklist">{question.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	{#if data.languages.length > 1}
		<div class="mt-2">
			<SegmentSwitch
				label={texts.language}
				size="desk"
				states={data.languages}
				shown={data.language}
				words={(language) => LANGUAGE_NAMES[languageOf(language)]}
				choose={(language) => void goto(`?language=${language}`, { noScroll: true, keepFocus: true })}
			/>
		</div>
	{/if}
	<div class="layout">
		<div lang={data.language}>
			<TrialPerson {trial} language={data.language} />
			{#each CHECKLIST_STATIONS as station (station)}
				<TrialStation {trial} {station} language={data.language} isOpen={open.has(station)} />
			{/each}
		</div>
		<aside aria-labelledby="found-title">
			<TrialFindings {trial} language={data.language} />
		</aside>
	</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 2rem;
		margin-top: 1rem;
	}
	@media (min-width: 60rem) {
		.layout {
			grid-template-columns: minmax(0, 40rem) minmax(16rem, 1fr);
			gap: 3rem;
		}
		aside {
			position: sticky;
			top: 1rem;
			align-self: start;
			max-height: calc(100vh - 2rem);
			overflow-y: auto;
		}
	}
</style>
