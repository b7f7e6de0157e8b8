<script lang="ts">
	import { CORNER_STATES, type CornerState } from '$lib/ui/cases/corner-states';
	import { tick } from 'svelte';
	import { sectionOf } from '$lib/core/section';
	import { messagesFor } from '$lib/messages';
	import CaseAside from '$lib/ui/cases/CaseAside.svelte';
	import CaseCorner from '$lib/ui/cases/CaseCorner.svelte';
	import CaseHead from '$lib/ui/cases/CaseHead.svelte';
	import CaseNotice from '$lib/ui/cases/CaseNotice.svelte';
	import CasePlan from '$lib/ui/cases/CasePlan.svelte';
	import CaseUnanswered from '$lib/ui/cases/CaseUnanswered.svelte';
	import CheckTable from '$lib/ui/plan/CheckTable.svelte';
	import SectionDrawing from '$lib/ui/section/SectionDrawing.svelte';
	import { useShortcuts } from '$lib/ui/shortcuts/context';
	import { caseKeys } from '$lib/ui/cases/case-keys';

	let { data } = $props();

	const t = messagesFor();
	const shortcuts = useShortcuts();
	const unit = $derived(data.unit);
	const isCoordinator = $derived(data.role === 'coordinator');
	const openReferral = $derived(data.referrals.find(({ endedAt }) => endedAt === null) ?? null);
	let shown = $state<CornerState>('standing');
	const contact = $derived({
		personId: data.person.id,
		phone: data.person.phone,
		closable: data.closable,
		isReferred: openReferral !== null,
		version: data.listed.version,
		today: data.today
	});

	function recordOutcome() {
		const form = document.querySelector<HTMLDetailsElement>('#outcome');
		if (!form) return;
		form.open = true;
		form.scrollIntoView({ block: 'nearest' });
		void tick().then(() => form.querySelector<HTMLElement>('select, input:not([type=hidden])')?.focus());
	}

	$effect(() =>
		shortcuts.add(
			caseKeys(
				isCoordinator,
				() => (shown = CORNER_STATES[(CORNER_STATES.indexOf(shown) + 1) % CORNER_STATES.length] ?? 'first')
			)
		)
	);
</script>

<svelte:head><title>{data.person.name} · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-6xl px-6 py-6">
	<CaseHead
		person={data.person}
		listed={data.listed}
		isZoneKnown={data.place.isZoneKnown}
		zone={data.place.zone}
		{isCoordinator}
		hasAnswers={data.answered !== null}
		wasSent={data.newest !== null}
		hasPost={data.hasPost}
		{recordOutcome}
	/>
	<div class="layout">
		<div class="min-w-0">
			{#if data.judgement && data.listed.openSince !== null}
				{@const { judgement } = data}
				<CaseNotice {judgement} actBy={data.listed.actBy} takenBack={data.takenBack} {contact} canAct />
			{/if}
			{#if data.corner && data.advice && data.plan}
				<CaseCorner {...data.corner} judged={data.judged} over={data.over} {t} {unit} bind:shown />
				{#each data.spots as spot, i (spot.id)}
					{@const at = sectionOf(spot.corner, spot.plan, null, data.corner.drawnAs)}
					<section class="mt-6 border border-rule bg-sheet p-4">
						<h2 class="text-head">Spot {i + 2}, {spot.corner.spot.posture}, after its plan</h2>
						<div class="mt-3"><SectionDrawing section={at} all={[at]} {t} {unit} mostHeight={420} /></div>
						<CheckTable
							title="Checks: after the plan"
							checks={at.checks}
							before={spot.before}
							certainty={at.certainty}
							{t}
							{unit}
						/>
					</section>
				{/each}
				<CasePlan
					corner={data.corner.corner}
					{...data.plan}
					advice={data.advice}
					progress={data.judgement?.plan ?? null}
					{t}
					{unit}
				/>
			{:else}
				<CaseUnanswered
					state={data.state}
					name={data.person.name}
					newest={data.newest}
					timeZone={data.timeZone}
				/>
			{/if}
		</div>
		<CaseAside page={data} {contact} {t} {unit} />
	</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 2rem;
		margin-top: 1.25rem;
	}
	@media (min-width: 64rem) {
		.layout {
			grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
			align-items: start;
		}
	}
</style>
