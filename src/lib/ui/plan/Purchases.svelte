<script lang="ts">
	import type { KeptPurchase } from '$lib/core/advice';
	import type { CheckId } from '$lib/core/checks';
	import { formatLength, type LengthUnit } from '$lib/core/length';
	import type { AskedThing } from '$lib/core/equipment';
	import type { OpenGap } from '$lib/core/plan';
	import type { Catalogue } from '$lib/messages';
	import AskFor from './AskFor.svelte';

	interface Props {
		purchases: readonly KeptPurchase[];
		requests: readonly AskedThing[] | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { purchases, requests, t, unit }: Props = $props();

	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const gapWords = (gaps: readonly OpenGap[]) =>
		t.lists.and(gaps.map(({ id, side, mm }) => t.checks.off[id][side](length(mm))));
	const checkNames = (ids: readonly CheckId[]) =>
		t.lists.and(ids.map((id) => t.checks.names[id].toLowerCase()));

	function nameOf({ purchases: things, firmMm }: KeptPurchase): string {
		if (firmMm !== null) return t.open.firm(length(firmMm));
		const names = things.map((thing) => t.open.buy[thing]);
		return names[1] === undefined ? (names[0] ?? '') : t.open.both(names[0] ?? '', names[1]);
	}
</script>

{#if purchases.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.buyTitle}</h2>
		<p class="text-note text-ink-soft">{t.open.buyLead}</p>
		<dl class="mt-2 border-t border-rule">
			{#each purchases as purchase (nameOf(purchase))}
				<div class="border-b border-rule py-2">
					<dt class="font-semibold">{nameOf(purchase)}</dt>
					<dd class="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
						<span class="min-w-40 flex-1">
							{#if purchase.open.length === 0}{t.open.closesAll}{:else}
								{#if purchase.closes.length > 0}{t.open.closes(checkNames(purchase.closes))}{/if}
								<span class="text-ink-soft">{t.open.leaves(gapWords(purchase.open))}</span>
							{/if}
							{#if purchase.firmMm !== null}<span class="block text-note text-ink-soft">{t.open.firmHow}</span
								>{/if}
						</span>
						{#if requests}
							<span class="no-print flex flex-wrap gap-2">
								{#each purchase.purchases as thing (thing)}
									<AskFor {thing} {requests} {t} />
								{/each}
							</span>
						{/if}
					</dd>
				</div>
			{/each}
		</dl>
	</section>
{/if}
