<script lang="ts">
	import CircleCheck from '@lucide/svelte/icons/circle-check';
	import Info from '@lucide/svelte/icons/info';
	import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
	import type { Snippet } from 'svelte';

	interface Props {
		/** Its kind: information, a caution, or a completed act. */
		kind?: 'note' | 'caution' | 'done';
		role?: 'alert' | 'status' | undefined;
		children: Snippet;
	}

	let { kind = 'note', role, children }: Props = $props();
	const Icon = $derived({ note: Info, caution: TriangleAlert, done: CircleCheck }[kind]);
</script>

<div class="kit-notice {kind}" {role}>
	<Icon size={20} aria-hidden="true" />
	<div class="min-w-0 flex-1">{@render children()}</div>
</div>
