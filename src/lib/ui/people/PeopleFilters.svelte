<script lang="ts">
	import { countryWords } from '$lib/messages/reader-formats';
	import X from '@lucide/svelte/icons/x';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { FINDING_IDS } from '$lib/core/questionnaire/checklist/findings';
	import { REGIONS } from '$lib/core/cases/discomfort/regions';
	import { PERSON_STATES } from '$lib/core/people';
	import { TRIAGE_LEVELS } from '$lib/core/cases/triage/policy';
	import { codeWords } from '$lib/messages/desk/workforce-words';
	import Button from '../platform/kit/Button.svelte';
	import FilterForm from '../platform/kit/FilterForm.svelte';
	import Select from '../platform/kit/Select.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { useShortcuts } from '../platform/shortcuts/context';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		filter: Readonly<
			Record<'search' | 'team' | 'state' | 'level' | 'country' | 'hurts' | 'finding' | 'who', string>
		>;
		teams: readonly string[];
		countries: readonly string[];
		saved: readonly { readonly id: string; readonly name: string; readonly query: string }[];
		/** The URL query of the list, without its page. */
		query: string;
		/** The sort order, which stays when the list is filtered. */
		by: string;
	}

	let { filter, teams, countries, saved, query, by }: Props = $props();

	/** Pause after the last key before searching, ms: typing is never held up. */
	const PAUSE_MS = 180;

	/** What is being typed, until its own list is there: the list of its first letters must not take the later ones away. */
	let typed = $state<string | null>(null);
	$effect(() => {
		if (typed === filter.search) typed = null;
	});

	const shortcuts = useShortcuts();
	const isNarrowed = $derived([...new URLSearchParams(query).keys()].some((name) => name !== 'by'));
	let isNaming = $state(false);

	const lists = $derived([
		{ name: 'team', label: texts.team, none: texts.allTeams, options: teams, words: (team: string) => team },
		{
			name: 'state',
			label: texts.selfAssessment,
			none: texts.anyStatus,
			options: PERSON_STATES,
			words: (state: string) =>
				deskWords.states.assessment[PERSON_STATES.find((one) => one === state) ?? 'none']
		},
		{
			name: 'level',
			label: texts.level,
			none: texts.anyLevel,
			options: TRIAGE_LEVELS,
			words: (level: string) =>
				deskWords.triage.levels[TRIAGE_LEVELS.find((one) => one === level) ?? 'done'].name
		},
		...(countries.length > 1
			? [
					{
						name: 'country',
						label: texts.country,
						none: texts.allCountries,
						options: countries,
						words: (code: string) => countryWords(code)
					}
				]
			: []),
		{ name: 'hurts', label: texts.discomfort, none: texts.discomfort, options: REGIONS, words: codeWords },
		{ name: 'finding', label: texts.problem, none: texts.problem, options: FINDING_IDS, words: codeWords },
		{
			name: 'who',
			label: texts.people,
			none: texts.currentEmployees,
			options: ['left', 'bounced'],
			words: (who: string) => texts.leaversOrReturned(who === 'left')
		}
	] as const);
	const chosen = $derived<Readonly<Record<string, string>>>({
		...filter,
		who: filter.who === 'here' ? '' : filter.who
	});

	$effect(() =>
		shortcuts.add([
			{ key: '/', words: texts.search, run: () => document.getElementById('people-search')?.focus() }
		])
	);
</script>

<div class="mt-4">
	<FilterForm label={texts.filters}>
		{#snippet fields(ask)}
			<input type="hidden" name="by" value={by} />
			<TextField
				id="people-search"
				name="q"
				type="search"
				label={texts.searchLabel}
				placeholder={texts.searchPlaceholder}
				isLabelHidden
				size="desk"
				maxlength={100}
				value={typed ?? filter.search}
				oninput={(text) => {
					typed = text;
					ask('q', PAUSE_MS);
				}}
			/>
			{#each lists as { name, label, none, options, words } (name)}
				<Select
					{name}
					{label}
					isLabelHidden
					size="desk"
					value={chosen[name] ?? ''}
					options={[{ value: '', words: none }, ...options.map((value) => ({ value, words: words(value) }))]}
					onchange={() => ask(name)}
				/>
			{/each}
		{/snippet}
	</FilterForm>
</div>
<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-note">
	{#each saved as one (one.id)}
		<div class="inline-flex items-center gap-1">
			<a href="?{one.query}" aria-current={one.query === query ? 'true' : undefined}>{one.name}</a>
			<form method="POST" action="?/drop&{query}" use:enhanceForm>
				<input type="hidden" name="filter" value={one.id} />
				<Button look="quiet" size="desk" isIcon aria-label={texts.deleteFilter(one.name)}
					><X size={14} aria-hidden="true" /></Button
				>
			</form>
		</div>
	{/each}
	{#if isNarrowed}
		<a href="/desk/people">{texts.everyone}</a>
		{#if isNaming}
			<form method="POST" action="?/save" use:enhanceForm class="flex items-end gap-2">
				<input type="hidden" name="query" value={query} />
				<TextField
					id="filter-name"
					name="name"
					label={texts.filterName}
					value=""
					size="desk"
					maxlength={60}
					isRequired
				/>
				<Button size="desk">{texts.saveFilter}</Button>
			</form>
		{:else}
			<Button type="button" look="quiet" size="desk" onclick={() => (isNaming = true)}
				>{texts.saveFilterMenu}</Button
			>
		{/if}
	{/if}
</div>
