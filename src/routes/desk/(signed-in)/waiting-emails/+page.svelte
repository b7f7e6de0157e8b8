<script lang="ts">
	import { enhance } from '$app/forms';
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/kit/Button.svelte';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import TextField from '$lib/ui/kit/TextField.svelte';
	import UndeliveredEmails from '$lib/ui/post/UndeliveredEmails.svelte';

	let { data, form } = $props();

	const texts = deskWords.waitingEmails;
	const { held, undelivered, limit } = $derived(data);
	const kinds = $derived([...new Set(held.map(({ kind }) => kind))]);
	const ofKind = (kind: (typeof held)[number]['kind']) => held.filter((line) => line.kind === kind);
	const teamsOf = (kind: (typeof held)[number]['kind']) => [...new Set(ofKind(kind).map(({ team }) => team))];
	const peopleOf = (kind: (typeof held)[number]['kind'], of: string | null = null) =>
		ofKind(kind)
			.filter(({ team }) => of === null || team === of)
			.reduce((sum, { people }) => sum + people, 0);
	const fault = $derived(form && 'fault' in form ? form.fault : null);
	const done = $derived(
		form && 'released' in form && form.released
			? texts.released(form.released)
			: form && 'limitSet' in form
				? texts.limitSet
				: form && 'again' in form
					? texts.triedAgain(form.again ?? 0)
					: ''
	);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="mx-auto max-w-4xl px-6 py-6">
	<h1 class="text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<div role="status">
		{#if done}<div class="mt-3"><Notice kind="done">{done}</Notice></div>{/if}
	</div>
	{#if fault}<div class="mt-3"><Notice kind="caution" role="alert">{fault.message}</Notice></div>{/if}

	{#if held.length === 0}
		<div class="mt-6 border-t border-ink pt-4">
			<p class="text-lead">{texts.none}</p>
			<p class="mt-1 text-ink-soft">{texts.noneHint}</p>
		</div>
	{:else}
		<table class="mt-6 w-full border-collapse">
			<thead>
				<tr class="border-b border-ink text-left text-note text-ink-soft">
					<th class="py-1.5 pr-4 font-semibold" scope="col">{texts.kind}</th>
					<th class="py-1.5 pr-4 font-semibold" scope="col">{texts.cause}</th>
					<th class="py-1.5 pr-4 font-semibold" scope="col">{texts.team}</th>
					<th class="py-1.5 pr-4 text-right font-semibold" scope="col">{texts.people}</th>
					<th class="py-1.5 pr-4 text-right font-semibold" scope="col">{texts.dueToday}</th>
					<th class="py-1.5 font-semibold" scope="col"><span class="sr-only">{texts.releaseOne}</span></th>
				</tr>
			</thead>
			{#each kinds as kind (kind)}
				<tbody>
					{#each ofKind(kind) as line, i (`${line.why} ${line.team}`)}
						<tr>
							<th class="py-1.5 pr-4 text-left font-semibold" scope="row"
								>{i === 0 ? texts.kinds[kind] : ''}</th
							>
							<td class="py-1.5 pr-4">{texts.causes[line.why]}</td>
							<td class="py-1.5 pr-4">{line.team || texts.noTeam}</td>
							<td class="num py-1.5 pr-4 text-right">{line.people.toLocaleString('en-GB')}</td>
							<td class="num py-1.5 pr-4 text-right">{line.dueToday.toLocaleString('en-GB')}</td>
							<td class="py-1.5 text-right">
								{#if teamsOf(kind).length > 1 && i === ofKind(kind).findIndex(({ team }) => team === line.team)}
									<form method="POST" action="?/release" use:enhance>
										<input type="hidden" name="kind" value={kind} />
										<input type="hidden" name="team" value={line.team} />
										<input type="hidden" name="expected" value={peopleOf(kind, line.team)} />
										<Button size="desk" look="quiet">{texts.releaseTeam(line.team || texts.noTeam)}</Button>
									</form>
								{/if}
							</td>
						</tr>
					{/each}
					<tr class="border-b border-rule">
						<td colspan="6" class="pb-3 pt-1">
							<form method="POST" action="?/release" use:enhance>
								<input type="hidden" name="kind" value={kind} />
								<input type="hidden" name="expected" value={peopleOf(kind)} />
								<Button size="desk">{texts.release(peopleOf(kind))}</Button>
							</form>
						</td>
					</tr>
				</tbody>
			{/each}
		</table>
		<p class="mt-2 max-w-prose text-note text-ink-soft">{texts.releaseHint}</p>
	{/if}

	{#if undelivered.all > 0}<UndeliveredEmails {undelivered} />{/if}

	<section class="mt-8" aria-labelledby="limit">
		<h2 id="limit" class="text-head">{texts.limitHeading}</h2>
		<p class="mt-1 max-w-prose">
			{texts.limitLead(limit.perDay, limit.isSet)}
			{texts.sentToday(limit.sentToday)}
			{texts.keptBack(limit.keptBack)}
		</p>
		<p class="mt-1 max-w-prose text-note text-ink-soft">{texts.limitScope}</p>
		<form method="POST" action="?/limit" use:enhance class="mt-3 flex flex-wrap items-end gap-3">
			<input type="hidden" name="version" value={limit.version} />
			<TextField
				name="perDay"
				label={texts.perDay}
				value={String(limit.perDay)}
				size="desk"
				inputmode="numeric"
				maxlength={7}
				fault={fault?.at === '/perDay' ? fault.message : undefined}
				isRequired
			/>
			<Button size="desk">{texts.setLimit}</Button>
		</form>
	</section>
</main>
