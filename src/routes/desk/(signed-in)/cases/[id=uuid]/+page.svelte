<script lang="ts">
	import { enhance } from '$app/forms';
	import { planSteps } from '$lib/core/plan';
	import { sectionOf } from '$lib/core/section';
	import { messagesFor } from '$lib/messages';
	import { reasonEn } from '$lib/messages/triage-en';
	import { answerLines } from '$lib/ui/cases/answer-lines';
	import { ACT_WORDS, stateWords } from '$lib/ui/cases/state-words';
	import CheckTable from '$lib/ui/plan/CheckTable.svelte';
	import SectionSwitch from '$lib/ui/plan/SectionSwitch.svelte';
	import StepList from '$lib/ui/plan/StepList.svelte';
	import WhatStaysOpen from '$lib/ui/plan/WhatStaysOpen.svelte';
	import SectionDrawing from '$lib/ui/section/SectionDrawing.svelte';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data, form } = $props();

	type State = 'now' | 'after' | 'again';

	const t = messagesFor('en');
	const shortcuts = useShortcuts();
	const unit = $derived(data.unit);
	const date = new Intl.DateTimeFormat('en-GB', {
		day: 'numeric',
		month: 'long',
		year: 'numeric',
		timeZone: 'UTC'
	});
	const moment = $derived(
		new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone: data.timeZone })
	);

	const plan = $derived(data.advice?.plans[0] ?? null);
	const fits = $derived(data.advice?.before.every((check) => check.verdict === 'fits') ?? false);
	const steps = $derived(
		data.corner && plan && data.advice && !fits ? planSteps(data.corner, plan, data.advice.before) : []
	);
	const sections = $derived(
		data.corner
			? {
					now: sectionOf(data.corner, null, null, data.drawnAs),
					after: plan && !fits ? sectionOf(data.corner, plan, null, data.drawnAs) : null,
					again: data.again && plan ? sectionOf(data.corner, plan, data.again.lengths, data.drawnAs) : null
				}
			: null
	);
	const states = $derived<State[]>(
		sections ? (['now', 'after', 'again'] as const).filter((s) => sections[s] !== null) : []
	);
	let chosen = $state<State>('now');
	const shown = $derived<State>(states.includes(chosen) ? chosen : 'now');
	const section = $derived(sections?.[shown] ?? sections?.now ?? null);
	const all = $derived(
		sections ? [sections.now, sections.after, sections.again].filter((s) => s !== null) : []
	);
	const words: Record<State, string> = { now: 'Now', after: 'After the plan', again: 'Measured again' };
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string; at?: string }) : null);
	const link = $derived(form && 'link' in form ? (form.link as string) : null);

	let due = $derived(data.followUp?.due ?? '');

	$effect(() =>
		shortcuts.add([
			{ key: 'f', words: 'Follow-up date', run: () => document.getElementById('due')?.focus() },
			{ key: 's', words: 'Send a self-assessment', run: () => document.getElementById('send')?.focus() },
			{ key: 'e', words: 'Dealt with', run: () => document.getElementById('seen')?.click() },
			{
				key: 'v',
				words: 'Show the next drawing',
				run: () => (chosen = states[(states.indexOf(shown) + 1) % states.length] ?? 'now')
			}
		])
	);
</script>

