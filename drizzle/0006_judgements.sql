CREATE TYPE "public"."level" AS ENUM('now', 'clinician', 'soon', 'help', 'home', 'settled');--> statement-breakpoint
CREATE TABLE "desk_acts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"batch" uuid NOT NULL,
	"kind" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"changes" jsonb,
	"undone_at" timestamp with time zone,
	CONSTRAINT "desk_acts_kind_check" CHECK ("desk_acts"."kind" in ('settled', 'reopened', 'written', 'noted', 'contacted', 'sent', 'referred', 'referral-ended', 'equipment-decided', 'follow-up-set', 'follow-up-done', 'left', 'returned'))
);
--> statement-breakpoint
CREATE TABLE "link_uses" (
	"assessment_id" uuid NOT NULL,
	"day" date NOT NULL,
	"kind" text NOT NULL,
	"times" integer NOT NULL,
	CONSTRAINT "link_uses_assessment_id_day_kind_pk" PRIMARY KEY("assessment_id","day","kind"),
	CONSTRAINT "link_uses_kind_check" CHECK ("link_uses"."kind" in ('solve', 'message', 'measure', 'request')),
	CONSTRAINT "link_uses_times_check" CHECK ("link_uses"."times" > 0)
);
--> statement-breakpoint
CREATE TABLE "contacts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"author_id" uuid,
	"at" timestamp with time zone NOT NULL,
	"on_day" date NOT NULL,
	"how" text NOT NULL,
	"result" text NOT NULL,
	"whom" text DEFAULT '' NOT NULL,
	"said" text DEFAULT '' NOT NULL,
	"closes" text[] DEFAULT '{}' NOT NULL,
	"next" text,
	"next_on" date,
	"why" text DEFAULT '' NOT NULL,
	CONSTRAINT "contacts_how_check" CHECK ("contacts"."how" in ('phone', 'message', 'video', 'in-person')),
	CONSTRAINT "contacts_result_check" CHECK ("contacts"."result" in ('reached', 'no-answer', 'left-word', 'wrong-number')),
	CONSTRAINT "contacts_next_check" CHECK ("contacts"."next" in ('look', 'referral', 'nothing')),
	CONSTRAINT "contacts_closes_check" CHECK ("contacts"."closes" <@ array['chest-pain', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'wakes-at-night', 'numbness-stays', 'with-weakness', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'reported-weakness', 'reported-tingling', 'severe', 'not-better']::text[]),
	CONSTRAINT "contacts_outcome_check" CHECK (cardinality("contacts"."closes") = 0 or ("contacts"."result" = 'reached' and "contacts"."whom" <> '' and "contacts"."said" <> '' and "contacts"."next" is not null)),
	CONSTRAINT "contacts_next_on_check" CHECK ("contacts"."next" is distinct from 'look' or "contacts"."next_on" is not null),
	CONSTRAINT "contacts_why_check" CHECK ("contacts"."next" is distinct from 'nothing' or "contacts"."why" <> '')
);
--> statement-breakpoint
CREATE TABLE "judgements" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"on_day" date NOT NULL,
	"level" "level" NOT NULL,
	"document" jsonb NOT NULL,
	"core_version" text NOT NULL,
	"checklist_version" integer NOT NULL,
	"policy_version" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "check_ins" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"assessment_id" uuid NOT NULL,
	"kind" text DEFAULT 'check-in' NOT NULL,
	"due_on" date NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	"reminders" smallint DEFAULT 0 NOT NULL,
	"remind_on" date,
	"to_call" boolean DEFAULT false NOT NULL,
	"answered_at" timestamp with time zone,
	"ended_at" timestamp with time zone,
	"signs" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"discomfort" jsonb,
	"undone" text[] DEFAULT '{}' NOT NULL,
	"news" text[] DEFAULT '{}' NOT NULL,
	"seen_at" timestamp with time zone,
	CONSTRAINT "check_ins_kind_check" CHECK ("check_ins"."kind" in ('check-in', 'recheck')),
	CONSTRAINT "check_ins_undone_check" CHECK ("check_ins"."undone" <@ array['surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen', 'distance', 'tilt']::text[]),
	CONSTRAINT "check_ins_news_check" CHECK ("check_ins"."news" <@ array['glasses', 'moved', 'chair', 'pregnancy', 'other']::text[])
);
--> statement-breakpoint
CREATE TABLE "plans" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"why" text NOT NULL,
	"corner" jsonb NOT NULL,
	"advice" jsonb NOT NULL,
	"moving" jsonb,
	"chosen" smallint DEFAULT 0 NOT NULL,
	"plan" jsonb,
	"steps" jsonb NOT NULL,
	"kept" text[] DEFAULT '{}' NOT NULL,
	"cost_now" integer NOT NULL,
	"cost_planned" integer NOT NULL,
	"reminded_at" timestamp with time zone,
	"ended_at" timestamp with time zone,
	CONSTRAINT "plans_why_check" CHECK ("plans"."why" in ('answers', 'corrected', 'does-not-work', 'another', 'household', 'earlier')),
	CONSTRAINT "plans_kept_check" CHECK ("plans"."kept" <@ array['surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen', 'distance', 'tilt']::text[]),
	CONSTRAINT "plans_chosen_check" CHECK ("plans"."chosen" between 0 and 2)
);
--> statement-breakpoint
CREATE TABLE "step_events" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"plan_id" uuid NOT NULL,
	"thing" text NOT NULL,
	"is_done" boolean NOT NULL,
	"source" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "step_events_thing_check" CHECK ("step_events"."thing" in ('surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen', 'distance', 'tilt')),
	CONSTRAINT "step_events_source_check" CHECK ("step_events"."source" in ('tick', 'measured', 'check-in', 'kept'))
);
--> statement-breakpoint
CREATE TABLE "reported_discomfort" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"regions" jsonb NOT NULL,
	"seen_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "reported_signs" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"sign" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"taken_back_at" timestamp with time zone,
	CONSTRAINT "reported_signs_sign_check" CHECK ("reported_signs"."sign" in ('chest-pain', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'wakes-at-night', 'numbness-stays', 'with-weakness', 'runs-down-a-limb', 'does-not-ease', 'after-injury'))
);
--> statement-breakpoint
ALTER TABLE "assessments" DROP CONSTRAINT "assessments_level_check";--> statement-breakpoint
DROP INDEX "assessments_unseen_idx";--> statement-breakpoint
DROP INDEX "assessments_spot_of_idx";--> statement-breakpoint
DROP INDEX "cases_open_idx";--> statement-breakpoint
DROP INDEX "cases_level_idx";--> statement-breakpoint
DROP INDEX "messages_open_idx";--> statement-breakpoint
DROP INDEX "follow_ups_open_key";--> statement-breakpoint
DROP INDEX "follow_ups_due_idx";--> statement-breakpoint
DROP INDEX "letters_person_idx";--> statement-breakpoint
ALTER TABLE "assessments" ALTER COLUMN "discomfort" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "assessments" ALTER COLUMN "discomfort" DROP NOT NULL;--> statement-breakpoint
-- Nothing was reported yet: that is not "no discomfort".
UPDATE "assessments" SET "discomfort" = null WHERE "answered_at" is null;--> statement-breakpoint
ALTER TABLE "cases" ALTER COLUMN "open_since" SET DATA TYPE date USING ("open_since" at time zone 'UTC')::date;--> statement-breakpoint
ALTER TABLE "messages" ALTER COLUMN "from_person" SET DATA TYPE boolean USING ("from_person" = 1);--> statement-breakpoint
ALTER TABLE "round_people" ALTER COLUMN "to_call" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "round_people" ALTER COLUMN "to_call" SET DATA TYPE boolean USING ("to_call" = 1);--> statement-breakpoint
ALTER TABLE "round_people" ALTER COLUMN "to_call" SET DEFAULT false;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "checklist_version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
-- All that was sent so far asks the first version; from here on each says which.
ALTER TABLE "assessments" ALTER COLUMN "checklist_version" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "ended_why" text;--> statement-breakpoint
UPDATE "assessments" a SET "ended_why" = case
	when exists (select from audit_lines l where l.person_id = a.person_id and l.act = 'withdrawn' and l.at = a.revoked_at) then 'withdrawn'
	when exists (select from people p where p.id = a.person_id and p.left_at = a.revoked_at) then 'left'
	else 'replaced' end
