<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { FindingTick } from '$lib/core/cases/case-assessment/vocabulary';
	import type { Catalogue } from '$lib/messages/shapes';
	import Check from '@lucide/svelte/icons/check';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';

	interface Props {
		finding: string;
		/** What a button is about, for people who only hear it. */
		name: string;
		/** What the person said; null where it is open. */
		how: FindingTick | null;
		isHazard: boolean;
		t: Catalogue;
	}

	let { finding, name, how, isHazard, t }: Props = $props();
</script>

<form
	method="POST"
	action="?/finding"
	class="no-print mt-2 flex flex-wrap items-center gap-x-3 gap-y-2"
	use:enhanceForm
>
	<input type="hidden" name="finding" value={finding} />
	{#if how}
		<span class="flex items-center gap-1 font-semibold text-cool" role="status"
			>{#if how === 'done'}<Check size={18} aria-hidden="true" />{/if}{how === 'done'
				? t.open.ticked
				: isHazard
					? t.open.refusedHazard
					: t.open.refused}</span
		>
		<Button
			look="quiet"
			name="how"
			value="open"
			disabled={isOffline.current}
			aria-label={t.lists.of(t.open.untick, name)}>{t.open.untick}</Button
		>
	{:else}
		<Button name="how" value="done" disabled={isOffline.current} aria-label={t.lists.of(t.open.tick, name)}
			>{t.open.tick}</Button
		>
		<Button
			look="quiet"
			name="how"
			value="not-here"
			disabled={isOffline.current}
			aria-label={t.lists.of(t.open.refuse, name)}>{t.open.refuse}</Button
		>
	{/if}
</form>
