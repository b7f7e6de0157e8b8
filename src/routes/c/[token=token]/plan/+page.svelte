<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { pageOfField, PAGES, tickField, ticksOfAnswers, type LengthFieldName } from '$lib/core/answers';
	import type { CheckResult, MeasurableName } from '$lib/core/checks';
	import { planSteps, type StepPlace } from '$lib/core/plan';
	import { sectionOf } from '$lib/core/section';
	import { messagesFor } from '$lib/messages';
	import { savingFault } from '$lib/ui/autosave/saving-fault';
	import { Autosave } from '$lib/ui/autosave/autosave.svelte';
	import { deviceStorage } from '$lib/ui/walk/device-storage';
	import { checkWords } from '$lib/ui/gap-mark/check-words';
	import { Again } from '$lib/ui/plan/again.svelte';
	import AgainForm from '$lib/ui/plan/AgainForm.svelte';
	import CheckTable from '$lib/ui/plan/CheckTable.svelte';
	import SectionSwitch from '$lib/ui/plan/SectionSwitch.svelte';
	import StepList from '$lib/ui/plan/StepList.svelte';
	import WhatStaysOpen from '$lib/ui/plan/WhatStaysOpen.svelte';
	import SectionDrawing from '$lib/ui/section/SectionDrawing.svelte';

	let { data, form } = $props();

	type State = 'now' | 'after' | 'again';

	/** The field that each measurable length is typed into. */
	const fieldOf = (name: MeasurableName): LengthFieldName =>
		name === 'seat'
			? 'seatHeight'
			: name === 'surface'
				? 'surfaceHeight'
				: name === 'thickness'
					? 'surfaceThickness'
					: name;

	const t = $derived(messagesFor(data.locale));
	const unit = $derived(data.unit);
	const plan = $derived(data.plans[data.chosen] ?? null);
	const fits = $derived(data.before.every((check) => check.verdict === 'fits'));
	// Who fits is told nothing to do: a chair that moves could always be a millimetre nearer to the ideal.
	const steps = $derived(plan && !fits ? planSteps(data.corner, plan, data.before) : []);
	const built = $derived(plan !== null && (plan.cost.pieces > 0 || steps.some((step) => step.moves)));
	const againSave = untrack(
		() => new Autosave(`/c/${data.token}/again`, deviceStorage(), fetch, () => void invalidateAll())
	);
	const again = $derived.by(() => {
		const { unit: unitThen, ...texts } = untrack(() => againSave.unsent);
		return plan ? new Again(data.corner, plan, data.again, unit, unitThen === unit ? texts : {}) : null;
	});
	let hasKept = $state(untrack(() => !againSave.isSent));
	const keptState = $derived(
		form && 'kept' in form && form.kept
			? 'sent'
			: !hasKept
				? 'no'
				: againSave.state === 'waiting'
					? 'here'
					: againSave.state === 'refused' || againSave.state === 'ended'
						? 'no'
						: 'sent'
	);

	function keepAgain(texts: Readonly<Record<string, string>>) {
		againSave.set({ ...texts, unit, plan: String(data.chosen + 1) });
		void againSave.flush();
		hasKept = true;
		chosen = 'again';
	}
	const hasAgain = $derived(again !== null && (data.again !== null || again.touched));

	const sections = $derived({
		now: sectionOf(data.corner, null, null, data.drawnAs),
		after: sectionOf(data.corner, plan, null, data.drawnAs),
		again: again && hasAgain ? sectionOf(data.corner, plan, again.lengths, data.drawnAs) : null
	});
	const states = $derived<State[]>([
		'now',
		...(built ? (['after'] as const) : []),
		...(hasAgain ? (['again'] as const) : [])
	]);
	let chosen = $state<State | null>(null);
	const shown = $derived<State>(chosen && states.includes(chosen) ? chosen : (states.at(-1) ?? 'now'));
	const section = $derived(sections[shown] ?? sections.after);
	const all = $derived([sections.now, sections.after, ...(sections.again ? [sections.again] : [])]);

	const open = (checks: readonly CheckResult[]) => checks.filter((check) => check.verdict !== 'fits');
	const after = $derived(plan?.after ?? data.before);
	const closed = $derived(
		open(data.before).filter((b) => after.some((a) => a.id === b.id && a.verdict === 'fits')).length
	);
	const list = $derived(new Intl.ListFormat(t.locale, { type: 'conjunction' }));
	const stays = $derived(
		list.format(
			open(after).map((check) => `${t.checks.names[check.id].toLowerCase()} (${checkWords(check, t, unit)})`)
		)
	);
	const estimated = $derived(
		list.format(
			(['popliteal', 'sittingElbow', 'sittingEye', 'thigh', 'standingElbow', 'standingEye'] as const)
				.filter((name) => data.body[name]?.from === 'estimate')
				.map((name) => t.measurable[name])
		)
	);
	const autosave = untrack(() => new Autosave(`/c/${data.token}/draft`, deviceStorage()));
	/** Ticks made here, before and after the server has them. */
	let ticked = $state(untrack(() => ticksOfAnswers(autosave.unsent)));
	const ticks = $derived({ ...data.ticks, ...ticked });
	const doneCount = $derived(steps.filter((step) => ticks[step.place]).length);

	function tick(place: StepPlace, done: boolean) {
		ticked[place] = done;
		autosave.set({ [tickField(place)]: done ? 'yes' : 'no' });
	}
	const words: Record<State, string> = $derived({
		now: t.section.now,
		after: t.section.after,
		again: t.section.again
	});
