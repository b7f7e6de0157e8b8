<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto, invalidateAll } from '$app/navigation';
	import { DEFAULT_POLICY } from '$lib/core/triage';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormFault from '$lib/ui/cases/FormFault.svelte';
	import RoundBar from '$lib/ui/cases/RoundBar.svelte';
	import RoundForm from '$lib/ui/cases/RoundForm.svelte';
	import type { RoundNews } from '$lib/server/rounds/follow-round';
	import { ROUND_STATES } from '$lib/ui/cases/state-words';

	let { data } = $props();

	const date = new Intl.DateTimeFormat('en-GB', {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC'
	});
	let done = $state('');
	const acting = new CaseForm();
	const nudging = new CaseForm(({ nudged }) => {
		const n = Number(nudged);
		done = `Reminding ${n === 1 ? 'one person' : `${n} people`}: the letters go out now.`;
	});
	let live = $state.raw<RoundNews | null>(null);
	const progress = $derived((live ?? data.news).progress);
	const { round } = $derived(data);

	/** Between two readings of the list while a round is followed, ms. */
	const READ_AGAIN_MS = 2000;
	const followed = $derived(data.isOut ? data.round.id : null);

	/** Told by the server as it changes, while the round is out. */
	$effect(() => {
		if (!followed) return;
		const events = new EventSource(`/desk/rounds/${followed}/progress`);
		let reading: ReturnType<typeof setTimeout> | undefined;
		// The bar moves with every event; the list and the figures, which cost more, are read anew now and then.
		const readSoon = () => {
			reading ??= setTimeout(() => {
				reading = undefined;
				void invalidateAll();
			}, READ_AGAIN_MS);
		};
		events.onmessage = ({ data: told }: MessageEvent<string>) => {
			// The first mostly tells what the page has already; each after it, that something has changed.
			if (live || told !== JSON.stringify(data.news)) readSoon();
			live = JSON.parse(told) as RoundNews;
		};
		return () => {
			events.close();
			clearTimeout(reading);
			live = null;
		};
	});

	/** How far it is with somebody who has not answered. */
	function standing({
		state,
		toCall,
		reminders,
		remindOn,
		isBeingReminded
	}: (typeof data.silent)[number]): string {
		if (state === 'bounced') return 'letter came back: mend the address';
		if (toCall === 1) return 'call';
		const on = isBeingReminded ? 'now' : remindOn && date.format(new Date(remindOn));
		const next = on && data.isOut ? `, next ${on}` : '';
		return `${reminders} of ${DEFAULT_POLICY.reminderWorkingDays.length} reminders${next}`;
	}

	const share = (n: number, of: number) => (of === 0 ? '' : `${Math.round((100 * n) / of)} %`);
	const rows = $derived.by(() => {
		const { figures, compared } = data;
		if (!figures) return [];
		const of = (f: typeof figures) => [
			String(f.people),
			`${f.answered} (${share(f.answered, f.people)})`,
			String(f.late),
			f.medianDays === null ? '' : f.medianDays.toFixed(1),
			`${f.withOff} (${share(f.withOff, f.answered)})`,
			`${f.sore} (${share(f.sore, f.answered)})`
		];
		const names = [
			'People',
			'Answered',
			'of them after it was closed',
			'Median days to the answer',
			'With a check that is off',
			'With a score of 4 or more'
		];
		const [mine, theirs] = [of(figures), compared ? of(compared.figures) : []];
		return names.map((name, i) => ({ name, mine: mine[i] ?? '', theirs: theirs[i] ?? '' }));
	});
</script>

