<script lang="ts">
	import { onMount } from 'svelte';
	import { levelField } from '$lib/core/cases/second-opinion/compare-opinions';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { TRIAGE_LEVELS, type TriageLevel } from '$lib/core/cases/triage/policy';
	import { deskWords } from '$lib/messages/desk';
	import { reasonWords } from '$lib/messages/desk/triage-words';
	import { decimalNumber } from '$lib/messages/desk/workforce-words';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import ChoiceRows from '$lib/ui/platform/kit/ChoiceRows.svelte';
	import { practiceLines } from '$lib/ui/cases/practice/practice-words';

	let { data, form } = $props();

	const texts = deskWords.practice.opinion;
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const { cases, compared } = $derived(data);
	const levelName = (level: TriageLevel) => deskWords.triage.levels[level].name;
	const options = TRIAGE_LEVELS.map((value) => ({ value, words: levelName(value) }));
	/** Before scripts run, the server says what is missing. */
	let isRunning = $state(false);
	onMount(() => (isRunning = true));
	let chosen = $state<Record<number, string>>({});
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/practice">{deskWords.practice.again}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	{#if compared}
		<p class="mt-2 text-lead">{texts.agreed(compared.agreed, cases.length)}</p>
		<p>
			{compared.kappa.kappa === null ? texts.noKappa : texts.kappa(decimalNumber(compared.kappa.kappa, 2))}
		</p>
		{#if compared.proposals.length > 0}
			<h2 class="mt-6 text-lead">{texts.proposals}</h2>
			<ul>
				{#each compared.proposals as { reason, rules, both, cases: n } (`${reason} ${both}`)}
					{@const why = reasonWords(
						{ code: reason, level: rules, on: cases[0]!.record.today },
						{ evidence: {}, unclosable: [] }
					)}
					<li class="py-1">
						{texts.proposal(n, levelName(rules), levelName(both), why === levelName(rules) ? null : why)}
					</li>
				{/each}
			</ul>
			<p class="mt-1"><a href="/desk/organisation/policy">{texts.toSettings}</a></p>
		{/if}
		<h2 class="mt-6 text-lead">{texts.differences}</h2>
		{#if compared.differences.length === 0}<p>{texts.noDifferences}</p>{/if}
		<ul class="mt-1 border-t border-ink">
			{#each compared.differences as { at, first, second, rules } (at)}
				{@const person = compared.people[at]}
				{@const one = cases[at]}
				{#if person && one}
					<li class="border-b border-rule py-2">
						<a class="font-semibold" href="/desk/cases/{person.id}">{person.name}</a>
						<p>{texts.levels(levelName(first), data.colleague, levelName(second), levelName(rules))}</p>
						<ul class="text-note text-ink-soft">
							{#each practiceLines(one.record) as line, i (i)}<li>{line}</li>{/each}
						</ul>
					</li>
				{/if}
			{/each}
		</ul>
	{:else if !data.isMineOpen}
		<p class="mt-2 max-w-prose">{texts.given(data.colleague)}</p>
	{:else}
		<p class="mt-1 max-w-prose text-ink-soft">{texts.lead(cases.length)}</p>
		<form method="POST" action="?/judge" use:enhanceForm class="mt-4">
			{#each cases as { place, record }, i (place)}
				<section class="border-b border-rule py-3">
					<h2 class="font-semibold">{texts.caseNumber(i + 1)}</h2>
					<ul class="text-note">
						{#each practiceLines(record) as line, n (n)}<li>{line}</li>{/each}
					</ul>
					<div class="mt-1.5">
						<ChoiceRows
							name={levelField(place)}
							legend={texts.level(i + 1)}
							{options}
							value={chosen[place] ?? ''}
							look="wrap"
							onchange={(value) => (chosen[place] = value)}
						/>
					</div>
				</section>
			{/each}
			{#if fault}<p class="mt-3 font-semibold text-warm" role="alert">{fault}</p>{/if}
			<p class="mt-4">
				<Button look="main" size="desk" disabled={isRunning && cases.some(({ place }) => !chosen[place])}
					>{texts.give}</Button
				>
			</p>
		</form>
	{/if}
</main>
