<script lang="ts">
	import { REPORT_MONTHS } from '$lib/core/workforce/report';
	import { dayWords, momentWords } from '$lib/messages/dates';
	import { isPermitted } from '$lib/core/platform/access/permissions';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data, form } = $props();

	let isMaking = $state(false);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const months = (n: number) => texts.months(n);
</script>

<svelte:head><title>{texts.reportPageTitle}</title></svelte:head>

<WorkforceFrame {data} hasFilters={false} title={texts.reportHeading}>
	<p class="mt-4 max-w-3xl text-lead">
		{texts.reportLead}
	</p>
	{#if fault}<div class="mt-3"><Notice kind="caution" role="alert">{fault}</Notice></div>{/if}
	{#if isPermitted(data.role, 'reports:make')}
		{#if data.view.closings.length === 0}
			<p class="mt-4">{texts.noMonthYet}</p>
		{:else}
			<form
				method="POST"
				action="?/make"
				class="make"
				use:enhanceForm={() => {
					isMaking = true;
					return async ({ update }) => {
						await update();
						isMaking = false;
					};
				}}
			>
				<input type="hidden" name="key" value={data.key} />
				<Select
					name="to"
					label={texts.endOfPeriod}
					size="desk"
					value={data.view.closings[0] ?? ''}
					options={data.view.closings.map((value) => ({ value, words: dayWords(value) }))}
				/>
				<Select
					name="months"
					label={texts.period}
					size="desk"
					value="3"
					options={REPORT_MONTHS.map((n) => ({ value: String(n), words: months(n) }))}
				/>
				<Button look="main" size="desk" isBusy={isMaking}>{texts.createReport}</Button>
			</form>
		{/if}
	{/if}
	<ul class="reports">
		{#each data.reports as report (report.id)}
			<li>
				<a href="/desk/workforce/report/{report.id}"
					>{texts.reportPeriod(dayWords(report.fromDay), dayWords(report.toDay))}</a
				>
				<span class="text-note text-ink-soft">{texts.created(momentWords(report.madeAt, data.timeZone))}</span
				>
				<span class="text-note"
					><a href="/desk/workforce/report/{report.id}/data" download
						>{texts.dataCsv}<span class="sr-only">{texts.upTo(dayWords(report.toDay))}</span></a
					></span
				>
				{#if isPermitted(data.role, 'reports:make')}
					<form method="POST" action="?/drop" use:enhanceForm>
						<input type="hidden" name="report" value={report.id} />
						<Button look="quiet" size="desk" aria-label={texts.deleteReportUpTo(dayWords(report.toDay))}
							>{texts.deleteReport}</Button
						>
					</form>
				{/if}
			</li>
		{:else}
			<li>{texts.noReports}</li>
		{/each}
	</ul>
</WorkforceFrame>

<style>
	.make {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 0.5rem 1rem;
		margin-top: 1.25rem;
	}
	.reports {
		margin-top: 1.5rem;
		border-top: 1.5px solid var(--ink);
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1.5rem;
		min-height: 2.75rem;
		border-bottom: 1px solid var(--rule);
	}
</style>
