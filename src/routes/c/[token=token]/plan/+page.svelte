<script lang="ts">
	import { tick, untrack } from 'svelte';
	import { refreshPage } from '$lib/ui/platform/kit/refresh-page';
	import { EYE_TEST } from '$lib/core/plan/equipment';
	import { messagesFor } from '$lib/messages';
	import { saveErrorOf } from '$lib/ui/questionnaire/autosave/save-error';
	import { isOffline } from '$lib/ui/platform/kit/is-offline.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import LazyHydrate from '$lib/ui/platform/lazy-hydrate/LazyHydrate.svelte';
	import BesideHeights from '$lib/ui/plan/BesideHeights.svelte';
	import LookAgain from '$lib/ui/plan/LookAgain.svelte';
	import PlanBelow from '$lib/ui/plan/PlanBelow.svelte';
	import PlanDrawing from '$lib/ui/plan/PlanDrawing.svelte';
	import PlanHeader from '$lib/ui/plan/PlanHeader.svelte';
	import PlanLayout from '$lib/ui/plan/PlanLayout.svelte';
	import PlanLead from '$lib/ui/plan/PlanLead.svelte';
	import PlanLinks from '$lib/ui/plan/PlanLinks.svelte';
	import PlanSteps from '$lib/ui/plan/PlanSteps.svelte';
	import { PlanVisit } from '$lib/ui/plan/plan-visit.svelte';
	import PrintedFindings from '$lib/ui/plan/PrintedFindings.svelte';
	import { setOfferedItems } from '$lib/ui/plan/offered-items';
	import SizesToCheck from '$lib/ui/plan/SizesToCheck.svelte';
	import { drawingVariantOf, usualRoom } from '$lib/ui/workstation/side-view/room';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const visit = untrack(
		() =>
			new PlanVisit(
				() => data,
				deviceStorage(),
				() => void refreshPage()
			)
	);
	setOfferedItems(() => data.offered);
	const room = usualRoom();
	/** The contents of the drawing. */
	const drawn = () => [
		visit.shown,
		visit.states,
		visit.section,
		visit.all,
		data.before,
		data.unit,
		drawingVariantOf(room)
	];
	const keptState = $derived(form && 'kept' in form && form.kept ? 'sent' : visit.keptState);
	/** Whether the heights to measure again are shown: opened by hand, because some were saved, or after the last step. */
	const showsHeights = $derived(
		data.again !== null || form !== null || visit.isDone || visit.keptState !== 'no'
	);
	const sizeIssue = $derived(form && 'sizeIssue' in form ? (form.sizeIssue ?? null) : null);
	/** Another plan that came in place of the one on the page is gone to, and told. */
	let seen = untrack(() => data.planId);
	let isNew = $state(false);
	$effect(() => {
		if (data.planId === seen) return;
		seen = data.planId;
		isNew = true;
		void tick().then(() => document.getElementById('plan-title')?.focus());
	});
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{t.plan.title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => visit.leave()} ononline={() => visit.flush()} />

<div class="mx-auto max-w-6xl px-5 py-4 md:px-8">
	<LazyHydrate
		><PlanHeader
			status={saveErrorOf(visit.saving, t) ?? (data.isBehind ? t.plan.notSent : t.plan.sent)}
			unit={data.unit}
			spots={data.spots}
			{t}
		/></LazyHydrate
	>
	<PlanLayout>
		{#snippet lead()}
			{#if fault}<p class="mb-3 border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">{fault}</p>{/if}
			<LazyHydrate><PlanLead {visit} {data} {t} /></LazyHydrate>
			{#if isOffline.current}<Notice><p>{t.plan.noNetwork}</p></Notice>{/if}
		{/snippet}
		{#snippet drawing()}
			<LazyHydrate shows={drawn}><PlanDrawing {visit} {t} /></LazyHydrate>
		{/snippet}
		{#snippet rest()}
			<LazyHydrate><SizesToCheck sizes={data.sizes} fault={sizeIssue} unit={data.unit} {t} /></LazyHydrate>
			<LazyHydrate><PlanSteps {visit} leftOut={data.leftOut} {t} /></LazyHydrate>
			<LazyHydrate
				><LookAgain
					{visit}
					token={data.token}
					unit={data.unit}
					kept={keptState}
					isDone={visit.isDone}
					{showsHeights}
					{t}
				/></LazyHydrate
			>
			<PlanBelow {visit} {data} {t} />
			<PrintedFindings {data} {t} />
			<LazyHydrate
				><PlanLinks
					token={data.token}
					hasEyeTest={data.offered.some(({ code }) => code === EYE_TEST)}
					{t}
				/></LazyHydrate
			>
		{/snippet}
		{#snippet beside()}
			<LazyHydrate><BesideHeights corner={data.corner} advice={data} {t} unit={data.unit} /></LazyHydrate>
		{/snippet}
	</PlanLayout>
</div>
<p class="sr-only" role="status">{isNew ? t.plan.isNew : ''}</p>