WHERE "revoked_at" is not null;--> statement-breakpoint
ALTER TABLE "cases" ADD COLUMN "judgement_id" bigint;--> statement-breakpoint
ALTER TABLE "cases" ADD COLUMN "level" "level" DEFAULT 'settled' NOT NULL;--> statement-breakpoint
UPDATE "cases" SET "level" = (enum_range(null::"level"))["level_rank" + 1];--> statement-breakpoint
ALTER TABLE "cases" ADD COLUMN "due_on" date;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD COLUMN "kind" text DEFAULT 'look' NOT NULL;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD COLUMN "policy_day" date;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "region" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "phone" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "claimed_until" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "link_uses" ADD CONSTRAINT "link_uses_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "judgements" ADD CONSTRAINT "judgements_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_ins" ADD CONSTRAINT "check_ins_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_ins" ADD CONSTRAINT "check_ins_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "step_events" ADD CONSTRAINT "step_events_plan_id_plans_id_fk" FOREIGN KEY ("plan_id") REFERENCES "public"."plans"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reported_discomfort" ADD CONSTRAINT "reported_discomfort_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reported_signs" ADD CONSTRAINT "reported_signs_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "desk_acts_user_at_idx" ON "desk_acts" USING btree ("user_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "desk_acts_person_idx" ON "desk_acts" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "desk_acts_batch_idx" ON "desk_acts" USING btree ("batch");--> statement-breakpoint
CREATE INDEX "desk_acts_kept_idx" ON "desk_acts" USING btree ("at") WHERE "desk_acts"."changes" is not null;--> statement-breakpoint
CREATE INDEX "contacts_person_idx" ON "contacts" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "judgements_person_idx" ON "judgements" USING btree ("person_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "check_ins_open_key" ON "check_ins" USING btree ("person_id","kind") WHERE "check_ins"."answered_at" is null and "check_ins"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "check_ins_person_idx" ON "check_ins" USING btree ("person_id","asked_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "check_ins_assessment_idx" ON "check_ins" USING btree ("assessment_id");--> statement-breakpoint
CREATE INDEX "check_ins_remind_idx" ON "check_ins" USING btree ("remind_on") WHERE "check_ins"."remind_on" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "plans_current_key" ON "plans" USING btree ("assessment_id") WHERE "plans"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "plans_assessment_idx" ON "plans" USING btree ("assessment_id","made_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "step_events_plan_idx" ON "step_events" USING btree ("plan_id","id");--> statement-breakpoint
CREATE INDEX "reported_discomfort_assessment_idx" ON "reported_discomfort" USING btree ("assessment_id","at");--> statement-breakpoint
CREATE INDEX "reported_signs_person_idx" ON "reported_signs" USING btree ("person_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "reported_signs_standing_key" ON "reported_signs" USING btree ("person_id","sign") WHERE "reported_signs"."taken_back_at" is null;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_judgement_id_judgements_id_fk" FOREIGN KEY ("judgement_id") REFERENCES "public"."judgements"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
UPDATE "follow_ups" f SET "after" = null WHERE "after" is not null and not exists (select from follow_ups b where b.id = f.after);--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_after_follow_ups_id_fk" FOREIGN KEY ("after") REFERENCES "public"."follow_ups"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
DELETE FROM "saved_filters" f WHERE not exists (select from users u where u.id = f.user_id);--> statement-breakpoint
ALTER TABLE "saved_filters" ADD CONSTRAINT "saved_filters_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "cases_due_idx" ON "cases" USING btree ("due_on","person_id") WHERE "cases"."due_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_unjudged_idx" ON "cases" USING btree ("person_id") WHERE "cases"."judgement_id" is null;--> statement-breakpoint
CREATE INDEX "cases_judgement_idx" ON "cases" USING btree ("judgement_id");--> statement-breakpoint
CREATE INDEX "follow_ups_after_idx" ON "follow_ups" USING btree ("after");--> statement-breakpoint
CREATE INDEX "letters_round_idx" ON "letters" USING btree ("round_id") WHERE "letters"."round_id" is not null;--> statement-breakpoint
CREATE INDEX "assessments_spot_of_idx" ON "assessments" USING btree ("spot_of") WHERE "assessments"."spot_of" is not null;--> statement-breakpoint
CREATE INDEX "cases_open_idx" ON "cases" USING btree ("level","act_by","open_w" DESC NULLS LAST,"person_id") WHERE "cases"."open_since" is not null;--> statement-breakpoint
CREATE INDEX "cases_level_idx" ON "cases" USING btree ("level","person_id");--> statement-breakpoint
CREATE INDEX "messages_open_idx" ON "messages" USING btree ("person_id") WHERE "messages"."from_person" and "messages"."answered_at" is null;--> statement-breakpoint
CREATE UNIQUE INDEX "follow_ups_open_key" ON "follow_ups" USING btree ("person_id","kind") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "follow_ups_due_idx" ON "follow_ups" USING btree ("due","person_id") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "letters_person_idx" ON "letters" USING btree ("person_id","written_at" DESC NULLS LAST);--> statement-breakpoint
ALTER TABLE "assessments" DROP COLUMN "expires_at";--> statement-breakpoint
ALTER TABLE "assessments" DROP COLUMN "checks_unsure";--> statement-breakpoint
ALTER TABLE "assessments" DROP COLUMN "cost_now";--> statement-breakpoint
ALTER TABLE "assessments" DROP COLUMN "cost_planned";--> statement-breakpoint
ALTER TABLE "assessments" DROP COLUMN "level_rank";--> statement-breakpoint
ALTER TABLE "assessments" DROP COLUMN "reasons";--> statement-breakpoint
ALTER TABLE "cases" DROP COLUMN "level_rank";--> statement-breakpoint
ALTER TABLE "cases" DROP COLUMN "reasons";--> statement-breakpoint
ALTER TABLE "cases" DROP COLUMN "marks";--> statement-breakpoint
ALTER TABLE "cases" DROP COLUMN "worsts";--> statement-breakpoint
ALTER TABLE "cases" DROP COLUMN "link_ends_at";--> statement-breakpoint
ALTER TABLE "account_links" ADD CONSTRAINT "account_links_kind_check" CHECK ("account_links"."kind" in ('invitation', 'reset'));--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_ended_check" CHECK (("assessments"."revoked_at" is null) = ("assessments"."ended_why" is null));--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_ended_why_check" CHECK ("assessments"."ended_why" in ('replaced', 'left', 'withdrawn'));--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_state_check" CHECK ("equipment_requests"."state" in ('asked', 'approved', 'declined', 'sent', 'arrived'));--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_kind_check" CHECK ("follow_ups"."kind" in ('look', 'check-in', 'recheck'));--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_policy_check" CHECK (("follow_ups"."kind" = 'look') = ("follow_ups"."policy_day" is null));--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_state_check" CHECK ("letters"."state" in ('waiting', 'delivered', 'bounced', 'failed'));--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_state_check" CHECK ("round_people"."state" in ('waiting', 'sent', 'answered', 'bounced', 'skipped'));--> statement-breakpoint
ALTER TABLE "rounds" ADD CONSTRAINT "rounds_state_check" CHECK ("rounds"."state" in ('draft', 'sending', 'open', 'closed'));--> statement-breakpoint
ALTER TABLE "rounds" ADD CONSTRAINT "rounds_way_check" CHECK ("rounds"."way" in ('upright', 'open', 'forearms-down', 'active'));--> statement-breakpoint
-- What was reported until now, each sign and each report for ever.
insert into reported_signs (person_id, sign, at)
select distinct on (a.person_id, s.sign) a.person_id, s.sign, coalesce(a.signs_at, a.answered_at, a.sent_at)
from assessments a cross join lateral jsonb_array_elements_text(a.signs) as s(sign)
where a.spot_of is null order by a.person_id, s.sign, coalesce(a.signs_at, a.answered_at, a.sent_at) desc;
--> statement-breakpoint
insert into reported_discomfort (assessment_id, at, regions, seen_at)
select id, answered_at, discomfort, seen_at from assessments where answered_at is not null and spot_of is null;
--> statement-breakpoint
-- A judgement is written once. It goes with the person, or with their answers where these are withdrawn.
create function refuse_rewriting() returns trigger language plpgsql as $$
begin
	raise exception 'judgements are never rewritten';
end
$$;
--> statement-breakpoint
create trigger judgements_never_rewritten
	before update on judgements
	for each statement execute function refuse_rewriting();
