<script lang="ts">
	import { page } from '$app/state';
	import { unitOf } from '$lib/core/questionnaire/answers/fields';
	import { BANK_CARD_MM } from '$lib/core/body/measuring/known-lengths';
	import { rulerStrips, MAX_STRIP_MM } from '$lib/core/body/measuring/ruler-strips';
	import { messagesFor } from '$lib/messages';
	import { measuringPageTextsFor } from '$lib/messages/measuring-page';
	import Button from '$lib/ui/platform/kit/Button.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(measuringPageTextsFor(data.locale));
	const paper = $derived(page.url.searchParams.get('paper') === 'letter' ? 'letter' : 'A4');
	const unit = $derived(unitOf(data.answers) === 'in' ? 'in' : 'cm');
	const strips = $derived(rulerStrips(unit, 4));

	/** Height of a strip, its longest mark, and the tab for gluing the next one, mm. */
	const STRIP_HIGH = 30;
	const MARK = 11;
	const TAB = 10;
</script>

<svelte:head>
	<title>{texts.rulerTitle} · {t.product}</title>
</svelte:head>

<main id="content" class="ruler" class:on-letter={paper === 'letter'}>
	<div class="no-print mx-auto max-w-2xl px-5 py-6">
		<h1 class="text-title">{texts.rulerTitle}</h1>
		<p class="mt-2">{texts.rulerLead}</p>
		<p class="mt-4 flex flex-wrap gap-3">
			<Button type="button" look="main" class="needs-js" onclick={() => window.print()}>{t.plan.print}</Button
			>
			<Button href="/c/{data.token}/measure">{t.frame.back}</Button>
		</p>
	</div>
	<div class="sheet" role="img" aria-label={texts.rulerTitle}>
		<svg width="{MAX_STRIP_MM + TAB + 2}mm" height="14mm" viewBox="0 0 {MAX_STRIP_MM + TAB + 2} 14">
			<path class="check" d="M1 8H{1 + BANK_CARD_MM.long}" />
			<path class="line" d="M1 5V11M{1 + BANK_CARD_MM.long} 5V11" />
			<text x={BANK_CARD_MM.long + 4} y="9.3">{texts.check}</text>
		</svg>
		{#each strips as strip, i (strip.from)}
			<svg
				width="{MAX_STRIP_MM + TAB + 2}mm"
				height="{STRIP_HIGH + 4}mm"
				viewBox="0 0 {MAX_STRIP_MM + TAB + 2} {STRIP_HIGH + 4}"
			>
				<rect x="1" y="1" width={MAX_STRIP_MM} height={STRIP_HIGH} class="line" />
				{#if i < strips.length - 1}
					<rect x={1 + MAX_STRIP_MM} y="1" width={TAB} height={STRIP_HIGH} class="tab" />
					<text x={1 + MAX_STRIP_MM + TAB / 2} y={STRIP_HIGH / 2} class="glue">{i + 2}</text>
				{/if}
				<text x="5" y={STRIP_HIGH - 3}>{i + 1} / {strips.length}</text>
				{#each strip.marks as mark (mark.at)}
					<path class="line" d="M{1 + mark.at} 1V{1 + mark.length * MARK}" />
					{#if mark.label !== null}
						<text x={1 + mark.at} y={MARK + 5} class="number">{mark.label}</text>
					{/if}
				{/each}
			</svg>
		{/each}
	</div>
</main>

<style>
	.sheet {
		overflow-x: auto;
		background: #fff;
		color: #000;
		padding: 0 1rem 1rem;
	}
	svg {
		display: block;
		max-width: none;
	}
	.line,
	.check {
		fill: none;
		stroke: #000;
		stroke-width: 0.18;
	}
	.check {
		stroke-width: 0.5;
	}
	.tab {
		fill: none;
		stroke: #000;
		stroke-width: 0.18;
		stroke-dasharray: 1 1;
	}
	text {
		font: 3.4px var(--font-sans);
		fill: #000;
	}
	.number {
		font: 4px var(--font-mono);
		text-anchor: middle;
	}
	.glue {
		text-anchor: middle;
	}
	/* Pages of their own by name: which paper it is can't be bound, and no style stands in the page itself. */
	@page ruler-a4 {
		size: A4 landscape;
		margin: 8mm !important;
	}
	@page ruler-letter {
		size: letter landscape;
		margin: 8mm !important;
	}
	@media print {
		.ruler {
			page: ruler-a4;
		}
		.ruler.on-letter {
			page: ruler-letter;
		}
		.sheet {
			padding: 0;
			overflow: visible;
		}
	}
</style>
