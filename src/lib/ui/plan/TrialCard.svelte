<script lang="ts">
	import {
		betterDay,
		COMFORT_SCALE,
		EVENING_FROM_MINUTE,
		type DayTrial,
		type TrialStage
	} from '$lib/core/questionnaire/answers/day-trial';
	import type { Catalogue } from '$lib/messages/shapes';
	import { trialTextsFor } from '$lib/messages/trial';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import NumberScale from '../platform/kit/NumberScale.svelte';

	interface Props {
		trial: DayTrial;
		stage: TrialStage;
		/** Whether the question will be asked by email, too. */
		isAskedByEmail: boolean;
		token: string;
		t: Catalogue;
	}

	/** A day each of what is tried and of the plan: what today is for, the question in the evening, then what to keep. */
	let { trial, stage, isAskedByEmail, token, t }: Props = $props();

	let comfort = $state<string>();

	const texts = $derived(trialTextsFor(t.locale));
	const { tried } = $derived(trial);
	const href = $derived(
		tried.kind === 'style' ? `/c/${token}/style` : `/c/${token}/plan?plan=${tried.plan + 1}`
	);
	const day = (iso: string) => t.dates.day(new Date(`${iso}T00:00:00Z`));
	const better = $derived(betterDay(trial));
	const words = $derived.by(() => {
		if (!stage) return '';
		if (stage.part !== 'later') return texts.day[stage.day];
		return texts.later[stage.day](day(stage.day === 'tried' ? trial.since : (trial.ownOn ?? trial.since)));
	});
</script>

{#snippet question()}
	<form method="POST" action="?/comfort" use:enhanceForm>
		<NumberScale
			name="comfort"
			options={COMFORT_SCALE}
			value={comfort ?? 'none'}
			isRequired
			onchange={(value) => (comfort = value)}
		>
			{#snippet legend()}{texts.question}{/snippet}
		</NumberScale>
		<p class="mt-2"><Button disabled={isOffline.current}>{texts.save}</Button></p>
	</form>
	<form method="POST" action="?/comfort" use:enhanceForm class="mt-2">
		<Button look="quiet" name="comfort" value="none" disabled={isOffline.current}>{texts.notToday}</Button>
	</form>
{/snippet}

<section class="card no-print" aria-label={texts.trying[tried.kind]}>
	<p class="flex flex-wrap items-center justify-between gap-3">
		<strong>{texts.trying[tried.kind]}</strong>
		<Button look="quiet" {href}>{texts.look[tried.kind]}</Button>
	</p>
	{#if stage}
		<p>
			{words}
			{#if isAskedByEmail}{texts.asksByEmail(t.dates.minutes(EVENING_FROM_MINUTE))}{/if}
		</p>
		{#if stage.day === 'tried'}<p class="mt-1 border-s-4 border-warm ps-3 text-note">{texts.care}</p>{/if}
		{#if stage.part === 'evening'}<div class="mt-2">{@render question()}</div>
		{:else if stage.part === 'day'}
			<Disclosure words={texts.doneForToday}>{@render question()}</Disclosure>
		{/if}
		<form method="POST" action="?/keep" use:enhanceForm class="mt-2">
			<Button look="quiet" name="what" value="own" disabled={isOffline.current}>{texts.stop}</Button>
		</form>
	{:else if better}
		<p>{texts.days(trial.comfort ?? 0, trial.ownComfort ?? 0)} {texts.better[better]}</p>
		<form method="POST" action="?/keep" use:enhanceForm class="mt-2 flex flex-wrap gap-3">
			<Button
				name="what"
				value="tried"
				look={better === 'tried' ? 'main' : 'plain'}
				disabled={isOffline.current}
			>
				{texts.keep.tried}
			</Button>
			<Button name="what" value="own" look={better === 'own' ? 'main' : 'plain'} disabled={isOffline.current}>
				{texts.keep.own}
			</Button>
		</form>
	{/if}
</section>

<style>
	.card {
		margin-top: 0.75rem;
		padding: 0.5rem 0.75rem;
		border-inline-start: 4px solid var(--cool);
		background: var(--cool-wash);
	}
</style>
