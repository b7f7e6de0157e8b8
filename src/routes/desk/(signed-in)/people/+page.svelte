<script lang="ts">
	import { goto } from '$app/navigation';
	import { useShortcuts } from '$lib/ui/shortcuts/context';
	import { stateWords } from '$lib/ui/cases/state-words';

	let { data } = $props();

	const shortcuts = useShortcuts();
	const date = new Intl.DateTimeFormat('en-GB', {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC'
	});
	let box = $state<HTMLInputElement>();
	let timer: ReturnType<typeof setTimeout> | undefined;

	/** Asks after a pause, so that typing is never held up. */
	function search(text: string) {
		clearTimeout(timer);
		timer = setTimeout(() => {
			void goto(text ? `?q=${encodeURIComponent(text)}` : '?', {
				keepFocus: true,
				replaceState: true,
				noScroll: true
			});
		}, 200);
	}

	$effect(() => shortcuts.add([{ key: '/', words: 'Search', run: () => box?.focus() }]));

	const more = $derived(`?q=${encodeURIComponent(data.search)}&after=${encodeURIComponent(data.next ?? '')}`);
</script>

<svelte:head><title>People · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-5xl px-6 py-6">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">People</h1>
			<p class="mt-1 text-ink-soft" role="status">
				{data.total}
				{data.total === 1 ? 'person' : 'people'}{data.search ? ` for “${data.search}”` : ''}
			</p>
		</div>
		<a class="btn btn-main" href="/desk/people/new"
			>Add a person <kbd class="key" aria-hidden="true">N</kbd></a
		>
	</div>
	<form class="mt-5" role="search">
		<label class="relative block max-w-md">
			<span class="sr-only">Search by name, team or address</span>
			<input
				bind:this={box}
				class="field pr-10"
				type="search"
				name="q"
				maxlength="100"
				placeholder="Name, team or address"
				value={data.search}
				oninput={(event) => search(event.currentTarget.value)}
			/>
			<kbd class="key pointer-events-none absolute top-2.5 right-3 text-ink-soft" aria-hidden="true">/</kbd>
		</label>
	</form>

	{#if data.lines.length === 0}
		<p class="mt-8 border-t border-ink pt-6 text-lead">
			{data.search
				? 'Nobody matches. Search by part of a name, a team or an address.'
				: 'Nobody is in the list yet. Add the first person.'}
		</p>
	{:else}
		<table class="mt-5 w-full">
			<thead>
				<tr class="border-b-[1.5px] border-ink text-left text-note">
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
						<td class="py-2 pr-3"
							><a class="font-semibold text-ink" href="/desk/cases/{line.id}">{line.name}</a></td
						>
						<td class="py-2 pr-3 text-ink-soft">{line.team}</td>
						<td class="py-2 pr-3">
							{stateWords(line.state)}{#if line.at}<span class="text-note text-ink-soft"
									>, {date.format(line.at)}</span
								>{/if}
						</td>
						<td class="num py-2 pr-3">
							{#if line.checksOff !== null}{line.checksOff}{#if line.checksUnsure}<span
										class="font-sans text-note text-ink-soft"
									>
										and {line.checksUnsure} unsure</span
									>{/if}{/if}
						</td>
						<td class="py-2">{line.followUpDue ? date.format(new Date(line.followUpDue)) : ''}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<nav class="mt-4 flex gap-3" aria-label="Pages of the list">
			{#if !data.isFirst}<a class="btn" href={data.search ? `?q=${encodeURIComponent(data.search)}` : '?'}
					>To the start</a
				>{/if}
			{#if data.next}<a class="btn" href={more}>Next page</a>{/if}
		</nav>
	{/if}
</main>
