<script lang="ts">
	import { deserialize } from '$app/forms';
	import { enhance } from '$app/forms';
	import { goto, invalidateAll } from '$app/navigation';
	import type { ActionResult } from '@sveltejs/kit';
	import { LEVELS } from '$lib/core/triage';
	import { levelEn } from '$lib/messages/triage-en';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data, form } = $props();

	type Line = (typeof data.lines)[number];

	const shortcuts = useShortcuts();
	const DAY_MS = 86_400_000;
	const at = (iso: string) => new Date(`${iso}T00:00:00Z`);
	const add = (iso: string, days: number) =>
		new Date(at(iso).getTime() + days * DAY_MS).toISOString().slice(0, 10);
	const format = (options: Intl.DateTimeFormatOptions) =>
		new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...options });
	const monthName = format({ month: 'long', year: 'numeric' });
	const long = format({ weekday: 'long', day: 'numeric', month: 'long' });
	const short = format({ day: 'numeric', month: 'short' });
	const weekday = format({ weekday: 'short' });
	const VIEWS = { month: 'Month', week: 'Week', list: 'List' } as const;

	const days = $derived(
		Array.from({ length: (at(data.until).getTime() - at(data.from).getTime()) / DAY_MS + 1 }, (_, i) =>
			add(data.from, i)
		)
	);
	const on = (day: string) => data.lines.filter(({ due }) => due === day && due >= data.today);
	const isOtherMonth = (day: string) => data.view === 'month' && day.slice(0, 7) !== data.day.slice(0, 7);
	const isWeekend = (day: string) => [0, 6].includes(at(day).getUTCDay());
	/** How many of a day are not shown. */
	const moreOn = (day: string) =>
		day < data.today ? 0 : (data.onDays.find((d) => d.day === day)?.n ?? 0) - on(day).length;

	/** The line that is carried by keys, and the day it would go to. */
	let held = $state.raw<{ line: Line; to: string } | null>(null);
	let dragged = $state.raw<Line | null>(null);
	let over = $state<string | null>(null);
	let told = $state('');
	let fault = $state('');

	async function move(line: Line, to: string) {
		held = null;
		if (to === line.due) return;
		told = '';
		fault = '';
		const body = new URLSearchParams({
			person: line.personId,
			due: to,
			reason: line.reason,
			version: String(line.version)
		});
		const response = await fetch('?/move', {
			method: 'POST',
			headers: { 'x-sveltekit-action': 'true' },
			body
		}).catch(() => null);
		if (!response) {
			fault = 'The server could not be reached. Nothing was moved: try again.';
			return;
		}
		const result = deserialize(await response.text()) as ActionResult;
		if (result.type === 'success') {
			const { isFreeDay } = result.data?.moved as { isFreeDay: boolean };
			told = `${line.name} is on ${long.format(at(to))} now${isFreeDay ? ', a free day where they live' : ''}.`;
		} else if (result.type === 'failure')
			fault = (result.data as { fault?: { message: string } }).fault?.message ?? 'This could not be moved.';
		await invalidateAll();
		document.getElementById(`follow-up-${line.personId}`)?.focus();
	}

	/** With the keys: M takes a line up, arrows carry it by days and weeks, Enter puts it down, Escape leaves it. */
	function keys(event: KeyboardEvent, line: Line) {
		if (held?.line.personId !== line.personId) {
			if (event.key === 'm') {
				event.preventDefault();
				event.stopPropagation();
				held = { line, to: line.due < data.today ? data.today : line.due };
			}
			return;
		}
		const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 7, ArrowUp: -7 }[event.key];
		if (by === undefined && event.key !== 'Enter' && event.key !== 'Escape') return;
		event.preventDefault();
		event.stopPropagation();
		if (event.key === 'Escape') held = null;
		else if (event.key === 'Enter') void move(line, held.to);
		else if (by !== undefined) {
			const to = add(held.to, by);
			held = { line, to: to < data.today ? data.today : to };
		}
	}

	const stepDays = $derived(data.view === 'week' ? 7 : data.view === 'list' ? 60 : 0);
	function addressOf(view: string, day: string) {
		return `?view=${view}&day=${day}`;
	}
	function stepped(by: 1 | -1): string {
		if (stepDays > 0) return addressOf(data.view, add(data.day, by * stepDays));
		const first = at(`${data.day.slice(0, 7)}-01`);
		first.setUTCMonth(first.getUTCMonth() + by);
		return addressOf(data.view, first.toISOString().slice(0, 10));
	}

	const weeks = $derived(
		Array.from({ length: 8 }, (_, i) => {
			const from = add(data.aheadFrom, i * 7);
			const until = add(from, 6);
			const n = data.load.filter(({ day }) => day >= from && day <= until).reduce((sum, d) => sum + d.n, 0);
			return { from, n };
		})
	);
	const mostInAWeek = $derived(Math.max(1, ...weeks.map(({ n }) => n)));
	const feed = $derived(form && 'feed' in form ? (form.feed as string) : null);

	$effect(() =>
		shortcuts.add([
			{ key: 'ArrowRight', words: 'Later', run: () => void goto(stepped(1)) },
			{ key: 'ArrowLeft', words: 'Earlier', run: () => void goto(stepped(-1)) },
			{ key: 'm', words: 'Take the chosen line up, to move it', run: () => {} }
		])
	);