</script>

<svelte:head><title>{fits ? t.plan.titleNone : t.plan.title(steps.length)} · {t.product}</title></svelte:head>

<svelte:window
	onpagehide={() => {
		autosave.leave();
		againSave.leave();
	}}
	ononline={() => {
		void autosave.flush();
		void againSave.flush();
	}}
/>

<div class="mx-auto max-w-6xl px-5 py-4 md:px-8">
	<header class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
		<p class="font-title font-semibold">{t.product}</p>
		<p class="order-last w-full text-note text-ink-soft md:order-none md:w-auto" role="status">
			{savingFault([autosave.state, againSave.state], t) ?? (data.isBehind ? t.plan.notSent : t.plan.sent)}
		</p>
		<form
			method="POST"
			action="?/unit"
			class="no-print flex gap-1"
			aria-label={t.frame.unitLabel}
			use:enhance
		>
			{#each ['cm', 'in', 'mm'] as const as option (option)}
				<button
					class="unit"
					name="to"
					value={option}
					aria-pressed={unit === option}
					aria-label="{option}: {t.frame.unit[option]}">{option}</button
				>
			{/each}
		</form>
	</header>

	<nav class="no-print mt-3 flex flex-wrap items-center gap-2 text-note" aria-label={t.spots.title}>
		{#if data.spots.length > 1}
			{#each data.spots as spot, i (spot.path)}
				<a
					class="btn btn-small"
					class:chosen={spot.isHere}
					aria-current={spot.isHere ? 'page' : undefined}
					href="{spot.path}{spot.isAnswered ? '/plan' : '/spot'}">{t.spots.name(i + 1, spot.posture)}</a
				>
			{/each}
		{/if}
		{#if data.spots.length < 3}
			<form method="POST" action="?/spot">
				<button class="link-button min-h-11">{t.spots.add}</button>
			</form>
		{/if}
	</nav>

	<main id="content" class="layout">
		<section class="sheet">
			{#if states.length > 1}
				<SectionSwitch
					{states}
					{shown}
					{t}
					words={(state) => words[state]}
					choose={(state) => (chosen = state)}
				/>
			{/if}
			<div class="mt-3"><SectionDrawing {section} {all} {t} {unit} mostHeight={430} /></div>
			<div class="no-print mt-3">
				<CheckTable
					title="{t.plan.checksTitle}: {words[shown].toLowerCase()}"
					checks={section.checks}
					before={shown === 'now' ? [] : data.before}
					{t}
					{unit}
				/>
			</div>
		</section>

		<section class="min-w-0">
			{#if fits}
				<h1 class="text-title">{t.plan.titleNone}</h1>
				<p class="mt-2 text-lead">{t.plan.leadNone}</p>
			{:else if !built}
				<h1 class="text-title">{t.plan.titleHopeless}</h1>
				<p class="mt-2 text-lead">{t.plan.leadHopeless}</p>
			{:else}
				<h1 class="text-title">{t.plan.title(steps.length)}</h1>
				<p class="mt-2 text-lead">
					{#if plan && plan.cost.pieces > 0}{t.plan.lead(plan.cost.pieces)}{/if}
					{t.plan.closes(closed, open(data.before).length)}
				</p>
			{/if}
			{#if data.isBehind}
				<form
					method="POST"
					action="?/renew"
					use:enhance
					class="no-print mt-3 flex flex-wrap items-center justify-between gap-3 border-l-4 border-cool bg-cool-wash px-3 py-2"
				>
					<span>{t.plan.behind}</span>
					<button class="btn">{t.plan.renew}</button>
				</form>
			{/if}
			{#if data.hasSigns}
				<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-2">{t.first.told}</p>
			{/if}
			{#if stays && !fits}<p class="mt-2">{t.plan.stays(stays)}</p>{/if}
			{#if data.moving}
				<p class="mt-3 border-l-4 border-cool bg-cool-wash px-3 py-2">
					{t.spots.moving(
						list.format(
							data.moving.pieces.map(({ label, pieces }) => (pieces > 1 ? `${pieces} × ${label}` : label))
						),
						data.moving.isShown
					)}
					<a href="{page.url.pathname}{data.moving.isShown ? '' : '?moving'}"
						>{data.moving.isShown ? t.spots.stay : t.spots.move}</a
					>
				</p>
			{/if}
			{#if data.measureNext}
				{@const field = fieldOf(data.measureNext)}
				<p class="mt-2">
					<a class="font-semibold" href="/c/{data.token}/{pageOfField(field)}#{field}"
						>{t.plan.measureNext(t.measurable[data.measureNext])}</a
					>
				</p>
			{/if}
			{#if estimated}<p class="mt-2 text-note text-ink-soft">{t.plan.estimated(estimated)}</p>{/if}

			{#if data.plans.length > 1}
				<nav
					class="no-print mt-4 flex flex-wrap items-center gap-2 text-note"
					aria-label={t.plan.alternatives}
				>
					{#each data.plans as _, i (i)}
						<a
							class="btn btn-small"
							class:chosen={i === data.chosen}
							aria-current={i === data.chosen ? 'true' : undefined}
							href="{page.url.pathname}?plan={i + 1}"
							data-sveltekit-noscroll
						>
							{t.plan.planN(i + 1)}
						</a>
					{/each}
					<span class="text-ink-soft">{t.plan.anotherLead}</span>
				</nav>
			{/if}

			{#if steps.length > 0}
				<p class="mt-5 flex justify-between text-note text-ink-soft">
					<span>{t.plan.tick}</span><span role="status">{t.plan.ticked(doneCount, steps.length)}</span>
				</p>
				<div class="mt-1"><StepList {steps} {ticks} {t} {unit} canTick {tick} canLeaveOut /></div>
				{#if data.leftOut.length > 0}
					<div class="no-print mt-3 flex flex-wrap items-center gap-2 text-note">
						<span class="text-ink-soft">{t.plan.leftOut}</span>
						{#each data.leftOut as piece (piece.id)}
							<form method="POST" action="?/out" use:enhance>
								<input type="hidden" name="piece" value={piece.id} />
								<button class="btn btn-small" name="out" value="no">{t.plan.putBack(piece.label)}</button>
							</form>
						{/each}
					</div>
				{/if}
			{/if}

			{#if again}
				<details class="no-print mt-6" open={data.again !== null || form !== null}>
					<summary class="btn btn-main">{t.plan.again}</summary>
					<div class="mt-4">
						<AgainForm
							{again}
							{t}
							{unit}
							kept={keptState}
							keep={keepAgain}
							touch={() => (chosen = 'again')}
						/>
					</div>
				</details>
			{/if}

			<WhatStaysOpen
				compromise={data.chosen === 0 ? data.compromise : null}
				purchases={fits ? [] : data.purchases}
				findings={data.findings}
				requests={data.requests}
				proven={data.proven}
				{t}
				{unit}
			/>

			<p class="no-print mt-8 flex flex-wrap gap-x-6 gap-y-3 border-t border-rule pt-4 text-note">
				<a href="/c/{data.token}/{PAGES[1]}">{t.plan.correct}</a>
				<a href="/c/{data.token}/messages">{t.messages.link}</a>
				<a href="/c/{data.token}/take-along" download>{t.plan.takeAlong}</a>
				<button type="button" class="link-button needs-js" onclick={() => window.print()}
					>{t.plan.print}</button
				>
				<a href="/c/{data.token}/withdraw">{t.plan.withdraw}</a>
			</p>
		</section>
	</main>
</div>

<style>
	.layout {
		display: grid;
		gap: 1.75rem;
		margin-top: 1rem;
	}
	.sheet {
		padding: 1rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
		min-width: 0;
	}
	.chosen {
		background: var(--ink);
		color: var(--sheet);
	}
	.unit {
		min-width: 2.75rem;
		min-height: 2.75rem;
		border: 1px solid transparent;
		border-radius: 3px;
		color: var(--ink-soft);
	}
	.unit[aria-pressed='true'] {
		border-color: var(--ink);
		color: var(--ink);
		font-weight: 700;
	}
	summary {
		list-style: none;
	}
	summary::-webkit-details-marker {
		display: none;
	}
	@media (min-width: 60rem) {
		.layout {
			grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
			align-items: start;
		}
		.sheet {
			position: sticky;
			top: 1rem;
		}
	}
	@media print {
		.layout {
			display: block;
		}
		.sheet {
			position: static;
			border: 0;
			padding: 0;
			max-width: 11.5cm;
			margin: 0 auto;
		}
	}
</style>
