<script lang="ts">
	import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
	import type { LengthFieldName } from '$lib/core/questionnaire/answers/fields';
	import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
	import type { PadKind } from '$lib/core/workstation/household/pads';
	import type { Catalogue } from '$lib/messages/shapes';
	import { checkWords } from '../workstation/gap-mark/check-words';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import NeedsNetwork from '../platform/kit/NeedsNetwork.svelte';
	import { fieldOfMeasurable } from './field-of-measurable';
	import type { PlanVisit } from './plan-visit.svelte';

	interface Props {
		visit: PlanVisit;
		data: {
			readonly token: string;
			readonly body: Readonly<Partial<Record<string, { readonly from: string }>>>;
			readonly stoodInFor: readonly LengthFieldName[];
			readonly padsExpected: readonly { readonly kind: PadKind; readonly percent: number }[];
			readonly offersStyles: boolean;
		};
		t: Catalogue;
	}

	/** What the plan rests on: estimates, default sizes, and what to measure to be more certain. */
	let { visit, data, t }: Props = $props();

	const BODY = ['popliteal', 'sittingElbow', 'sittingEye', 'thigh', 'standingElbow', 'standingEye'] as const;

	const measureNext = $derived(visit.data.measureNext);
	const hrefOf = (name: MeasurableLengthName) => {
		const field = fieldOfMeasurable(name);
		return `/c/${data.token}/${pageOfField(field)}#${field}`;
	};
	const way = $derived(t.ways[visit.data.corner.way]);
	const stoodIn = $derived(t.lists.and(data.stoodInFor.map((name) => t.fields[name])));
	const pads = $derived(
		t.lists.and(data.padsExpected.map(({ kind, percent }) => t.plan.padShare[kind](percent)))
	);
	const stays = $derived(
		t.lists.and(
			visit.stays.map((check) => `${t.checks.names[check.id]} (${checkWords(check, t, visit.data.unit)})`)
		)
	);
	const estimated = $derived(
		t.lists.and(BODY.filter((name) => data.body[name]?.from === 'estimate').map((name) => t.measurable[name]))
	);
</script>

<div class="no-print mt-6">
	<Disclosure words={t.plan.sureTitle}>
		{#if stays && !visit.isLeftAlone}<p>
				{visit.steps.length > 0 ? t.plan.stays(stays) : t.plan.openNow(stays)}
			</p>{/if}
		{#if measureNext && !visit.isLeftAlone}
			<p class="mt-1">
				<a class="font-semibold" href={hrefOf(measureNext)}>{t.plan.measureNext(t.measurable[measureNext])}</a
				>
			</p>
		{/if}
		{#if estimated}<p class="mt-1 text-note text-ink-soft">{t.plan.estimated(estimated)}</p>{/if}
		{#if stoodIn}<p class="mt-1 text-note text-ink-soft">{t.plan.stoodIn(stoodIn)}</p>{/if}
		{#if pads}<p class="mt-1 text-note text-ink-soft">{t.plan.padsExpected(pads)}</p>{/if}
		<p class="mt-1 text-note text-ink-soft">{t.wayOf(way.name, way.why)}</p>
		{#if data.offersStyles}<p class="mt-1">
				<NeedsNetwork href="/c/{data.token}/style" {t}>{t.style.link}</NeedsNetwork>
			</p>{/if}
	</Disclosure>
</div>
