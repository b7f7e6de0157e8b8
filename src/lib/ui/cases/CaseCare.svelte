<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import Button from '../platform/kit/Button.svelte';
	import Select from '../platform/kit/Select.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { ACT_KEYS } from '../platform/shortcuts/act-keys';
	import KeyWords from '../platform/shortcuts/KeyWords.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		personId: string;
		version: number;
		owner: { readonly id: string; readonly name: string } | null;
		coordinators: readonly { readonly id: string; readonly name: string }[];
		userId: string | null;
		later: { readonly on: string; readonly reason: string } | null;
		/** Days offered for postponing the case, with their labels. */
		days: readonly { readonly on: string; readonly words: string }[];
		/** Whether it may be postponed: not if it needs an outcome or has an unread message. */
		canWait: boolean;
		done: () => void;
	}

	let { personId, version, owner, coordinators, userId, later, days, canWait, done }: Props = $props();

	const owning = new CaseForm();
	const waiting = new CaseForm(() => done());
	let ownerForm = $state<HTMLFormElement>();
</script>

<form
	bind:this={ownerForm}
	method="POST"
	action="/desk/cases/{personId}?/owner"
	use:enhanceForm={owning.submit}
	class="mt-2 flex flex-wrap items-end gap-2"
>
	<ActFields form={owning} {version} />
	<div class="flex-1">
		<Select
			name="owner"
			id="owner-{personId}"
			label={texts.assignedTo}
			size="desk"
			value={owner?.id ?? ''}
			options={[
				{ value: '', words: texts.unassigned },
				...coordinators.map(({ id, name }) => ({ value: id, words: name }))
			]}
			onchange={() => ownerForm?.requestSubmit()}
		/>
	</div>
	<span class="kit-without-scripts"><Button size="desk">{texts.saveAssignment}</Button></span>
	{#if userId && owner?.id !== userId}
		<Button
			type="button"
			id="mine"
			size="desk"
			isBusy={owning.isBusy}
			aria-label={texts.takeCase(ACT_KEYS.mine.words)}
			onclick={() => {
				const list = ownerForm?.querySelector('select');
				if (list) list.value = userId;
				ownerForm?.requestSubmit();
			}}><KeyWords act="mine" /></Button
		>
	{/if}
</form>
<FormError fault={owning.fault} />
{#if later}
	<form method="POST" action="/desk/cases/{personId}?/later" use:enhanceForm={waiting.submit} class="mt-2">
		<ActFields form={waiting} {version} />
		<p class="text-note">
			{texts.postponed(later.reason)}
			<Button size="desk" look="quiet" name="until" value="">{texts.backToList}</Button>
		</p>
	</form>
{:else if canWait}
	<details id="later" class="mt-2">
		<summary class="kit-summary"><KeyWords act="later" /> …</summary>
		<form
			method="POST"
			action="/desk/cases/{personId}?/later"
			use:enhanceForm={waiting.submit}
			class="mt-1 grid gap-2"
		>
			<ActFields form={waiting} {version} />
			<TextField
				name="reason"
				id="later-reason"
				label={texts.postponeReason}
				value=""
				size="desk"
				maxlength={200}
				isRequired
			/>
			<div class="flex flex-wrap gap-2">
				{#each days as { on, words } (on)}
					<Button size="desk" name="until" value={on}>{words}</Button>
				{/each}
			</div>
		</form>
	</details>
{/if}
<FormError fault={waiting.fault} />
