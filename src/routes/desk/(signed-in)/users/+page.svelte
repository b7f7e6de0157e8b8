<script lang="ts">
	import { isPermitted } from '$lib/core/platform/access/permissions';
	import ChoiceRows from '$lib/ui/platform/kit/ChoiceRows.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.accounts;

	let { data } = $props();

	const ROLES = {
		coordinator: [texts.coordinator, texts.coordinatorSees],
		clinician: [texts.clinician, texts.clinicianSees],
		reader: [texts.analyst, texts.analystSees]
	} as const;
	let invited = $state('');
	let role = $state('clinician');
	const inviting = new CaseForm((result) => (invited = String(result.invited ?? '')));
	const closing = new CaseForm();
	const right = new CaseForm();
	let sure = $state<string | null>(null);
</script>

<svelte:head><title>{texts.accountsTitle}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<h1 class="text-title">{texts.accounts}</h1>
	<p class="mt-1 text-ink-soft">{texts.accountsLead}</p>
	<p class="mt-2 flex gap-4 text-note">
		<a href="/desk/organisation">{deskWords.organisation.heading}</a>
		<a href="/desk/record">{deskWords.keeping.auditLog}</a>
		<a href="/desk/retention">{deskWords.keeping.retention}</a>
		<a href="/desk/waiting-emails">{deskWords.waitingEmails.heading}</a>
		<a href="/desk/crisis-lines">{deskWords.crisisLines.heading}</a>
	</p>
	<ul class="mt-5 border-t-[1.5px] border-ink">
		{#each data.users as user (user.id)}
			<li class="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b border-rule py-2">
				<div>
					<span class="font-semibold">{user.name}</span>
					<span class="text-note text-ink-soft">{user.email}</span>
				</div>
				<div class="flex items-center gap-3 text-note">
					<span>{texts.accountState(Boolean(user.closedAt), ROLES[user.role][0])}</span>
					{#if !user.closedAt && isPermitted(user.role, 'audit-log:read')}
						<span class="text-ink-soft">{user.seesRecord ? texts.hasLogAccess : texts.hasNoLogAccess}</span>
						<form method="POST" action="?/record" use:enhanceForm={right.submit}>
							<input type="hidden" name="user" value={user.id} />
							<input type="hidden" name="sees" value={user.seesRecord ? 'no' : 'yes'} />
							<Button look="quiet" size="desk">
								{user.seesRecord ? texts.removeLogAccess : texts.giveLogAccess}<span class="sr-only"
									>: {user.name}</span
								>
							</Button>
						</form>
					{/if}
					{#if !user.closedAt && user.id !== data.myId}
						{#if sure === user.id}
							<form method="POST" action="?/close" use:enhanceForm={closing.submit}>
								<input type="hidden" name="user" value={user.id} />
								<Button size="desk" isBusy={closing.isBusy}>{texts.confirmClosing}</Button>
							</form>
							<Button look="quiet" size="desk" type="button" onclick={() => (sure = null)}
								>{texts.cancelClosing}</Button
							>
						{:else}
							<Button look="quiet" size="desk" type="button" onclick={() => (sure = user.id)}
								>{texts.closeAccount}</Button
							>
						{/if}
					{/if}
				</div>
			</li>
		{/each}
	</ul>
	<FormError fault={closing.fault ?? right.fault} />
	<h2 class="mt-8 text-head">{texts.inviteHeading}</h2>
	<form method="POST" action="?/invite" use:enhanceForm={inviting.submit} class="mt-2 grid max-w-md gap-3">
		<TextField
			name="name"
			id="invited-name"
			label={texts.name}
			value=""
			size="desk"
			maxlength={120}
			isRequired
		/>
		<TextField
			type="email"
			name="email"
			id="invited-email"
			label={texts.emailAddress}
			value=""
			size="desk"
			maxlength={254}
			isRequired
		/>
		<ChoiceRows
			name="role"
			legend={texts.role}
			options={Object.entries(ROLES).map(([value, [name, told]]) => ({
				value,
				words: texts.roleChoice(name, told)
			}))}
			value={role}
			onchange={(value) => (role = value)}
		/>
		<div class="flex flex-wrap items-center gap-3">
			<Button look="main" size="desk" isBusy={inviting.isBusy}>{texts.sendInvitation}</Button>
			<span role="status" class="text-note text-cool">{texts.invited(invited)}</span>
		</div>
		<FormError fault={inviting.fault} />
	</form>
</main>
