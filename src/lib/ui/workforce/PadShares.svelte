<script lang="ts">
	import { COMPRESSED_FRACTION } from '$lib/core/workstation/household/placement-modes';
	import type { PadShare } from '$lib/core/workforce/pad-shares';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { between, peopleWords, percent } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.workforce;

	let { pads }: { pads: readonly PadShare[] } = $props();
</script>

{#if pads.length > 0}
	<section class="mt-6 border-t border-ink pt-2">
		<h3 class="text-lead">{texts.padsTitle}</h3>
		<p class="mt-1 text-note text-ink-soft">{texts.padsScope}</p>
		<ul class="mt-2">
			{#each pads as pad (pad.kind)}
				<li>
					{texts.padLine({
						kind: deskCatalogue().things.names[pad.kind],
						share: percent(pad.percent / 100),
						interval: between({ low: pad.low / 100, high: pad.high / 100 }),
						people: peopleWords(pad.people),
						usual: percent(COMPRESSED_FRACTION[pad.kind])
					})}
				</li>
			{/each}
		</ul>
	</section>
{/if}
