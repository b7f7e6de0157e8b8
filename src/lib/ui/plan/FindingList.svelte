<script lang="ts">
	import { untrack } from 'svelte';
	import type { Region } from '$lib/core/cases/discomfort/regions';
	import { findingRule } from '$lib/core/questionnaire/checklist/findings';
	import { isHazard } from '$lib/core/questionnaire/checklist/hazards';
	import type { FindingTicks } from '$lib/core/cases/case-assessment/open-findings';
	import FindingTick from './FindingTick.svelte';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { FindingLine } from '$lib/messages/advice/finding-lines';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import Button from '../platform/kit/Button.svelte';
	import AskFor from './AskFor.svelte';
	import { addedItemsFor, offeredItems } from './offered-items';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';

	interface Props {
		/** Most important first. */
		findings: readonly FindingLine[];
		/** What was requested; null where nothing can be. */
		requests: readonly EquipmentItem[] | null;
		/** What need not be requested: it is at home. */
		own: readonly EquipmentItem[];
		/** The state of each; null where nobody can tick, as on the desk. */
		ticks?: FindingTicks | null;
		/** Link to the break plan; null where there is none, as on the desk. */
		dayHref?: string | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { findings, requests, own, ticks = null, dayHref = null, t, unit }: Props = $props();

	const offered = offeredItems();

	/** Most findings shown at once: nobody does more than three things in one day. */
	const FIRST = 3;

	const regions = (of: readonly Region[]) => t.lists.and(of.map((region) => t.discomfort.places[region]));
	/** Safety findings are never folded. */
	const isShown = ({ finding }: FindingLine, place: number) =>
		place < FIRST || findingRule(finding).station === 'safety';
	const shown = $derived(findings.filter(isShown));
	const others = $derived(findings.filter((line, i) => !isShown(line, i)));
	/** A link may have led to a finding before this part of the page was hydrated and showed it: then the browser found nothing to unfold. */
	const unfoldLinked = (line: HTMLLIElement) => {
		const fold = line.closest<HTMLDetailsElement>('details:not([open])');
		if (!fold || location.hash !== `#${line.id}`) return;
		fold.open = true;
		line.scrollIntoView();
	};
	/** As the page came: what is withdrawn later doesn't fold it under the person's hand. */
	const hasRequested = untrack(() =>
		others.some(({ finding, shop }) => {
			const items = [
				...shop.map(({ thing }) => thing),
				...addedItemsFor(finding, offered()).map(({ code }) => code)
			];
			return items.some((item) => requests?.includes(item));
		})
	);
</script>

{#snippet line(found: FindingLine, before: FindingLine | undefined)}
	<li id="finding-{found.finding}" class="border-b border-rule py-2" {@attach unfoldLinked}>
		<LazyHydrate>
			<p class="flex flex-wrap items-baseline justify-between gap-x-3">
				<span
					><span class="text-note text-ink-soft">{found.station}</span><br /><span class="font-semibold"
						>{found.name}</span
					></span
				>
				{#if found.offMm}<span class="num text-note text-warm"
						>{t.open.off(formatLength(found.offMm, unit, { locale: t.locale }))}</span
					>{/if}
			</p>
			{#if found.because && found.because !== before?.because}<p class="text-note font-semibold text-cool">
					{found.because}
				</p>{/if}
			{#if found.tiedTo.length > 0}
				<p class="text-note font-semibold text-cool">{t.open.tied(regions(found.tiedTo), found.isMovedUp)}</p>
			{/if}
			{#if found.isCaused}<p class="text-note">{t.open.caused}</p>{/if}
			{#each found.fixes as fix (fix)}<p class="text-ink-soft">{fix}</p>{/each}
			{#if dayHref && findingRule(found.finding).station === 'moving'}
				<p class="no-print"><Button look="quiet" href={dayHref}>{t.plan.dayLink}</Button></p>
			{/if}
			{#if found.shop.length > 0}
				<p class="text-note text-ink-soft">
					{t.open.borrow(t.lists.or(found.shop.map(({ words }) => words)))}
				</p>
				{#if requests}
					<div class="no-print mt-1 flex flex-wrap gap-2">
						{#each found.shop as { thing } (thing)}<AskFor {thing} {requests} {own} {t} isNamed />{/each}
					</div>
				{/if}
			{/if}
			{#if requests}
				{@const added = addedItemsFor(found.finding, offered())}
				{#if added.length > 0}
					<div class="no-print mt-2 flex flex-wrap gap-2">
						{#each added as { code } (code)}<AskFor thing={code} {requests} {own} {t} isNamed />{/each}
					</div>
				{/if}
			{/if}
			{#each found.cautions as caution (caution)}<p
					class="mt-1 border-s-4 border-warm bg-warm-wash px-3 py-1 text-note"
				>
					{caution}
				</p>{/each}
			{#if ticks && found.finding in ticks}
				<FindingTick
					finding={found.finding}
					name={found.name}
					how={ticks[found.finding] ?? null}
					isHazard={isHazard(found.finding)}
					{t}
				/>
			{/if}
		</LazyHydrate>
	</li>
{/snippet}

{#if findings.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.besidesTitle}</h2>
		<ul class="mt-2 border-t border-rule">
			{#each shown as found, i (found.finding)}{@render line(found, shown[i - 1])}{/each}
		</ul>
		{#if others.length > 0}
			<Disclosure words={t.open.moreFindings(others.length)} look="inline" isOpen={hasRequested}>
				<ul class="border-t border-rule">
					{#each others as found, i (found.finding)}{@render line(found, others[i - 1])}{/each}
				</ul>
			</Disclosure>
		{/if}
	</section>
{/if}
