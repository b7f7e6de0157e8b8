<script lang="ts">
	import { Button } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements';

	type Props = Omit<HTMLButtonAttributes, 'type' | 'class' | 'children'> & {
		type?: 'button' | 'submit';
		/** One main button per view; quiet ones look like links; tiles have a picture above their text. */
		look?: 'plain' | 'main' | 'quiet' | 'tile';
		/** `desk` is dense, `thumb` is large enough for a thumb. */
		size?: 'desk' | 'hand' | 'thumb';
		/** Busy: keeps its size, says so, and ignores further presses. */
		isBusy?: boolean;
		/** An icon without visible text: the text is its label. */
		isIcon?: boolean;
		/** Goes to a URL instead of acting. */
		href?: string;
		/** The URL is a file to save. */
		download?: boolean;
		class?: string;
		children: Snippet;
	};

	let {
		type = 'submit',
		look = 'plain',
		size = 'hand',
		isBusy = false,
		isIcon = false,
		disabled = false,
		href,
		download,
		class: classes = '',
		children,
		...rest
	}: Props = $props();
	const styled = $derived(`kit-button ${look} ${size} ${isIcon ? 'icon' : ''} ${classes}`);
</script>

{#if href !== undefined}
	<a {...rest as HTMLAnchorAttributes} {href} download={download || undefined} class={styled}
		>{@render children()}</a
	>
{:else}
	<Button.Root
		{...rest}
		{type}
		disabled={disabled ?? false}
		aria-busy={isBusy || undefined}
		aria-disabled={isBusy || undefined}
		class={styled}
	>
		{@render children()}
	</Button.Root>
{/if}
