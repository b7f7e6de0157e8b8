<script lang="ts">
	import { page } from '$app/state';
	import { enhance } from '$app/forms';
	import type { FirstAct } from '$lib/core/advice';
	import { pageOfField, type LengthFieldName } from '$lib/core/answers';
	import type { MeasurableName } from '$lib/core/checks';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import { checkWords } from '../gap-mark/check-words';
	import { isOffline } from '../kit/is-offline.svelte';
	import { planTitle } from './plan-title';
	import { stepWords } from './step-words';
	import type { PlanVisit } from './plan-visit.svelte';

	interface Props {
		visit: PlanVisit;
		data: {
			readonly token: string;
			readonly isBehind: boolean;
			readonly isNewPlan: boolean;
			readonly kept: readonly string[];
			readonly isMoving: boolean;
			readonly moving: readonly { readonly label: string; readonly pieces: number }[] | null;
			readonly measureNext: MeasurableName | null;
			readonly body: Readonly<Partial<Record<string, { readonly from: string }>>>;
			readonly stoodInFor: readonly LengthFieldName[];
			readonly next: { readonly hasOpenSign: boolean };
			readonly findings: readonly unknown[];
			readonly first: readonly FirstAct[];
			readonly isOfOldRules: boolean;
		};
		t: Catalogue;
	}

	let { visit, data, t }: Props = $props();

	/** The field that each measurable length is typed into. */
	const fieldOf = (name: MeasurableName): LengthFieldName =>
		name === 'seat'
			? 'seatHeight'
			: name === 'surface'
				? 'surfaceHeight'
				: name === 'thickness'
					? 'surfaceThickness'
					: name;
	/** Everything that is fetched, with what goes behind the back. */
	const pieces = $derived(visit.steps.reduce((sum, step) => sum + step.pieces.length, 0));
	/** What was found besides the heights and stands. */
	const found = $derived(data.findings.length);
	const heading = $derived(
		planTitle(
			{
				corner: visit.data.corner,
				isLeftAlone: visit.isLeftAlone,
				first: data.first,
				measureNext: data.measureNext,
				found,
				steps: visit.steps.length,
				things: visit.things
			},
			t
		)
	);
	/** What to begin with: the first step that is not done yet. */
	const firstStep = $derived(visit.steps.find(({ place }) => !visit.ticks[place]) ?? null);
	const way = $derived(t.ways[visit.data.corner.way]);
	const stoodIn = $derived(
		t.lists.and(
			data.stoodInFor.map((name) => t.fields[name].charAt(0).toLowerCase() + t.fields[name].slice(1))
		)
	);
	const stays = $derived(
		t.lists.and(
			visit.stays.map(
				(check) => `${t.checks.names[check.id].toLowerCase()} (${checkWords(check, t, visit.data.unit)})`
			)
		)
	);
	const estimated = $derived(
		t.lists.and(
			(['popliteal', 'sittingElbow', 'sittingEye', 'thigh', 'standingElbow', 'standingEye'] as const)
				.filter((name) => data.body[name]?.from === 'estimate')
				.map((name) => t.measurable[name])
		)
	);
	const keptNames = $derived(
		t.lists.and(
			visit.steps
				.filter(({ place }) => data.kept.includes(place))
				.map(({ place }) => t.steps.places[place].toLowerCase())
		)
	);
</script>

<h1 class="text-title">{heading.title}</h1>
<p class="mt-2 text-lead">
	{#if heading.lead}{heading.lead}{:else}
		{#if pieces > 0}{t.plan.lead(pieces)}{/if}
		{t.plan.closes(...visit.closes)}
		{#if found > 0}{t.plan.also(found)}{/if}
	{/if}
</p>
{#if firstStep}
	<p class="no-print mt-2">
		<strong>{t.plan.firstStep(t.steps.places[firstStep.place])}</strong>
		{stepWords(firstStep, t, visit.data.unit)[0] ?? ''}
	</p>
{/if}
{#if visit.isDone}
	<p class="notice no-print flex flex-wrap justify-between gap-3">
		<span>{visit.openProblems > 0 ? t.plan.stepsDoneTitle(visit.openProblems) : t.plan.allDone}</span>
		<Button href="/c/{data.token}/day">{t.plan.dayLink}</Button>
	</p>
{/if}
{#if data.isBehind}
	<form
		method="POST"
		action="?/renew"
		use:enhance
		class="notice no-print flex flex-wrap justify-between gap-3"
	>
		<span>{t.plan.behind}</span>
		<Button disabled={isOffline.current}>{t.plan.renew}</Button>
	</form>
{:else if data.isOfOldRules && visit.isWorked}
	<form
		method="POST"
		action="?/renew"
		use:enhance
		class="notice no-print flex flex-wrap justify-between gap-3"
	>
		<span>{t.plan.oldRules}</span>
		<Button look="quiet" disabled={isOffline.current}>{t.plan.newRules}</Button>
	</form>
{:else if data.isNewPlan && visit.isWorked && visit.steps.length > 0}
	<p class="notice">{keptNames ? t.plan.kept(keptNames) : t.plan.keptNone}</p>
{/if}
{#if data.next.hasOpenSign}
	<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-2">{t.first.told}</p>
{/if}
{#if stays && !visit.isLeftAlone}<p class="mt-2">
		{visit.steps.length > 0 ? t.plan.stays(stays) : t.plan.openNow(stays)}
	</p>{/if}
{#if data.moving}
	<form
		method="POST"
		action="?/choose"
		use:enhance
		class="notice no-print flex flex-wrap justify-between gap-3"
	>
		<span
			>{t.spots.moving(
				t.lists.and(data.moving.map(({ label, pieces }) => (pieces > 1 ? `${pieces} × ${label}` : label)))
			)}</span
		>
		<Button name="plan" value="moving" disabled={isOffline.current}>{t.spots.move}</Button>
	</form>
{:else if data.isMoving}
	<form method="POST" action="?/renew" use:enhance class="notice no-print">
		<Button look="quiet" disabled={isOffline.current}>{t.spots.stay}</Button>
	</form>
{/if}
{#if data.measureNext && !visit.isLeftAlone}
	{@const field = fieldOf(data.measureNext)}
	<p class="mt-2">
		<a class="font-semibold" href="/c/{page.params.token}/{pageOfField(field)}#{field}"
			>{t.plan.measureNext(t.measurable[data.measureNext])}</a
		>
	</p>
{/if}
{#if estimated}<p class="mt-2 text-note text-ink-soft">{t.plan.estimated(estimated)}</p>{/if}
{#if stoodIn}<p class="mt-2 text-note text-ink-soft">{t.plan.stoodIn(stoodIn)}</p>{/if}
<p class="mt-2 text-note text-ink-soft">{t.wayOf(way.name, way.why)}</p>

<style>
	.notice {
		align-items: center;
		margin-top: 0.75rem;
		padding: 0.5rem 0.75rem;
		border-left: 4px solid var(--cool);
		background: var(--cool-wash);
	}
</style>
