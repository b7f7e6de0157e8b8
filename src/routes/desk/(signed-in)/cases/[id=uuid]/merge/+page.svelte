<script lang="ts">
	import { ROSTER_FIELDS, type RosterField } from '$lib/core/people/exchange/roster-fields';
	import { countryWords, languageWords } from '$lib/messages/reader-formats';
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import CheckBox from '$lib/ui/platform/kit/CheckBox.svelte';
	import ChoiceRows from '$lib/ui/platform/kit/ChoiceRows.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();

	const texts = deskWords.merge;
	const { record, other } = $derived(data);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const waiting = $derived([record, ...(other ? [other] : [])].filter(({ isAwaited }) => isAwaited));
	let picked = $state<Partial<Record<RosterField, string>>>({});
	function shown(name: RosterField, value: string): string {
		if (value === '') return texts.nothing;
		if (name === 'country') return countryWords(value);
		return name === 'language' ? languageWords(value) : value;
	}
	const counts = ({ has }: typeof record) =>
		has.map(({ kind, n }) => deskWords.keeping.counted(deskWords.keeping.kinds[kind], n)).join(', ');
</script>

<svelte:head><title>{texts.title(record.details.name)}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/cases/{record.id}">{texts.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading(record.details.name)}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	{#if !other}
		<form method="GET" class="mt-5 flex max-w-xl flex-wrap items-end gap-3">
			<div class="grow">
				<TextField
					name="find"
					label={texts.search}
					hint={texts.searchHint}
					type="search"
					size="desk"
					maxlength={100}
					value={data.search}
				/>
			</div>
			<Button size="desk">{texts.find}</Button>
		</form>
		{#if data.search}
			<ul class="mt-4 max-w-xl border-t border-rule">
				{#each data.found as person (person.id)}
					<li class="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-2">
						<span>
							<span class="font-semibold">{person.name}</span>
							<span class="block text-note text-ink-soft"
								>{[person.email, person.team].filter((one) => one !== '').join(', ')}</span
							>
						</span>
						<Button size="desk" href="?with={person.id}" aria-label={texts.choose(person.name)}
							>{texts.choose(person.name)}</Button
						>
					</li>
				{:else}
					<li class="py-2">{texts.none}</li>
				{/each}
			</ul>
		{/if}
	{:else}
		<p class="mt-3 text-note"><a href="?">{texts.another}</a></p>
		<form method="POST" action="?/merge" use:enhanceForm class="mt-4">
			<input type="hidden" name="other" value={other.id} />
			<dl class="pair">
				{#each [{ of: record, name: texts.thisOne }, { of: other, name: texts.otherOne }] as { of, name } (of.id)}
					<div>
						<dt class="font-semibold">{name}</dt>
						<dd>{of.details.name}, {of.details.email}</dd>
						<dd class="text-note text-ink-soft">{counts(of)}</dd>
					</div>
				{/each}
			</dl>
			<h2 class="mt-6 text-head">{texts.keep}</h2>
			<div class="mt-2 grid gap-4">
				{#each ROSTER_FIELDS as name (name)}
					{@const [here, there] = [record.details[name], other.details[name]]}
					{#if here === there}
						{#if here !== ''}
							<p class="text-note text-ink-soft">
								{texts.details[name]}: {texts.same(shown(name, here))}
							</p>
						{/if}
					{:else}
						<ChoiceRows
							name="keep-{name}"
							legend={texts.details[name]}
							look="wrap"
							value={picked[name] ?? (here === '' ? 'other' : 'this')}
							onchange={(of) => (picked[name] = of)}
							options={[
								{ value: 'this', words: shown(name, here) },
								{ value: 'other', words: shown(name, there) }
							]}
						/>
					{/if}
				{/each}
			</div>
			<h2 class="mt-6 text-head">{texts.what}</h2>
			<ul class="mt-1 max-w-prose list-disc ps-5">
				{#each texts.happens as words (words)}<li>{words}</li>{/each}
			</ul>
			{#each waiting as { id, details } (id)}
				<p class="mt-4 max-w-prose border-s-4 border-warm bg-warm-wash px-4 py-2">
					{texts.waits(details.name)} <a href="/desk/cases/{id}">{details.name}</a>
				</p>
			{:else}
				<div class="mt-5 grid gap-3">
					<CheckBox name="confirmed" size="desk" words={texts.confirm} isChecked={false} />
					{#if fault}<p class="font-semibold text-warm" role="alert">{fault}</p>{/if}
					<div><Button look="main" size="desk">{texts.merge}</Button></div>
				</div>
			{/each}
		</form>
	{/if}
</main>

<style>
	.pair {
		display: grid;
		gap: 1rem;
		padding-top: 0.75rem;
		border-top: 1px solid var(--ink);
	}
	@media (min-width: 48rem) {
		.pair {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