<svelte:head><title>{data.person.name} · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-6xl px-6 py-6">
	<p class="text-note"><a href="/desk/people">People</a></p>
	<div class="mt-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
		<div>
			<h1 class="text-title">{data.person.name}</h1>
			<p class="mt-1 text-ink-soft">
				{data.person.team ? `${data.person.team} · ` : ''}{data.person.email}
			</p>
		</div>
		<div class="no-print flex flex-wrap items-center gap-2">
			{#if data.answered}
				{#if data.answered.isSeen}
					<form method="POST" action="?/unseen" use:enhance class="flex items-center gap-2">
						<span class="text-note text-ink-soft">Dealt with.</span>
						<button class="btn">Put back on the day sheet</button>
					</form>
				{:else}
					<form method="POST" action="?/seen" use:enhance>
						<button id="seen" class="btn btn-main"
							>Dealt with <kbd class="key" aria-hidden="true">E</kbd></button
						>
					</form>
				{/if}
			{/if}
			<form method="POST" action="?/send" use:enhance>
				<button id="send" class="btn" class:btn-main={!data.answered && !data.newest}>
					{data.newest ? 'Send another self-assessment' : 'Send a self-assessment'}
					<kbd class="key" aria-hidden="true">S</kbd>
				</button>
			</form>
		</div>
	</div>

	<div role="status">
		{#if link}
			<div class="mt-4 border-l-4 border-cool bg-cool-wash px-4 py-2.5">
				<p class="font-semibold">
					{data.hasPost
						? 'The letter lies in the post office.'
						: 'The link is made. No mail server is set up, so pass it on yourself.'}
				</p>
				<p class="mt-0.5 text-note">This link is shown once, and opens {data.person.name}’s answers:</p>
				<p class="num mt-1 text-note break-all">{link}</p>
				{#if data.hasPost}<p class="mt-1 text-note"><a href="/post">Go to the post office</a></p>{/if}
			</div>
		{/if}
	</div>
	{#if fault}<p class="mt-4 border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">
			{fault.message}
		</p>{/if}

	<div class="layout">
		<div class="min-w-0">
			{#if data.reasons.some(({ level }) => level !== 'settled' && level !== 'home')}
				<section class="mb-5 border-l-8 border-warm bg-warm-wash px-4 py-3">
					<ul>
						{#each data.reasons.filter(({ level }) => level !== 'settled' && level !== 'home') as reason, i (i)}
							<li class="first-letter:uppercase" class:font-semibold={i === 0}>{reasonEn(reason)}</li>
						{/each}
					</ul>
				</section>
			{/if}
			{#if section && data.answered && data.advice}
				<section class="sheet">
					<div class="flex flex-wrap items-center justify-between gap-3">
						{#if states.length > 1}
							<SectionSwitch
								{states}
								{shown}
								{t}
								words={(state) => words[state]}
								choose={(state) => (chosen = state)}
							/>
						{/if}
						<p class="text-note text-ink-soft">
							Judged by the way “{data.answered.way}” · answered {data.answered.at
								? date.format(data.answered.at)
								: ''}
						</p>
					</div>
					<div class="mt-3"><SectionDrawing {section} {all} {t} {unit} mostHeight={520} /></div>
					<div class="mt-3">
						<CheckTable
							title="Checks: {words[shown].toLowerCase()}"
							checks={section.checks}
							before={shown === 'now' ? [] : data.advice.before}
							{t}
							{unit}
						/>
					</div>
					{#if data.advice.measureNext}
						<p class="mt-3 text-note font-semibold text-cool">
							Worth asking for next: {t.measurable[data.advice.measureNext]}.
						</p>
					{/if}
				</section>
				{#each data.spots as spot, i (spot.id)}
					{@const at = sectionOf(spot.corner, spot.plan, null, data.drawnAs)}
					<section class="sheet mt-6">
						<h2 class="text-head">Spot {i + 2}, {spot.corner.spot.posture}, after its plan</h2>
						<div class="mt-3"><SectionDrawing section={at} all={[at]} {t} {unit} mostHeight={420} /></div>
						<CheckTable title="Checks: after the plan" checks={at.checks} before={spot.before} {t} {unit} />
					</section>
				{/each}
				<section class="mt-6">
					<h2 class="text-head">What they were told to do</h2>
					{#if steps.length > 0}
						<div class="mt-2"><StepList {steps} ticks={data.ticks} {t} {unit} canTick={false} /></div>
					{:else}
						<p class="mt-2 text-ink-soft">
							{fits ? 'Nothing: the corner fits.' : 'Nothing: no piece in the house makes it better.'}
						</p>
					{/if}
					<WhatStaysOpen
						compromise={data.advice.compromise}
						purchases={fits ? [] : data.advice.purchases}
						findings={data.advice.findings}
						proven={data.advice.proven}
						{t}
						{unit}
					/>
				</section>
			{:else}
				<section class="border-t border-ink pt-5">
					<h2 class="text-head">
						{data.state === 'none'
							? 'Nothing sent yet'
							: data.state === 'started'
								? 'Begun, not finished'
								: data.state === 'sent'
									? 'Not answered yet'
									: 'No answers'}
					</h2>
					<p class="mt-2 max-w-prose text-ink-soft">
						{#if data.state === 'none'}
							Send a self-assessment: {data.person.name} gets a personal link, measures at home, and the section,
							the checks and the plan appear here.
						{:else if data.newest && (data.state === 'sent' || data.state === 'started')}
							The letter went out on {date.format(data.newest.sentAt)}; its link works until {date.format(
								data.newest.expiresAt
							)}.
							{#if data.newest.savedAt}Last saved {moment.format(data.newest.savedAt)}.{/if}
						{:else}
							The last link has ended or was withdrawn. Send another if it is still wanted.
						{/if}
					</p>
				</section>
			{/if}
		</div>

		<aside class="min-w-0">
			<section>
				<h2 class="border-b border-ink pb-1.5 text-lead">Follow-up</h2>
				{#if data.followUp}
					<p class="mt-2" class:text-warm={data.followUp.due <= data.today}>
						<strong>{date.format(new Date(data.followUp.due))}</strong>{#if data.followUp.reason}: {data
								.followUp.reason}{/if}
					</p>
				{/if}
				<form
					method="POST"
					action="?/followUp"
					use:enhance={() =>
						({ update }) =>
							update({ reset: false })}
					class="no-print mt-2 grid gap-2"
				>
					<input type="hidden" name="version" value={data.followUp?.version ?? 0} />
					<label class="text-note" for="due">Look again on <kbd class="key" aria-hidden="true">F</kbd></label>
					<input class="field" id="due" type="date" name="due" min={data.today} required bind:value={due} />
					<div class="needs-js flex flex-wrap gap-1.5">
						{#each data.offered as offer (offer.days)}
							<button type="button" class="btn btn-small" onclick={() => (due = offer.due)}
								>in {offer.days} days</button
							>
						{/each}
					</div>
					<label class="text-note">
						What for
						<input
							class="field mt-1"
							name="reason"
							maxlength="300"
							value={data.followUp?.reason ?? ''}
							placeholder="Has the footrest arrived?"
						/>
					</label>
					<div class="flex flex-wrap gap-2">
						<button class="btn">{data.followUp ? 'Change' : 'Set'}</button>
					</div>
					{#if form && 'set' in form}<p class="text-note text-cool" role="status">
							Set. It comes up on the day sheet on that day.
						</p>{/if}
				</form>
				{#if data.followUp}
					<form method="POST" action="?/done" use:enhance class="no-print mt-2">
						<button class="link-button text-note">This follow-up is done</button>
					</form>
				{/if}
			</section>

			{#if data.requests.length > 0}
				<section class="mt-7">
					<h2 class="border-b border-ink pb-1.5 text-lead">Asked for</h2>
					<ul>
						{#each data.requests as purchase (purchase)}
							<li class="border-b border-rule py-1 text-note">{t.open.buy[purchase]}</li>
						{/each}
					</ul>
				</section>
			{/if}
			{#if data.discomfort.length > 0}
				<section class="mt-7">
					<h2 class="border-b border-ink pb-1.5 text-lead">Discomfort, last seven days</h2>
					<ul>
						{#each data.discomfort as report, i (i)}
							<li class="border-b border-rule py-1.5 text-note">
								<span class="flex justify-between gap-3">
									<span class="font-semibold">
										{report.side === null || report.side === 'both'
											? t.discomfort.places[report.region]
											: t.discomfort.sided(t.discomfort.places[report.region], report.side)}
									</span>
									<span class="num" class:text-warm={report.worst >= 4}
										>{t.discomfort.told(report.worst)}</span
									>
								</span>
								<span class="text-ink-soft">
									{report.days} of 7 days; hinders: {t.discomfort.hindersOptions[
										report.hinders
									]?.toLowerCase()}{report.kinds.length > 0
										? `; ${report.kinds.map((kind) => t.discomfort.kindOptions[kind].toLowerCase()).join(', ')}`
										: ''}
								</span>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
			{#if data.corner}
				<section class="mt-7">
					<h2 class="border-b border-ink pb-1.5 text-lead">Answers</h2>
					{#each answerLines(data.corner, t, unit) as part (part.title)}
						<h3 class="mt-3 font-sans text-note font-semibold text-ink-soft">{part.title}</h3>
						<dl>
							{#each part.lines as line, i (i)}
								<div class="grid grid-cols-[9rem_1fr] gap-3 border-b border-rule py-1 text-note">
									<dt>{line.name}</dt>
									<dd>{line.words}</dd>
								</div>
							{/each}
						</dl>
					{/each}
				</section>
			{/if}

			<section class="mt-7">
				<h2 class="border-b border-ink pb-1.5 text-lead">Record</h2>
				<ul>
					{#each data.log as line, i (i)}
						<li class="grid grid-cols-[9rem_1fr] gap-3 border-b border-rule py-1 text-note">
							<span class="text-ink-soft">{moment.format(line.at)}</span>
							<span
								>{line.actorKind === 'person' ? data.person.name : (line.userName ?? 'Easy Corner')}
								{ACT_WORDS[line.act] ?? line.act}</span
							>
						</li>
					{/each}
				</ul>
				{#if data.history.length > 1}
					<p class="mt-2 text-note text-ink-soft">
						{data.history.length} self-assessments: {data.history
							.map((h) => `${date.format(h.sentAt)}, ${stateWords(h.state)}`)
							.join('; ')}.
					</p>
				{/if}
			</section>
		</aside>
	</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 2rem;
		margin-top: 1.25rem;
	}
	.sheet {
		padding: 1rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	@media (min-width: 64rem) {
		.layout {
			grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
			align-items: start;
		}
	}
</style>
