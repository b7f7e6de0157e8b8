<script lang="ts">
	import type { CaseForm } from './case-form.svelte';

	interface Props {
		form: Pick<CaseForm, 'key'>;
		/** The version of the case as shown; left out where the act does not depend on it. */
		version?: number;
	}

	let { form, version }: Props = $props();
</script>

<input type="hidden" name="key" value={form.key} />
{#if version !== undefined}<input type="hidden" name="version" value={version} />{/if}
