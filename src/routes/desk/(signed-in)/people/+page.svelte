<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { SvelteSet } from 'svelte/reactivity';
	import { LEVELS } from '$lib/core/triage';
	import { levelEn } from '$lib/messages/triage-en';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormFault from '$lib/ui/cases/FormFault.svelte';
	import { stateWords } from '$lib/ui/cases/state-words';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data } = $props();

	const shortcuts = useShortcuts();
	const date = new Intl.DateTimeFormat('en-GB', {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC'
	});
	const STATES = ['none', 'sent', 'started', 'answered', 'expired', 'revoked'] as const;
	const WHO = { here: 'Everyone here', left: 'Who has left', bounced: 'Whose letters come back' } as const;
	const country = new Intl.DisplayNames('en', { type: 'region' });

	let box = $state<HTMLInputElement>();
	let narrow = $state<HTMLFormElement>();
	let timer: ReturnType<typeof setTimeout> | undefined;

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

	const ticked = new SvelteSet<string>();
	let wantsAll = $state(false);
	let act = $state<'send' | 'team' | 'leave' | 'return' | 'follow-up'>('send');
	const ACTS = $derived({
		send: 'Send a self-assessment',
		'follow-up': 'Set a follow-up',
		team: 'Move to a team',
		...(data.filter.who === 'left' ? { return: 'Take back' } : { leave: 'Note that they have left' })
	} as Partial<Record<typeof act, string>>);
	const shownTicked = $derived(data.lines.filter(({ id }) => ticked.has(id)));
	const n = $derived(wantsAll ? data.total : shownTicked.length);
	let done = $state('');
	const bulk = new CaseForm((result) => {
		const told = result.bulk as { n: number } | undefined;
		done = told ? `Done for ${told.n} ${told.n === 1 ? 'person' : 'people'}.` : '';
		ticked.clear();
		wantsAll = false;
	});
	let isNaming = $state(false);

	$effect(() => shortcuts.add([{ key: '/', words: 'Search', run: () => box?.focus() }]));

	const query = $derived(
		new URLSearchParams([...page.url.searchParams].filter(([name]) => name !== 'after')).toString()
	);
	const isNarrowed = $derived(query !== '');
	const counted = $derived(data.isMore ? `more than ${data.total}` : String(data.total));
</script>

