<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import { messagesFor } from '$lib/messages';
	import { sittingStyleTextsFor } from '$lib/messages/sitting-styles';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import CheckTable from '$lib/ui/plan/CheckTable.svelte';
	import { planAsksForChanges } from '$lib/ui/plan/plan-asks';
	import SideViewDrawing from '$lib/ui/workstation/side-view/SideViewDrawing.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(sittingStyleTextsFor(data.locale));
	const section = $derived(sideViewOf(data.corner, data.plan, null, data.drawnAs));
	const asks = $derived(data.plan ? planAsksForChanges(data.corner, data.plan, t, data.unit) : '');
	const words = $derived(texts.ways[data.shown]);
	const isTried = $derived(data.tried?.way === data.shown);
	const isCurrent = $derived(data.current === data.shown);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const day = (iso: string) => t.dates.day(new Date(`${iso}T00:00:00Z`));
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-6xl px-5 py-5 md:px-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-4 text-title">{texts.title}</h1>
	<p class="mt-2 text-lead">{texts.lead}</p>
	{#if fault}<Notice kind="caution"><p>{fault}</p></Notice>{/if}
	<!-- Viewing a style solves a plan, so it is not preloaded on hover. -->
	<nav class="mt-4 flex flex-wrap gap-2" aria-label={texts.choose} data-sveltekit-preload-data="off">
		{#each data.offered as way (way)}
			<Button href="?way={way}" aria-current={way === data.shown ? 'true' : undefined} data-sveltekit-noscroll
				>{texts.ways[way].name}</Button
			>
		{/each}
	</nav>
	<div class="layout">
		<section>
			<h2 class="text-head">{words.name}</h2>
			{#if isTried && data.tried}<p class="mt-1 font-semibold text-cool">
					{texts.since(day(data.tried.since))}
				</p>
				<p class="mt-1">{texts.evening}</p>
			{:else if isCurrent}<p class="mt-1 font-semibold text-cool">{texts.current}</p>{/if}
			<p class="mt-1">{words.what}</p>
			<h3 class="mt-3 font-semibold">{texts.how}</h3>
			<ol class="mt-1 list-decimal ps-5">
				{#each words.how as step (step)}<li>{step}</li>{/each}
			</ol>
			<h3 class="mt-3 font-semibold">{texts.asksTitle}</h3>
			<p>{asks || texts.asksNothing}</p>
			<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1 text-note">{texts.care}</p>
			{#if !isCurrent || data.tried}
				<form method="POST" use:enhanceForm class="mt-4 flex flex-wrap gap-3">
					<input type="hidden" name="way" value={data.shown} />
					{#if !isCurrent && !isTried}
						<Button look="main" formaction="?/try">{texts.tryIt}</Button>
					{/if}
					{#if !isCurrent}
						<Button look={isTried ? 'main' : 'plain'} formaction="?/keep">{texts.keep}</Button>
					{/if}
					{#if data.tried}<Button formaction="?/stop">{texts.stop}</Button>{/if}
				</form>
			{/if}
			<p class="mt-4"><Button look="quiet" href="/c/{data.token}/plan">{texts.back}</Button></p>
		</section>
		<div class="drawing">
			<SideViewDrawing {section} all={[section]} {t} unit={data.unit} mostHeight={430} />
			<CheckTable
				title={t.plan.checksTitle}
				checks={section.checks}
				certainty={section.certainty}
				before={[]}
				{t}
				unit={data.unit}
			/>
		</div>
	</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 1.5rem;
		margin-top: 1rem;
	}
	.drawing {
		align-self: start;
		padding: 0.75rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	@media (min-width: 60rem) {
		.layout {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
		}
	}
</style>
