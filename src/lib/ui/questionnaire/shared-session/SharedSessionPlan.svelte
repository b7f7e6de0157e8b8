<script lang="ts">
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { isAgreed, type SharedSessionState } from '$lib/core/questionnaire/shared-session/shared-session';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { SharedSessionTexts } from '$lib/messages/shared-session';
	import Button from '../../platform/kit/Button.svelte';
	import { stepWords } from '../../plan/step-words';

	interface Props {
		state: SharedSessionState;
		side: 'person' | 'coordinator';
		otherName: string;
		/** Answers without which there is no plan. */
		open: readonly FieldIssue[];
		unit: LengthUnit;
		t: Catalogue;
		texts: SharedSessionTexts;
		size: 'desk' | 'thumb';
	}

	let { state: session, side, otherName, open, unit, t, texts, size }: Props = $props();

	/** Computing a plan takes a moment: the button says that it was pressed. */
	let isMaking = $state(false);
	const { plan, agreement } = $derived(session);
	const other = $derived(side === 'person' ? 'coordinator' : 'person');
	const names = $derived(
		open.flatMap(({ field }) =>
			Object.hasOwn(t.fields, field) ? [t.fields[field as keyof typeof t.fields]] : []
		)
	);
</script>

{#if !plan}<p class="text-ink-soft">{texts.noPlan}</p>{/if}
{#if plan}
	<ol class="steps">
		{#each plan.steps as step (step.place)}
			<li>
				<span class="font-semibold">{t.steps.places[step.place]}</span>
				<span>{stepWords(step, t, unit).join(' ')}</span>
			</li>
		{:else}
			<li>{texts.noSteps}</li>
		{/each}
	</ol>
	{#if plan.isBehind}<p class="mt-2 font-semibold">{texts.behind}</p>{/if}
{/if}
{#if open.length > 0}
	<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5" role="alert">
		{names.length > 0
			? t.lists.of(texts.stillOpen(open.length), t.lists.plain(names))
			: texts.stillOpen(open.length)}.
		{texts.onOtherPages}
	</p>
{/if}
<div class="mt-3 flex flex-wrap items-center gap-3">
	{#if !plan || plan.isBehind}
		<form
			method="POST"
			action="?/plan"
			use:enhanceForm={() => {
				isMaking = true;
				return ({ update }) => update().finally(() => (isMaking = false));
			}}
		>
			<Button {size} isBusy={isMaking}>{plan ? texts.makeAgain : texts.makePlan}</Button>
		</form>
	{:else if !agreement[side]}
		<form method="POST" action="?/agree" use:enhanceForm>
			<input type="hidden" name="plan" value={plan.id} />
			<Button look="main" {size}>{texts.agree}</Button>
		</form>
	{/if}
	<p role="status">
		{#if isAgreed(agreement)}<strong>{texts.agreed.both}</strong>
		{:else if agreement[side]}{texts.agreed.you}
		{:else if agreement[other]}{texts.agreed.other(otherName)}{/if}
	</p>
</div>

<style>
	.steps > li {
		display: grid;
		gap: 0 1rem;
		padding: 0.5rem 0;
		border-bottom: 1px solid var(--rule);
	}
	@media (min-width: 40rem) {
		.steps > li {
			grid-template-columns: 9rem minmax(0, 1fr);
		}
	}
</style>
