<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
	import type { LengthFieldName } from '$lib/core/questionnaire/answers/fields';
	import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import GetKeyboard from './GetKeyboard.svelte';
	import { fieldOfMeasurable } from './field-of-measurable';
	import PlanNotices from './PlanNotices.svelte';
	import { planTitle, followingActions } from './plan-title';
	import { stepWords } from './step-words';
	import type { PlanVisit } from './plan-visit.svelte';

	interface Props {
		visit: PlanVisit;
		data: ComponentProps<typeof PlanNotices>['data'] & {
			readonly requests: readonly EquipmentItem[];
			readonly own: readonly EquipmentItem[];
		};
		t: Catalogue;
	}

	let { visit, data, t }: Props = $props();

	const heading = $derived(planTitle(visit.headed, t));
	const then = $derived(followingActions(visit.headed, t));
	/** Where to begin: the first step not done yet. */
	const firstStep = $derived(visit.headed.open[0] ?? null);
	const first = $derived(visit.headed.acts[0] ?? null);
	const hrefOf = (field: LengthFieldName) => `/c/${data.token}/${pageOfField(field)}#${field}`;
</script>

<h1 class="text-title" id="plan-title" tabindex="-1">{heading.title}</h1>
<p class="mt-2 text-lead">{heading.lead}</p>
{#if visit.beginsWithKeyboard}
	<div class="mt-3"><GetKeyboard requests={data.requests} own={data.own} {t} /></div>
{:else if first?.act === 'measure'}
	<p class="no-print mt-3">
		<Button look="main" href={hrefOf(fieldOfMeasurable(first.what as MeasurableLengthName))}
			>{t.plan.measureNow}</Button
		>
	</p>
{/if}
{#if firstStep}
	<p class="no-print mt-3">
		<strong>{t.plan.firstStep(t.steps.places[firstStep.place])}</strong>
		{stepWords(firstStep, t, visit.data.unit)[0] ?? ''}
	</p>
{/if}
{#if then.length > 0}
	<p class="mt-2"><strong>{t.plan.thenTitle}</strong> {then.join(' · ')}</p>
{/if}
<PlanNotices {visit} {data} {t} />
