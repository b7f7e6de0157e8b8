<script lang="ts">
	import type { UrgentSign } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';

	interface Props {
		signs: readonly UrgentSign[];
		/** Weakness that was reported with a score: urgent too, without a sign. */
		isWeak: boolean;
		number: string;
		t: Catalogue;
	}

	let { signs, isWeak, number, t }: Props = $props();

	const names = $derived([
		...signs.map((sign) => t.first.signs[sign]),
		...(isWeak ? [t.first.today.weakness] : [])
	]);
</script>

<aside class="no-print mx-auto mt-4 max-w-6xl px-5 md:px-8" aria-labelledby="urgent-today">
	<div class="border-l-8 border-warm bg-warm-wash px-4 py-3">
		<h2 id="urgent-today" class="text-lead text-warm">{t.first.today.title}</h2>
		<p class="mt-1">{t.first.today.lead} <strong>{names.join('; ')}</strong></p>
		<p class="mt-1">{t.first.today.does(number)}</p>
	</div>
</aside>
