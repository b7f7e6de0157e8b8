<script lang="ts">
	import { enhanceForm } from '../kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';
	import { formattedNumber } from '$lib/messages/desk/workforce-words';
	import type { HeldEmailKind } from '$lib/core/platform/sending';
	import Button from '../kit/Button.svelte';
	import Dialog from '../kit/Dialog.svelte';

	interface Props {
		/** Held emails, a line for each kind, cause and team. */
		held: readonly {
			readonly kind: HeldEmailKind;
			readonly why: keyof typeof deskWords.waitingEmails.causes;
			readonly team: string;
			readonly people: number;
			readonly dueToday: number;
		}[];
	}

	let { held }: Props = $props();

	/** What a coordinator decides about: emails of one kind, for one team or all. */
	interface Selection {
		readonly kind: HeldEmailKind;
		readonly team: string | null;
	}

	const texts = deskWords.waitingEmails;
	const kinds = $derived([...new Set(held.map(({ kind }) => kind))]);
	const ofKind = (kind: HeldEmailKind) => held.filter((line) => line.kind === kind);
	const teamsOf = (kind: HeldEmailKind) => [...new Set(ofKind(kind).map(({ team }) => team))];
	const count = ({ kind, team }: Selection) =>
		ofKind(kind)
			.filter((line) => team === null || line.team === team)
			.reduce((sum, { people }) => sum + people, 0);
	const teamName = (team: string) => team || texts.noTeam;

	/** Confirmation is asked before cancelling. */
	let asked = $state<Selection | null>(null);
</script>

{#snippet fields(of: Selection)}
	<input type="hidden" name="kind" value={of.kind} />
	{#if of.team !== null}<input type="hidden" name="team" value={of.team} />{/if}
	<input type="hidden" name="expected" value={count(of)} />
{/snippet}

{#snippet decision(of: Selection)}
	<form method="POST" action="?/release" use:enhanceForm class="inline-flex gap-2">
		{@render fields(of)}
		<Button size="desk" look={of.team === null ? undefined : 'quiet'}
			>{of.team === null ? texts.release(count(of)) : texts.releaseTeam(teamName(of.team))}</Button
		>
		<Button size="desk" look="quiet" type="button" onclick={() => (asked = of)}
			>{of.team === null ? texts.cancel(count(of)) : texts.cancelTeam(teamName(of.team))}</Button
		>
	</form>
{/snippet}

<table class="mt-6 w-full border-collapse">
	<thead>
		<tr class="border-b border-ink text-start text-note text-ink-soft">
			<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.kind}</th>
			<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.cause}</th>
			<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.team}</th>
			<th class="py-1.5 pe-4 text-end font-semibold" scope="col">{texts.people}</th>
			<th class="py-1.5 pe-4 text-end font-semibold" scope="col">{texts.dueToday}</th>
			<th class="py-1.5 font-semibold" scope="col"><span class="sr-only">{texts.releaseOne}</span></th>
		</tr>
	</thead>
	{#each kinds as kind (kind)}
		<tbody>
			{#each ofKind(kind) as line, i (`${line.why} ${line.team}`)}
				<tr>
					<th class="py-1.5 pe-4 text-start font-semibold" scope="row">{i === 0 ? texts.kinds[kind] : ''}</th>
					<td class="py-1.5 pe-4">{texts.causes[line.why]}</td>
					<td class="py-1.5 pe-4">{teamName(line.team)}</td>
					<td class="num py-1.5 pe-4 text-end">{formattedNumber(line.people)}</td>
					<td class="num py-1.5 pe-4 text-end">{formattedNumber(line.dueToday)}</td>
					<td class="py-1.5 text-end">
						{#if teamsOf(kind).length > 1 && i === ofKind(kind).findIndex(({ team }) => team === line.team)}
							{@render decision({ kind, team: line.team })}
						{/if}
					</td>
				</tr>
			{/each}
			<tr class="border-b border-rule">
				<td colspan="6" class="pb-3 pt-1">
					{@render decision({ kind, team: null })}
				</td>
			</tr>
		</tbody>
	{/each}
</table>
<p class="mt-2 max-w-prose text-note text-ink-soft">{texts.releaseHint}</p>

{#if asked}
	{@const of = asked}
	<Dialog
		isOpen
		mustAnswer
		title={texts.cancelHeading(count(of), of.team === null ? null : teamName(of.team))}
		lead={texts.cancelLead[of.kind]}
		closeWords={texts.keep(count(of))}
		onclose={() => (asked = null)}
	>
		<p class="mt-2">{texts.cancelAnyway}</p>
		<form
			method="POST"
			action="?/cancel"
			class="mt-4"
			use:enhanceForm={() =>
				({ update }) => {
					asked = null;
					return update();
				}}
		>
			{@render fields(of)}
			<Button size="desk">{texts.cancel(count(of))}</Button>
		</form>
	</Dialog>
{/if}
