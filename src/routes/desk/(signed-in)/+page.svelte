<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import type { SubmitFunction } from '@sveltejs/kit';
	import { tick } from 'svelte';
	import { SvelteSet } from 'svelte/reactivity';
	import { LEVELS, type Level, type Reason } from '$lib/core/triage';
	import { messagesFor } from '$lib/messages';
	import { replyEn } from '$lib/messages/replies-en';
	import { levelEn, reasonEn } from '$lib/messages/triage-en';
	import CasePane, { type Brief } from '$lib/ui/cases/CasePane.svelte';
	import Trend from '$lib/ui/cases/Trend.svelte';
	import WriteForm from '$lib/ui/cases/WriteForm.svelte';
	import { checkWords } from '$lib/ui/gap-mark/check-words';
	import GapMark from '$lib/ui/gap-mark/GapMark.svelte';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data, form } = $props();

	const t = messagesFor('en');
	const shortcuts = useShortcuts();
	const day = new Intl.DateTimeFormat('en-GB', {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		timeZone: 'UTC'
	});
	const short = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

	type SheetLine = NonNullable<typeof data.sheet>['lines'][number];

	/** Lines that were acted on and are on their way out. */
	const gone = new SvelteSet<string>();
	const ticked = new SvelteSet<string>();
	const lines = $derived((data.sheet?.lines ?? []).filter(({ personId }) => !gone.has(personId)));
	const canAct = $derived(data.role === 'coordinator');

	const isFollowUp = (line: SheetLine) => line.openSince === null;
	const levelOf = (line: SheetLine): Level => LEVELS[line.levelRank] ?? 'settled';
	const LOOK_AGAIN = { name: 'Look again', rule: 'Rule: a follow-up that was set for today or before.' };
	/** The levels in their order; follow-ups of settled cases stand after what waits for help, before what a home can do. */
	const groups = $derived(
		[
			...LEVELS.slice(0, 4).map((level) => ({ id: level as string, ...levelEn[level], isLook: false })),
			{ id: 'look', ...LOOK_AGAIN, isLook: true },
			...LEVELS.slice(4).map((level) => ({ id: level as string, ...levelEn[level], isLook: false }))
		]
			.map((group) => ({
				...group,
				lines: lines.filter((line) =>
					isFollowUp(line) ? group.isLook : !group.isLook && levelOf(line) === group.id
				)
			}))
			.filter((group) => group.lines.length > 0)
	);

	const DAY_MS = 86_400_000;
	const daysBetween = (from: string, to: string) => Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
	const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

	/** Reasons in words; what a gap mark beside them says already is left out. */
	function reasonOf(line: SheetLine): string {
		const told = (isFollowUp(line) ? [] : line.reasons)
			.filter(({ code }) => code !== 'nothing-open')
			.slice(0, 3)
			.map(reasonEn);
		const due = line.followUpOn && line.followUpOn <= data.today ? [line.followUpReason || 'Follow-up'] : [];
		const gaps = line.marks
			.filter(({ verdict }) => verdict === 'off')
			.map((check) => checkWords(check, t, data.unit));
		// Gap marks stand beside it: the words of the gaps only where there are no other.
		return [...due, ...told, ...(due.length + told.length === 0 ? gaps : [])].join(' · ');
	}

	/** How long it has waited, and by when it should be acted on. */
	function whenOf(line: SheetLine): { words: string; isLate: boolean } {
		const since = isFollowUp(line)
			? (line.followUpOn ?? data.today)
			: (line.openSince?.toISOString().slice(0, 10) ?? data.today);
		const waits = Math.max(0, daysBetween(since, data.today));
		const by = isFollowUp(line) ? line.followUpOn : line.actBy;
		const isLate = by !== null && by < data.today;
		const told = isFollowUp(line)
			? waits === 0
				? 'due today'
				: `due ${count(waits, 'day', 'days')} ago`
			: waits === 0
				? 'today'
				: `waits ${count(waits, 'day', 'days')}`;
		return {
			words:
				isFollowUp(line) || by === null
					? told
					: isLate
						? `late since ${short.format(new Date(by))}`
						: `${told}, by ${short.format(new Date(by))}`,
			isLate
		};
	}

	/** What most sensibly comes next, and its key. */
	function nextAct(line: SheetLine): { key: string; words: string } {
		if (isFollowUp(line)) return { key: 'e', words: 'Done' };
		const first = line.reasons[0];
		if (first?.code === 'request')
			return first.request === 'equipment'
				? { key: 'a', words: 'Approve' }
				: first.request === 'question'
					? { key: 'w', words: 'Answer' }
					: { key: 'e', words: 'Called' };
		switch (levelOf(line)) {
			case 'now':
				return { key: 'e', words: 'Called' };
			case 'clinician':
				return line.referredTo ? { key: 'e', words: 'Settle' } : { key: 'r', words: 'Refer' };
			case 'soon':
				return { key: 'w', words: 'Write' };
			default:
				return { key: 'e', words: 'Settle' };
		}
	}

	let chosen = $state(0);
	const at = $derived(Math.min(chosen, Math.max(lines.length - 1, 0)));
	const here = $derived(lines[at] ?? null);
	const tickedLines = $derived(lines.filter(({ personId }) => ticked.has(personId)));

	const sameReasons = (a: readonly Reason[], b: readonly Reason[]) =>
		a.map(({ code }) => code).join() === b.map(({ code }) => code).join();

	/** Ticks every line that is there for the same reasons as the one that is looked at. */
	function tickEqual() {
		if (!here) return;
		for (const line of lines)
			if (line.levelRank === here.levelRank && sameReasons(line.reasons, here.reasons) && !isFollowUp(line))
				ticked.add(line.personId);
	}

	function toggle(personId: string) {
		if (!ticked.delete(personId)) ticked.add(personId);
	}

	/** Whose message is to be written as soon as their case stands beside the list. */
	let writesTo = $state<string | null>(null);

	function move(by: 1 | -1) {
		writesTo = null;
		chosen = Math.min(Math.max(at + by, 0), Math.max(lines.length - 1, 0));
		document.getElementById(`line-${chosen}`)?.scrollIntoView({ block: 'nearest' });
	}

	/** The line goes at once; it comes back if the server could not do it. */
	const acting =
		(ids: readonly string[]): SubmitFunction =>
		() => {
			for (const id of ids) gone.add(id);
			return async ({ result, update }) => {
				await update({ reset: false });
				for (const id of ids) gone.delete(id);
				if (result.type === 'success') for (const id of ids) ticked.delete(id);
			};
		};

	let brief = $state.raw<Brief | null>(null);
	let briefFault = $state(false);

	/** The case beside the list, a moment after a line was chosen: going through the lines asks for none of those passed. */
	$effect(() => {
		const id = here?.personId;
		const version = here?.version;
		if (!id || version === undefined) {
			brief = null;
			return;
		}
		const stop = new AbortController();
		const timer = setTimeout(() => {
			fetch(`/desk/cases/${id}/brief`, { signal: stop.signal })
				.then(async (response) => {
					briefFault = !response.ok;
					if (response.ok) brief = (await response.json()) as Brief;
				})
				.catch(() => (briefFault = !stop.signal.aborted));
		}, 120);
		return () => {
			clearTimeout(timer);
			stop.abort();
		};
	});

	$effect(() => {
		if (!writesTo || writesTo !== brief?.id) return;
		writesTo = null;
		void tick().then(() => document.getElementById('write')?.focus());
	});

	const press = (id: string) => document.getElementById(id)?.click();

	/** The keys of the acts: on the line that is chosen. */
	$effect(() =>
		shortcuts.add([
			{ key: 'j', words: 'Next line', run: () => move(1) },
			{ key: 'k', words: 'Line before', run: () => move(-1) },
			{ key: 'Enter', words: 'Open the case', run: () => here && void goto(`/desk/cases/${here.personId}`) },
			...(canAct
				? [
						{ key: 'e', words: 'Settle, or done', run: () => press(`act-${at}`) },
						{ key: 'w', words: 'Write', run: () => (writesTo = here?.personId ?? null) },
						{
							key: 'a',
							words: 'Approve equipment',
							run: () => document.querySelector<HTMLElement>('.pane [data-act="approved"]')?.click()
						},
						{
							key: 'r',
							words: 'Refer to a clinician',
							run: () => here && void goto(`/desk/cases/${here.personId}#clinician`)
						},
						{
							key: 'f',
							words: 'Set a follow-up',
							run: () => here && void goto(`/desk/cases/${here.personId}#due`)
						},
						{ key: 'x', words: 'Tick the line', run: () => here && toggle(here.personId) },
						{ key: 'b', words: 'Tick all equal cases', run: tickEqual },
						{ key: 'u', words: 'Undo', run: () => press('undo') }
					]
				: [])
		])
	);

	const sentence = $derived.by(() => {
		if (!data.sheet) return '';
		const { total, waiting } = data.sheet;
		const unanswered = waiting === 0 ? '' : ` ${count(waiting, 'letter is', 'letters are')} unanswered.`;
		return total === 0
			? `Nobody needs you today.${unanswered}`
			: `${total === 1 ? 'One person needs you' : `${total} people need you`}.${unanswered}`;
	});
	const undo = $derived(form && 'undo' in form ? form.undo : null);
