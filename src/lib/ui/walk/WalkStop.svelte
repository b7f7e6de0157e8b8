<script lang="ts">
	import type { EmergencySign } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import EmergencyStop from './EmergencyStop.svelte';

	interface Props {
		signs: readonly EmergencySign[];
		number: string;
		/** It was a slip of the finger, or it has been seen to. */
		slip: () => void;
		later: () => void;
		t: Catalogue;
	}

	let { signs, number, slip, later, t }: Props = $props();
</script>

<EmergencyStop {signs} {number} {t} />
<p class="mt-8 flex flex-wrap gap-3">
	<Button type="button" class="text-left" onclick={slip}>{t.first.stopSlip}</Button>
	<Button type="button" class="text-left" onclick={later}>{t.first.stopLater}</Button>
</p>
<p class="mt-2 text-note text-ink-soft">{t.first.stopSlipNote}</p>
