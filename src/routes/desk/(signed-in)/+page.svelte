<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import type { CheckResult } from '$lib/core/checks';
	import type { Reason } from '$lib/core/triage';
	import { messagesFor } from '$lib/messages';
	import { reasonEn } from '$lib/messages/triage-en';
	import { checkWords } from '$lib/ui/gap-mark/check-words';
	import GapMark from '$lib/ui/gap-mark/GapMark.svelte';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data, form } = $props();

	const t = messagesFor('en');
	const shortcuts = useShortcuts();

	interface Line {
		readonly group: 'now' | 'clinician' | 'due' | 'fresh';
		readonly personId: string;
		readonly name: string;
		readonly team: string;
		readonly checks: readonly CheckResult[];
		readonly reason: string;
		readonly when: string;
	}

	const day = new Intl.DateTimeFormat('en-GB', {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		timeZone: 'UTC'
	});
	const short = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
	const relative = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });
	const daysFrom = (iso: string) => Math.round((Date.parse(iso) - Date.parse(data.today)) / 86_400_000);
	const off = (checks: readonly CheckResult[]) => checks.filter((check) => check.verdict === 'off');

	function findings(checks: readonly CheckResult[]): string {
		const open = off(checks).map((check) => checkWords(check, t, data.unit));
		return open.length > 0 ? open.join('; ') : 'everything fits or needs measuring again';
	}

	const isFresh = (personId: string) => data.fresh.some((f) => f.personId === personId);
	const COLUMNS = ['knee', 'elbow', 'eye', 'thigh'] as const;

	const groupOf = (rank: number | null): Line['group'] =>
		rank === 0 ? 'now' : rank === 1 ? 'clinician' : 'fresh';
	/** Reasons that a check does not say already. */
	const reasonWords = (reasons: readonly Reason[]) =>
		reasons.filter(({ level }) => level !== 'home' && level !== 'settled').map(reasonEn);
	const freshLines = $derived(
		data.fresh.map((f): Line => ({
			...f,
			group: groupOf(f.levelRank),
			reason: [...reasonWords(f.reasons).slice(0, 3), ...(f.answeredAt ? [findings(f.checks)] : [])].join(
				'; '
			),
			when: f.answeredAt
				? `answered ${short.format(f.answeredAt)}`
				: f.signsAt
					? `told ${short.format(f.signsAt)}`
					: ''
		}))
	);
	const isUrgent = ({ group }: Line) => group === 'now' || group === 'clinician';

	const urgent = $derived(new Set(freshLines.filter(isUrgent).map(({ personId }) => personId)));
	/** What else an urgent case is due for. */
	const alsoDue = (line: Line): Line => {
		const due = data.due.find((d) => d.personId === line.personId);
		return due ? { ...line, reason: `${line.reason}; ${due.reason || 'follow-up'}` } : line;
	};

	const lines: Line[] = $derived([
		...freshLines.filter(isUrgent).map(alsoDue),
		...data.due
			.filter((d) => !urgent.has(d.personId))
			.map((d) => ({
				...d,
				group: 'due' as const,
				reason: [d.reason || 'Follow-up', ...(isFresh(d.personId) ? ['new answers'] : [])].join('; '),
				when: d.due === data.today ? 'due today' : `due ${relative.format(daysFrom(d.due), 'day')}`
			})),
		// Who is due stands once, with both reasons; the answers stay until they are dealt with.
		...freshLines.filter((f) => !isUrgent(f) && !data.due.some((d) => d.personId === f.personId))
	]);
	const groups = $derived([
		{ id: 'now', title: 'Now', lines: lines.filter((line) => line.group === 'now') },
		{ id: 'clinician', title: 'Clinician', lines: lines.filter((line) => line.group === 'clinician') },
		{ id: 'due', title: 'Follow-ups', lines: lines.filter((line) => line.group === 'due') },
		{ id: 'fresh', title: 'New answers', lines: lines.filter((line) => line.group === 'fresh') }
	]);

	let chosen = $state(0);
	const at = $derived(Math.min(chosen, Math.max(lines.length - 1, 0)));
	const here = $derived(lines[at] ?? null);

	function move(by: 1 | -1) {
		chosen = Math.min(Math.max(at + by, 0), Math.max(lines.length - 1, 0));
		document.getElementById(`line-${chosen}`)?.scrollIntoView({ block: 'nearest' });
	}

	$effect(() =>
		shortcuts.add([
			{ key: 'j', words: 'Next line', run: () => move(1) },
			{ key: 'k', words: 'Line before', run: () => move(-1) },
			{ key: 'Enter', words: 'Open the case', run: () => here && void goto(`/desk/cases/${here.personId}`) },
			{
				key: 'e',
				words: 'Done with this line',
				run: () => (document.getElementById(`act-${at}`) as HTMLButtonElement | null)?.click()
			},
			{ key: 'u', words: 'Undo', run: () => document.getElementById('undo')?.click() }
		])
	);

	const sentence = $derived.by(() => {
		const people = (n: number) => (n === 1 ? 'One person needs you' : `${n} people need you`);
		const waiting =
			data.waiting === 0
				? ''
				: ` ${data.waiting} ${data.waiting === 1 ? 'letter is' : 'letters are'} unanswered.`;
		return lines.length === 0 ? `Nobody needs you today.${waiting}` : `${people(lines.length)}.${waiting}`;
	});
