<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { PERSON_STATES } from '$lib/core/people';
	import { LEVELS } from '$lib/core/triage';
	import { levelEn } from '$lib/messages/triage-en';
	import { stateWords } from '../cases/state-words';
	import { useShortcuts } from '../shortcuts/context';

	interface Props {
		/** What the list is narrowed by. */
		filter: Readonly<Record<'search' | 'team' | 'state' | 'level' | 'country' | 'who', string>>;
		teams: readonly string[];
		countries: readonly string[];
		saved: readonly { readonly id: string; readonly name: string; readonly query: string }[];
		/** The address of what is shown, without the page of the list. */
		query: string;
	}

	let { filter, teams, countries, saved, query }: Props = $props();

	const shortcuts = useShortcuts();
	const WHO = { here: 'Everyone here', left: 'Who has left', bounced: 'Whose letters come back' } as const;
	const country = new Intl.DisplayNames('en', { type: 'region' });
	const isNarrowed = $derived(query !== '');

	let box = $state<HTMLInputElement>();
	let narrow = $state<HTMLFormElement>();
	let timer: ReturnType<typeof setTimeout> | undefined;
	let isNaming = $state(false);

	/** Asks after a pause, so that typing is never held up. */
	function ask(afterMs: number) {
		clearTimeout(timer);
		timer = setTimeout(() => {
			if (!narrow) return;
			const chosen = [...new FormData(narrow)].filter(
				([name, value]) => value && !(name === 'who' && value === 'here')
			);
			void goto(`?${new URLSearchParams(chosen.map(([name, value]) => [name, String(value)]))}`, {
				keepFocus: true,
				replaceState: true,
				noScroll: true
			});
		}, afterMs);
	}

	$effect(() => shortcuts.add([{ key: '/', words: 'Search', run: () => box?.focus() }]));
</script>

<form
	bind:this={narrow}
	class="narrow"
	role="search"
	onsubmit={(event) => {
		event.preventDefault();
		ask(0);
	}}
>
	<label class="relative block">
		<span class="sr-only">Search by name, team or address</span>
		<input
			bind:this={box}
			class="field pr-10"
			type="search"
			name="q"
			maxlength="100"
			placeholder="Name, team or address"
			value={filter.search}
			oninput={() => ask(180)}
		/>
		<kbd class="key pointer-events-none absolute top-2.5 right-3 text-ink-soft" aria-hidden="true">/</kbd>
	</label>
	<label
		><span class="sr-only">Team</span>
		<select class="field" name="team" value={filter.team} onchange={() => ask(0)}>
			<option value="">Every team</option>
			{#each teams as team (team)}<option>{team}</option>{/each}
		</select>
	</label>
	<label
		><span class="sr-only">Self-assessment</span>
		<select class="field" name="state" value={filter.state} onchange={() => ask(0)}>
			<option value="">Any state</option>
			{#each PERSON_STATES as state (state)}<option value={state}>{stateWords(state)}</option>{/each}
		</select>
	</label>
	<label
		><span class="sr-only">Level</span>
		<select class="field" name="level" value={filter.level} onchange={() => ask(0)}>
			<option value="">Any level</option>
			{#each LEVELS as level (level)}<option value={level}>{levelEn[level].name}</option>{/each}
		</select>
	</label>
	{#if countries.length > 1}
		<label
			><span class="sr-only">Country</span>
			<select class="field" name="country" value={filter.country} onchange={() => ask(0)}>
				<option value="">Every country</option>
				{#each countries as code (code)}<option value={code}>{country.of(code)}</option>{/each}
			</select>
		</label>
	{/if}
	<label
		><span class="sr-only">Who</span>
		<select class="field" name="who" value={filter.who} onchange={() => ask(0)}>
			{#each Object.entries(WHO) as [who, words] (who)}<option value={who}>{words}</option>{/each}
		</select>
	</label>
	<noscript><button class="btn">Narrow</button></noscript>
</form>
<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-note">
	{#each saved as one (one.id)}
		<span class="inline-flex items-center gap-1">
			<a href="?{one.query}" aria-current={one.query === query ? 'true' : undefined}>{one.name}</a>
			<form method="POST" action="?/drop&{query}" use:enhance>
				<input type="hidden" name="filter" value={one.id} />
				<button class="link-button min-h-6 min-w-6" aria-label="Forget the filter {one.name}">×</button>
			</form>
		</span>
	{/each}
	{#if isNarrowed}
		<a href="/desk/people">Everyone</a>
		{#if isNaming}
			<form method="POST" action="?/save" use:enhance class="flex items-center gap-2">
				<input type="hidden" name="query" value={query} />
				<label>Name <input class="field ml-1 inline-block w-40" name="name" maxlength="60" required /></label>
				<button class="btn btn-small">Keep</button>
			</form>
		{:else}
			<button type="button" class="link-button" onclick={() => (isNaming = true)}>Keep this filter …</button>
		{/if}
	{/if}
</div>

<style>
	.narrow {
		display: grid;
		grid-template-columns: minmax(13rem, 2fr) repeat(auto-fit, minmax(8.5rem, 1fr));
		gap: 0.5rem;
		margin-top: 1.1rem;
	}
	@media (max-width: 48rem) {
		.narrow {
			grid-template-columns: 1fr;
		}
	}
</style>
