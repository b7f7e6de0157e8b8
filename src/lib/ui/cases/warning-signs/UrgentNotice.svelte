<script lang="ts">
	import type { UrgentRedFlag } from '$lib/core/cases/discomfort/red-flags';
	import { messagesFor } from '$lib/messages';
	import type { Catalogue } from '$lib/messages/shapes';

	interface Props {
		signs: readonly UrgentRedFlag[];
		/** Reported weakness with a score: urgent too, even without a warning sign. */
		isWeak: boolean;
		number: string;
		/** Whether the translation was reviewed: if not, the English text is below. */
		isChecked: boolean;
		t: Catalogue;
	}

	let { signs, isWeak, number, isChecked, t }: Props = $props();

	const shown = $derived(isChecked ? [t] : [t, messagesFor()]);
	const namesIn = (words: Catalogue) =>
		[...signs.map((sign) => words.first.signs[sign]), ...(isWeak ? [words.first.today.weakness] : [])].join(
			'; '
		);
</script>

<aside class="no-print border-b-4 border-warm bg-warm-wash" aria-labelledby="urgent-today">
	<div class="mx-auto max-w-6xl px-5 py-3 md:px-8">
		<h2 id="urgent-today" class="text-lead text-warm">{t.first.today.title}</h2>
		{#each shown as words (words.locale)}
			<div lang={words.locale} class="mt-1">
				<p>{words.first.today.lead} <strong>{namesIn(words)}</strong></p>
				<p class="mt-1">{words.first.today.does(number)}</p>
			</div>
		{/each}
	</div>
</aside>
