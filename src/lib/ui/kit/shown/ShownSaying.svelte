<script lang="ts">
	import Notice from '../Notice.svelte';
	import Pagination from '../Pagination.svelte';
	import Progress from '../Progress.svelte';
	import ScrollArea from '../ScrollArea.svelte';
	import { FRUIT } from './fruit';

	let page = $state(3);
</script>

<h2 class="mt-8 border-b border-ink text-head">What says something</h2>
<div class="mt-3 grid gap-3 sm:grid-cols-2">
	<Notice><p>To know.</p></Notice>
	<Notice kind="caution"><p>To mind.</p></Notice>
	<Notice kind="done"><p>Done.</p></Notice>
	<Progress label="Questions" value={3} most={8} words="3 of 8" />
	<ScrollArea label="A long text" highest="6rem">
		{#each FRUIT as { words } (words)}<p class="py-2">{words}: a line of a long text.</p>{/each}
	</ScrollArea>
	<Pagination
		label="Pages"
		count={120}
		perPage={10}
		{page}
		backWords="The page before"
		nextWords="The next page"
		onchange={(to) => (page = to)}
	/>
</div>