</script>

<svelte:head><title>Day sheet · Easy Corner</title></svelte:head>

<main class="sheet-page">
	<div class="min-w-0">
		<h1 class="text-title">{day.format(new Date(data.today))}</h1>
		<p class="mt-1 text-lead text-ink-soft">{sentence}</p>

		{#if data.totals}
			<p class="mt-4">Your account sees totals and no person.</p>
			<dl class="totals">
				<div>
					<dt>People</dt>
					<dd class="num">{data.totals.people}</dd>
				</div>
				<div>
					<dt>Were sent a self-assessment</dt>
					<dd class="num">{data.totals.sent}</dd>
				</div>
				<div>
					<dt>Have answered the newest</dt>
					<dd class="num">{data.totals.answered}</dd>
				</div>
				{#each data.totals.levels as { levelRank, n } (levelRank)}
					<div>
						<dt>Open: {levelEn[LEVELS[levelRank] ?? 'settled'].name}</dt>
						<dd class="num">{n < 5 ? 'fewer than 5' : n}</dd>
					</div>
				{/each}
			</dl>
		{/if}

		<div role="status">
			{#if undo}
				<form
					method="POST"
					action={undo.kind === 'settle' ? '?/unsettle' : '?/undoDone'}
					use:enhance
					class="mt-3 flex flex-wrap items-center gap-3 border-l-4 border-cool bg-cool-wash px-3 py-1.5"
				>
					<span
						>{undo.kind === 'done'
							? 'The follow-up is done.'
							: undo.people.length === 1
								? 'Settled. What is asked for and not decided stays on the sheet.'
								: `${undo.people.length} cases settled.`}</span
					>
					<input
						type="hidden"
						name={undo.kind === 'settle' ? 'people' : 'person'}
						value={undo.people.join(',')}
					/>
					<input type="hidden" name="at" value={undo.at} />
					<button id="undo" class="btn btn-small">Undo <kbd class="key" aria-hidden="true">U</kbd></button>
				</form>
			{:else if form && 'fault' in form && form.fault}
				<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-1.5">
					{(form.fault as { message: string }).message}
				</p>
			{/if}
		</div>

		{#if tickedLines.length > 0}
			<section class="batch" aria-label="Ticked cases">
				<p class="font-semibold">{count(tickedLines.length, 'case is', 'cases are')} ticked</p>
				<form
					method="POST"
					action="?/settle"
					use:enhance={acting(tickedLines.map(({ personId }) => personId))}
				>
					<input type="hidden" name="people" value={tickedLines.map(({ personId }) => personId).join(',')} />
					<button class="btn btn-small">Settle {tickedLines.length}</button>
				</form>
				<button type="button" class="btn btn-small" onclick={() => ticked.clear()}>Untick</button>
				<details>
					<summary class="link-button text-note">The same text to all of them …</summary>
					<WriteForm
						id="write-all"
						action="?/write"
						words="Send to {tickedLines.length}"
						offered={replyEn('all', tickedLines[0]?.reasons ?? []).replace('Hello all', 'Hello')}
						hidden={{ people: tickedLines.map(({ personId }) => personId).join(',') }}
						sent={() => ticked.clear()}
					/>
				</details>
			</section>
		{/if}

		{#if data.sheet && lines.length === 0}
			<div class="mt-8 border-t border-ink pt-6">
				<p class="text-lead">The sheet is clear.</p>
				<p class="mt-1 text-ink-soft">Answers appear here as they come in, follow-ups on their day.</p>
				{#if canAct}<p class="mt-5">
						<a class="btn" href="/desk/people">Go to People <kbd class="key" aria-hidden="true">P</kbd></a>
					</p>{/if}
			</div>
		{/if}

		{#each groups as group (group.id)}
			<section class="group">
				<h2 class:text-warm={group.id === 'now' || group.id === 'clinician'}>{group.name}</h2>
				<p class="rule">{group.rule}</p>
				<ul>
					{#each group.lines as line (line.personId)}
						{@const index = lines.indexOf(line)}
						{@const next = nextAct(line)}
						{@const when = whenOf(line)}
						<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions (the link within does the same by keys) -->
						<li id="line-{index}" class="line" class:here={index === at} onclick={() => (chosen = index)}>
							{#if canAct}
								<input
									class="tick"
									type="checkbox"
									checked={ticked.has(line.personId)}
									aria-label="Tick {line.name}"
									onchange={() => toggle(line.personId)}
								/>
							{/if}
							<a class="who" href="/desk/cases/{line.personId}" onfocus={() => (chosen = index)}>
								<span class="font-semibold">{line.name}</span>{#if line.team}<span class="text-ink-soft"
										>&nbsp;· {line.team}</span
									>{/if}
							</a>
							<p class="reason first-letter:uppercase">
								{#if canAct && line.referredName}<span class="text-cool">With {line.referredName}:</span>{/if}
								{reasonOf(line)}
							</p>
							<div class="marks">
								{#each line.marks.filter(({ verdict }) => verdict === 'off') as check (check.id)}
									<span class="mark"
										><span>{t.checks.names[check.id]}</span><GapMark
											{check}
											{t}
											unit={data.unit}
											width={72}
										/></span
									>
								{/each}
							</div>
							<span class="trend"><Trend worsts={line.worsts} /></span>
							<p class="when" class:text-warm={when.isLate}>{when.words}</p>
							{#if canAct}
								<div class="act">
									{#if next.key !== 'e'}
										<button
											type="button"
											class="btn btn-small"
											onclick={() => {
												chosen = index;
												if (next.key === 'r') void goto(`/desk/cases/${line.personId}#clinician`);
												else if (next.key === 'w') writesTo = line.personId;
												else void goto(`/desk/cases/${line.personId}`);
											}}
											aria-label="{next.words}: {line.name}"
											>{next.words}{#if index === at}
												<kbd class="key" aria-hidden="true">{next.key.toUpperCase()}</kbd>{/if}</button
										>
									{/if}
									<form
										method="POST"
										action={isFollowUp(line) ? '?/done' : '?/settle'}
										use:enhance={acting([line.personId])}
									>
										<input
											type="hidden"
											name={isFollowUp(line) ? 'person' : 'people'}
											value={line.personId}
										/>
										<button
											id="act-{index}"
											class="btn btn-small"
											class:quiet={next.key !== 'e'}
											aria-label="{next.key === 'e' ? next.words : 'Settle'}: {line.name}"
										>
											{next.key === 'e' ? next.words : 'Settle'}{#if index === at}
												<kbd class="key" aria-hidden="true">E</kbd>{/if}
										</button>
									</form>
								</div>
							{/if}
						</li>
					{/each}
				</ul>
			</section>
		{/each}
		{#if data.sheet && data.sheet.total > data.sheet.lines.length}
			<p class="mt-4 text-note text-ink-soft">
				The first {data.sheet.lines.length} of {data.sheet.total} are shown; the rest move up as these are dealt
				with.
			</p>
		{/if}
	</div>
	{#if here}
		<aside class="beside" aria-label="The case of {here.name}">
			{#if brief && brief.id === here.personId}
				<CasePane
					{brief}
					{t}
					unit={data.unit}
					{canAct}
					sent={() => document.getElementById(`line-${at}`)?.querySelector('a')?.focus()}
				/>
			{:else if briefFault}
				<p class="text-note text-ink-soft">
					The case could not be loaded. Open it, or choose the line again.
				</p>
			{:else}
				<h2 class="text-lead">{here.name}</h2>
				<p class="text-note text-ink-soft">Opening the case …</p>
			{/if}
		</aside>
	{/if}
</main>

<style>
	.sheet-page {
		display: grid;
		gap: 1.75rem;
		padding: 1.25rem 1.5rem;
	}
	.group {
		margin-top: 1.1rem;
		border-top: 1.5px solid var(--ink);
	}
	.group h2 {
		padding-top: 0.45rem;
		font-size: var(--text-body);
	}
	.rule {
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.line {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr) auto;
		grid-template-areas: 'tick who when' 'tick reason act' 'tick marks act';
		column-gap: 0.6rem;
		padding: 0.45rem 0.5rem;
		border-bottom: 1px solid var(--rule);
		border-left: 3px solid transparent;
	}
	.line.here {
		background: var(--sheet);
		border-left-color: var(--ink);
	}
	.tick {
		grid-area: tick;
		width: 1.1rem;
		height: 1.1rem;
		margin-top: 0.2rem;
		accent-color: var(--ink);
	}
	.who {
		grid-area: who;
		color: inherit;
		text-decoration: none;
	}
	.who:hover {
		text-decoration: underline;
	}
	.reason {
		grid-area: reason;
		font-size: var(--text-note);
	}
	.marks {
		grid-area: marks;
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.9rem;
		align-items: center;
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.mark {
		display: inline-flex;
		gap: 0.35rem;
		align-items: center;
	}
	.trend {
		grid-area: when;
		justify-self: end;
		margin-right: 9.5rem;
	}
	.when {
		grid-area: when;
		justify-self: end;
		width: 9.2rem;
		text-align: right;
		font-size: var(--text-mark);
		line-height: 1.5rem;
		color: var(--ink-soft);
	}
	.act {
		grid-area: act;
		display: flex;
		gap: 0.4rem;
		align-items: center;
		justify-content: flex-end;
	}
	.quiet {
		border-color: transparent;
		color: var(--ink-soft);
	}
	.batch {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
		margin-top: 1rem;
		padding: 0.6rem 0.8rem;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
	.totals {
		max-width: 28rem;
		margin-top: 1rem;
	}
	.totals div {
		display: flex;
		justify-content: space-between;
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--rule);
	}
	@media (min-width: 72rem) {
		.sheet-page:has(.beside) {
			grid-template-columns: minmax(0, 1fr) 23.5rem;
		}
		.beside {
			position: sticky;
			top: 1rem;
			align-self: start;
			max-height: calc(100dvh - 2rem);
			overflow-y: auto;
			padding: 0.9rem 1rem;
			border: 1px solid var(--rule);
			background: var(--sheet);
		}
	}
	@media (max-width: 48rem) {
		.line {
			grid-template-columns: auto minmax(0, 1fr);
			grid-template-areas: 'tick who' 'tick reason' 'tick marks' 'tick when' 'tick act';
		}
		.when,
		.trend {
			justify-self: start;
			margin: 0;
			width: auto;
		}
		.trend {
			display: none;
		}
	}
</style>
