<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import type { PeopleOrder } from '$lib/core/people';
	import { COLUMN_WORDS, GOES_DOWN, ORDER_WORDS } from '$lib/messages/desk/column-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		/** What this column sorts by. */
		by: PeopleOrder;
		order: { readonly by: PeopleOrder; readonly isReversed: boolean };
		/** The address of the list that is shown. */
		query: string;
	}

	let { by, order, query }: Props = $props();

	const isHere = $derived(order.by === by);
	const isDown = $derived(GOES_DOWN.includes(by) !== (isHere && order.isReversed));
	/** The same list by this column; from its other end where it is sorted so already. */
	const address = $derived(
		new URLSearchParams([
			...[...new URLSearchParams(query)].filter(([name]) => name !== 'by'),
			['by', isHere && !order.isReversed ? `-${by}` : by]
		]).toString()
	);
	const [usual, reversed] = $derived(ORDER_WORDS[by]);
	const words = $derived(isHere && !order.isReversed ? reversed : usual);
</script>

<th class="py-2 font-semibold" aria-sort={isHere ? (isDown ? 'descending' : 'ascending') : undefined}>
	<a href="?{address}" title={texts.sortBy(words)} data-sveltekit-noscroll data-sveltekit-keepfocus
		>{COLUMN_WORDS[by]}<span class="sr-only">{texts.sortedSo(words)}</span>
		{#if isHere}{#if isDown}<ArrowDown size={14} aria-hidden="true" />{:else}<ArrowUp
					size={14}
					aria-hidden="true"
				/>{/if}{/if}</a
	>
</th>

<style>
	a {
		display: inline-flex;
		gap: 0.25rem;
		align-items: center;
		color: inherit;
		text-decoration: none;
	}
	a:hover {
		text-decoration: underline;
	}
</style>
