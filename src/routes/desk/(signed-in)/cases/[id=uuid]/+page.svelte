<script lang="ts">
	import { caseKeys } from '$lib/ui/cases/case-keys';
	import CaseCorner from '$lib/ui/cases/CaseCorner.svelte';
	import CaseHead from '$lib/ui/cases/CaseHead.svelte';
	import CaseNotice from '$lib/ui/cases/CaseNotice.svelte';
	import CasePanel from '$lib/ui/cases/CasePanel.svelte';
	import CaseParts from '$lib/ui/cases/CaseParts.svelte';
	import CaseUnanswered from '$lib/ui/cases/CaseUnanswered.svelte';
	import CaseVisitors from '$lib/ui/cases/CaseVisitors.svelte';
	import { casePartsOf } from '$lib/ui/cases/case-parts';
	import { CornerView } from '$lib/ui/cases/corner-view.svelte';
	import DiscomfortOverTime from '$lib/ui/cases/DiscomfortOverTime.svelte';
	import { useShortcuts } from '$lib/ui/platform/shortcuts/context';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	let { data } = $props();

	const t = deskCatalogue();
	const shortcuts = useShortcuts();
	let parts = $state<ReturnType<typeof CaseParts>>();
	const contact = $derived({
		personId: data.person.id,
		phone: data.person.phone,
		closable: data.closable,
		hazards: data.hazards,
		checks: (data.assessmentResult?.standing ?? []).map(({ id }) => id),
		isReferred: data.referrals.some(({ endedAt }) => endedAt === null),
		version: data.listed.version,
		today: data.today
	});
	const view = $derived.by(() => {
		const { corner, judged, over } = data;
		return corner ? new CornerView(() => ({ corner, judged, over })) : null;
	});

	$effect(() =>
		shortcuts.add(
			caseKeys(
				(part, fieldId) => parts?.open(part, fieldId),
				() => view?.next()
			)
		)
	);
</script>

<svelte:head><title>{texts.pageTitle(data.person.name)}</title></svelte:head>

<main class="case">
	<CaseHead
		person={data.person}
		listed={data.listed}
		isZoneKnown={data.place.isZoneKnown}
		zone={data.place.zone}
		owner={data.owner?.name ?? null}
		later={data.later}
		hasAnswers={data.answered !== null}
		wasSent={data.newest !== null}
		hasPost={data.hasPost}
		hasHazard={data.assessmentResult?.reasons.some(({ code }) => code === 'hazard') ?? false}
	/>
	<CaseVisitors personId={data.person.id} />
	{#if data.assessmentResult && data.listed.openSince !== null}
		<CaseNotice
			assessmentResult={data.assessmentResult}
			policy={data.policy}
			actBy={data.listed.actBy}
			takenBack={data.takenBack}
			{contact}
		/>
	{/if}
	<div class="layout">
		<div class="side">
			{#if data.corner && view}
				<CaseCorner corner={data.corner} {view} judged={data.judged} {t} unit={data.unit} />
			{:else}
				<CaseUnanswered
					state={data.state}
					name={data.person.name}
					newest={data.newest}
					timeZone={data.timeZone}
				/>
			{/if}
			{#if data.reports.some(({ discomfort }) => discomfort.length > 0)}
				<section class="mt-3" aria-label={texts.discomfort}>
					<DiscomfortOverTime over={data.reports} {t} />
				</section>
			{/if}
		</div>
		<CaseParts bind:this={parts} parts={casePartsOf(data)}>
			{#snippet panel(part)}<CasePanel {part} page={data} {contact} {view} {t} unit={data.unit} />{/snippet}
		</CaseParts>
	</div>
</main>

<style>
	.case {
		padding: 0.9rem 1.5rem;
	}
	.layout {
		display: grid;
		gap: 1.5rem;
		margin-top: 0.75rem;
	}
	@media screen and (min-width: 64rem) {
		.layout {
			grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
		}
	}
	/* One screen: its head stays, and its two sides scroll by themselves. */
	@media screen and (min-width: 64rem) and (min-height: 40rem) {
		.case {
			display: flex;
			flex-direction: column;
			height: 100dvh;
		}
		.layout {
			flex: 1;
			min-height: 0;
		}
		.side {
			min-height: 0;
			overflow: auto;
		}
	}
</style>
