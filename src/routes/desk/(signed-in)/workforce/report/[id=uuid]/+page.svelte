<script lang="ts">
	import { isPermitted } from '$lib/core/platform/access/permissions';
	import { DECISION_RESULTS } from '$lib/core/workforce/decision-outcome';
	import { decisionsOf } from '$lib/core/workforce/report-decisions';
	import { dayWords } from '$lib/messages/dates';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import TextArea from '$lib/ui/platform/kit/TextArea.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import ReportSheet from '$lib/ui/workforce/ReportSheet.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data, form } = $props();

	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const decisions = $derived(decisionsOf(data.report));
</script>

<svelte:head><title>{texts.reportUpToTitle(dayWords(data.report.to))}</title></svelte:head>

<main>
	<p class="acts no-print">
		<a href="/desk/workforce/report">{texts.allReports}</a>
		<Button type="button" size="desk" class="needs-js" onclick={() => window.print()}>{texts.print}</Button>
		<Button look="quiet" size="desk" href="/desk/workforce/report/{data.id}/data" download
			>{texts.dataCsv}</Button
		>
	</p>
	<ReportSheet
		report={data.report}
		madeAt={data.madeAt}
		timeZone={data.timeZone}
		letterhead={data.letterhead}
		remark={data.remark}
		decided={data.decided}
	/>
	{#if isPermitted(data.role, 'reports:make')}
		<form method="POST" action="?/record" class="record no-print" use:enhanceForm>
			<h2 class="text-head">{texts.recordDecisions}</h2>
			<p class="text-ink-soft">{texts.recordDecisionsHint}</p>
			{#if fault}<Notice kind="caution" role="alert">{fault}</Notice>
			{:else if form && 'kept' in form}<Notice kind="done" role="status">{texts.decisionsSaved}</Notice>{/if}
			<input type="hidden" name="version" value={data.version} />
			{#each decisions as { kind } (kind)}
				<fieldset class="decision">
					<legend>{texts.decisionNames[kind]}</legend>
					<Select
						name="result.{kind}"
						label={texts.decisionResult}
						size="desk"
						value={data.decided[kind]?.result ?? 'open'}
						options={DECISION_RESULTS.map((value) => ({ value, words: texts.decisionResults[value] }))}
					/>
					<TextField
						name="note.{kind}"
						label={texts.decisionNote}
						size="desk"
						value={data.decided[kind]?.note ?? ''}
					/>
				</fieldset>
			{/each}
			<TextArea name="remark" size="desk" label={texts.remark} value={data.remark} rows={4} />
			<div><Button look="main" size="desk">{texts.saveDecisions}</Button></div>
		</form>
	{/if}
</main>

<style>
	main {
		padding: 1.25rem 1.5rem 3rem;
	}
	.acts {
		display: flex;
		align-items: center;
		gap: 1.25rem;
		margin-bottom: 1rem;
	}
	.record {
		display: grid;
		gap: 0.9rem;
		max-width: 46rem;
		margin-top: 2rem;
		padding-top: 1rem;
		border-top: 1.5px solid var(--ink);
	}
	.decision {
		display: grid;
		grid-template-columns: 12rem 1fr;
		gap: 0.25rem 1rem;
		align-items: end;
	}
	legend {
		font-weight: 650;
	}
	@media print {
		main {
			padding: 0;
		}
	}
</style>
