<script lang="ts">
	import ShownButtons from '$lib/ui/platform/kit/shown/ShownButtons.svelte';
	import ShownCharts from '$lib/ui/platform/kit/shown/ShownCharts.svelte';
	import ShownChoices from '$lib/ui/platform/kit/shown/ShownChoices.svelte';
	import ShownFields from '$lib/ui/platform/kit/shown/ShownFields.svelte';
	import ShownOpening from '$lib/ui/platform/kit/shown/ShownOpening.svelte';
	import ShownSaying from '$lib/ui/platform/kit/shown/ShownSaying.svelte';
</script>

<svelte:head><title>Controls · Easy Corner</title></svelte:head>

<main id="content" class="mx-auto max-w-5xl px-5 py-8">
	<h1 class="text-title">Controls</h1>
	<p class="text-lead">Every control of both doors, with its states.</p>
	<ShownButtons />
	<ShownFields />
	<ShownChoices />
	<ShownOpening />
	<ShownSaying />
	<ShownCharts />
</main>
