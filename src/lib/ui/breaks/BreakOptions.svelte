<script lang="ts">
	import type { BreakTexts } from '$lib/messages/breaks';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import type { BreaksDay } from './breaks-day.svelte';
	import { requestNotifications } from './signals';

	interface Props {
		visit: BreaksDay;
		/** Whoever uses a wheelchair is not asked whether they can get up. */
		isInWheelchair: boolean;
		texts: BreakTexts;
	}

	let { visit, isInWheelchair, texts }: Props = $props();

	const day = $derived(visit.day);
	let isRefused = $state(false);

	async function notices(wanted: boolean) {
		const isAllowed = wanted && (await requestNotifications());
		isRefused = wanted && !isAllowed;
		visit.change({ notifies: isAllowed });
	}
</script>

<div class="needs-js grid gap-1">
	<CheckBox
		words={texts.pause.sound}
		isChecked={day.sounds}
		onchange={(sounds) => visit.change({ sounds })}
	/>
	<CheckBox
		words={texts.pause.vibrate}
		isChecked={day.vibrates}
		onchange={(vibrates) => visit.change({ vibrates })}
	/>
	<CheckBox words={texts.pause.notify} isChecked={day.notifies} onchange={(is) => void notices(is)} />
	{#if isRefused}<p class="text-note text-warm" role="alert">{texts.pause.notifyRefused}</p>{/if}
	<CheckBox
		words={texts.pause.small}
		isChecked={day.callsSmall}
		onchange={(callsSmall) => visit.change({ callsSmall })}
	/>
	{#if !isInWheelchair}
		<CheckBox
			words={texts.pause.seated}
			isChecked={day.staysSeated}
			onchange={(staysSeated) => visit.change({ staysSeated })}
		/>
	{/if}
	{#if !visit.isSeated}
		<CheckBox
			words={texts.pause.chair}
			isChecked={day.hasChair}
			onchange={(hasChair) => visit.change({ hasChair })}
		/>
		<CheckBox
			words={texts.pause.doorway}
			isChecked={day.hasDoorway}
			onchange={(hasDoorway) => visit.change({ hasDoorway })}
		/>
	{/if}
	<p class="text-note text-ink-soft">{texts.pause.keepOpen}</p>
</div>
