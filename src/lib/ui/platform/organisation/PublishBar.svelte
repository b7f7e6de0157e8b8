<script lang="ts">
	import { POLICY_NOTE_LENGTH } from '$lib/core/cases/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';

	const texts = deskWords.policy;

	interface Props {
		draft: {
			/** Whether the form shows what applies already. */
			readonly isSame: boolean;
			/** Whether the newest preview is of what the form shows. */
			readonly isSeen: boolean;
			readonly seen: unknown;
		};
		note: string;
		isBusy: boolean;
	}

	let { draft, note = $bindable(), isBusy }: Props = $props();

	const canPublish = $derived(draft.isSeen && !draft.isSame);
</script>

<!-- At the end of a form of settings: first see what would change, then say why, then publish. -->
<div class="acts" class:seen={canPublish}>
	{#if canPublish}
		<div class="grow">
			<TextField
				name="note"
				label={texts.note}
				hint={texts.noteHint}
				size="desk"
				maxlength={POLICY_NOTE_LENGTH}
				value={note}
				oninput={(text) => (note = text)}
			/>
		</div>
		<Button look="main" size="desk" formaction="?/publish" {isBusy}>{texts.publish}</Button>
	{:else}
		<input type="hidden" name="note" value={note} />
		<Button look="main" size="desk" {isBusy} disabled={draft.isSame}>{texts.preview}</Button>
		<p class="text-note text-ink-soft">
			{draft.isSame ? texts.nothingDiffers : draft.seen ? texts.previewOutdated : texts.previewFirst}
		</p>
	{/if}
</div>

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.75rem 1rem;
		margin-top: 1rem;
	}
	.acts.seen {
		align-items: end;
	}
</style>
