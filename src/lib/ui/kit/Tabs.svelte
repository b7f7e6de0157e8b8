<script lang="ts">
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		value: string;
		tabs: readonly { readonly id: string; readonly words: string }[];
		onchange: (id: string) => void;
		panel: Snippet<[string]>;
	}

	let { label, value, tabs, onchange, panel }: Props = $props();
</script>

<Tabs.Root {value} onValueChange={onchange}>
	<Tabs.List class="kit-tabs" aria-label={label}>
		{#each tabs as tab (tab.id)}<Tabs.Trigger class="kit-tab" value={tab.id}>{tab.words}</Tabs.Trigger>{/each}
	</Tabs.List>
	{#each tabs as tab (tab.id)}<Tabs.Content value={tab.id}>{@render panel(tab.id)}</Tabs.Content>{/each}
</Tabs.Root>
