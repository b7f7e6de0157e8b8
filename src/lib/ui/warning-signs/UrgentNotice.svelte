<script lang="ts">
	import type { UrgentRedFlag } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';

	interface Props {
		signs: readonly UrgentRedFlag[];
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

<aside class="no-print border-b-4 border-warm bg-warm-wash" aria-labelledby="urgent-today">
	<div class="mx-auto max-w-6xl px-5 py-3 md:px-8">
		<h2 id="urgent-today" class="text-lead text-warm">{t.first.today.title}</h2>
		<p class="mt-1">{t.first.today.lead} <strong>{names.join('; ')}</strong></p>
		<p class="mt-1">{t.first.today.does(number)}</p>
	</div>
</aside>
