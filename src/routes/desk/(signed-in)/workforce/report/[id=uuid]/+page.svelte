<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import Button from '$lib/ui/kit/Button.svelte';
	import ReportSheet from '$lib/ui/workforce/ReportSheet.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();
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
	/>
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
	@media print {
		main {
			padding: 0;
		}
	}
</style>
