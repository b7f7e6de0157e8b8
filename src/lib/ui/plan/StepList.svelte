<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { PlanStep } from '$lib/core/plan/plan-steps';
	import type { StepPlace } from '$lib/core/plan/step-places';
	import type { Catalogue } from '$lib/messages/shapes';
	import CheckChange from '../workstation/gap-mark/CheckChange.svelte';
	import GapMark from '../workstation/gap-mark/GapMark.svelte';
	import Button from '../platform/kit/Button.svelte';
	import NeedsNetwork from '../platform/kit/NeedsNetwork.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import TickButton from '../platform/kit/TickButton.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import StackDrawing from './StackDrawing.svelte';
	import { stepCheck, stepWords } from './step-words';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		steps: readonly PlanStep[];
		ticks: Readonly<Record<string, boolean>>;
		t: Catalogue;
		unit: LengthUnit;
		/** Whether steps can be ticked here; the coordinator can only look. */
		canTick: boolean;
		/** Saves a tick without waiting for the server, so that it works offline. */
		tick?: (place: StepPlace, done: boolean) => void;
		/** Whether an item that doesn't work here can be left out and the plan solved again. */
		canLeaveOut?: boolean;
		kindsAtHome?: Readonly<Partial<Record<HouseholdKind, number>>>;
		/** Where someone stuck at a step can write; left out for the coordinator. */
		stuckHref?: (place: StepPlace) => string;
	}

	let {
		steps,
		ticks,
		t,
		unit,
		canTick,
		tick,
		canLeaveOut = false,
		kindsAtHome = {},
		stuckHref
	}: Props = $props();

	/** Kinds of a step's items of which there are more at home: without this one, the next would take its place. */
	const severalKinds = (pieces: PlanStep['pieces']) =>
		[...new Set(pieces.map(({ kind }) => kind))].filter((kind) => (kindsAtHome[kind] ?? 0) > 1);
</script>

<ol class="border-t border-rule">
	{#each steps as step (step.place)}
		{@const name = t.steps.places[step.place]}
		{@const done = ticks[step.place] === true}
		<li id="step-{step.place}" class="border-b border-rule py-3" class:step={canTick}>
			<LazyHydrate
				><div class="min-w-0">
					<div class="flex items-baseline justify-between gap-3">
						{#if canTick}
							<form
								method="POST"
								action="?/tick"
								use:enhanceForm={({ cancel }) => {
									if (!tick) return ({ update }) => update({ reset: false });
									cancel();
									tick(step.place, !done);
								}}
							>
								<input type="hidden" name="place" value={step.place} />
								<h3 class="tick text-lead">
									<TickButton name="done" words={name} isDone={done} />
								</h3>
							</form>
						{:else}
							<!-- Words and no box: nobody can tick it here. -->
							<h3 class="text-lead">
								{name}
								<span class="ms-2 inline-flex items-center gap-1 text-note font-normal text-ink-soft"
									>{#if done}<Check size={16} aria-hidden="true" />{/if}{done
										? t.plan.isDone
										: t.plan.isOpen}</span
								>
							</h3>
						{/if}
						{#if step.rise > 0}
							<span class="num font-bold text-warm"
								>{formatLength(step.rise, unit, { locale: t.locale, signed: true })}</span
							>
						{/if}
					</div>
					<!-- On a phone the drawing is below its text, which would otherwise be one word wide. -->
					<div class="flex flex-wrap gap-x-4 gap-y-2">
						<div class="min-w-[min(12rem,100%)] flex-1">
							<p class="text-ink-soft">{stepWords(step, t, unit).join(' ')}</p>
							<p>{stepCheck(step, t, unit)}</p>
						</div>
						<StackDrawing pieces={step.pieces} />
					</div>
					{#if step.after}
						<p class="mt-1.5 flex flex-wrap items-center gap-x-3">
							<GapMark check={step.after} before={step.before} {t} {unit} />
							<span
								>{t.lists.label(t.checks.names[step.after.id])}
								<CheckChange check={step.after} before={step.before} {t} {unit} /></span
							>
						</p>
					{/if}
					{#if canLeaveOut && step.pieces.length > 0}
						<div class="no-print text-note">
							<Disclosure words={t.plan.notHere} look="inline">
								<p class="text-ink-soft">{t.plan.notHereLead}</p>
								<div class="mt-1.5 flex flex-wrap gap-2">
									{#each step.pieces as piece (piece.id)}
										<form method="POST" action="?/out" use:enhanceForm>
											<input type="hidden" name="piece" value={piece.id} />
											<Button name="out" value="yes" disabled={isOffline.current}
												>{t.plan.without(piece.label)}</Button
											>
										</form>
									{/each}
									{#each severalKinds(step.pieces) as kind (kind)}
										<form method="POST" action="?/out" use:enhanceForm>
											<input type="hidden" name="kind" value={kind} />
											<Button name="out" value="yes" disabled={isOffline.current}
												>{t.plan.withoutAny[kind]}</Button
											>
										</form>
									{/each}
								</div>
							</Disclosure>
						</div>
					{/if}
					{#if stuckHref}
						<div class="no-print text-note">
							<NeedsNetwork href={stuckHref(step.place)} {t}
								>{t.stuck.link}<span class="sr-only">: {name}</span></NeedsNetwork
							>
						</div>
					{/if}
					{#each step.cautions as caution (caution)}
						<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5 text-note">
							{t.steps.cautions[caution]}
						</p>
					{/each}
				</div></LazyHydrate
			>
		</li>
	{/each}
</ol>

<style>
	.step {
		padding-inline-start: 2.75rem;
	}
	/* The box stands in the margin; pressing the name presses it too. */
	.tick {
		display: flex;
		align-items: center;
		gap: 1.25rem;
		min-height: 2.75rem;
		margin-block: -0.5rem;
		margin-inline: -2.75rem 0;
		text-align: start;
	}
	@media print {
		ol {
			clear: both;
			columns: 2;
			column-gap: 0.8cm;
		}
		.step {
			break-inside: avoid;
			padding: 0.2rem 0;
		}
		.tick {
			gap: 0.5rem;
			margin-inline-start: 0;
			min-height: 0;
		}
	}
</style>
