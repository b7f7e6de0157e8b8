<script lang="ts">
	import { DropdownMenu } from 'bits-ui';

	interface Props {
		words: string;
		items: readonly { readonly id: string; readonly words: string; readonly isOff?: boolean }[];
		size?: 'desk' | 'hand';
		onchoose: (id: string) => void;
	}

	let { words, items, size = 'hand', onchoose }: Props = $props();
</script>

<DropdownMenu.Root>
	<DropdownMenu.Trigger class="kit-button plain {size}">{words}</DropdownMenu.Trigger>
	<DropdownMenu.Portal>
		<DropdownMenu.Content class="kit-list" sideOffset={4}>
			{#each items as item (item.id)}
				<DropdownMenu.Item class="kit-item" disabled={item.isOff ?? false} onSelect={() => onchoose(item.id)}>
					{item.words}
				</DropdownMenu.Item>
			{/each}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
