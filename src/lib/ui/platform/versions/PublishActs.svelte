<script lang="ts">
	import type { Snippet } from 'svelte';
	import { VERSION_NOTE_LENGTH } from '$lib/core/platform/version-note';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';

	const texts = deskWords.versions;

	interface Props {
		canPublish: boolean;
		isBusy: boolean;
		note: string;
		/** What else can be done, or what has to be done first. */
		children?: Snippet;
	}

	let { canPublish, isBusy, note = $bindable(), children }: Props = $props();
</script>

<!-- At the end of what is published in versions: say why, then publish. -->
<div class="acts" class:can={canPublish}>
	{#if canPublish}
		<div class="grow">
			<TextField
				name="note"
				label={texts.note}
				hint={texts.noteHint}
				size="desk"
				maxlength={VERSION_NOTE_LENGTH}
				value={note}
				oninput={(text) => (note = text)}
			/>
		</div>
		<Button look="main" size="desk" formaction="?/publish" {isBusy}>{texts.publish}</Button>
	{:else}
		<input type="hidden" name="note" value={note} />
	{/if}
	{@render children?.()}
</div>

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.75rem 1rem;
		margin-top: 1rem;
	}
	.acts.can {
		align-items: end;
	}
</style>
