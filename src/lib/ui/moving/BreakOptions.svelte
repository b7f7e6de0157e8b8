<script lang="ts">
	import type { Catalogue } from '$lib/messages';
	import CheckBox from '../kit/CheckBox.svelte';
	import type { MovingDay } from './moving-day.svelte';
	import { askForNotices } from './signals';

	let { visit, t }: { visit: MovingDay; t: Catalogue } = $props();

	const day = $derived(visit.day);
	let isRefused = $state(false);

	async function notices(wanted: boolean) {
		const isAllowed = wanted && (await askForNotices());
		isRefused = wanted && !isAllowed;
		visit.change({ notifies: isAllowed });
	}
</script>

<div class="needs-js grid gap-1">
	<CheckBox
		words={t.moving.pause.sound}
		isChecked={day.sounds}
		onchange={(sounds) => visit.change({ sounds })}
	/>
	<CheckBox
		words={t.moving.pause.vibrate}
		isChecked={day.vibrates}
		onchange={(vibrates) => visit.change({ vibrates })}
	/>
	<CheckBox words={t.moving.pause.notify} isChecked={day.notifies} onchange={(is) => void notices(is)} />
	{#if isRefused}<p class="text-note text-warm" role="alert">{t.moving.pause.notifyRefused}</p>{/if}
	<CheckBox
		words={t.moving.pause.chair}
		isChecked={day.hasChair}
		onchange={(hasChair) => visit.change({ hasChair })}
	/>
	<CheckBox
		words={t.moving.pause.doorway}
		isChecked={day.hasDoorway}
		onchange={(hasDoorway) => visit.change({ hasDoorway })}
	/>
	<p class="text-note text-ink-soft">{t.moving.pause.keepOpen}</p>
</div>
