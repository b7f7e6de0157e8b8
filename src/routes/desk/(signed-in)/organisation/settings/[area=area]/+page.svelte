<script lang="ts">
	import AreaPage from '$lib/ui/platform/organisation-settings/AreaPage.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<!-- Another area is another page, with a form of its own. -->
{#key data.area}
	<AreaPage {data} />
{/key}