</script>

<svelte:head><title>Day sheet · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-6xl px-6 py-6">
	<h1 class="text-title">{day.format(new Date(data.today))}</h1>
	<p class="mt-1 text-lead text-ink-soft">{sentence}</p>

	<div role="status">
		{#if form && 'undo' in form && form.undo}
			<form
				method="POST"
				action="?/unseen"
				use:enhance
				class="mt-3 flex items-center gap-3 border-l-4 border-cool bg-cool-wash px-3 py-1.5"
			>
				<span>Dealt with. The case leaves this sheet until something is due.</span>
				<input type="hidden" name="person" value={form.undo} />
				<button id="undo" class="btn btn-small">Undo <kbd class="key" aria-hidden="true">U</kbd></button>
			</form>
		{:else if form && 'fault' in form && form.fault}
			<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-1.5">
				{(form.fault as { message: string }).message}
			</p>
		{/if}
	</div>

	{#if lines.length === 0}
		<div class="mt-8 border-t border-ink pt-6">
			<p class="text-lead">The sheet is clear.</p>
			<p class="mt-1 text-ink-soft">Answers appear here as they come in, follow-ups on their day.</p>
			<p class="mt-5">
				<a class="btn" href="/desk/people">Go to People <kbd class="key" aria-hidden="true">P</kbd></a>
			</p>
		</div>
	{/if}

	{#if lines.length > 0}
		<div class="heads" aria-hidden="true">
			{#each COLUMNS as id (id)}<span class="column">{t.checks.names[id]}</span>{/each}
		</div>
	{/if}
	{#each groups as group (group.id)}
		{#if group.lines.length > 0}
			<section class="group">
				<h2 class="text-lead" class:text-warm={group.id === 'due' || group.id === 'now'}>{group.title}</h2>
				<ul>
					{#each group.lines as line (line.personId + line.group)}
						{@const index = lines.indexOf(line)}
						<li id="line-{index}" class="line" class:here={index === at}>
							<a class="who" href="/desk/cases/{line.personId}" onfocus={() => (chosen = index)}>
								<span class="font-semibold">{line.name}</span>{#if line.team}<span class="text-ink-soft"
										>&nbsp;· {line.team}</span
									>{/if}
							</a>
							<div class="marks">
								{#each COLUMNS as id (id)}
									{@const check = off(line.checks).find((c) => c.id === id)}
									<span class="column">
										{#if check}<GapMark {check} {t} unit={data.unit} width={84} />{/if}
									</span>
								{/each}
							</div>
							<p class="reason first-letter:uppercase">{line.reason}</p>
							<p class="when">{line.when}</p>
							<form class="act" method="POST" action={line.group === 'due' ? '?/done' : '?/seen'} use:enhance>
								<input type="hidden" name="person" value={line.personId} />
								<button
									id="act-{index}"
									class="btn btn-small"
									aria-label="{line.group === 'due' ? 'Done' : 'Dealt with'}: {line.name}"
								>
									{line.group === 'due' ? 'Done' : 'Dealt with'}
									{#if index === at}<kbd class="key" aria-hidden="true">E</kbd>{/if}
								</button>
							</form>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	{/each}
</main>

<style>
	.group {
		display: grid;
		grid-template-columns: 7rem minmax(0, 1fr);
		margin-top: 1.25rem;
		border-top: 1.5px solid var(--ink);
	}
	.group h2 {
		padding-top: 0.7rem;
		font-size: var(--text-body);
	}
	.line {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto 7rem 8rem;
		grid-template-areas: 'who marks when act' 'reason marks when act';
		column-gap: 1rem;
		align-items: center;
		padding: 0.6rem 0.5rem;
		border-bottom: 1px solid var(--rule);
		border-left: 3px solid transparent;
	}
	.line.here {
		background: var(--sheet);
		border-left-color: var(--ink);
	}
	.who {
		grid-area: who;
		color: inherit;
		text-decoration: none;
	}
	.who:hover {
		text-decoration: underline;
	}
	.marks,
	.heads {
		display: flex;
		gap: 0.75rem;
	}
	.marks {
		grid-area: marks;
	}
	.heads {
		justify-content: flex-end;
		margin: 1rem 17.5rem -0.9rem 0;
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.column {
		width: 84px;
	}
	.heads .column {
		white-space: nowrap;
	}
	.reason {
		grid-area: reason;
		font-size: var(--text-note);
	}
	.when {
		grid-area: when;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	.act {
		grid-area: act;
		justify-self: end;
	}
	@media (max-width: 68rem) {
		.heads {
			display: none;
		}
		.column:empty {
			display: none;
		}
		.group {
			display: block;
		}
		.line {
			grid-template-columns: minmax(0, 1fr) auto;
			grid-template-areas: 'who act' 'reason act' 'when marks';
		}
	}
</style>
