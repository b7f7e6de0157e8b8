<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Region } from '$lib/core/discomfort';
	import { formatLength, type LengthUnit } from '$lib/core/length';
	import type { Compromise, OpenGap, PurchaseId } from '$lib/core/plan';
	import type { CheckId } from '$lib/core/checks';
	import type { Catalogue } from '$lib/messages';
	import type { KeptPurchase } from '$lib/core/advice';
	import type { FindingLine } from '$lib/messages/advice-for-page';

	interface Props {
		compromise: Compromise | null;
		/** Null where they have not been worked out yet. */
		purchases: readonly KeptPurchase[] | null;
		findings: readonly FindingLine[];
		/** What has been asked for; null where nobody can ask here, as at the coordinator's. */
		requests?: readonly PurchaseId[] | null;
		proven: boolean;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { compromise, purchases, findings, requests = null, proven, t, unit }: Props = $props();

	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const list = $derived(new Intl.ListFormat(t.locale, { type: 'conjunction' }));
	const gapWords = (gaps: readonly OpenGap[]) =>
		list.format(gaps.map(({ id, side, mm }) => t.checks.off[id][side](length(mm))));
	const checkNames = (ids: readonly CheckId[]) =>
		list.format(ids.map((id) => t.checks.names[id].toLowerCase()));
	const regions = (of: readonly Region[]) =>
		list.format(of.map((region) => t.discomfort.places[region].toLowerCase()));
	const orNull = (mm: number) => (mm === 0 ? null : length(mm));
</script>

{#if compromise}
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

{#if purchases === null}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.buyTitle}</h2>
		<p class="text-ink-soft">{t.open.buyLater}</p>
	</section>
{:else if purchases.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.buyTitle}</h2>
		<p class="text-note text-ink-soft">{t.open.buyLead}</p>
		<dl class="mt-2 border-t border-rule">
			{#each purchases as { purchase, closes, open } (purchase)}
				<div class="border-b border-rule py-2">
					<dt class="font-semibold">{t.open.buy[purchase]}</dt>
					<dd class="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
						<span class="min-w-40 flex-1">
							{#if open.length === 0}{t.open.closesAll}{:else}
								{#if closes.length > 0}{t.open.closes(checkNames(closes))}{/if}
								<span class="text-ink-soft">{t.open.leaves(gapWords(open))}</span>
							{/if}
						</span>
						{#if requests}
							{@const isAsked = requests.includes(purchase)}
							<form method="POST" action="?/ask" use:enhance class="no-print">
								<input type="hidden" name="purchase" value={purchase} />
								<button
									class="btn btn-small"
									name="wanted"
									value={isAsked ? 'no' : 'yes'}
									aria-pressed={isAsked}
									aria-label="{isAsked ? t.open.asked : t.open.ask}: {t.open.buy[purchase]}"
								>
									{isAsked ? t.open.asked : t.open.ask}
								</button>
							</form>
						{/if}
					</dd>
				</div>
			{/each}
		</dl>
	</section>
{/if}

{#if findings.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.besidesTitle}</h2>
		<ul class="mt-2 border-t border-rule">
			{#each findings as { finding, station, name, offMm, fixes, cautions, tiedTo, isMovedUp } (finding)}
				<li class="border-b border-rule py-2">
					<p class="flex flex-wrap items-baseline justify-between gap-x-3">
						<span
							><span class="text-note text-ink-soft">{station}</span><br /><span class="font-semibold"
								>{name}</span
							></span
						>
						{#if offMm}<span class="num text-note text-warm">{t.open.off(length(offMm))}</span>{/if}
					</p>
					{#if tiedTo.length > 0}
						<p class="text-note font-semibold text-cool">{t.open.tied(regions(tiedTo), isMovedUp)}</p>
					{/if}
					{#each fixes as fix (fix)}<p class="text-ink-soft">{fix}</p>{/each}
					{#each cautions as caution (caution)}<p
							class="mt-1 border-l-4 border-warm bg-warm-wash px-3 py-1 text-note"
						>
							{caution}
						</p>{/each}
				</li>
			{/each}
		</ul>
	</section>
{/if}

{#if !proven}<p class="mt-4 text-note text-ink-soft">{t.open.notProven}</p>{/if}
