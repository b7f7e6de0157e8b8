<script lang="ts">
	import type { EmergencySign } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';

	interface Props {
		signs: readonly EmergencySign[];
		/** The number that brings an ambulance where the person lives. */
		number: string;
		t: Catalogue;
	}

	let { signs, number, t }: Props = $props();
</script>

<div class="mt-6 border-l-8 border-warm bg-warm-wash px-5 py-5" role="alert">
	<h1 class="text-title text-warm">{t.first.stopTitle}</h1>
	<p class="mt-3">{t.first.stopLead}</p>
	<ul class="mt-1 list-disc pl-5 font-semibold">
		{#each signs as sign (sign)}<li>{t.first.signs[sign]}</li>{/each}
	</ul>
	<p class="mt-5">
		<Button look="main" size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
	</p>
	<p class="mt-2 text-note">{t.first.callElsewhere}</p>
</div>
<ol class="mt-6 list-decimal space-y-2 pl-5 text-lead">
	{#each t.first.stopDo as line (line)}<li>{line}</li>{/each}
</ol>
<p class="mt-6 text-ink-soft">{t.first.stopTold}</p>