<svelte:head><title>{round.name} · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-6xl px-6 py-6">
	<p class="text-note"><a href="/desk/rounds">Rounds</a></p>
	<div class="mt-1 flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">{round.name}</h1>
			<p class="mt-1 text-ink-soft">
				{ROUND_STATES[round.state]} · {date.format(new Date(round.startsOn))} to {date.format(
					new Date(round.dueOn)
				)}, {round.timeZone} · checklist version {round.checklistVersion}
			</p>
		</div>
		<div class="flex flex-wrap gap-2">
			{#if round.state === 'draft'}
				<form method="POST" action="?/drop" use:enhance={acting.submit}>
					<button class="btn" disabled={acting.isBusy}>Throw the draft away</button>
				</form>
				<form method="POST" action="?/start" use:enhance={acting.submit}>
					<input type="hidden" name="version" value={round.version} />
					<input type="hidden" name="expected" value={data.matches} />
					<button class="btn btn-main" disabled={acting.isBusy || data.matches === 0}
						>Send it to {data.matches === 1 ? 'one person' : `${data.matches} people`}</button
					>
				</form>
			{:else if round.state !== 'closed'}
				<form method="POST" action="?/close" use:enhance={acting.submit}>
					<input type="hidden" name="version" value={round.version} />
					<button class="btn" disabled={acting.isBusy}>Close the round</button>
				</form>
			{/if}
		</div>
	</div>
	<FormFault fault={acting.fault} />

	{#if round.state === 'draft'}
		<RoundForm
			{round}
			version={round.version}
			teams={data.teams}
			countries={data.countries}
			action="?/change"
			words="Keep the draft"
		/>
	{:else}
		<section class="mt-5" aria-live="polite">
			<RoundBar {progress} isClosed={round.state === 'closed'} />
		</section>
		<div class="mt-6 grid gap-8 lg:grid-cols-[1.1fr_1fr]">
			<section>
				<div class="flex flex-wrap items-end justify-between gap-x-4 border-b border-ink pb-1.5">
					<h2 class="text-lead">Not answered</h2>
					{#if data.nudgeable > 0}
						<form method="POST" action="?/nudge" use:enhance={nudging.submit}>
							<input type="hidden" name="expected" value={data.nudgeable} />
							<button class="btn btn-small" disabled={nudging.isBusy}
								>{data.nudgeable === 1
									? 'Remind one person now'
									: `Remind ${data.nudgeable} people now`}</button
							>
						</form>
					{/if}
				</div>
				<FormFault fault={nudging.fault} />
				<p class="text-note text-cool" role="status">{done}</p>
				{#if data.isOut && data.silent.length > 0}
					<p class="mt-1 text-note text-ink-soft">
						Counts as their next reminder. Whoever had a letter in the last day is left alone.
					</p>
				{/if}
				{#if data.silent.length === 0}<p class="mt-2 text-ink-soft">Nobody is silent.</p>{/if}
				<ul>
					{#each data.silent as line (line.personId)}
						<li class="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1.5 text-note">
							<span
								><a class="font-semibold text-ink" href="/desk/cases/{line.personId}">{line.name}</a>
								<span class="text-ink-soft">{line.team}</span></span
							>
							<span class="flex items-baseline gap-3">
								<span class:text-warm={line.toCall === 1 || line.state === 'bounced'}>{standing(line)}</span>
								{#if data.isOut && line.canBeNudged}
									<form method="POST" action="?/nudge" use:enhance={nudging.submit}>
										<input type="hidden" name="expected" value="1" />
										<input type="hidden" name="person" value={line.personId} />
										<button class="link-button" disabled={nudging.isBusy} aria-label="Remind now: {line.name}"
											>Remind now</button
										>
									</form>
								{/if}
							</span>
						</li>
					{/each}
				</ul>
				{#if data.silent.length === 100}<p class="mt-1 text-note text-ink-soft">The first hundred.</p>{/if}
			</section>
			<section>
				<h2 class="border-b border-ink pb-1.5 text-lead">How it went</h2>
				<table class="w-full text-note">
					<thead>
						<tr class="text-left">
							<td></td>
							<th class="py-1.5 pr-3" scope="col">{round.name}</th>
							{#if data.compared}
								<th class="py-1.5" scope="col">
									<label
										><span class="sr-only">Compare with</span>
										<select
											class="field py-1"
											value={data.compared.id}
											onchange={(event) =>
												void goto(`?with=${event.currentTarget.value}`, { noScroll: true, keepFocus: true })}
										>
											{#each data.earlier as other (other.id)}<option value={other.id}>{other.name}</option
												>{/each}
										</select>
									</label>
								</th>
							{/if}
						</tr>
					</thead>
					<tbody>
						{#each rows as row (row.name)}
							<tr class="border-t border-rule">
								<th class="py-1.5 pr-3 text-left font-normal" scope="row">{row.name}</th>
								<td class="num py-1.5 pr-3">{row.mine}</td>
								{#if data.compared}<td class="num py-1.5">{row.theirs}</td>{/if}
							</tr>
						{/each}
					</tbody>
				</table>
			</section>
		</div>
	{/if}
</main>
