<script lang="ts">
	interface Props {
		/** Its name in the picture: `data-mark`. */
		mark: string;
		words: string;
		/** Where it is, as shares of the picture's width and height. */
		at: { readonly x: number; readonly y: number };
		isActive: boolean;
		onfocus: () => void;
		onkeydown: (event: KeyboardEvent) => void;
	}

	let { mark, words, at, isActive, onfocus, onkeydown }: Props = $props();
</script>

<!-- A mark on a picture, to be dragged or moved by keys. What holds the picture follows the pointer. -->
<button
	type="button"
	class:active={isActive}
	data-mark={mark}
	aria-label={words}
	aria-pressed={isActive}
	style:left="{at.x * 100}%"
	style:top="{at.y * 100}%"
	{onfocus}
	{onkeydown}
></button>

<style>
	button {
		position: absolute;
		width: 28px;
		height: 28px;
		transform: translate(-50%, -50%);
		border-radius: 50%;
		cursor: grab;
	}
	button::after {
		content: '';
		position: absolute;
		inset: 8px;
		border: 2px solid #fff;
		border-radius: 50%;
		background: #12303a;
		outline: 1.5px solid #12303a;
	}
	.active::after {
		inset: 4px;
		background: transparent;
	}
</style>
