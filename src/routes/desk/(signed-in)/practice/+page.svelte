<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { PRACTICE_SIZE } from '$lib/core/cases/practice/practice-cases';
	import { OPINION_SIZE } from '$lib/core/cases/second-opinion/compare-opinions';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { percent } from '$lib/messages/desk/workforce-words';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';

	let { data, form } = $props();

	const texts = deskWords.practice;
	const open = $derived(data.rounds.find(({ answeredAt }) => answeredAt === null));
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<h1 class="text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose">{texts.lead(PRACTICE_SIZE)}</p>
	{#if fault}<p class="mt-3 font-semibold text-warm" role="alert">{fault}</p>{/if}
	<form method="POST" action="?/start" use:enhanceForm class="mt-4">
		<Button look="main" size="desk">{open ? texts.goOn : texts.start}</Button>
	</form>
	<h2 class="mt-8 border-b border-ink pb-1.5 text-lead">{texts.scores}</h2>
	{#if data.rounds.length === 0}
		<p class="mt-2 text-ink-soft">{texts.noneYet}</p>
	{:else}
		<table class="w-full text-note">
			<thead>
				<tr class="text-start">
					<th class="py-1.5 pe-4" scope="col">{texts.day}</th>
					<th class="py-1.5 pe-4" scope="col">{texts.order}</th>
					<th class="py-1.5 pe-4" scope="col">{texts.acts}</th>
					<th class="py-1.5" scope="col">{texts.missed}</th>
				</tr>
			</thead>
			<tbody>
				{#each data.rounds as round (round.id)}
					<tr class="border-t border-rule">
						<th class="py-1.5 pe-4 text-start font-normal" scope="row">
							<a href="/desk/practice/{round.id}">{dayWords(round.startedAt, 'medium')}</a>
						</th>
						{#if round.answeredAt}
							<td class="num py-1.5 pe-4">{percent(round.orderShare ?? 0)}</td>
							<td class="num py-1.5 pe-4">{texts.of(round.rightActs ?? 0, PRACTICE_SIZE)}</td>
							<td class="num py-1.5" class:missed={(round.missed ?? 0) > 0}>{round.missed}</td>
						{:else}
							<td class="py-1.5 text-ink-soft" colspan="3">{texts.open}</td>
						{/if}
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<h2 class="mt-10 border-b border-ink pb-1.5 text-lead">{texts.opinion.heading}</h2>
	<p class="mt-1.5 max-w-prose">{texts.opinion.lead(OPINION_SIZE)}</p>
	{#if data.colleagues.length === 0}
		<p class="mt-2 text-ink-soft">{texts.opinion.needsColleague}</p>
	{:else}
		<form method="POST" action="?/ask" use:enhanceForm class="mt-3 flex flex-wrap items-end gap-3">
			<Select
				name="colleague"
				label={texts.opinion.colleague}
				size="desk"
				value={data.colleagues[0]?.id ?? ''}
				options={data.colleagues.map(({ id, name }) => ({ value: id, words: name }))}
			/>
			<Button size="desk">{texts.opinion.ask}</Button>
		</form>
	{/if}
	<ul class="mt-3">
		{#each data.opinions as opinion (opinion.id)}
			<li class="flex flex-wrap justify-between gap-x-6 border-b border-rule py-1.5 text-note">
				<a href="/desk/practice/second-opinion/{opinion.id}"
					>{texts.opinion.with(opinion.colleague, dayWords(opinion.startedAt, 'medium'))}</a
				>
				<span class:font-semibold={opinion.isMineOpen}>
					{opinion.isMineOpen
						? texts.opinion.yours
						: opinion.isTheirsOpen
							? texts.opinion.theirs(opinion.colleague)
							: texts.opinion.done}
				</span>
			</li>
		{/each}
	</ul>
</main>

<style>
	.missed {
		color: var(--warm);
		font-weight: 600;
	}
</style>
