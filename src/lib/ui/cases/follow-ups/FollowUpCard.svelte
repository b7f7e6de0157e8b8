<script lang="ts">
	import { isMoreUrgent } from '$lib/core/cases/triage/policy';
	import { followUpPurpose, type FollowUpBoardLine } from './board-line';
	import type { FollowUpBoard } from './follow-up-board.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.followUps;

	interface Props {
		board: FollowUpBoard;
		line: FollowUpBoardLine;
		/** Whether there is room for its purpose. */
		isWide: boolean;
	}

	let { board, line, isWide }: Props = $props();
</script>

<a
	id="follow-up-{line.id}"
	class="card"
	class:dragged={board.drag.dragged === line.id}
	class:held={board.held?.line.id === line.id}
	class:urgent={isMoreUrgent(line.level, 'soon')}
	href="/desk/cases/{line.personId}"
	draggable="false"
	{@attach board.drag.card(() => line)}
	aria-describedby="how-to-move"
	title="{line.name}: {followUpPurpose(line)}"
	onkeydown={(event) => board.keys(event, line)}
	onblur={() => (board.held = null)}
>
	<span class="font-semibold">{line.name}</span>
	{#if isWide || line.kind !== 'look'}<span class="text-ink-soft">{followUpPurpose(line)}</span>{/if}
	{#if line.isFree}<span class="free">{texts.dayOffThere}</span>{/if}
</a>

<style>
	.card {
		display: block;
		min-width: 0;
		min-height: 1.5rem;
		padding: 2px 0.35rem;
		overflow: hidden;
		border-inline-start: 3px solid var(--cool);
		background: var(--cool-wash);
		color: var(--ink);
		font-size: var(--text-mark);
		text-decoration: none;
		cursor: grab;
	}
	.card.urgent {
		border-inline-start-color: var(--warm);
		background: var(--warm-wash);
	}
	/* The colour of the card says how grave the case is; a free day is told in words alone. */
	.free {
		font-style: italic;
	}
	.card.dragged {
		position: relative;
		z-index: 10;
		box-shadow: 0 2px 8px rgb(0 0 0 / 25%);
		cursor: grabbing;
	}
	.card.held {
		outline: 2px dashed var(--ink);
	}
</style>
