<script lang="ts">
	import type { RedFlag } from '$lib/core/cases/discomfort/red-flags';
	import { messagesFor } from '$lib/messages';
	import type { Catalogue } from '$lib/messages/shapes';

	interface Props {
		sign: RedFlag;
		/** Whether the translation was reviewed: if not, the English text is shown too. */
		isChecked: boolean;
		t: Catalogue;
	}

	let { sign, isChecked, t }: Props = $props();
</script>

{t.first.signs[sign]}{#if !isChecked}<span lang="en" class="block text-note font-normal text-ink-soft"
		>{messagesFor().first.signs[sign]}</span
	>{/if}
