<script lang="ts">
	import { untrack } from 'svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { refreshPage } from '$lib/ui/platform/kit/refresh-page';
	import { factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { dayWords } from '$lib/messages/dates';
	import { sharedSessionTextsFor } from '$lib/messages/shared-session';
	import DayField from '$lib/ui/cases/DayField.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import { phoneHref, phoneWords } from '$lib/ui/platform/kit/phone-words';
	import { LiveSharedSession } from '$lib/ui/questionnaire/shared-session/live-shared-session.svelte';
	import SharedSessionBoard from '$lib/ui/questionnaire/shared-session/SharedSessionBoard.svelte';
	import SharedSessionSummaries from '$lib/ui/questionnaire/shared-session/SharedSessionSummaries.svelte';

	let { data, form } = $props();

	const desk = deskWords.sharedSession;
	const t = deskCatalogue();
	const texts = $derived(sharedSessionTextsFor(t.locale));
	const { person } = $derived(data);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const open = $derived(form && 'open' in form ? (form.open as readonly FieldIssue[]) : []);
	const about = $derived(data.about);
	const checklist = $derived(checklistFrom(about?.checklistVersion ?? 0, about?.ownChecklist ?? null));
	const isIn = $derived(data.sharedSession !== null);
	const live = $derived(
		isIn
			? untrack(
					() =>
						data.sharedSession &&
						about &&
						new LiveSharedSession(
							data.sharedSession,
							about.way,
							`/desk/cases/${person.id}/together/board`,
							() => void refreshPage()
						)
				)
			: null
	);
	$effect(() => live?.follow());
	const others = $derived(live ? live.state.coordinatorsHere.filter((name) => name !== data.userName) : []);
	const summaryContext = $derived({
		checklist,
		facts: factsOfAnswers({}, about?.way ?? 'upright'),
		t,
		texts
	});
</script>

<svelte:head><title>{desk.title(person.name)}</title></svelte:head>

<main class="px-6 py-6" class:max-w-3xl={!live}>
	<p class="text-note"><a href="/desk/cases/{person.id}">{desk.back(person.name)}</a></p>
	<h1 class="mt-1 text-title">{desk.heading(person.name)}</h1>
	{#if fault}<p class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">{fault}</p>{/if}
	{#if live && about}
		<p class="mt-1" role="status">
			<strong>
				{live.state.isPersonHere ? texts.personHere(person.name) : texts.personAway(person.name)}
			</strong>
			{#if others.length > 0}{texts.alsoHere(t.lists.and(others))}{/if}
		</p>
		<p class="text-ink-soft">{desk.marked}</p>
		<SharedSessionBoard
			{live}
			side="coordinator"
			personName={person.name}
			ownName={data.userName}
			way={about.way}
			{checklist}
			{open}
			{t}
			{texts}
		>
			{#snippet next()}
				{#if live.state.nextOn}<p class="font-semibold">{dayWords(live.state.nextOn)}</p>{/if}
				<form method="POST" action="?/next" use:enhanceForm class="mt-1 flex flex-wrap items-end gap-3">
					<input type="hidden" name="key" value={data.key} />
					<div class="w-52"><DayField id="due" name="due" label={desk.day} isRequired /></div>
					<Button size="desk">{desk.setDay}</Button>
				</form>
			{/snippet}
		</SharedSessionBoard>
	{:else}
		<p class="mt-1 max-w-prose">{desk.lead}</p>
		{#if person.phone}
			<p class="mt-2"><a class="num" href={phoneHref(person.phone)}>{phoneWords(person.phone)}</a></p>
		{/if}
		<p class="mt-2 max-w-prose font-semibold" role="status">
			{data.isStarted ? desk.started(person.name) : desk.notStarted(person.name)}
		</p>
		<form method="POST" action="?/join" use:enhanceForm class="mt-3 flex flex-wrap items-end gap-3">
			<TextField
				name="code"
				label={desk.code}
				inputmode="numeric"
				maxlength={20}
				isRequired
				size="desk"
				value=""
			/>
			<Button look="main" size="desk">{desk.join}</Button>
		</form>
		<SharedSessionSummaries
			summaries={data.summaries}
			context={summaryContext}
			unit={data.unit}
			personName={person.name}
			day={(at) => dayWords(at)}
		/>
	{/if}
</main>
