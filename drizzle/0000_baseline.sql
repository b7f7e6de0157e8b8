-- Search by any part of a name; the extension comes with PostgreSQL and is trusted.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
--> statement-breakpoint
CREATE TYPE "public"."level" AS ENUM('now', 'clinician', 'soon', 'help', 'home', 'settled');--> statement-breakpoint
CREATE TABLE "account_links" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	CONSTRAINT "account_links_kind_check" CHECK ("account_links"."kind" in ('invitation', 'reset'))
);
--> statement-breakpoint
CREATE TABLE "known_devices" (
	"token_hash" text NOT NULL,
	"user_id" uuid NOT NULL,
	"used_at" timestamp with time zone NOT NULL,
	CONSTRAINT "known_devices_user_id_token_hash_pk" PRIMARY KEY("user_id","token_hash")
);
--> statement-breakpoint
CREATE TABLE "passkey_challenges" (
	"hash" text PRIMARY KEY NOT NULL,
	"user_id" uuid,
	"expires_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "passkeys" (
	"id" text PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"public_key" text NOT NULL,
	"signed" bigint NOT NULL,
	"transports" text[] DEFAULT '{}' NOT NULL,
	"name" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"seen_at" timestamp with time zone DEFAULT now() NOT NULL,
	"confirmed_at" timestamp with time zone DEFAULT now() NOT NULL,
	"is_pending" boolean DEFAULT false NOT NULL,
	"is_strong" boolean DEFAULT false NOT NULL,
	"device" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_in_failures" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"key" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "users" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"email" text NOT NULL,
	"name" text NOT NULL,
	"role" text NOT NULL,
	"password_hash" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"closed_at" timestamp with time zone,
	"calendar_hash" text,
	"code_secret" text,
	"code_since" timestamp with time zone,
	"code_step" integer DEFAULT 0 NOT NULL,
	"recovery_hashes" text[] DEFAULT '{}' NOT NULL,
	"sees_record" boolean DEFAULT false NOT NULL,
	"provider_subject" text,
	"warned_at" timestamp with time zone,
	"code_warned_at" timestamp with time zone,
	CONSTRAINT "users_role_check" CHECK ("users"."role" in ('coordinator', 'clinician', 'reader'))
);
--> statement-breakpoint
CREATE TABLE "desk_acts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"batch" uuid NOT NULL,
	"kind" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"changes" jsonb,
	"undone_at" timestamp with time zone,
	CONSTRAINT "desk_acts_kind_check" CHECK ("desk_acts"."kind" in ('settled', 'reopened', 'written', 'noted', 'contacted', 'sent', 'referred', 'referral-ended', 'referral-written', 'set-up', 'equipment-decided', 'owned', 'put-off', 'follow-up-set', 'follow-up-done', 'left', 'returned'))
);
--> statement-breakpoint
CREATE TABLE "assessments" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"spot_of" uuid,
	"token_hash" text NOT NULL,
	"way" text NOT NULL,
	"route" text DEFAULT 'short' NOT NULL,
	"rhythm" text DEFAULT 'half-hour' NOT NULL,
	"checklist_version" integer NOT NULL,
	"sent_at" timestamp with time zone NOT NULL,
	"revoked_at" timestamp with time zone,
	"ended_why" text,
	"consented_at" timestamp with time zone,
	"answers" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"answers_revision" integer DEFAULT 0 NOT NULL,
	"saved_at" timestamp with time zone,
	"answered_at" timestamp with time zone,
	"corner" jsonb,
	"checks_off" integer,
	"signs" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"signs_at" timestamp with time zone,
	"discomfort" jsonb,
	"seen_at" timestamp with time zone,
	CONSTRAINT "assessments_way_check" CHECK ("assessments"."way" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "assessments_route_check" CHECK ("assessments"."route" in ('short', 'complete')),
	CONSTRAINT "assessments_rhythm_check" CHECK ("assessments"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks')),
	CONSTRAINT "assessments_ended_check" CHECK (("assessments"."revoked_at" is null) = ("assessments"."ended_why" is null)),
	CONSTRAINT "assessments_ended_why_check" CHECK ("assessments"."ended_why" in ('replaced', 'left', 'withdrawn')),
	CONSTRAINT "assessments_consent_check" CHECK ("assessments"."answered_at" is null or "assessments"."consented_at" is not null),
	CONSTRAINT "assessments_answered_check" CHECK (("assessments"."answered_at" is null) = ("assessments"."corner" is null))
);
--> statement-breakpoint
CREATE TABLE "equipment_requests" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"purchase" text NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	"state" text DEFAULT 'asked' NOT NULL,
	"reason" text DEFAULT '' NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"order_number" text DEFAULT '' NOT NULL,
	"cost_cents" integer,
	"from_store" boolean DEFAULT false NOT NULL,
	"back_by" date,
	"currency" text DEFAULT '' NOT NULL,
	"changed_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_requests_purchase_check" CHECK ("equipment_requests"."purchase" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'another-surface', 'chair', 'headset', 'desk-lamp', 'paper-holder', 'vertical-mouse', 'power-strip', 'sit-stand-converter')),
	CONSTRAINT "equipment_requests_state_check" CHECK ("equipment_requests"."state" in ('asked', 'approved', 'ordered', 'sent', 'arrived', 'returned', 'declined'))
);
--> statement-breakpoint
CREATE TABLE "equipment_store" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"thing" text NOT NULL,
	"on_hand" integer NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_store_thing_check" CHECK ("equipment_store"."thing" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'another-surface', 'chair', 'headset', 'desk-lamp', 'paper-holder', 'vertical-mouse', 'power-strip', 'sit-stand-converter')),
	CONSTRAINT "equipment_store_on_hand_check" CHECK ("equipment_store"."on_hand" >= 0)
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
CREATE TABLE "re_measurements" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"lengths" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "audit_lines" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"actor_kind" text NOT NULL,
	"actor_id" uuid,
	"act" text NOT NULL,
	"person_id" uuid,
	"detail" jsonb DEFAULT '{}'::jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "audit_seals" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"line_id" bigint NOT NULL,
	"hash" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "retention" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"years_after_leaving" integer,
	"years_after_answer" integer,
	"version" integer DEFAULT 1 NOT NULL,
	"looked_at" timestamp with time zone,
	"steady_since" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "cases" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"judgement_id" bigint,
	"level" "level" DEFAULT 'settled' NOT NULL,
	"open_since" date,
	"act_by" date,
	"worst" smallint DEFAULT 0 NOT NULL,
	"follow_up_on" date,
	"judge_on" date,
	"mail_on" date,
	"rules_version" text,
	"sent_at" timestamp with time zone,
	"started_at" timestamp with time zone,
	"answered_at" timestamp with time zone,
	"revoked_at" timestamp with time zone,
	"checks_off" integer,
	"checks_unsure" integer,
	"referred_on" date,
	"settled_at" timestamp with time zone,
	"settled_reason" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "messages" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"author_id" uuid,
	"from_person" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"text" text NOT NULL,
	"key" text NOT NULL,
	"answered_at" timestamp with time zone,
	CONSTRAINT "messages_key_unique" UNIQUE("key")
);
--> statement-breakpoint
CREATE TABLE "notes" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"author_id" uuid,
	"at" timestamp with time zone NOT NULL,
	"text" text NOT NULL,
	"is_disclosed" boolean DEFAULT true NOT NULL
);
--> statement-breakpoint
CREATE TABLE "follow_ups" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"kind" text DEFAULT 'look' NOT NULL,
	"due" date NOT NULL,
	"policy_day" date,
	"held_why" text,
	"reason" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"done_at" timestamp with time zone,
	"outcome" text DEFAULT '' NOT NULL,
	"after" uuid,
	CONSTRAINT "follow_ups_kind_check" CHECK ("follow_ups"."kind" in ('look', 'check-in', 'recheck')),
	CONSTRAINT "follow_ups_policy_check" CHECK (("follow_ups"."kind" = 'look') = ("follow_ups"."policy_day" is null)),
	CONSTRAINT "follow_ups_held_check" CHECK ("follow_ups"."held_why" in ('update', 'import'))
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
CREATE TABLE "moving" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"rhythm" text,
	"share" text DEFAULT 'moving' NOT NULL,
	"shared_at" timestamp with time zone,
	CONSTRAINT "moving_rhythm_check" CHECK ("moving"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks')),
	CONSTRAINT "moving_share_check" CHECK ("moving"."share" in ('moving', 'half', 'mostly'))
);
--> statement-breakpoint
CREATE TABLE "moving_weeks" (
	"person_id" uuid NOT NULL,
	"week" date NOT NULL,
	"planned" smallint NOT NULL,
	"taken" smallint NOT NULL,
	CONSTRAINT "moving_weeks_person_id_week_pk" PRIMARY KEY("person_id","week")
);
--> statement-breakpoint
CREATE TABLE "observations" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"judgement_id" bigint NOT NULL,
	"person_id" uuid NOT NULL,
	"on_day" date NOT NULL,
	"until_day" date,
	"team" text NOT NULL,
	"country" text NOT NULL,
	"round_id" uuid,
	"way" text,
	"route" text,
	"spot" text,
	"level" "level" NOT NULL,
	"answered_on" date,
	"first_on" date,
	"reported_on" date,
	"first_reported_on" date,
	"has_plan" boolean NOT NULL,
	"carried_on" date,
	"first_carried_on" date,
	"worst" smallint,
	"first_worst" smallint,
	"discomfort" text[] NOT NULL,
	"first_discomfort" text[] NOT NULL,
	"findings" text[] NOT NULL,
	"first_findings" text[] NOT NULL,
	"gaps_mm" smallint[] NOT NULL,
	"first_gaps_mm" smallint[] NOT NULL,
	"needs" text[] NOT NULL,
	"stays_open" boolean NOT NULL,
	CONSTRAINT "observations_spot_check" CHECK ("observations"."spot" in ('standing', 'chair', 'stool', 'ball', 'wheelchair', 'sofa', 'bed')),
	CONSTRAINT "observations_days_check" CHECK ("observations"."until_day" is null or "observations"."until_day" >= "observations"."on_day")
);
--> statement-breakpoint
CREATE TABLE "purchase_prices" (
	"purchase" text PRIMARY KEY NOT NULL,
	"cents" integer NOT NULL,
	"currency" text NOT NULL,
	CONSTRAINT "purchase_prices_purchase_check" CHECK ("purchase_prices"."purchase" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'chair', 'another-surface')),
	CONSTRAINT "purchase_prices_cents_check" CHECK ("purchase_prices"."cents" between 0 and 100000000),
	CONSTRAINT "purchase_prices_currency_check" CHECK ("purchase_prices"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
CREATE TABLE "workforce_reports" (
	"id" uuid PRIMARY KEY NOT NULL,
	"from_day" date NOT NULL,
	"to_day" date NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"made_by" uuid,
	"document" jsonb NOT NULL,
	CONSTRAINT "workforce_reports_days_check" CHECK ("workforce_reports"."from_day" <= "workforce_reports"."to_day")
);
--> statement-breakpoint
CREATE TABLE "people" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"team" text DEFAULT '' NOT NULL,
	"staff_number" text DEFAULT '' NOT NULL,
	"way" text,
	"route" text,
	"rhythm" text,
	"country" text DEFAULT '' NOT NULL,
	"region" text DEFAULT '' NOT NULL,
	"phone" text DEFAULT '' NOT NULL,
	"time_zone" text DEFAULT '' NOT NULL,
	"language" text DEFAULT 'en' NOT NULL,
	"left_at" timestamp with time zone,
	"owner_id" uuid,
	"later_on" date,
	"later_reason" text DEFAULT '' NOT NULL,
	"later_for" text[] DEFAULT '{}' NOT NULL,
	"bounced_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "people_way_check" CHECK ("people"."way" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "people_route_check" CHECK ("people"."route" in ('short', 'complete')),
	CONSTRAINT "people_rhythm_check" CHECK ("people"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'))
);
--> statement-breakpoint
CREATE TABLE "saved_filters" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"user_id" uuid NOT NULL,
	"name" text NOT NULL,
	"query" text NOT NULL
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
	"unclosable" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"steps" jsonb NOT NULL,
	"kept" text[] DEFAULT '{}' NOT NULL,
	"cost_now" integer NOT NULL,
	"cost_planned" integer NOT NULL,
	"remind_on" date,
	"held_why" text,
	"reminded_at" timestamp with time zone,
	"ended_at" timestamp with time zone,
	CONSTRAINT "plans_held_check" CHECK ("plans"."held_why" in ('update', 'import')),
	CONSTRAINT "plans_why_check" CHECK ("plans"."why" in ('answers', 'corrected', 'way', 'does-not-work', 'another', 'household')),
	CONSTRAINT "plans_kept_check" CHECK ("plans"."kept" <@ array['surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen', 'distance', 'tilt']::text[]),
	CONSTRAINT "plans_chosen_check" CHECK ("plans"."chosen" between 0 and 9)
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
CREATE TABLE "letters" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid,
	"round_id" uuid,
	"to_name" text NOT NULL,
	"to_email" text NOT NULL,
	"subject" text NOT NULL,
	"body" text NOT NULL,
	"link_path" text NOT NULL,
	"written_at" timestamp with time zone NOT NULL,
	"state" text DEFAULT 'waiting' NOT NULL,
	"tries" integer DEFAULT 0 NOT NULL,
	"next_try_at" timestamp with time zone NOT NULL,
	"delivered_at" timestamp with time zone,
	"claimed_until" timestamp with time zone,
	"fault" text DEFAULT '' NOT NULL,
	CONSTRAINT "letters_state_check" CHECK ("letters"."state" in ('waiting', 'delivered', 'bounced', 'failed'))
);
--> statement-breakpoint
CREATE TABLE "mail_days" (
	"day" date PRIMARY KEY NOT NULL,
	"sent" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "mail_limit" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"per_day" integer,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "mail_limit_per_day_check" CHECK ("mail_limit"."per_day" between 1 and 1000000)
);
--> statement-breakpoint
CREATE TABLE "mailbox" (
	"message_id" text PRIMARY KEY NOT NULL,
	"letter_id" uuid NOT NULL,
	"times" integer DEFAULT 1 NOT NULL,
	"received_at" timestamp with time zone NOT NULL,
	"html" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "referral_lines" (
	"id" uuid PRIMARY KEY NOT NULL,
	"referral_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"author_id" uuid,
	"from_clinician" boolean NOT NULL,
	"text" text NOT NULL,
	"read_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "referrals" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"clinician_id" uuid,
	"to_name" text DEFAULT '' NOT NULL,
	"question" text NOT NULL,
	"consent_how" text,
	"answer_by" date,
	"at" timestamp with time zone NOT NULL,
	"by_id" uuid,
	"ended_at" timestamp with time zone,
	"outcome" text DEFAULT '' NOT NULL,
	CONSTRAINT "referrals_consent_check" CHECK ("referrals"."consent_how" in ('spoken', 'written'))
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
CREATE TABLE "roster_mappings" (
	"user_id" uuid NOT NULL,
	"headings" text NOT NULL,
	"columns" jsonb NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "roster_mappings_user_id_headings_pk" PRIMARY KEY("user_id","headings")
);
--> statement-breakpoint
CREATE TABLE "round_people" (
	"round_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"state" text DEFAULT 'waiting' NOT NULL,
	"assessment_id" uuid,
	"reminders" smallint DEFAULT 0 NOT NULL,
	"remind_on" date,
	"to_call" boolean DEFAULT false NOT NULL,
	CONSTRAINT "round_people_round_id_person_id_pk" PRIMARY KEY("round_id","person_id"),
	CONSTRAINT "round_people_state_check" CHECK ("round_people"."state" in ('waiting', 'sent', 'answered', 'bounced', 'skipped'))
);
--> statement-breakpoint
CREATE TABLE "rounds" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"state" text DEFAULT 'draft' NOT NULL,
	"filter" jsonb NOT NULL,
	"way" text NOT NULL,
	"route" text DEFAULT 'short' NOT NULL,
	"rhythm" text DEFAULT 'half-hour' NOT NULL,
	"checklist_version" integer NOT NULL,
	"subject" text NOT NULL,
	"body" text NOT NULL,
	"starts_on" date NOT NULL,
	"due_on" date NOT NULL,
	"time_zone" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"sent_at" timestamp with time zone,
	"closed_at" timestamp with time zone,
	"counts" jsonb,
	CONSTRAINT "rounds_state_check" CHECK ("rounds"."state" in ('draft', 'sending', 'open', 'closed')),
	CONSTRAINT "rounds_way_check" CHECK ("rounds"."way" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "rounds_route_check" CHECK ("rounds"."route" in ('short', 'complete')),
	CONSTRAINT "rounds_rhythm_check" CHECK ("rounds"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'))
);
--> statement-breakpoint
ALTER TABLE "account_links" ADD CONSTRAINT "account_links_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "known_devices" ADD CONSTRAINT "known_devices_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passkey_challenges" ADD CONSTRAINT "passkey_challenges_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passkeys" ADD CONSTRAINT "passkeys_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_spot_of_assessments_id_fk" FOREIGN KEY ("spot_of") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "link_uses" ADD CONSTRAINT "link_uses_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "re_measurements" ADD CONSTRAINT "re_measurements_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_judgement_id_judgements_id_fk" FOREIGN KEY ("judgement_id") REFERENCES "public"."judgements"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_after_follow_ups_id_fk" FOREIGN KEY ("after") REFERENCES "public"."follow_ups"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "judgements" ADD CONSTRAINT "judgements_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "moving" ADD CONSTRAINT "moving_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "moving_weeks" ADD CONSTRAINT "moving_weeks_person_id_moving_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."moving"("person_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_judgement_id_judgements_id_fk" FOREIGN KEY ("judgement_id") REFERENCES "public"."judgements"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "workforce_reports" ADD CONSTRAINT "workforce_reports_made_by_users_id_fk" FOREIGN KEY ("made_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_owner_id_users_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "saved_filters" ADD CONSTRAINT "saved_filters_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_ins" ADD CONSTRAINT "check_ins_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_ins" ADD CONSTRAINT "check_ins_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "step_events" ADD CONSTRAINT "step_events_plan_id_plans_id_fk" FOREIGN KEY ("plan_id") REFERENCES "public"."plans"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "mailbox" ADD CONSTRAINT "mailbox_letter_id_letters_id_fk" FOREIGN KEY ("letter_id") REFERENCES "public"."letters"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referral_lines" ADD CONSTRAINT "referral_lines_referral_id_referrals_id_fk" FOREIGN KEY ("referral_id") REFERENCES "public"."referrals"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referral_lines" ADD CONSTRAINT "referral_lines_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_clinician_id_users_id_fk" FOREIGN KEY ("clinician_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_by_id_users_id_fk" FOREIGN KEY ("by_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reported_discomfort" ADD CONSTRAINT "reported_discomfort_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reported_signs" ADD CONSTRAINT "reported_signs_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_mappings" ADD CONSTRAINT "roster_mappings_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_links_user_idx" ON "account_links" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "passkey_challenges_expires_idx" ON "passkey_challenges" USING btree ("expires_at");--> statement-breakpoint
CREATE INDEX "passkeys_user_idx" ON "passkeys" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sessions_user_idx" ON "sessions" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sessions_expires_idx" ON "sessions" USING btree ("expires_at");--> statement-breakpoint
CREATE INDEX "sign_in_failures_key_at_idx" ON "sign_in_failures" USING btree ("key","at");--> statement-breakpoint
CREATE INDEX "sign_in_failures_at_idx" ON "sign_in_failures" USING btree ("at");--> statement-breakpoint
CREATE UNIQUE INDEX "users_provider_subject_key" ON "users" USING btree ("provider_subject");--> statement-breakpoint
CREATE UNIQUE INDEX "users_calendar_key" ON "users" USING btree ("calendar_hash");--> statement-breakpoint
CREATE UNIQUE INDEX "users_email_key" ON "users" USING btree (lower("email"));--> statement-breakpoint
CREATE INDEX "desk_acts_user_at_idx" ON "desk_acts" USING btree ("user_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "desk_acts_person_idx" ON "desk_acts" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "desk_acts_batch_idx" ON "desk_acts" USING btree ("batch");--> statement-breakpoint
CREATE INDEX "desk_acts_kept_idx" ON "desk_acts" USING btree ("at") WHERE "desk_acts"."changes" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "assessments_token_key" ON "assessments" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "assessments_spot_of_idx" ON "assessments" USING btree ("spot_of") WHERE "assessments"."spot_of" is not null;--> statement-breakpoint
CREATE INDEX "assessments_person_sent_idx" ON "assessments" USING btree ("person_id","sent_at" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "equipment_requests_key" ON "equipment_requests" USING btree ("assessment_id","purchase");--> statement-breakpoint
CREATE INDEX "equipment_requests_board_idx" ON "equipment_requests" USING btree ("state","changed_at","asked_at","id");--> statement-breakpoint
CREATE UNIQUE INDEX "equipment_store_thing_key" ON "equipment_store" USING btree ("thing");--> statement-breakpoint
CREATE INDEX "re_measurements_assessment_at_idx" ON "re_measurements" USING btree ("assessment_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_person_at_idx" ON "audit_lines" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_actor_idx" ON "audit_lines" USING btree ("actor_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_act_idx" ON "audit_lines" USING btree ("act","id" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "audit_seals_line_key" ON "audit_seals" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "cases_open_idx" ON "cases" USING btree ("level","act_by","worst" DESC NULLS LAST,"person_id") WHERE "cases"."open_since" is not null;--> statement-breakpoint
CREATE INDEX "cases_follow_up_idx" ON "cases" USING btree ("follow_up_on","person_id") WHERE "cases"."follow_up_on" is not null and "cases"."open_since" is null;--> statement-breakpoint
CREATE INDEX "cases_newest_answer_idx" ON "cases" USING btree (coalesce("answered_at", '-infinity'::timestamptz),"person_id");--> statement-breakpoint
CREATE INDEX "cases_oldest_answer_idx" ON "cases" USING btree (coalesce("answered_at", 'infinity'::timestamptz),"person_id");--> statement-breakpoint
CREATE INDEX "cases_most_off_idx" ON "cases" USING btree (coalesce("checks_off", -1),"person_id");--> statement-breakpoint
CREATE INDEX "cases_least_off_idx" ON "cases" USING btree (coalesce("checks_off", 2147483647),"person_id");--> statement-breakpoint
CREATE INDEX "cases_next_follow_up_idx" ON "cases" USING btree (coalesce("follow_up_on", 'infinity'::date),"person_id");--> statement-breakpoint
CREATE INDEX "cases_last_follow_up_idx" ON "cases" USING btree (coalesce("follow_up_on", '-infinity'::date),"person_id");--> statement-breakpoint
CREATE INDEX "cases_judge_on_idx" ON "cases" USING btree ("judge_on","person_id") WHERE "cases"."judge_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_mail_on_idx" ON "cases" USING btree ("mail_on","person_id") WHERE "cases"."mail_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_judgement_idx" ON "cases" USING btree ("judgement_id");--> statement-breakpoint
CREATE INDEX "cases_rules_version_idx" ON "cases" USING btree ("rules_version","person_id");--> statement-breakpoint
CREATE INDEX "cases_referred_idx" ON "cases" USING btree ("level","person_id") WHERE "cases"."referred_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_level_idx" ON "cases" USING btree ("level","person_id");--> statement-breakpoint
CREATE INDEX "cases_unsent_idx" ON "cases" USING btree ("person_id") WHERE "cases"."sent_at" is null;--> statement-breakpoint
CREATE INDEX "cases_revoked_idx" ON "cases" USING btree ("person_id") WHERE "cases"."revoked_at" is not null and "cases"."answered_at" is null;--> statement-breakpoint
CREATE INDEX "cases_waiting_idx" ON "cases" USING btree ("sent_at") WHERE "cases"."sent_at" is not null and "cases"."answered_at" is null and "cases"."revoked_at" is null;--> statement-breakpoint
CREATE INDEX "messages_person_at_idx" ON "messages" USING btree ("person_id","at");--> statement-breakpoint
CREATE INDEX "messages_open_idx" ON "messages" USING btree ("person_id") WHERE "messages"."from_person" and "messages"."answered_at" is null;--> statement-breakpoint
CREATE INDEX "notes_person_at_idx" ON "notes" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "follow_ups_open_key" ON "follow_ups" USING btree ("person_id","kind") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "follow_ups_held_idx" ON "follow_ups" USING btree ("kind","person_id") WHERE "follow_ups"."held_why" is not null and "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "follow_ups_after_idx" ON "follow_ups" USING btree ("after");--> statement-breakpoint
CREATE INDEX "follow_ups_person_idx" ON "follow_ups" USING btree ("person_id","due" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "follow_ups_look_idx" ON "follow_ups" USING btree ("due","person_id") WHERE "follow_ups"."done_at" is null and "follow_ups"."kind" = 'look';--> statement-breakpoint
CREATE INDEX "follow_ups_due_idx" ON "follow_ups" USING btree ("due","person_id") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "contacts_person_idx" ON "contacts" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "judgements_person_idx" ON "judgements" USING btree ("person_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "observations_person_idx" ON "observations" USING btree ("person_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "observations_judgement_idx" ON "observations" USING btree ("judgement_id");--> statement-breakpoint
CREATE INDEX "observations_discomfort_idx" ON "observations" USING gin ("discomfort") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "observations_findings_idx" ON "observations" USING gin ("findings") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "workforce_reports_to_idx" ON "workforce_reports" USING btree ("to_day" DESC NULLS LAST,"made_at" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "people_email_key" ON "people" USING btree (lower("email"));--> statement-breakpoint
CREATE INDEX "people_name_id_idx" ON "people" USING btree (lower("name"),"id");--> statement-breakpoint
CREATE INDEX "people_left_idx" ON "people" USING btree (lower("name"),"id") WHERE "people"."left_at" is not null;--> statement-breakpoint
CREATE INDEX "people_bounced_idx" ON "people" USING btree (lower("name"),"id") WHERE "people"."bounced_at" is not null;--> statement-breakpoint
CREATE INDEX "people_later_idx" ON "people" USING btree ("later_on") WHERE "people"."later_on" is not null;--> statement-breakpoint
CREATE INDEX "people_owner_idx" ON "people" USING btree ("owner_id") WHERE "people"."owner_id" is not null;--> statement-breakpoint
CREATE INDEX "people_country_idx" ON "people" USING btree ("country","id");--> statement-breakpoint
CREATE INDEX "people_team_idx" ON "people" USING btree ("team",lower("name"),"id");--> statement-breakpoint
CREATE INDEX "people_search_idx" ON "people" USING gin (("name" || ' ' || "team" || ' ' || "email") gin_trgm_ops);--> statement-breakpoint
CREATE INDEX "people_name_start_idx" ON "people" USING btree (lower("name") text_pattern_ops);--> statement-breakpoint
CREATE UNIQUE INDEX "saved_filters_key" ON "saved_filters" USING btree ("user_id","name");--> statement-breakpoint
CREATE UNIQUE INDEX "check_ins_open_key" ON "check_ins" USING btree ("person_id","kind") WHERE "check_ins"."answered_at" is null and "check_ins"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "check_ins_person_idx" ON "check_ins" USING btree ("person_id","asked_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "check_ins_assessment_idx" ON "check_ins" USING btree ("assessment_id");--> statement-breakpoint
CREATE INDEX "check_ins_remind_idx" ON "check_ins" USING btree ("remind_on") WHERE "check_ins"."remind_on" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "plans_current_key" ON "plans" USING btree ("assessment_id") WHERE "plans"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "plans_assessment_idx" ON "plans" USING btree ("assessment_id","made_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "plans_held_idx" ON "plans" USING btree ("assessment_id") WHERE "plans"."held_why" is not null and "plans"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "step_events_plan_idx" ON "step_events" USING btree ("plan_id","id");--> statement-breakpoint
CREATE INDEX "letters_written_idx" ON "letters" USING btree ("written_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "letters_person_idx" ON "letters" USING btree ("person_id","written_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "letters_round_idx" ON "letters" USING btree ("round_id") WHERE "letters"."round_id" is not null;--> statement-breakpoint
CREATE INDEX "letters_waiting_idx" ON "letters" USING btree ("next_try_at") WHERE "letters"."state" = 'waiting';--> statement-breakpoint
CREATE INDEX "referral_lines_at_idx" ON "referral_lines" USING btree ("referral_id","at");--> statement-breakpoint
CREATE INDEX "referral_lines_unread_idx" ON "referral_lines" USING btree ("referral_id") WHERE "referral_lines"."from_clinician" and "referral_lines"."read_at" is null;--> statement-breakpoint
CREATE INDEX "referrals_person_at_idx" ON "referrals" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "referrals_clinician_idx" ON "referrals" USING btree ("clinician_id","at") WHERE "referrals"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "reported_discomfort_assessment_idx" ON "reported_discomfort" USING btree ("assessment_id","at");--> statement-breakpoint
CREATE INDEX "reported_signs_person_idx" ON "reported_signs" USING btree ("person_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "reported_signs_standing_key" ON "reported_signs" USING btree ("person_id","sign") WHERE "reported_signs"."taken_back_at" is null;--> statement-breakpoint
CREATE INDEX "round_people_state_idx" ON "round_people" USING btree ("round_id","state");--> statement-breakpoint
CREATE INDEX "round_people_person_idx" ON "round_people" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "round_people_assessment_idx" ON "round_people" USING btree ("assessment_id");--> statement-breakpoint
CREATE INDEX "round_people_remind_idx" ON "round_people" USING btree ("remind_on") WHERE "round_people"."remind_on" is not null;--> statement-breakpoint
CREATE INDEX "rounds_created_idx" ON "rounds" USING btree ("created_at" DESC NULLS LAST);
--> statement-breakpoint
-- What is written once stays: triggers hold it for every role, the owner included.
create function refuse_change() returns trigger language plpgsql as $$
begin
	raise exception 'audit lines are append-only';
end
$$;
--> statement-breakpoint
create trigger audit_lines_append_only
	before update or delete or truncate on audit_lines
	for each statement execute function refuse_change();
--> statement-breakpoint
create trigger audit_seals_append_only
	before update or delete or truncate on audit_seals
	for each statement execute function refuse_change();
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
--> statement-breakpoint
insert into retention (id) values (1);