<svelte:head><title>People · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-6xl px-6 py-6">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">People</h1>
			<p class="mt-1 text-ink-soft" role="status">
				{counted}
				{data.total === 1 ? 'person' : 'people'}{isNarrowed ? ' match' : ''}
			</p>
		</div>
		<div class="flex flex-wrap gap-2">
			<a class="btn" href="/desk/people/import">Import a list</a>
			<a class="btn" href="/desk/people/export?{query}" download>Export</a>
			<a class="btn btn-main" href="/desk/people/new"
				>Add a person <kbd class="key" aria-hidden="true">N</kbd></a
			>
		</div>
	</div>
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
				value={data.filter.search}
				oninput={() => ask(180)}
			/>
			<kbd class="key pointer-events-none absolute top-2.5 right-3 text-ink-soft" aria-hidden="true">/</kbd>
		</label>
		<label
			><span class="sr-only">Team</span>
			<select class="field" name="team" value={data.filter.team} onchange={() => ask(0)}>
				<option value="">Every team</option>
				{#each data.teams as team (team)}<option>{team}</option>{/each}
			</select>
		</label>
		<label
			><span class="sr-only">Self-assessment</span>
			<select class="field" name="state" value={data.filter.state} onchange={() => ask(0)}>
				<option value="">Any state</option>
				{#each STATES as state (state)}<option value={state}>{stateWords(state)}</option>{/each}
			</select>
		</label>
		<label
			><span class="sr-only">Level</span>
			<select class="field" name="level" value={data.filter.level} onchange={() => ask(0)}>
				<option value="">Any level</option>
				{#each LEVELS as level (level)}<option value={level}>{levelEn[level].name}</option>{/each}
			</select>
		</label>
		{#if data.countries.length > 1}
			<label
				><span class="sr-only">Country</span>
				<select class="field" name="country" value={data.filter.country} onchange={() => ask(0)}>
					<option value="">Every country</option>
					{#each data.countries as code (code)}<option value={code}>{country.of(code)}</option>{/each}
				</select>
			</label>
		{/if}
		<label
			><span class="sr-only">Who</span>
			<select class="field" name="who" value={data.filter.who} onchange={() => ask(0)}>
				{#each Object.entries(WHO) as [who, words] (who)}<option value={who}>{words}</option>{/each}
			</select>
		</label>
		<noscript><button class="btn">Narrow</button></noscript>
	</form>
	<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-note">
		{#each data.saved as saved (saved.id)}
			<span class="inline-flex items-center gap-1">
				<a href="?{saved.query}" aria-current={saved.query === query ? 'true' : undefined}>{saved.name}</a>
				<form method="POST" action="?/drop&{query}" use:enhance>
					<input type="hidden" name="filter" value={saved.id} />
					<button class="link-button min-h-6 min-w-6" aria-label="Forget the filter {saved.name}">×</button>
				</form>
			</span>
		{/each}
		{#if isNarrowed}
			<a href="/desk/people">Everyone</a>
			{#if isNaming}
				<form method="POST" action="?/save" use:enhance class="flex items-center gap-2">
					<input type="hidden" name="query" value={query} />
					<label
						>Name <input class="field ml-1 inline-block w-40" name="name" maxlength="60" required /></label
					>
					<button class="btn btn-small">Keep</button>
				</form>
			{:else}
				<button type="button" class="link-button" onclick={() => (isNaming = true)}>Keep this filter …</button
				>
			{/if}
		{/if}
	</div>

	{#if n > 0 || done || bulk.fault}
		<section class="bulk" aria-label="Ticked people">
			{#if n > 0}
				<form
					method="POST"
					action="?/bulk&{query}"
					use:enhance={bulk.submit}
					class="flex flex-wrap items-center gap-3"
				>
					<input type="hidden" name="ids" value={wantsAll ? '' : shownTicked.map(({ id }) => id).join(',')} />
					<input type="hidden" name="expected" value={n} />
					<label
						>For these {n}
						<select class="field ml-1 inline-block w-auto" name="act" bind:value={act}>
							{#each Object.entries(ACTS) as [kind, words] (kind)}<option value={kind}>{words}</option>{/each}
						</select>
					</label>
					{#if act === 'team'}
						<label
							>Team <input class="field ml-1 inline-block w-40" name="team" maxlength="80" required /></label
						>
					{:else if act === 'follow-up'}
						<label
							>On <input
								class="field ml-1 inline-block w-40"
								type="date"
								name="due"
								min={data.today}
								required
							/></label
						>
						<label>For <input class="field ml-1 inline-block w-48" name="reason" maxlength="300" /></label>
					{/if}
					<button class="btn btn-main" disabled={bulk.isBusy}
						>Yes, for {n === 1 ? 'one person' : `${n} people`}</button
					>
					{#if !wantsAll && data.next && shownTicked.length === data.lines.length && !data.isMore && data.total <= data.mostInBulk}
						<button type="button" class="link-button text-note" onclick={() => (wantsAll = true)}
							>All {data.total} that match</button
						>
					{/if}
					<button
						type="button"
						class="link-button text-note"
						onclick={() => {
							ticked.clear();
							wantsAll = false;
						}}>Untick</button
					>
				</form>
			{/if}
			<p role="status" class="text-cool">{done}</p>
			<FormFault fault={bulk.fault} />
		</section>
	{/if}

	{#if data.lines.length === 0}
		<p class="mt-8 border-t border-ink pt-6 text-lead">
			{isNarrowed
				? 'Nobody matches. Search by part of a name, a team or an address, or take a filter away.'
				: 'Nobody is in the list yet. Import a list, or add the first person.'}
		</p>
	{:else}
		<table class="mt-4 w-full">
			<thead>
				<tr class="border-b-[1.5px] border-ink text-left text-note">
					<th class="w-8 py-2">
						<input
							type="checkbox"
							class="tick"
							aria-label="Tick everyone on this page"
							checked={shownTicked.length === data.lines.length}
							onchange={(event) => {
								for (const { id } of data.lines)
									if (event.currentTarget.checked) ticked.add(id);
									else ticked.delete(id);
							}}
						/>
					</th>
					<th class="py-2 font-semibold">Name</th>
					<th class="py-2 font-semibold">Team</th>
					<th class="py-2 font-semibold">Self-assessment</th>
					<th class="py-2 font-semibold">Checks off</th>
					<th class="py-2 font-semibold">Follow-up</th>
				</tr>
			</thead>
			<tbody>
				{#each data.lines as line (line.id)}
					<tr class="border-b border-rule hover:bg-sheet">
						<td class="py-1.5">
							<input
								type="checkbox"
								class="tick"
								aria-label="Tick {line.name}"
								checked={ticked.has(line.id)}
								onchange={() => {
									if (!ticked.delete(line.id)) ticked.add(line.id);
								}}
							/>
						</td>
						<td class="py-1.5 pr-3"
							><a class="font-semibold text-ink" href="/desk/cases/{line.id}">{line.name}</a
							>{#if line.hasLeft}<span class="text-note text-ink-soft">, has left</span
								>{/if}{#if line.hasBounced}<span class="text-note text-warm">, letters come back</span
								>{/if}</td
						>
						<td class="py-1.5 pr-3 text-ink-soft">{line.team}</td>
						<td class="py-1.5 pr-3">
							{stateWords(line.state)}{#if line.at}<span class="text-note text-ink-soft"
									>, {date.format(line.at)}</span
								>{/if}
						</td>
						<td class="num py-1.5 pr-3">
							{#if line.checksOff !== null}{line.checksOff}{#if line.checksUnsure}<span
										class="font-sans text-note text-ink-soft">{` and ${line.checksUnsure} unsure`}</span
									>{/if}{/if}
						</td>
						<td class="py-1.5">{line.followUpDue ? date.format(new Date(line.followUpDue)) : ''}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<nav class="mt-4 flex gap-3" aria-label="Pages of the list">
			{#if !data.isFirst}<a class="btn" href="?{query}">To the start</a>{/if}
			{#if data.next}<a class="btn" href="?{query}{query ? '&' : ''}after={encodeURIComponent(data.next)}"
					>Next page</a
				>{/if}
		</nav>
	{/if}
</main>

<style>
	.narrow {
		display: grid;
		grid-template-columns: minmax(13rem, 2fr) repeat(auto-fit, minmax(8.5rem, 1fr));
		gap: 0.5rem;
		margin-top: 1.1rem;
	}
	.bulk {
		margin-top: 0.75rem;
		padding: 0.6rem 0.8rem;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
	.tick {
		width: 1.1rem;
		height: 1.1rem;
		vertical-align: -0.15rem;
		accent-color: var(--ink);
	}
	@media (max-width: 48rem) {
		.narrow {
			grid-template-columns: 1fr;
		}
	}
</style>
