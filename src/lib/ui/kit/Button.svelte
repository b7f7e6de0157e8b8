<script lang="ts">
	import { Button } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements';

	type Props = Omit<HTMLButtonAttributes, 'type' | 'class' | 'children'> & {
		type?: 'button' | 'submit';
		/** One main button a view; quiet ones look like links; tiles hold a picture above their words. */
		look?: 'plain' | 'main' | 'quiet' | 'tile';
		/** `desk` is dense, `thumb` is wide enough for one. */
		size?: 'desk' | 'hand' | 'thumb';
		/** Works on something: keeps its room, says so, takes no second press. */
		isBusy?: boolean;
		/** A picture without words beside it: the words are its label. */
		isIcon?: boolean;
		/** Leads somewhere instead of doing something. */
		href?: string;
		/** What it leads to is a file to be kept. */
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
