<script lang="ts">
	import Notice from '../Notice.svelte';
	import Progress from '../Progress.svelte';
</script>

<h2 class="mt-8 border-b border-ink text-head">What says something</h2>
<div class="mt-3 grid gap-3 sm:grid-cols-2">
	<Notice><p>To know.</p></Notice>
	<Notice kind="caution"><p>To mind.</p></Notice>
	<Notice kind="done"><p>Done.</p></Notice>
	<Progress label="Questions" value={3} most={8} words="3 of 8" />
</div>
