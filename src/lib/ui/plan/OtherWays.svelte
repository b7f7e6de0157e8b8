<script lang="ts">
	import type { CheckId } from '$lib/core/workstation/checks/check-values';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { VariantLine } from '$lib/messages/advice/variant-lines';

	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import type { PlanDrawing } from './plan-drawing';

	interface Props {
		variants: readonly VariantLine[];
		/** Shown by itself, before everything else: it needs no heading. */
		isFirst?: boolean;
		/** What a variant is drawn with, if it is. */
		drawn?: PlanDrawing | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { variants, isFirst = false, drawn = null, t, unit }: Props = $props();

	const checkNames = (ids: readonly CheckId[]) => t.lists.and(ids.map((id) => t.checks.names[id]));
</script>

{#if variants.length > 0}
	<section class="mt-6">
		{#if !isFirst}
			<h2 class="text-lead">{t.open.otherWaysTitle}</h2>
			<p class="text-note text-ink-soft">{t.open.otherWaysLead}</p>
		{/if}
		<ul class="mt-2 border-t border-rule">
			{#each variants as { id, name, how, care, closes, stoolMm } (id)}
				<li class="border-b border-rule py-2">
					<p class="font-semibold">{name}</p>
					<p class="text-ink-soft">
						{how}
						{#if closes.length > 0}<span class="text-ink">{t.open.closes(checkNames(closes))}</span>{/if}
					</p>
					{#if drawn && stoolMm !== null}
						{@const section = sideViewOf(drawn.corner, drawn.plan, null, drawn.drawnAs, stoolMm)}
						<div class="mt-2 max-w-md">
							<SideViewDrawing {section} all={[section]} {t} {unit} mostHeight={360} />
						</div>
					{/if}
					{#if care}<p class="mt-1 border-s-4 border-warm bg-warm-wash px-3 py-1 text-note">{care}</p>{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}
