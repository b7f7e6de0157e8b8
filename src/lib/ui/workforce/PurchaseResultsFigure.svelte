<script lang="ts">
	import type { PurchaseResults } from '$lib/core/workforce/purchase-results';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import {
		between,
		codeWords,
		formattedNumber,
		money,
		peopleWords,
		percent
	} from '$lib/messages/desk/workforce-words';
	import ShareFigure from './ShareFigure.svelte';

	const texts = deskWords.workforce;

	let { results }: { results: PurchaseResults } = $props();

	const { and } = $derived(deskCatalogue().lists);
	const paid = $derived((results.paid ?? []).map(({ cents, currency }) => money(cents, currency)));
	/** The price of one problem that is gone; of amounts in several currencies there is none. */
	const each = $derived.by(() => {
		const [only, ...others] = results.paid ?? [];
		return only && others.length === 0 && results.all.x > 0
			? money(Math.round(only.cents / results.all.x), only.currency)
			: null;
	});
</script>

<ShareFigure
	title={texts.purchaseResults}
	count={[
		texts.arrivedFor(peopleWords(results.people), formattedNumber(results.all.n)),
		texts.solvedNow({
			solved: formattedNumber(results.all.x),
			share: percent(results.all.share),
			interval: between(results.all)
		}),
		...(results.paid === null ? [texts.costMissing] : paid.length > 0 ? [texts.paidFor(and(paid))] : []),
		...(each === null ? [] : [texts.costOfOne(each)])
	].join(' ')}
	note={texts.purchaseResultsScope}
	axis={texts.shareSolved}
	of={texts.thing}
	rows={results.purchases.map(({ purchase, figure }) => ({
		key: purchase,
		words: codeWords(purchase),
		figure
	}))}
/>
