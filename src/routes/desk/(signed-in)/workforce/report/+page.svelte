<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/kit/Button.svelte';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import Select from '$lib/ui/kit/Select.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { dayWords, momentWords } from '$lib/ui/workforce/words';

	let { data, form } = $props();

	let isMaking = $state(false);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const months = (n: number) => (n === 1 ? 'One month' : n === 12 ? 'A year' : `${n} months`);
</script>

<svelte:head><title>Report · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame view={data.view} groups={[]} rounds={{}} hasFilters={false} title="The report for management">
	<p class="mt-4 max-w-3xl text-lead">
		What was done, what changed and how sure that is, what is still open, what it would cost and what is to be
		decided. A report is worked out once and stays as it was made.
	</p>
	{#if fault}<div class="mt-3"><Notice kind="caution" role="alert">{fault}</Notice></div>{/if}
	{#if data.role === 'coordinator'}
		{#if data.view.closings.length === 0}
			<p class="mt-4">The first month has to end before there is anything to report.</p>
		{:else}
			<form
				method="POST"
				action="?/make"
				class="make"
				use:enhance={() => {
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
					label="Until"
					size="desk"
					value={data.view.closings[0] ?? ''}
					options={data.view.closings.map((value) => ({ value, words: dayWords(value) }))}
				/>
				<Select
					name="months"
					label="Time"
					size="desk"
					value="3"
					options={data.months.map((n) => ({ value: String(n), words: months(n) }))}
				/>
				<Button look="main" size="desk" isBusy={isMaking}>Make the report</Button>
			</form>
		{/if}
	{/if}
	<ul class="reports">
		{#each data.reports as report (report.id)}
			<li>
				<a href="/desk/workforce/report/{report.id}">{dayWords(report.fromDay)} to {dayWords(report.toDay)}</a
				>
				<span class="text-note text-ink-soft">made {momentWords(report.madeAt)}</span>
				<span class="text-note"
					><a href="/desk/workforce/report/{report.id}/data" download
						>Data (CSV)<span class="sr-only">&nbsp;until {dayWords(report.toDay)}</span></a
					></span
				>
				{#if data.role === 'coordinator'}
					<form method="POST" action="?/drop" use:enhance>
						<input type="hidden" name="report" value={report.id} />
						<Button look="quiet" size="desk" aria-label="Take the report until {dayWords(report.toDay)} away"
							>Take away</Button
						>
					</form>
				{/if}
			</li>
		{:else}
			<li>No report has been made yet.</li>
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
