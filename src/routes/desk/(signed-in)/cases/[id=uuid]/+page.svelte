<script lang="ts">
	import { enhance } from '$app/forms';
	import { planSteps } from '$lib/core/plan';
	import { sectionOf } from '$lib/core/section';
	import { LEVELS } from '$lib/core/triage';
	import { messagesFor } from '$lib/messages';
	import { levelEn, reasonEn } from '$lib/messages/triage-en';
	import { answerLines } from '$lib/ui/cases/answer-lines';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import DiscomfortOverTime from '$lib/ui/cases/DiscomfortOverTime.svelte';
	import EquipmentList from '$lib/ui/cases/EquipmentList.svelte';
	import FollowUpForm from '$lib/ui/cases/FollowUpForm.svelte';
	import FormFault from '$lib/ui/cases/FormFault.svelte';
	import MessageList from '$lib/ui/cases/MessageList.svelte';
	import PersonForm from '$lib/ui/cases/PersonForm.svelte';
	import ReferForm from '$lib/ui/cases/ReferForm.svelte';
	import { ACT_WORDS, stateWords } from '$lib/ui/cases/state-words';
	import WriteForm from '$lib/ui/cases/WriteForm.svelte';
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

	const isCoordinator = $derived(data.role === 'coordinator');
	const plan = $derived(data.advice?.plans[0] ?? null);
	const fits = $derived(data.advice?.before.every((check) => check.verdict === 'fits') ?? false);
	const steps = $derived(
		data.corner && plan && data.advice && !fits ? planSteps(data.corner, plan, data.advice.before) : []
	);
	/** Which of the self-assessments is looked at; null is the newest. */
	let chosenAt = $state<number | null>(null);
	const newestAt = $derived(data.over.length - 1);
	const at = $derived(Math.min(chosenAt ?? newestAt, newestAt));
	const earlier = $derived(at < newestAt ? (data.over[at] ?? null) : null);
	const sections = $derived(
		data.corner
			? {
					now: sectionOf(data.corner, null, null, data.drawnAs),
					after: plan && !fits ? sectionOf(data.corner, plan, null, data.drawnAs) : null,
					again: data.again && plan ? sectionOf(data.corner, plan, data.again.lengths, data.drawnAs) : null
				}
			: null
	);
	const before = $derived(earlier ? sectionOf(earlier.corner, null, null, data.drawnAs) : null);
	const states = $derived<State[]>(
		sections ? (['now', 'after', 'again'] as const).filter((s) => sections[s] !== null) : []
	);
	let chosen = $state<State>('now');
	const shown = $derived<State>(states.includes(chosen) ? chosen : 'now');
	const section = $derived(before ?? sections?.[shown] ?? sections?.now ?? null);
	const all = $derived(
		sections
			? [
					sections.now,
					sections.after,
					sections.again,
					...data.over.slice(0, -1).map((o) => sectionOf(o.corner, null, null, data.drawnAs))
				].filter((s) => s !== null)
			: []
	);
	const words: Record<State, string> = { now: 'Now', after: 'After the plan', again: 'Measured again' };
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string; at?: string }) : null);
	const link = $derived(form && 'link' in form ? (form.link as string) : null);
	const settling = new CaseForm();
	const noting = new CaseForm(() => (note = ''));
	let note = $state('');
	const isOpen = $derived(data.listed.openSince !== null);
	const openReferral = $derived(data.referrals.find(({ endedAt }) => endedAt === null) ?? null);
	const referReason = $derived(
		data.listed.reasons.find(({ level }) => level === 'now' || level === 'clinician')
	);

	const focus = (id: string) => () => document.getElementById(id)?.focus();

	$effect(() =>
		shortcuts.add([
			...(isCoordinator
				? [
						{ key: 'f', words: 'Follow-up date', run: focus('due') },
						{ key: 'w', words: 'Write', run: focus('write') },
						{ key: 'r', words: 'Refer', run: focus('clinician') },
						{ key: 's', words: 'Send a self-assessment', run: focus('send') },
						{ key: 'e', words: 'Settle', run: () => document.getElementById('settle')?.click() }
					]
				: []),
			{ key: 'c', words: 'Note', run: focus('note') },
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
				{data.person.team ? `${data.person.team} · ` : ''}{data.person.email}{data.person.leftAt
					? ` · left ${date.format(data.person.leftAt)}`
					: ''}{data.person.bouncedAt ? ' · letters come back' : ''}
			</p>
		</div>
		{#if isCoordinator}
			<div class="no-print flex flex-wrap items-end gap-2">
				{#if isOpen}
					<form
						method="POST"
						action="?/settle"
						use:enhance={settling.submit}
						class="flex flex-wrap items-end gap-2"
					>
						<input type="hidden" name="version" value={data.listed.version} />
						<label class="text-note"
							>Why it is settled <input
								class="field mt-0.5 w-56"
								name="reason"
								maxlength="300"
								placeholder="called, feels well"
							/></label
						>
						<button id="settle" class="btn btn-main" disabled={settling.isBusy}
							>Settle <kbd class="key" aria-hidden="true">E</kbd></button
						>
					</form>
				{:else if data.answered}
					<form method="POST" action="?/reopen" use:enhance={settling.submit} class="flex items-center gap-2">
						<span class="text-note text-ink-soft"
							>Settled{data.listed.settledAt ? ` ${date.format(data.listed.settledAt)}` : ''}{data.listed
								.settledReason
								? `: ${data.listed.settledReason}`
								: ''}.</span
						>
						<button class="btn" disabled={settling.isBusy}>Open again</button>
					</form>
				{/if}
				<form method="POST" action="?/send" use:enhance>
					<button id="send" class="btn" class:btn-main={!data.answered && !data.newest}>
						{data.newest ? 'Send another self-assessment' : 'Send a self-assessment'}
						<kbd class="key" aria-hidden="true">S</kbd>
					</button>
				</form>
			</div>
		{/if}
	</div>
	<FormFault fault={settling.fault} />

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
			{#if isOpen}
				<section
					class="mb-5 px-4 py-3 {data.listed.levelRank < 3
						? 'border-l-8 border-warm bg-warm-wash'
						: 'border-l-8 border-cool bg-cool-wash'}"
				>
					<h2 class="text-lead">
						{levelEn[LEVELS[data.listed.levelRank] ?? 'settled'].name}{data.listed.actBy
							? `, by ${date.format(new Date(`${data.listed.actBy}T00:00:00Z`))}`
							: ''}
					</h2>
					<ul class="mt-1">
						{#each data.listed.reasons as reason, i (i)}
							<li class="first-letter:uppercase" class:font-semibold={i === 0}>{reasonEn(reason)}</li>
						{/each}
					</ul>
					<p class="mt-1 text-note text-ink-soft">
						{levelEn[LEVELS[data.listed.levelRank] ?? 'settled'].rule}
					</p>
				</section>
			{/if}
			{#if section && data.answered && data.advice}
				<section class="sheet">
					<div class="flex flex-wrap items-center justify-between gap-3">
						{#if states.length > 1 && !earlier}
							<SectionSwitch
								{states}
								{shown}
								{t}
								words={(state) => words[state]}
								choose={(state) => (chosen = state)}
							/>
						{/if}
						<p class="text-note text-ink-soft">
							Judged by the way “{data.answered.way}” · answered {date.format(
								earlier?.at ?? data.answered.at ?? new Date()
							)}
						</p>
					</div>
					{#if data.over.length > 1}
						<label class="no-print mt-2 flex items-center gap-3 text-note">
							<span class="w-44">Self-assessment {at + 1} of {data.over.length}</span>
							<input
								class="flex-1 accent-(--ink)"
								type="range"
								min="0"
								max={newestAt}
								step="1"
								value={at}
								aria-valuetext={date.format(data.over[at]?.at)}
								oninput={(event) => (chosenAt = Number(event.currentTarget.value))}
							/>
							<span class="w-32 text-right">{date.format(data.over[at]?.at)}</span>
						</label>
					{/if}
					<div class="mt-3"><SectionDrawing {section} {all} {t} {unit} mostHeight={520} /></div>
					<div class="mt-3">
						<CheckTable
							title="Checks: {earlier ? 'as they were' : words[shown].toLowerCase()}"
							checks={section.checks}
							before={earlier || shown === 'now' ? [] : data.advice.before}
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
			{#if isCoordinator}
				<section>
					<h2 class="heading">Follow-up</h2>
					<FollowUpForm
						personId={data.person.id}
						followUp={data.followUp}
						chain={data.chain}
						today={data.today}
						offered={data.offered}
					/>
				</section>
			{/if}
			{#if data.equipment.length > 0}
				<section class="mt-7">
					<h2 class="heading">Asked for</h2>
					<EquipmentList requests={data.equipment} personId={data.person.id} {t} canDecide={isCoordinator} />
				</section>
			{/if}
			{#if data.over.some(({ discomfort }) => discomfort.length > 0)}
				<section class="mt-7">
					<h2 class="heading">Discomfort</h2>
					<DiscomfortOverTime over={data.over} {t} />
				</section>
			{/if}
			<section class="mt-7">
				<h2 class="heading">Messages</h2>
				<MessageList messages={data.messages} personName={data.person.name} timeZone={data.timeZone} />
				{#if isCoordinator}
					<div class="no-print">
						<WriteForm id="write" action="/desk/cases/{data.person.id}?/message" offered={data.reply} />
					</div>
				{/if}
			</section>
			<section class="mt-7">
				<h2 class="heading">Clinician</h2>
				<ReferForm
					personId={data.person.id}
					clinicians={data.clinicians}
					question={referReason
						? `${reasonEn(referReason)}. Please look at it, and say what should be changed at work or left alone.`
						: ''}
					open={openReferral}
					isClinician={data.role === 'clinician'}
				/>
				{#each data.referrals.filter(({ endedAt }) => endedAt !== null) as past (past.id)}
					<p class="mt-1 border-t border-rule py-1 text-note">
						{date.format(past.at)}, {past.clinicianName ?? 'a clinician'}: {past.outcome || 'ended'}
					</p>
				{/each}
			</section>
			<section class="mt-7">
				<h2 class="heading">Notes</h2>
				<form method="POST" action="?/note" use:enhance={noting.submit} class="no-print mt-2 grid gap-2">
					<label class="text-note" for="note"
						>A note for each other; {data.person.name.split(' ')[0]} does not see it</label
					>
					<textarea
						id="note"
						class="field min-h-14 text-note"
						name="text"
						maxlength="4000"
						required
						bind:value={note}></textarea>
					<div><button class="btn btn-small" disabled={noting.isBusy}>Keep the note</button></div>
					<FormFault fault={noting.fault} />
				</form>
				<ul>
					{#each data.notes as line (line.id)}
						<li class="border-t border-rule py-1.5 text-note">
							<span class="text-ink-soft">{line.authorName ?? 'Somebody'}, {moment.format(line.at)}</span>
							<p class="whitespace-pre-wrap">{line.text}</p>
						</li>
					{/each}
				</ul>
			</section>
			{#if isCoordinator}
				<details class="mt-7">
					<summary class="link-button text-note">Name, address, team, country …</summary>
					<PersonForm person={data.person} />
				</details>
			{/if}
			{#if data.corner}
				<section class="mt-7">
					<h2 class="heading">Answers</h2>
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
				<h2 class="heading">Record</h2>
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
	.heading {
		padding-bottom: 0.375rem;
		border-bottom: 1px solid var(--ink);
		font-size: var(--text-lead);
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
