<script lang="ts">
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	let { personId }: { personId: string } = $props();

	const texts = deskWords.cases;
	let names = $state.raw<readonly string[]>([]);

	// Only while the page is seen: a browser has few connections, and whoever doesn't look at it isn't on the case.
	$effect(() => {
		const address = `/desk/cases/${personId}/here`;
		let events: EventSource | null = null;
		const follow = () => {
			events?.close();
			events = null;
			if (document.hidden) return;
			events = new EventSource(address);
			events.onmessage = ({ data }: MessageEvent<string>) => (names = JSON.parse(data) as string[]);
		};
		follow();
		document.addEventListener('visibilitychange', follow);
		return () => {
			document.removeEventListener('visibilitychange', follow);
			events?.close();
			names = [];
		};
	});
</script>

<p role="status" class="no-print text-note">
	{#if names.length > 0}
		<span class="my-1.5 inline-block border-s-4 border-cool bg-cool-wash px-3 py-0.5"
			>{texts.alsoHere(deskCatalogue().lists.and(names), names.length)}</span
		>
	{/if}
</p>
