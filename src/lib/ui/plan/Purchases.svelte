<script lang="ts">
	import type {
		ExtraItemSummary,
		OutcomeSummary,
		PurchaseSummary
	} from '$lib/core/plan/advice/advise-corner';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import type { Catalogue } from '$lib/messages/shapes';
	import AskFor from './AskFor.svelte';

	interface Props {
		more: ExtraItemSummary | null;
		purchases: readonly PurchaseSummary[];
		requests: readonly EquipmentItem[] | null;
		/** What need not be requested: it is at home. */
		own: readonly EquipmentItem[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { more, purchases, requests, own, t, unit }: Props = $props();

	const isOwn = ({ purchases: things }: PurchaseSummary) => things.every((thing) => own.includes(thing));
	/** What is at home comes before purchases. */
	const sorted = $derived(purchases.toSorted((a, b) => Number(isOwn(b)) - Number(isOwn(a))));

	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });

	/** What comes closer to its range: how far off with the best household plan, and with the purchase. */
	const changes = ({ changes: all }: OutcomeSummary): string[] =>
		all
			.filter(({ from, to }) => length(from) !== length(to))
			.map(({ id, from, to }) =>
				t.open.change(t.checks.names[id], length(from), to === 0 ? null : length(to))
			);

	function nameOf({ purchases: things }: PurchaseSummary): string {
		const names = things.map((thing) => t.open.buy[thing]);
		return names[1] === undefined ? (names[0] ?? '') : t.open.both(names[0] ?? '', names[1]);
	}
</script>

{#snippet outcome(of: OutcomeSummary)}
	<ul>
		{#each changes(of) as words (words)}<li>{words}</li>{/each}
	</ul>
{/snippet}

{#if more}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.moreTitle}</h2>
		<p class="mt-1 font-semibold">{t.open.more(length(more.mm))}</p>
		{@render outcome(more)}
		<p class="text-note text-ink-soft">{t.open.moreHow}</p>
	</section>
{/if}

{#if purchases.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.open.buyTitle}</h2>
		<p class="text-note text-ink-soft">{t.open.buyLead}</p>
		<dl class="mt-2 border-t border-rule">
			{#each sorted as purchase (nameOf(purchase))}
				<div class="border-b border-rule py-2">
					<dt class="font-semibold">{nameOf(purchase)}</dt>
					<dd class="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
						<div class="min-w-40 flex-1">{@render outcome(purchase)}</div>
						{#if requests}
							<div class="no-print flex flex-wrap gap-2">
								{#each purchase.purchases as thing (thing)}
									<AskFor {thing} {requests} {own} {t} />
								{/each}
							</div>
						{/if}
					</dd>
				</div>
			{/each}
		</dl>
	</section>
{/if}
