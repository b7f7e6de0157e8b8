<script lang="ts">
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { Accordion } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		parts: readonly { readonly id: string; readonly words: string }[];
		inside: Snippet<[string]>;
	}

	let { parts, inside }: Props = $props();
</script>

<Accordion.Root type="multiple" class="kit-accordion">
	{#each parts as part (part.id)}
		<Accordion.Item value={part.id}>
			<Accordion.Header>
				<Accordion.Trigger class="kit-fold">
					<span>{part.words}</span><ChevronDown size={18} aria-hidden="true" />
				</Accordion.Trigger>
			</Accordion.Header>
			<Accordion.Content>{@render inside(part.id)}</Accordion.Content>
		</Accordion.Item>
	{/each}
</Accordion.Root>
