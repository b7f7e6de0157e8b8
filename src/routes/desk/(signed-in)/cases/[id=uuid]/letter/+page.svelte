<script lang="ts">
	import type { RegionReport } from '$lib/core/discomfort';
	import { page } from '$app/state';
	import { messagesFor } from '$lib/messages';
	import { reasonEn, signsEn } from '$lib/messages/triage-en';
	import { checkWords } from '$lib/ui/gap-mark/check-words';

	let { data } = $props();

	const t = messagesFor();
	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const latest = $derived(data.over.at(-1));
	const first = $derived(data.over[0]);
	const place = (report: { region: keyof typeof t.discomfort.places; side: RegionReport['side'] }) =>
		report.side === null || report.side === 'both'
			? t.discomfort.places[report.region]
			: t.discomfort.sided(t.discomfort.places[report.region], report.side);
</script>

<svelte:head><title>Letter to a clinician · Easy Corner</title></svelte:head>

<main class="letter">
	<p class="no-print mb-6 flex flex-wrap gap-3">
		<a class="btn" href={page.url.pathname.replace(/\/letter$/, '')}>Back to the case</a>
		<button type="button" class="btn btn-main needs-js" onclick={() => window.print()}>Print</button>
		<span class="self-center text-note text-ink-soft"
			>It holds only what a clinician needs. Get {data.name}’s agreement before you send it.</span
		>
	</p>
	<p>{date.format(data.at)}</p>
	<h1 class="mt-6 text-head">About {data.name}, who works at a screen at home</h1>
	<p class="mt-4">Dear {data.clinician || 'colleague'},</p>
	<p class="mt-3">
		{data.question ||
			'could you please advise on the following: what should change at work, and what should stay as it is?'}
	</p>
	{#if data.judgement && data.judgement.reasons.length > 0}
		{@const { judgement } = data}
		<h2>Why now</h2>
		<ul>
			{#each judgement.reasons as reason, i (i)}
				<li>{reasonEn(reason, judgement)}</li>
			{/each}
		</ul>
	{/if}
	{#if data.signs.length > 0}
		<h2>Warning signs reported</h2>
		<ul>
			{#each data.signs as sign (sign)}<li class="first-letter:uppercase">{signsEn[sign]}</li>{/each}
		</ul>
	{/if}
	{#if latest && latest.discomfort.length > 0}
		<h2>Discomfort, last seven days before {date.format(latest.at)}</h2>
		<table>
			<thead
				><tr
					><th>Where</th><th>Worst, 0 to 10</th><th>Days</th><th>Hinders</th><th>What it is like</th
					>{#if first && first !== latest}<th>First report</th>{/if}</tr
				></thead
			>
			<tbody>
				{#each latest.discomfort as report, i (i)}
					<tr>
						<td>{place(report)}</td>
						<td class="num">{report.worst}</td>
						<td class="num">{report.days} of 7</td>
						<td>{t.discomfort.hindersOptions[report.hinders]?.toLowerCase()}</td>
						<td>{report.kinds.map((kind) => t.discomfort.kindOptions[kind].toLowerCase()).join(', ')}</td>
						{#if first && first !== latest}<td class="num"
								>{first.discomfort.find((d) => d.region === report.region && d.side === report.side)?.worst ??
									0}, {date.format(first.at)}</td
							>{/if}
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if data.corner}
		<h2>The workplace</h2>
		<p>
			Works {data.corner.posture}, at a {data.corner.screen === 'laptop' ? 'laptop' : 'separate screen'},
			{data.corner.hand}-handed.
		</p>
		<ul>
			{#each data.checks as check (check.id)}
				<li>{t.checks.names[check.id]}: {checkWords(check, t, data.unit)}</li>
			{/each}
		</ul>
	{/if}
	<p class="mt-5">
		These are the person’s own answers and measurements taken at home. Nobody has examined them, and nothing
		here is a diagnosis.
	</p>
	<p class="mt-5">With kind regards,<br />{data.by}, occupational health</p>
</main>

<style>
	.letter {
		max-width: 46rem;
		padding: 1.5rem;
	}
	h2 {
		margin-top: 1.25rem;
		font-size: var(--text-lead);
	}
	ul {
		padding-left: 1.1rem;
		list-style: disc;
	}
	table {
		width: 100%;
		margin-top: 0.25rem;
		border-collapse: collapse;
		font-size: var(--text-note);
	}
	th,
	td {
		padding: 0.25rem 0.75rem 0.25rem 0;
		border-bottom: 1px solid var(--rule);
		text-align: left;
		vertical-align: top;
	}
</style>
