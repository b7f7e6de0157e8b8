<script lang="ts">
	import DeskFrame from '$lib/ui/platform/frame/DeskFrame.svelte';

	let { data, children } = $props();
</script>

<DeskFrame
	userName={data.userName}
	role={data.role}
	unit={data.unit}
	theme={data.theme}
	hasPost={data.hasPost}
>
	{@render children()}
</DeskFrame>