</script>

<svelte:head><title>Follow-ups · Easy Corner</title></svelte:head>

{#snippet card(line: Line)}
	<a
		id="follow-up-{line.personId}"
		class="card"
		class:held={held?.line.personId === line.personId}
		class:urgent={(line.levelRank ?? 5) < 2}
		href="/desk/cases/{line.personId}"
		draggable="true"
		aria-describedby="how-to-move"
		title="{line.name}{line.reason ? `: ${line.reason}` : ''}"
		ondragstart={() => (dragged = line)}
		ondragend={() => {
			dragged = null;
			over = null;
		}}
		onkeydown={(event) => keys(event, line)}
		onblur={() => (held = null)}
	>
		<span class="font-semibold">{line.name}</span>
		{#if data.view !== 'month' && line.reason}<span class="text-ink-soft">{line.reason}</span>{/if}
	</a>
{/snippet}

<main class="px-6 py-5">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">Follow-ups</h1>
			<p class="mt-1 text-ink-soft">
				{data.overdueTotal === 0
					? 'Nothing is overdue.'
					: data.overdueTotal === 1
						? 'One is overdue.'
						: `${data.overdueTotal} are overdue.`}
				{data.total} in view.
			</p>
		</div>
		<nav class="flex flex-wrap items-center gap-2" aria-label="View">
			{#each Object.entries(VIEWS) as [view, words] (view)}
				<a
					class="btn btn-small"
					class:chosen={data.view === view}
					aria-current={data.view === view ? 'page' : undefined}
					href={addressOf(view, data.day)}>{words}</a
				>
			{/each}
			<a class="btn btn-small" href={stepped(-1)} aria-label="Earlier">←</a>
			<a class="btn btn-small" href={addressOf(data.view, data.today)}>Today</a>
			<a class="btn btn-small" href={stepped(1)} aria-label="Later">→</a>
		</nav>
	</div>
	<p id="how-to-move" class="mt-2 text-note text-ink-soft">
		Drag a name to another day; by keys: <kbd class="key">M</kbd> takes it up, arrows carry it,
		<kbd class="key">Enter</kbd> puts it down.
	</p>
	<div role="status" class="text-note text-cool">
		{held ? `${held.line.name}: ${long.format(at(held.to))}. Enter puts it down, Escape leaves it.` : told}
	</div>
	<div role="alert">
		{#if fault}<p class="mt-2 border-l-4 border-warm bg-warm-wash px-3 py-1.5 text-note">{fault}</p>{/if}
	</div>

	<div class="layout">
		<div class="min-w-0">
			{#if data.overdue.length > 0}
				<section class="mb-4 border-l-4 border-warm pl-3">
					<h2 class="text-lead text-warm">Overdue</h2>
					<ul class="mt-1 flex flex-wrap gap-1.5">
						{#each data.overdue as line (line.personId)}
							<li class="flex items-center gap-1">
								{@render card(line)}<span class="text-mark text-ink-soft">{short.format(at(line.due))}</span>
							</li>
						{/each}
						{#if data.overdueTotal > data.overdue.length}<li class="text-note text-ink-soft">
								and {data.overdueTotal - data.overdue.length} more on the day sheet
							</li>{/if}
					</ul>
				</section>
			{/if}
			{#if data.view === 'list'}
				<h2 class="text-head">From {long.format(at(data.from))}</h2>
				<ul class="mt-2 border-t border-ink">
					{#each data.lines.filter(({ due }) => due >= data.today) as line (line.personId)}
						<li class="grid grid-cols-[9rem_1fr_7rem] gap-3 border-b border-rule py-1.5 text-note">
							<span>{long.format(at(line.due))}</span>
							{@render card(line)}
							<span class="text-ink-soft">{levelEn[LEVELS[line.levelRank] ?? 'settled'].name}</span>
						</li>
					{/each}
				</ul>
				{#if data.lines.length === 0}<p class="mt-3 text-ink-soft">No follow-up in these sixty days.</p>{/if}
			{:else}
				<h2 class="text-head">
					{data.view === 'month'
						? `${monthName.format(at(data.day))}${data.day.slice(0, 7) === data.until.slice(0, 7) ? '' : ` to ${monthName.format(at(data.until))}`}`
						: `${short.format(at(data.from))} to ${short.format(at(data.until))}`}
				</h2>
				<div class="days" class:week={data.view === 'week'}>
					{#each days.slice(0, 7) as day (day)}<p class="head">{weekday.format(at(day))}</p>{/each}
					{#each days as day (day)}
						<section
							class="day"
							class:other={isOtherMonth(day)}
							class:free={isWeekend(day)}
							class:today={day === data.today}
							class:over={over === day || held?.to === day}
							aria-label={long.format(at(day))}
							ondragover={(event) => {
								if (!dragged) return;
								event.preventDefault();
								over = day;
							}}
							ondrop={(event) => {
								event.preventDefault();
								if (dragged) void move(dragged, day);
							}}
							role="group"
						>
							<p class="number">{Number(day.slice(8))}{day === data.today ? ', today' : ''}</p>
							{#each on(day) as line (line.personId)}
								{@render card(line)}
							{/each}
							{#if moreOn(day) > 0}
								<a class="text-mark" href={addressOf(data.view === 'month' ? 'week' : 'list', day)}
									>{moreOn(day)} more</a
								>
							{/if}
						</section>
					{/each}
				</div>
			{/if}
		</div>
		<aside>
			<h2 class="border-b border-ink pb-1 text-lead">The coming weeks</h2>
			<table class="w-full text-note">
				<tbody>
					{#each weeks as week (week.from)}
						<tr>
							<th class="w-24 py-1 text-left font-normal" scope="row"
								><a href={addressOf('week', week.from)}>{short.format(at(week.from))}</a></th
							>
							<td><span class="load" style:width="{(week.n / mostInAWeek) * 100}%"></span></td>
							<td class="num w-10 text-right">{week.n}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<h2 class="mt-6 border-b border-ink pb-1 text-lead">In your own calendar</h2>
			<p class="mt-2 text-note text-ink-soft">
				A secret address that your calendar reads: days and initials, no word about health. A new address ends
				the old one.
			</p>
			{#if feed}<p class="num mt-2 border-l-4 border-cool bg-cool-wash px-3 py-2 text-note break-all">
					{feed}
				</p>
				<p class="text-note text-ink-soft">Shown once.</p>{/if}
			<div class="mt-2 flex flex-wrap gap-2">
				<form method="POST" action="?/feed" use:enhance>
					<button class="btn btn-small">Make a new address</button>
				</form>
				<form method="POST" action="?/endFeed" use:enhance>
					<button class="btn btn-small">End it</button>
				</form>
			</div>
			{#if form && 'feedEnded' in form}<p class="mt-1 text-note" role="status">The address has ended.</p>{/if}
		</aside>
	</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 1.75rem;
		margin-top: 1rem;
	}
	.days {
		display: grid;
		grid-template-columns: repeat(7, minmax(0, 1fr));
		margin-top: 0.5rem;
		border-top: 1.5px solid var(--ink);
		border-left: 1px solid var(--rule);
	}
	.head {
		padding: 0.2rem 0.4rem;
		border-right: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.day {
		display: flex;
		flex-direction: column;
		gap: 2px;
		min-height: 5.4rem;
		padding: 0.2rem 0.3rem 0.3rem;
		border-right: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		background: var(--sheet);
	}
	.week .day {
		min-height: 22rem;
	}
	.free {
		background: var(--paper);
	}
	.other .number {
		font-style: italic;
	}
	.today {
		box-shadow: inset 0 2px 0 var(--warm);
	}
	.over {
		outline: 2px solid var(--cool);
		outline-offset: -2px;
	}
	.number {
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.card {
		display: block;
		min-width: 0;
		min-height: 1.5rem;
		padding: 2px 0.35rem;
		overflow: hidden;
		border-left: 3px solid var(--cool);
		background: var(--cool-wash);
		color: var(--ink);
		font-size: var(--text-mark);
		text-decoration: none;
		cursor: grab;
	}
	.card.urgent {
		border-left-color: var(--warm);
		background: var(--warm-wash);
	}
	.card.held {
		outline: 2px dashed var(--ink);
	}
	.load {
		display: block;
		height: 0.7rem;
		background: var(--cool);
	}
	.chosen {
		background: var(--ink);
		color: var(--sheet);
	}
	@media (min-width: 68rem) {
		.layout {
			grid-template-columns: minmax(0, 1fr) 15rem;
		}
	}
</style>
