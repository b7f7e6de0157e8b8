<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { QuestionnaireMode } from '$lib/core/questionnaire/answers/fields';
	import type { BreakSchedule } from '$lib/core/breaks/break-schedules';
	import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { isMoreUrgent } from '$lib/core/cases/triage/policy';
	import { dayWords } from '$lib/messages/dates';
	import { reasonWords } from '$lib/messages/desk/triage-words';
	import AnswersPart from './AnswersPart.svelte';
	import CaseCare from './CaseCare.svelte';
	import CasePlan from './CasePlan.svelte';
	import ChecksPart from './ChecksPart.svelte';
	import type { CaseCornerData, CornerView } from './corner-view.svelte';
	import type ContactForm from './ContactForm.svelte';
	import AskForForm from '../plan/equipment/AskForForm.svelte';
	import EquipmentList from './EquipmentList.svelte';
	import FollowUpForm from './FollowUpForm.svelte';
	import PersonForm from './PersonForm.svelte';
	import ReferForm from './ReferForm.svelte';
	import MovingOf from '../breaks/MovingOf.svelte';
	import SetUpForm from './SetUpForm.svelte';
	import TimelinePart from './TimelinePart.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	type Plan = ComponentProps<typeof CasePlan>;
	type FollowUps = ComponentProps<typeof FollowUpForm>;
	type Refer = ComponentProps<typeof ReferForm>;
	type Care = ComponentProps<typeof CaseCare>;
	type Said = ComponentProps<typeof TimelinePart>;

	interface Props {
		part: string;
		page: {
			readonly person: ComponentProps<typeof PersonForm>['person'] & {
				readonly id: string;
				readonly sittingStyle: SittingStyle | null;
				readonly questionnaireMode: QuestionnaireMode | null;
				readonly breakSchedule: BreakSchedule | null;
			};
			readonly listed: { readonly version: number };
			readonly assessmentResult: AssessmentResult | null;
			readonly corner: CaseCornerData | null;
			readonly spots: ComponentProps<typeof ChecksPart>['spots'];
			readonly plan: Pick<Plan, 'steps' | 'chosen' | 'ticks' | 'madeAt' | 'earlier'> | null;
			readonly advice: Plan['advice'] | null;
			readonly checklist: ComponentProps<typeof AnswersPart>['checklist'] | null;
			readonly readOut: ComponentProps<typeof AnswersPart>['readOut'];
			readonly history: ComponentProps<typeof AnswersPart>['history'];
			readonly followUps: Omit<FollowUps, 'personId' | 'chain' | 'today'>;
			readonly chain: FollowUps['chain'];
			readonly equipment: ComponentProps<typeof EquipmentList>['requests'];
			readonly timeline: Said['entries'];
			readonly moving: ComponentProps<typeof MovingOf>['moving'];
			readonly sentBreakSchedule: BreakSchedule | null;
			readonly hasUnread: boolean;
			readonly reply: string;
			readonly clinicians: Refer['clinicians'];
			readonly referrals: Refer['referrals'];
			readonly owner: Care['owner'];
			readonly coordinators: Care['coordinators'];
			readonly later: Care['later'];
			readonly laterDays: readonly string[];
			readonly canWait: boolean;
			readonly userId: string | null;
			readonly timeZone: string;
			readonly today: string;
		};
		contact: ComponentProps<typeof ContactForm>;
		view: CornerView | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { part, page, contact, view, t, unit }: Props = $props();

	const { person, listed } = $derived(page);
	const reason = $derived(page.assessmentResult?.reasons.find(({ level }) => isMoreUrgent(level, 'soon')));
	const question = $derived(
		reason && page.assessmentResult
			? texts.referralQuestion(reasonWords(reason, page.assessmentResult).replace(/^Needs a clinician: /, ''))
			: ''
	);
</script>

{#if part === 'timeline'}
	<TimelinePart
		entries={page.timeline}
		personName={person.name}
		hasUnread={page.hasUnread}
		reply={page.reply}
		{contact}
		timeZone={page.timeZone}
	/>
{:else if part === 'checks' && view && page.corner}
	<ChecksPart
		{view}
		measureNext={page.corner.measureNext}
		drawnAs={page.corner.drawnAs}
		spots={page.spots}
		{t}
		{unit}
	/>
{:else if part === 'plan' && page.corner && page.plan && page.advice}
	<CasePlan
		corner={page.corner.corner}
		drawnAs={page.corner.drawnAs}
		{...page.plan}
		advice={page.advice}
		progress={page.assessmentResult?.plan ?? null}
		{t}
		{unit}
	/>
{:else if part === 'answers' && page.corner && page.checklist}
	<AnswersPart
		corner={page.corner.corner}
		checklist={page.checklist}
		history={page.history}
		readOut={page.readOut}
		{t}
		{unit}
	/>
{:else if part === 'follow-up'}
	<FollowUpForm personId={person.id} {...page.followUps} chain={page.chain} today={page.today} />
	<h3 class="mt-5 border-b border-rule pb-1 text-body">{texts.assignment}</h3>
	<CaseCare
		personId={person.id}
		version={listed.version}
		owner={page.owner}
		coordinators={page.coordinators}
		userId={page.userId}
		later={page.later}
		days={page.laterDays.map((on) => ({ on, words: dayWords(on, 'weekday') }))}
		canWait={page.canWait}
		done={() => {}}
	/>
{:else if part === 'things'}
	{#if page.equipment.length > 0}
		<EquipmentList requests={page.equipment} personId={person.id} canDecide />
	{:else}
		<p class="text-note text-ink-soft">{texts.noEquipmentRequested}</p>
	{/if}
	<AskForForm
		personId={person.id}
		version={listed.version}
		asked={page.equipment.map(({ purchase }) => purchase)}
	/>
{:else if part === 'clinician'}
	<ReferForm
		personId={person.id}
		personName={person.name}
		clinicians={page.clinicians}
		{question}
		referrals={page.referrals}
		version={listed.version}
		today={page.today}
		timeZone={page.timeZone}
	/>
{:else if part === 'person'}
	<SetUpForm
		personId={person.id}
		version={listed.version}
		sittingStyle={person.sittingStyle}
		questionnaireMode={person.questionnaireMode}
		breakSchedule={person.breakSchedule}
		{t}
	/>
	<MovingOf sent={page.sentBreakSchedule} moving={page.moving} {t} />
	<h3 class="mt-5 border-b border-rule pb-1 text-body">{texts.personalDetails}</h3>
	<PersonForm {person} />
	<h3 class="mt-5 border-b border-rule pb-1 text-body">{deskWords.keeping.theirData}</h3>
	<ul class="mt-2 grid gap-2 text-note">
		<li><a href="/desk/cases/{person.id}/inspection">{deskWords.inspection.link}</a></li>
		<li><a href="/desk/cases/{person.id}/everything">{deskWords.keeping.viewAllData}</a></li>
		<li><a href="/desk/record?person={person.id}">{deskWords.keeping.whoViewed}</a></li>
		<li><a href="/desk/cases/{person.id}/merge">{deskWords.merge.link}</a></li>
		<li><a href="/desk/cases/{person.id}/erase">{deskWords.keeping.deleteLink}</a></li>
	</ul>
{/if}
