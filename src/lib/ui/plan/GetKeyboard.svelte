<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import AskFor from './AskFor.svelte';

	interface Props {
		requests: readonly EquipmentItem[];
		/** What need not be requested: it is at home. */
		own: readonly EquipmentItem[];
		t: Catalogue;
	}

	let { requests, own, t }: Props = $props();
</script>

<!-- For a laptop alone: request them, or say they are there. Once they are, one tap makes a plan with them. -->
<div class="no-print flex flex-wrap items-center gap-3">
	<AskFor thing="keyboard-and-mouse" {requests} {own} {t} />
	<form method="POST" action="?/arrived" use:enhanceForm>
		<Button disabled={isOffline.current}>{t.open.arrived}</Button>
	</form>
</div>
