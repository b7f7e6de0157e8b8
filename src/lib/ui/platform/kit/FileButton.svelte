<script lang="ts">
	interface Props {
		words: string;
		/** Accepted media types. */
		accept: string;
		look?: 'plain' | 'main';
		/** On a phone, opens its camera instead of its files. */
		takesPhoto?: boolean;
		onchoose: (file: File) => void;
	}

	let { words, accept, look = 'plain', takesPhoto = false, onchoose }: Props = $props();
</script>

<!-- The browser's own file field under a button's look: a file can be dropped on it, and no permission is asked for. -->
<label class="kit-button hand {look}">
	{words}
	<input
		type="file"
		{accept}
		capture={takesPhoto ? 'environment' : undefined}
		onchange={(event) => {
			const [file] = event.currentTarget.files ?? [];
			if (file) onchoose(file);
		}}
	/>
</label>

<style>
	label {
		position: relative;
		cursor: pointer;
	}
	label:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	input {
		position: absolute;
		inset: 0;
		width: 100%;
		opacity: 0;
		cursor: pointer;
	}
</style>
