<script lang="ts">
	import type { Region } from '$lib/core/discomfort';
	import { formatLength, type LengthUnit } from '$lib/core/length';
	import type { PurchaseId } from '$lib/core/plan';
	import type { Catalogue } from '$lib/messages';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import OtherChecks from './OtherChecks.svelte';
	import OtherWays from './OtherWays.svelte';
	import Purchases from './Purchases.svelte';
	import SunAtWindow from './SunAtWindow.svelte';

	interface Props {
		advice: PageAdvice;
		/** Whether the plan that is recommended is the one that is shown: the compromise is told of that one. */
		isRecommended: boolean;
		/** What has been asked for; null where nobody can ask here, as at the coordinator's. */
		requests?: readonly PurchaseId[] | null;
		/** Where a page of the questions is; null where nobody can answer here. */
		hrefOf?: ((page: string) => string) | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { advice, isRecommended, requests = null, hrefOf = null, t, unit }: Props = $props();

	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const list = $derived(new Intl.ListFormat(t.locale, { type: 'conjunction' }));
	const alternatives = $derived(new Intl.ListFormat(t.locale, { type: 'disjunction' }));
	const regions = (of: readonly Region[]) =>
		list.format(of.map((region) => t.discomfort.places[region].toLowerCase()));
	const orNull = (mm: number) => (mm === 0 ? null : length(mm));
	const heightsFit = $derived(advice.before.every(({ verdict }) => verdict === 'fits'));
	const { compromise } = $derived(advice);
</script>

{#if compromise && isRecommended}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.compromiseTitle}</h2>
		<p class="mt-1">
			{t.open.compromise(
				length(compromise.stack),
				length(compromise.bestStack),
				orNull(compromise.keysTooHigh),
				orNull(compromise.screenTooLow),
				compromise.spellMinutes
			)}
		</p>
	</section>
{/if}

{#if advice.findings.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.besidesTitle}</h2>
		<ul class="mt-2 border-t border-rule">
			{#each advice.findings as line (line.finding)}
				<li class="border-b border-rule py-2">
					<p class="flex flex-wrap items-baseline justify-between gap-x-3">
						<span
							><span class="text-note text-ink-soft">{line.station}</span><br /><span class="font-semibold"
								>{line.name}</span
							></span
						>
						{#if line.offMm}<span class="num text-note text-warm">{t.open.off(length(line.offMm))}</span>{/if}
					</p>
					{#if line.because}<p class="text-note font-semibold text-cool">{line.because}</p>{/if}
					{#if line.tiedTo.length > 0}
						<p class="text-note font-semibold text-cool">
							{t.open.tied(regions(line.tiedTo), line.isMovedUp)}
						</p>
					{/if}
					{#if line.isCaused}<p class="text-note">{t.open.caused}</p>{/if}
					{#each line.fixes as fix (fix)}<p class="text-ink-soft">{fix}</p>{/each}
					{#if line.shop.length > 0}
						<p class="text-note text-ink-soft">{t.open.borrow(alternatives.format(line.shop))}</p>
					{/if}
					{#each line.cautions as caution (caution)}<p
							class="mt-1 border-l-4 border-warm bg-warm-wash px-3 py-1 text-note"
						>
							{caution}
						</p>{/each}
				</li>
			{/each}
		</ul>
	</section>
{/if}
{#if advice.closed.length > 0}
	<p class="mt-3 text-note">
		<span class="font-semibold">{t.open.closedTitle}:</span>
		{list.format(advice.closed.map((name) => name.charAt(0).toLowerCase() + name.slice(1)))}.
	</p>
{/if}

{#if advice.askNext.length > 0 && hrefOf}
	<section class="no-print mt-6">
		<h2 class="text-lead">{t.open.askNextTitle}</h2>
		<p>{t.open.askNext}</p>
		<ul class="mt-1">
			{#each advice.askNext as { id, question, page } (id)}
				<li><a class="inline-flex min-h-11 items-center" href={hrefOf(page)}>{question}</a></li>
			{/each}
		</ul>
	</section>
{/if}

<OtherWays variants={advice.variants} {t} />
{#if !heightsFit}<Purchases purchases={advice.purchases} {requests} {t} {unit} />{/if}
<OtherChecks checks={advice.others} {t} {unit} />
{#if advice.sun}<SunAtWindow sun={advice.sun} {t} />{/if}

{#if !advice.proven}<p class="mt-4 text-note text-ink-soft">{t.open.notProven}</p>{/if}
