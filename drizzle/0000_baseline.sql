-- Before the tables. Both come with PostgreSQL and are trusted: pg_trgm searches by any part of a name, btree_gist keeps days apart by person.
create extension if not exists pg_trgm;
--> statement-breakpoint
create extension if not exists btree_gist;
--> statement-breakpoint
CREATE TYPE "public"."level" AS ENUM('emergency', 'urgent', 'clinician', 'soon', 'help', 'home', 'done');--> statement-breakpoint
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
	"language" text DEFAULT 'en' NOT NULL,
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
	"away_from" date,
	"away_until" date,
	"stand_in_id" uuid,
	CONSTRAINT "users_away_check" CHECK (("users"."away_from" is null) = ("users"."away_until" is null) and coalesce("users"."away_from" <= "users"."away_until", true)),
	CONSTRAINT "users_language_check" CHECK ("users"."language" in ('en', 'de')),
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
CREATE TABLE "api_tokens" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"user_id" uuid NOT NULL,
	"name" text NOT NULL,
	"token_hash" text NOT NULL,
	"scopes" text[] NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone,
	CONSTRAINT "api_tokens_scopes_check" CHECK ("api_tokens"."scopes" <@ array['people:read', 'people:change', 'assessments:send', 'rounds:read', 'rounds:run', 'cases:read']::text[])
);
--> statement-breakpoint
CREATE TABLE "assessment_results" (
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
	"fixed" text[] DEFAULT '{}' NOT NULL,
	"next" text,
	"next_on" date,
	"why" text DEFAULT '' NOT NULL,
	"saw" jsonb,
	"known" jsonb,
	CONSTRAINT "contacts_look_check" CHECK (("contacts"."saw" is null) = ("contacts"."known" is null)),
	CONSTRAINT "contacts_how_check" CHECK ("contacts"."how" in ('phone', 'message', 'video', 'in-person')),
	CONSTRAINT "contacts_result_check" CHECK ("contacts"."result" in ('reached', 'no-answer', 'left-word', 'wrong-number')),
	CONSTRAINT "contacts_next_check" CHECK ("contacts"."next" in ('look', 'referral', 'nothing')),
	CONSTRAINT "contacts_closes_check" CHECK ("contacts"."closes" <@ array['chest-pain', 'sudden-breathlessness', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'thoughts-of-ending-life', 'new-weakness', 'one-calf-swollen', 'back-pain-with-fever', 'clumsy-hands', 'wakes-at-night', 'numbness-stays', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'worst-at-night', 'reported-weakness', 'reported-tingling', 'severe', 'not-better']::text[]),
	CONSTRAINT "contacts_outcome_check" CHECK (cardinality("contacts"."closes") = 0 or ("contacts"."result" = 'reached' and "contacts"."whom" <> '' and "contacts"."said" <> '' and "contacts"."next" is not null)),
	CONSTRAINT "contacts_fixed_check" CHECK (cardinality("contacts"."fixed") = 0 or ("contacts"."result" = 'reached' and "contacts"."whom" <> '')),
	CONSTRAINT "contacts_next_on_check" CHECK ("contacts"."next" is distinct from 'look' or "contacts"."next_on" is not null),
	CONSTRAINT "contacts_why_check" CHECK ("contacts"."next" is distinct from 'nothing' or "contacts"."why" <> '')
);
--> statement-breakpoint
CREATE TABLE "assessments" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"place_of" uuid,
	"token_hash" text NOT NULL,
	"sitting_style" text NOT NULL,
	"questionnaire_mode" text DEFAULT 'short' NOT NULL,
	"break_schedule" text DEFAULT 'few' NOT NULL,
	"checklist_version" integer NOT NULL,
	"sent_at" timestamp with time zone NOT NULL,
	"revoked_at" timestamp with time zone,
	"ended_why" text,
	"consented_at" timestamp with time zone,
	"phone_by" uuid,
	"phone_at" timestamp with time zone,
	"answers" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"answers_revision" integer DEFAULT 0 NOT NULL,
	"saved_at" timestamp with time zone,
	"trial_ask_at" timestamp with time zone,
	"answered_at" timestamp with time zone,
	"workstation" jsonb,
	"checks_off" integer,
	"signs" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"signs_at" timestamp with time zone,
	"discomfort" jsonb,
	"seen_at" timestamp with time zone,
	CONSTRAINT "assessments_sitting_style_check" CHECK ("assessments"."sitting_style" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "assessments_questionnaire_mode_check" CHECK ("assessments"."questionnaire_mode" in ('short', 'complete')),
	CONSTRAINT "assessments_break_schedule_check" CHECK ("assessments"."break_schedule" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks')),
	CONSTRAINT "assessments_ended_check" CHECK (("assessments"."revoked_at" is null) = ("assessments"."ended_why" is null)),
	CONSTRAINT "assessments_ended_why_check" CHECK ("assessments"."ended_why" in ('replaced', 'left', 'withdrawn')),
	CONSTRAINT "assessments_consent_check" CHECK ("assessments"."answered_at" is null or "assessments"."consented_at" is not null),
	CONSTRAINT "assessments_answered_check" CHECK (("assessments"."answered_at" is null) = ("assessments"."workstation" is null))
);
--> statement-breakpoint
CREATE TABLE "equipment_requests" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"purchase" text NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	"state" text DEFAULT 'asked' NOT NULL,
	"reason" text DEFAULT '' NOT NULL,
	"deliver_to" text DEFAULT '' NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"order_number" text DEFAULT '' NOT NULL,
	"cost_cents" integer,
	"from_store" boolean DEFAULT false NOT NULL,
	"back_by" date,
	"currency" text DEFAULT '' NOT NULL,
	"changed_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_requests_purchase_check" CHECK ("equipment_requests"."purchase" ~ '^(?:keyboard-and-mouse|footrest|foot-bar|seat-cushion|monitor|another-surface|chair|headset|desk-lamp|paper-holder|vertical-mouse|power-strip|sit-stand-converter|item-[1-9][0-9]{0,3}|eye-test)$'),
	CONSTRAINT "equipment_requests_state_check" CHECK ("equipment_requests"."state" in ('asked', 'approved', 'ordered', 'sent', 'arrived', 'returned', 'declined'))
);
--> statement-breakpoint
CREATE TABLE "equipment_store" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"thing" text NOT NULL,
	"on_hand" integer NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_store_thing_check" CHECK ("equipment_store"."thing" ~ '^(?:keyboard-and-mouse|footrest|foot-bar|seat-cushion|monitor|another-surface|chair|headset|desk-lamp|paper-holder|vertical-mouse|power-strip|sit-stand-converter|item-[1-9][0-9]{0,3}|eye-test)$'),
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
CREATE TABLE "remeasurements" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"lengths" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "audit_checks" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"seal_id" bigint NOT NULL,
	"hash" text NOT NULL,
	"n" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "audit_counts" (
	"kind" text NOT NULL,
	"shard" integer NOT NULL,
	"n" bigint DEFAULT 0 NOT NULL,
	CONSTRAINT "audit_counts_kind_shard_pk" PRIMARY KEY("kind","shard")
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
CREATE TABLE "break_settings" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"break_schedule" text,
	"share" text DEFAULT 'moving' NOT NULL,
	"shared_at" timestamp with time zone,
	CONSTRAINT "break_settings_break_schedule_check" CHECK ("break_settings"."break_schedule" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks')),
	CONSTRAINT "break_settings_share_check" CHECK ("break_settings"."share" in ('moving', 'half', 'mostly'))
);
--> statement-breakpoint
CREATE TABLE "break_weeks" (
	"person_id" uuid NOT NULL,
	"week" date NOT NULL,
	"planned" smallint NOT NULL,
	"taken" smallint NOT NULL,
	CONSTRAINT "break_weeks_person_id_week_pk" PRIMARY KEY("person_id","week")
);
--> statement-breakpoint
CREATE TABLE "case_visitors" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"user_id" uuid NOT NULL,
	"since" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "cases" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"assessment_result_id" bigint,
	"level" "level" DEFAULT 'done' NOT NULL,
	"is_stopped" boolean DEFAULT false NOT NULL,
	"open_since" date,
	"act_by" date,
	"worst" smallint DEFAULT 0 NOT NULL,
	"follow_up_on" date,
	"reassess_on" date,
	"mail_on" date,
	"rules_version" text,
	"software_version" text,
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
CREATE TABLE "cover_settings" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"minutes" smallint,
	"deputy_id" uuid,
	"out_of_hours" text NOT NULL,
	"webhook_url" text NOT NULL,
	"webhook_secret" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	CONSTRAINT "cover_settings_one_check" CHECK ("cover_settings"."id" = 1),
	CONSTRAINT "cover_settings_minutes_check" CHECK ("cover_settings"."minutes" is null or "cover_settings"."minutes" in (10, 20, 30, 60, 120))
);
--> statement-breakpoint
CREATE TABLE "deputy_alerts" (
	"person_id" uuid NOT NULL,
	"reported_at" timestamp with time zone NOT NULL,
	"alert_id" uuid DEFAULT gen_random_uuid() NOT NULL,
	"alerted_at" timestamp with time zone NOT NULL,
	"webhook_at" timestamp with time zone,
	CONSTRAINT "deputy_alerts_person_id_reported_at_pk" PRIMARY KEY("person_id","reported_at")
);
--> statement-breakpoint
CREATE TABLE "directory" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"settings" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"wanted_at" timestamp with time zone,
	"claimed_until" timestamp with time zone,
	"tried_at" timestamp with time zone,
	"fault" text DEFAULT '' NOT NULL,
	"read_at" timestamp with time zone,
	"roster" jsonb,
	"comparison" jsonb,
	CONSTRAINT "directory_one_check" CHECK ("directory"."id" = 1)
);
--> statement-breakpoint
CREATE TABLE "email_days" (
	"day" date PRIMARY KEY NOT NULL,
	"sent" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "email_limit" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"per_day" integer,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "mail_limit_per_day_check" CHECK ("email_limit"."per_day" between 1 and 1000000)
);
--> statement-breakpoint
CREATE TABLE "emails" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid,
	"round_id" uuid,
	"to_name" text NOT NULL,
	"to_email" text NOT NULL,
	"kind" text NOT NULL,
	"language" text DEFAULT 'en' NOT NULL,
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
	CONSTRAINT "emails_kind_check" CHECK ("emails"."kind" in ('invitation', 'reminder', 'message', 'equipment', 'plan-reminder', 'trial-question', 'check-in', 'check-in-reminder', 'recheck', 'recheck-reminder', 'referral-new', 'referral-answered', 'referral-ended', 'deputy-alert', 'account-invitation', 'password-reset', 'new-device', 'tries', 'codes', 'password', 'passkey', 'passkey-removed', 'factor-set', 'factor-ended', 'log-given', 'log-taken', 'provider', 'api-token')),
	CONSTRAINT "emails_state_check" CHECK ("emails"."state" in ('waiting', 'delivered', 'bounced', 'failed'))
);
--> statement-breakpoint
CREATE TABLE "test_inbox" (
	"message_id" text PRIMARY KEY NOT NULL,
	"email_id" uuid NOT NULL,
	"times" integer DEFAULT 1 NOT NULL,
	"received_at" timestamp with time zone NOT NULL,
	"html" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "follow_ups" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"kind" text DEFAULT 'look' NOT NULL,
	"due" date NOT NULL,
	"policy_day" date,
	"hold_reason" text,
	"held_before" date,
	"reason" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"done_at" timestamp with time zone,
	"outcome" text DEFAULT '' NOT NULL,
	"after" uuid,
	CONSTRAINT "follow_ups_kind_check" CHECK ("follow_ups"."kind" in ('look', 'check-in', 'recheck')),
	CONSTRAINT "follow_ups_policy_check" CHECK (("follow_ups"."kind" = 'look') = ("follow_ups"."policy_day" is null)),
	CONSTRAINT "follow_ups_held_check" CHECK ("follow_ups"."hold_reason" in ('update', 'policy', 'import'))
);
--> statement-breakpoint
CREATE TABLE "language_reviews" (
	"language" text PRIMARY KEY NOT NULL,
	"reviewed_by" text NOT NULL,
	"texts_hash" text NOT NULL,
	"reviewed_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "current_figures" (
	"screen" text NOT NULL,
	"view" text NOT NULL,
	"on_day" date NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	"count_at" timestamp with time zone,
	"figures" jsonb NOT NULL,
	CONSTRAINT "current_figures_screen_view_pk" PRIMARY KEY("screen","view")
);
--> statement-breakpoint
CREATE TABLE "equipment_budgets" (
	"year" smallint PRIMARY KEY NOT NULL,
	"cents" integer NOT NULL,
	"currency" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_budgets_cents_check" CHECK ("equipment_budgets"."cents" between 0 and 1000000000),
	CONSTRAINT "equipment_budgets_currency_check" CHECK ("equipment_budgets"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
CREATE TABLE "observations" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"assessment_result_id" bigint NOT NULL,
	"person_id" uuid NOT NULL,
	"on_day" date NOT NULL,
	"until_day" date,
	"level" "level" NOT NULL,
	"team" text NOT NULL,
	"country" text NOT NULL,
	"round_id" uuid,
	"sitting_style" text,
	"questionnaire_mode" text,
	"place" text,
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
	"heights" text NOT NULL,
	"heights_after" text NOT NULL,
	"helped_by" text[] NOT NULL,
	"first_choice" text[] NOT NULL,
	"plan_steps" text[] DEFAULT '{}' NOT NULL,
	CONSTRAINT "observations_place_check" CHECK ("observations"."place" in ('standing', 'chair', 'stool', 'ball', 'wheelchair', 'sofa', 'bed', 'saddle', 'kneeling', 'floor')),
	CONSTRAINT "observations_heights_check" CHECK ("observations"."heights" in ('fits', 'unsure', 'off')),
	CONSTRAINT "observations_heights_after_check" CHECK ("observations"."heights_after" in ('fits', 'unsure', 'off')),
	CONSTRAINT "observations_days_check" CHECK ("observations"."until_day" is null or "observations"."until_day" >= "observations"."on_day")
);
--> statement-breakpoint
CREATE TABLE "published_figures" (
	"on_day" date NOT NULL,
	"of" text NOT NULL,
	"by" text NOT NULL,
	"document" jsonb NOT NULL,
	"renewed_on" jsonb NOT NULL,
	"pending" jsonb NOT NULL,
	"sums" jsonb NOT NULL,
	CONSTRAINT "published_figures_on_day_of_by_pk" PRIMARY KEY("on_day","of","by")
);
--> statement-breakpoint
CREATE TABLE "published_states" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"person_id" uuid,
	"as_of" date NOT NULL,
	"on_day" date,
	"team" text NOT NULL,
	"country" text NOT NULL,
	"round_id" uuid,
	"sitting_style" text,
	"questionnaire_mode" text,
	"place" text,
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
	"heights" text NOT NULL,
	"heights_after" text NOT NULL,
	"helped_by" text[] NOT NULL,
	"first_choice" text[] NOT NULL,
	"plan_steps" text[] DEFAULT '{}' NOT NULL,
	"sent_on" date,
	"sent_round_id" uuid,
	"sent_sitting_style" text,
	"sent_questionnaire_mode" text,
	"sent_answered_on" date,
	"seen_on" date,
	"bought_on" date,
	"referred_on" date
);
--> statement-breakpoint
CREATE TABLE "purchase_needs" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"worst" smallint NOT NULL,
	"offers" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "purchase_prices" (
	"purchase" text PRIMARY KEY NOT NULL,
	"cents" integer NOT NULL,
	"currency" text NOT NULL,
	CONSTRAINT "purchase_prices_purchase_check" CHECK ("purchase_prices"."purchase" ~ '^(?:keyboard-and-mouse|footrest|foot-bar|seat-cushion|monitor|another-surface|chair|headset|desk-lamp|paper-holder|vertical-mouse|power-strip|sit-stand-converter|item-[1-9][0-9]{0,3}|eye-test)$'),
	CONSTRAINT "purchase_prices_cents_check" CHECK ("purchase_prices"."cents" between 0 and 100000000),
	CONSTRAINT "purchase_prices_currency_check" CHECK ("purchase_prices"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
CREATE TABLE "workforce_closings" (
	"on_day" date PRIMARY KEY NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"renewed" integer NOT NULL,
	"parts" jsonb
);
--> statement-breakpoint
CREATE TABLE "workforce_reports" (
	"id" uuid PRIMARY KEY NOT NULL,
	"from_day" date NOT NULL,
	"to_day" date NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"made_by" uuid,
	"document" jsonb NOT NULL,
	"remark" text DEFAULT '' NOT NULL,
	"decided" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "workforce_reports_days_check" CHECK ("workforce_reports"."from_day" <= "workforce_reports"."to_day")
);
--> statement-breakpoint
CREATE TABLE "organisation" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"contact_name" text NOT NULL,
	"contact_role" text NOT NULL,
	"phone" text NOT NULL,
	"reply_to" text NOT NULL,
	"address" text NOT NULL,
	"genuine_page" text NOT NULL,
	"participation" text NOT NULL,
	"duty_law" text NOT NULL,
	"language" text NOT NULL,
	"time_zone" text DEFAULT 'UTC' NOT NULL,
	"logo" "bytea",
	"logo_width_px" integer,
	"logo_height_px" integer,
	"version" integer DEFAULT 1 NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	CONSTRAINT "organisation_one_check" CHECK ("organisation"."id" = 1),
	CONSTRAINT "organisation_participation_check" CHECK ("organisation"."participation" in ('voluntary', 'duty'))
);
--> statement-breakpoint
CREATE TABLE "people" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"team" text DEFAULT '' NOT NULL,
	"staff_number" text DEFAULT '' NOT NULL,
	"sitting_style" text,
	"questionnaire_mode" text,
	"break_schedule" text,
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
	"reminders_stopped_at" timestamp with time zone,
	"bounced_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "people_sitting_style_check" CHECK ("people"."sitting_style" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "people_questionnaire_mode_check" CHECK ("people"."questionnaire_mode" in ('short', 'complete')),
	CONSTRAINT "people_break_schedule_check" CHECK ("people"."break_schedule" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'))
);
--> statement-breakpoint
CREATE TABLE "person_merges" (
	"from_id" uuid PRIMARY KEY NOT NULL,
	"into_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL
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
	CONSTRAINT "check_ins_news_check" CHECK ("check_ins"."news" <@ array['glasses', 'moved', 'chair', 'pregnancy', 'other']::text[])
);
--> statement-breakpoint
CREATE TABLE "plans" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"why" text NOT NULL,
	"workstation" jsonb NOT NULL,
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
	"hold_reason" text,
	"held_before" date,
	"cancelled_day" date,
	"reminded_at" timestamp with time zone,
	"ended_at" timestamp with time zone,
	CONSTRAINT "plans_held_check" CHECK ("plans"."hold_reason" in ('update', 'policy', 'import')),
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
CREATE TABLE "practice_rounds" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"user_id" uuid NOT NULL,
	"seed" integer NOT NULL,
	"on_day" date NOT NULL,
	"rules_version" text NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"answered_at" timestamp with time zone,
	"answer" jsonb,
	"message" text DEFAULT '' NOT NULL,
	"order_share" real,
	"right_acts" smallint,
	"missed" smallint
);
--> statement-breakpoint
CREATE TABLE "second_opinion_cases" (
	"opinion_id" uuid NOT NULL,
	"place" smallint NOT NULL,
	"person_id" uuid NOT NULL,
	"record" jsonb NOT NULL,
	"level" "level" NOT NULL,
	"reason" text,
	CONSTRAINT "second_opinion_cases_opinion_id_place_pk" PRIMARY KEY("opinion_id","place")
);
--> statement-breakpoint
CREATE TABLE "second_opinions" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"started_by" uuid NOT NULL,
	"asked_user" uuid NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"started_levels" jsonb,
	"asked_levels" jsonb
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
CREATE TABLE "crisis_lines" (
	"country" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"phone" text NOT NULL,
	"changed_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "finding_ticks" (
	"assessment_id" uuid NOT NULL,
	"finding" text NOT NULL,
	"how" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "finding_ticks_assessment_id_finding_pk" PRIMARY KEY("assessment_id","finding"),
	CONSTRAINT "finding_ticks_how_check" CHECK ("finding_ticks"."how" in ('done', 'not-here'))
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
	CONSTRAINT "reported_signs_sign_check" CHECK ("reported_signs"."sign" in ('chest-pain', 'sudden-breathlessness', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'thoughts-of-ending-life', 'new-weakness', 'one-calf-swollen', 'back-pain-with-fever', 'clumsy-hands', 'wakes-at-night', 'numbness-stays', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'worst-at-night'))
);
--> statement-breakpoint
CREATE TABLE "sign_lifts" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"sign" text NOT NULL,
	"how" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "sign_lifts_sign_check" CHECK ("sign_lifts"."sign" in ('chest-pain', 'sudden-breathlessness', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'thoughts-of-ending-life', 'new-weakness', 'one-calf-swollen', 'back-pain-with-fever', 'clumsy-hands', 'wakes-at-night', 'numbness-stays', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'worst-at-night')),
	CONSTRAINT "sign_lifts_how_check" CHECK ("sign_lifts"."how" in ('seen', 'mistake', 'safe-now'))
);
--> statement-breakpoint
CREATE TABLE "roster_import_people" (
	"import_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"before" jsonb,
	"after" jsonb,
	CONSTRAINT "roster_import_people_import_id_person_id_pk" PRIMARY KEY("import_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "roster_imports" (
	"id" uuid PRIMARY KEY NOT NULL,
	"user_id" uuid,
	"at" timestamp with time zone NOT NULL,
	"on_day" date NOT NULL,
	"added" integer NOT NULL,
	"changed" integer NOT NULL,
	"moved" integer NOT NULL,
	"undone_at" timestamp with time zone
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
	"sitting_style" text NOT NULL,
	"questionnaire_mode" text DEFAULT 'short' NOT NULL,
	"break_schedule" text DEFAULT 'few' NOT NULL,
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
	"paused_at" timestamp with time zone,
	"pending_change" text,
	"counts" jsonb,
	"forecast" jsonb,
	CONSTRAINT "rounds_state_check" CHECK ("rounds"."state" in ('draft', 'sending', 'open', 'closed')),
	CONSTRAINT "rounds_pending_change_check" CHECK ("rounds"."pending_change" in ('close', 'close-and-call', 'reopen')),
	CONSTRAINT "rounds_sitting_style_check" CHECK ("rounds"."sitting_style" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "rounds_questionnaire_mode_check" CHECK ("rounds"."questionnaire_mode" in ('short', 'complete')),
	CONSTRAINT "rounds_break_schedule_check" CHECK ("rounds"."break_schedule" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'))
);
--> statement-breakpoint
CREATE TABLE "archive_loads" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"digest" text NOT NULL,
	"begun_at" timestamp with time zone NOT NULL,
	"loaded" text[] DEFAULT '{}' NOT NULL,
	"finished_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "heartbeat" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "restore_state" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"restored_at" timestamp with time zone,
	"replayed_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "write_limits" (
	"key" text PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
CREATE TABLE "shared_session_entries" (
	"shared_session_id" uuid NOT NULL,
	"field" text NOT NULL,
	"text" text NOT NULL,
	"unit" text NOT NULL,
	"user_id" uuid,
	"is_read_out" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "shared_session_entries_shared_session_id_field_pk" PRIMARY KEY("shared_session_id","field"),
	CONSTRAINT "shared_session_entries_unit_known" CHECK ("shared_session_entries"."unit" in ('cm', 'in', 'mm'))
);
--> statement-breakpoint
CREATE TABLE "shared_session_members" (
	"shared_session_id" uuid NOT NULL,
	"user_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "shared_session_members_shared_session_id_user_id_pk" PRIMARY KEY("shared_session_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "shared_session_visits" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"shared_session_id" uuid NOT NULL,
	"user_id" uuid,
	"since" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shared_sessions" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"assessment_id" uuid NOT NULL,
	"code" text NOT NULL,
	"wrong_codes" smallint DEFAULT 0 NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"ended_at" timestamp with time zone,
	"ended_by" text,
	"station" text NOT NULL,
	"question" text,
	"pointed_by" uuid,
	"person_plan" uuid,
	"coordinator_plan" uuid,
	"next_on" date,
	CONSTRAINT "shared_sessions_code_known" CHECK ("shared_sessions"."code" ~ '^[0-9]{6}$'),
	CONSTRAINT "shared_sessions_ended_by_known" CHECK ("shared_sessions"."ended_by" in ('person', 'coordinator', 'time')),
	CONSTRAINT "shared_sessions_station_known" CHECK ("shared_sessions"."station" in ('you', 'spot', 'feet', 'back', 'hands', 'mouse', 'screen'))
);
--> statement-breakpoint
CREATE TABLE "published_versions" (
	"subject" text NOT NULL,
	"version" integer NOT NULL,
	"content" jsonb,
	"note" text NOT NULL,
	"published_at" timestamp with time zone NOT NULL,
	"published_by" uuid,
	CONSTRAINT "published_versions_subject_version_pk" PRIMARY KEY("subject","version"),
	CONSTRAINT "published_versions_subject_check" CHECK ("published_versions"."subject" ~ '^(policy|checklist|settings:[a-z-]+|text:[a-z-]+:[a-z]{2})$'),
	CONSTRAINT "published_versions_version_check" CHECK ("published_versions"."version" > case when "published_versions"."subject" in ('policy', 'checklist') then 1000 else 0 end)
);
--> statement-breakpoint
CREATE TABLE "version_drafts" (
	"subject" text PRIMARY KEY NOT NULL,
	"content" jsonb,
	"version" integer NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	"changed_by" uuid,
	CONSTRAINT "version_drafts_subject_check" CHECK ("version_drafts"."subject" ~ '^(policy|checklist|settings:[a-z-]+|text:[a-z-]+:[a-z]{2})$')
);
--> statement-breakpoint
CREATE TABLE "webhook_messages" (
	"number" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"webhook_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"queued_at" timestamp with time zone NOT NULL,
	"tries" integer DEFAULT 0 NOT NULL,
	"next_try_at" timestamp with time zone,
	"taken_at" timestamp with time zone,
	"fault" text DEFAULT '' NOT NULL,
	CONSTRAINT "webhook_messages_kind_check" CHECK ("webhook_messages"."kind" in ('people-imported', 'person-added', 'person-left', 'person-returned', 'person-erased', 'round-sent', 'round-closed', 'assessment-sent', 'answered', 'checked-in', 'case-seen', 'follow-up-set', 'follow-up-done', 'equipment-asked', 'equipment-decided', 'equipment-not-needed', 'test'))
);
--> statement-breakpoint
CREATE TABLE "webhooks" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"url" text NOT NULL,
	"secret" text NOT NULL,
	"kinds" text[] NOT NULL,
	"is_on" boolean NOT NULL,
	"failing_since" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	CONSTRAINT "webhooks_kinds_check" CHECK ("webhooks"."kinds" <@ array['people-imported', 'person-added', 'person-left', 'person-returned', 'person-erased', 'round-sent', 'round-closed', 'assessment-sent', 'answered', 'checked-in', 'case-seen', 'follow-up-set', 'follow-up-done', 'equipment-asked', 'equipment-decided', 'equipment-not-needed']::text[])
);
--> statement-breakpoint
ALTER TABLE "account_links" ADD CONSTRAINT "account_links_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "known_devices" ADD CONSTRAINT "known_devices_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passkey_challenges" ADD CONSTRAINT "passkey_challenges_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passkeys" ADD CONSTRAINT "passkeys_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "users" ADD CONSTRAINT "users_stand_in_id_users_id_fk" FOREIGN KEY ("stand_in_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "api_tokens" ADD CONSTRAINT "api_tokens_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessment_results" ADD CONSTRAINT "assessment_results_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_place_of_assessments_id_fk" FOREIGN KEY ("place_of") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_phone_by_users_id_fk" FOREIGN KEY ("phone_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "link_uses" ADD CONSTRAINT "link_uses_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "remeasurements" ADD CONSTRAINT "remeasurements_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "break_settings" ADD CONSTRAINT "break_settings_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "break_weeks" ADD CONSTRAINT "break_weeks_person_id_break_settings_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."break_settings"("person_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "case_visitors" ADD CONSTRAINT "case_visitors_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "case_visitors" ADD CONSTRAINT "case_visitors_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_assessment_result_id_assessment_results_id_fk" FOREIGN KEY ("assessment_result_id") REFERENCES "public"."assessment_results"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cover_settings" ADD CONSTRAINT "cover_settings_deputy_id_users_id_fk" FOREIGN KEY ("deputy_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "deputy_alerts" ADD CONSTRAINT "deputy_alerts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "emails" ADD CONSTRAINT "emails_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "emails" ADD CONSTRAINT "emails_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "test_inbox" ADD CONSTRAINT "test_inbox_email_id_emails_id_fk" FOREIGN KEY ("email_id") REFERENCES "public"."emails"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_after_follow_ups_id_fk" FOREIGN KEY ("after") REFERENCES "public"."follow_ups"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_assessment_result_id_assessment_results_id_fk" FOREIGN KEY ("assessment_result_id") REFERENCES "public"."assessment_results"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_figures" ADD CONSTRAINT "published_figures_on_day_workforce_closings_on_day_fk" FOREIGN KEY ("on_day") REFERENCES "public"."workforce_closings"("on_day") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_states" ADD CONSTRAINT "published_states_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_states" ADD CONSTRAINT "published_states_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "purchase_needs" ADD CONSTRAINT "purchase_needs_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "workforce_reports" ADD CONSTRAINT "workforce_reports_made_by_users_id_fk" FOREIGN KEY ("made_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_owner_id_users_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_merges" ADD CONSTRAINT "person_merges_into_id_people_id_fk" FOREIGN KEY ("into_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "saved_filters" ADD CONSTRAINT "saved_filters_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_ins" ADD CONSTRAINT "check_ins_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_ins" ADD CONSTRAINT "check_ins_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "step_events" ADD CONSTRAINT "step_events_plan_id_plans_id_fk" FOREIGN KEY ("plan_id") REFERENCES "public"."plans"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_rounds" ADD CONSTRAINT "practice_rounds_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinion_cases" ADD CONSTRAINT "second_opinion_cases_opinion_id_second_opinions_id_fk" FOREIGN KEY ("opinion_id") REFERENCES "public"."second_opinions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinion_cases" ADD CONSTRAINT "second_opinion_cases_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinions" ADD CONSTRAINT "second_opinions_started_by_users_id_fk" FOREIGN KEY ("started_by") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinions" ADD CONSTRAINT "second_opinions_asked_user_users_id_fk" FOREIGN KEY ("asked_user") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referral_lines" ADD CONSTRAINT "referral_lines_referral_id_referrals_id_fk" FOREIGN KEY ("referral_id") REFERENCES "public"."referrals"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referral_lines" ADD CONSTRAINT "referral_lines_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_clinician_id_users_id_fk" FOREIGN KEY ("clinician_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_by_id_users_id_fk" FOREIGN KEY ("by_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "finding_ticks" ADD CONSTRAINT "finding_ticks_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reported_discomfort" ADD CONSTRAINT "reported_discomfort_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reported_signs" ADD CONSTRAINT "reported_signs_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sign_lifts" ADD CONSTRAINT "sign_lifts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_import_people" ADD CONSTRAINT "roster_import_people_import_id_roster_imports_id_fk" FOREIGN KEY ("import_id") REFERENCES "public"."roster_imports"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_import_people" ADD CONSTRAINT "roster_import_people_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_imports" ADD CONSTRAINT "roster_imports_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_mappings" ADD CONSTRAINT "roster_mappings_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_session_entries" ADD CONSTRAINT "shared_session_entries_shared_session_id_shared_sessions_id_fk" FOREIGN KEY ("shared_session_id") REFERENCES "public"."shared_sessions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_session_entries" ADD CONSTRAINT "shared_session_entries_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_session_members" ADD CONSTRAINT "shared_session_members_shared_session_id_shared_sessions_id_fk" FOREIGN KEY ("shared_session_id") REFERENCES "public"."shared_sessions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_session_members" ADD CONSTRAINT "shared_session_members_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_session_visits" ADD CONSTRAINT "shared_session_visits_shared_session_id_shared_sessions_id_fk" FOREIGN KEY ("shared_session_id") REFERENCES "public"."shared_sessions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_session_visits" ADD CONSTRAINT "shared_session_visits_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_sessions" ADD CONSTRAINT "shared_sessions_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_sessions" ADD CONSTRAINT "shared_sessions_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_sessions" ADD CONSTRAINT "shared_sessions_pointed_by_users_id_fk" FOREIGN KEY ("pointed_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_sessions" ADD CONSTRAINT "shared_sessions_person_plan_plans_id_fk" FOREIGN KEY ("person_plan") REFERENCES "public"."plans"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_sessions" ADD CONSTRAINT "shared_sessions_coordinator_plan_plans_id_fk" FOREIGN KEY ("coordinator_plan") REFERENCES "public"."plans"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_versions" ADD CONSTRAINT "published_versions_published_by_users_id_fk" FOREIGN KEY ("published_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "version_drafts" ADD CONSTRAINT "version_drafts_changed_by_users_id_fk" FOREIGN KEY ("changed_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "webhook_messages" ADD CONSTRAINT "webhook_messages_webhook_id_webhooks_id_fk" FOREIGN KEY ("webhook_id") REFERENCES "public"."webhooks"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_links_user_idx" ON "account_links" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "passkey_challenges_user_ref_idx" ON "passkey_challenges" USING btree ("user_id") WHERE "passkey_challenges"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "passkey_challenges_expires_idx" ON "passkey_challenges" USING btree ("expires_at");--> statement-breakpoint
CREATE INDEX "passkeys_user_idx" ON "passkeys" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sessions_user_idx" ON "sessions" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sessions_expires_idx" ON "sessions" USING btree ("expires_at");--> statement-breakpoint
CREATE INDEX "sign_in_failures_key_at_idx" ON "sign_in_failures" USING btree ("key","at");--> statement-breakpoint
CREATE INDEX "sign_in_failures_at_idx" ON "sign_in_failures" USING btree ("at");--> statement-breakpoint
CREATE INDEX "users_stand_in_idx" ON "users" USING btree ("stand_in_id") WHERE "users"."stand_in_id" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "users_provider_subject_key" ON "users" USING btree ("provider_subject");--> statement-breakpoint
CREATE UNIQUE INDEX "users_calendar_key" ON "users" USING btree ("calendar_hash");--> statement-breakpoint
CREATE UNIQUE INDEX "users_email_key" ON "users" USING btree (lower("email"));--> statement-breakpoint
CREATE INDEX "desk_acts_user_at_idx" ON "desk_acts" USING btree ("user_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "desk_acts_person_idx" ON "desk_acts" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "desk_acts_batch_idx" ON "desk_acts" USING btree ("batch");--> statement-breakpoint
CREATE INDEX "desk_acts_kept_idx" ON "desk_acts" USING btree ("at") WHERE "desk_acts"."changes" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "api_tokens_hash_key" ON "api_tokens" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "api_tokens_user_idx" ON "api_tokens" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "assessment_results_person_idx" ON "assessment_results" USING btree ("person_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "contacts_author_ref_idx" ON "contacts" USING btree ("author_id") WHERE "contacts"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "contacts_person_idx" ON "contacts" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "contacts_look_idx" ON "contacts" USING btree ("person_id","at" DESC NULLS LAST) WHERE "contacts"."saw" is not null;--> statement-breakpoint
CREATE INDEX "assessments_phone_by_ref_idx" ON "assessments" USING btree ("phone_by") WHERE "assessments"."phone_by" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "assessments_token_key" ON "assessments" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "assessments_place_of_idx" ON "assessments" USING btree ("place_of") WHERE "assessments"."place_of" is not null;--> statement-breakpoint
CREATE INDEX "assessments_sent_idx" ON "assessments" USING btree ("sent_at" DESC NULLS LAST) WHERE "assessments"."place_of" is null;--> statement-breakpoint
CREATE INDEX "assessments_trial_ask_idx" ON "assessments" USING btree ("trial_ask_at") WHERE "assessments"."trial_ask_at" is not null;--> statement-breakpoint
CREATE INDEX "assessments_person_sent_idx" ON "assessments" USING btree ("person_id","sent_at" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "equipment_requests_key" ON "equipment_requests" USING btree ("assessment_id","purchase");--> statement-breakpoint
CREATE INDEX "equipment_requests_board_idx" ON "equipment_requests" USING btree ("state","changed_at","asked_at","id");--> statement-breakpoint
CREATE UNIQUE INDEX "equipment_store_thing_key" ON "equipment_store" USING btree ("thing");--> statement-breakpoint
CREATE INDEX "remeasurements_assessment_at_idx" ON "remeasurements" USING btree ("assessment_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_person_at_idx" ON "audit_lines" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_actor_idx" ON "audit_lines" USING btree ("actor_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_act_idx" ON "audit_lines" USING btree ("act","id" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "audit_seals_line_key" ON "audit_seals" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "case_visitors_user_ref_idx" ON "case_visitors" USING btree ("user_id") WHERE "case_visitors"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "case_visitors_person_idx" ON "case_visitors" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "case_visitors_since_idx" ON "case_visitors" USING btree ("since");--> statement-breakpoint
CREATE INDEX "cases_open_idx" ON "cases" USING btree ("level","act_by","worst" DESC NULLS LAST,"person_id","referred_on") WHERE "cases"."open_since" is not null;--> statement-breakpoint
CREATE INDEX "cases_late_idx" ON "cases" USING btree ("act_by","person_id") WHERE "cases"."open_since" is not null;--> statement-breakpoint
CREATE INDEX "cases_follow_up_idx" ON "cases" USING btree ("follow_up_on","person_id") WHERE "cases"."follow_up_on" is not null and "cases"."open_since" is null;--> statement-breakpoint
CREATE INDEX "cases_newest_answer_idx" ON "cases" USING btree (coalesce("answered_at", '-infinity'::timestamptz),"person_id");--> statement-breakpoint
CREATE INDEX "cases_oldest_answer_idx" ON "cases" USING btree (coalesce("answered_at", 'infinity'::timestamptz),"person_id");--> statement-breakpoint
CREATE INDEX "cases_most_off_idx" ON "cases" USING btree (coalesce("checks_off", -1),"person_id");--> statement-breakpoint
CREATE INDEX "cases_least_off_idx" ON "cases" USING btree (coalesce("checks_off", 2147483647),"person_id");--> statement-breakpoint
CREATE INDEX "cases_next_follow_up_idx" ON "cases" USING btree (coalesce("follow_up_on", 'infinity'::date),"person_id");--> statement-breakpoint
CREATE INDEX "cases_last_follow_up_idx" ON "cases" USING btree (coalesce("follow_up_on", '-infinity'::date),"person_id");--> statement-breakpoint
CREATE INDEX "cases_reassess_on_idx" ON "cases" USING btree ("reassess_on","person_id") WHERE "cases"."reassess_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_mail_on_idx" ON "cases" USING btree ("mail_on","person_id") WHERE "cases"."mail_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_assessment_result_idx" ON "cases" USING btree ("assessment_result_id");--> statement-breakpoint
CREATE INDEX "cases_rules_version_idx" ON "cases" USING btree ("rules_version","person_id");--> statement-breakpoint
CREATE INDEX "cases_referred_idx" ON "cases" USING btree ("level","person_id") WHERE "cases"."referred_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_level_idx" ON "cases" USING btree ("level","person_id");--> statement-breakpoint
CREATE INDEX "cases_unsent_idx" ON "cases" USING btree ("person_id") WHERE "cases"."sent_at" is null;--> statement-breakpoint
CREATE INDEX "cases_revoked_idx" ON "cases" USING btree ("person_id") WHERE "cases"."revoked_at" is not null and "cases"."answered_at" is null;--> statement-breakpoint
CREATE INDEX "cases_waiting_idx" ON "cases" USING btree ("sent_at") WHERE "cases"."sent_at" is not null and "cases"."answered_at" is null and "cases"."revoked_at" is null;--> statement-breakpoint
CREATE INDEX "messages_author_ref_idx" ON "messages" USING btree ("author_id") WHERE "messages"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "messages_person_at_idx" ON "messages" USING btree ("person_id","at");--> statement-breakpoint
CREATE INDEX "messages_open_idx" ON "messages" USING btree ("person_id") WHERE "messages"."from_person" and "messages"."answered_at" is null;--> statement-breakpoint
CREATE INDEX "notes_author_ref_idx" ON "notes" USING btree ("author_id") WHERE "notes"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "notes_person_at_idx" ON "notes" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "cover_settings_deputy_ref_idx" ON "cover_settings" USING btree ("deputy_id") WHERE "cover_settings"."deputy_id" is not null;--> statement-breakpoint
CREATE INDEX "emails_written_idx" ON "emails" USING btree ("written_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "emails_person_idx" ON "emails" USING btree ("person_id","written_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "emails_round_idx" ON "emails" USING btree ("round_id") WHERE "emails"."round_id" is not null;--> statement-breakpoint
CREATE INDEX "emails_waiting_idx" ON "emails" USING btree ("next_try_at") WHERE "emails"."state" = 'waiting';--> statement-breakpoint
CREATE INDEX "emails_of_accounts_idx" ON "emails" USING btree ("next_try_at") WHERE "emails"."state" = 'waiting' and "emails"."person_id" is null;--> statement-breakpoint
CREATE INDEX "emails_undelivered_idx" ON "emails" USING btree ("written_at" DESC NULLS LAST) WHERE "emails"."state" in ('bounced', 'failed') or ("emails"."state" = 'waiting' and "emails"."tries" > 0);--> statement-breakpoint
CREATE INDEX "test_inbox_email_ref_idx" ON "test_inbox" USING btree ("email_id") WHERE "test_inbox"."email_id" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "follow_ups_open_key" ON "follow_ups" USING btree ("person_id","kind") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "follow_ups_held_idx" ON "follow_ups" USING btree ("kind","person_id") WHERE "follow_ups"."hold_reason" is not null and "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "follow_ups_after_idx" ON "follow_ups" USING btree ("after");--> statement-breakpoint
CREATE INDEX "follow_ups_person_idx" ON "follow_ups" USING btree ("person_id","due" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "follow_ups_look_idx" ON "follow_ups" USING btree ("due","person_id") WHERE "follow_ups"."done_at" is null and "follow_ups"."kind" = 'look';--> statement-breakpoint
CREATE INDEX "follow_ups_due_idx" ON "follow_ups" USING btree ("due","person_id") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "current_figures_asked_idx" ON "current_figures" USING btree ("asked_at");--> statement-breakpoint
CREATE INDEX "observations_round_ref_idx" ON "observations" USING btree ("round_id") WHERE "observations"."round_id" is not null;--> statement-breakpoint
CREATE INDEX "observations_person_idx" ON "observations" USING btree ("person_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "observations_newest_key" ON "observations" USING btree ("person_id") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "observations_assessment_result_idx" ON "observations" USING btree ("assessment_result_id");--> statement-breakpoint
CREATE INDEX "observations_discomfort_idx" ON "observations" USING gin ("discomfort") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "observations_findings_idx" ON "observations" USING gin ("findings") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "published_states_round_ref_idx" ON "published_states" USING btree ("round_id") WHERE "published_states"."round_id" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "published_states_person_key" ON "published_states" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "workforce_reports_made_by_ref_idx" ON "workforce_reports" USING btree ("made_by") WHERE "workforce_reports"."made_by" is not null;--> statement-breakpoint
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
CREATE INDEX "person_merges_into_idx" ON "person_merges" USING btree ("into_id");--> statement-breakpoint
CREATE UNIQUE INDEX "saved_filters_key" ON "saved_filters" USING btree ("user_id","name");--> statement-breakpoint
CREATE UNIQUE INDEX "check_ins_open_key" ON "check_ins" USING btree ("person_id","kind") WHERE "check_ins"."answered_at" is null and "check_ins"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "check_ins_person_idx" ON "check_ins" USING btree ("person_id","asked_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "check_ins_assessment_idx" ON "check_ins" USING btree ("assessment_id");--> statement-breakpoint
CREATE INDEX "check_ins_remind_idx" ON "check_ins" USING btree ("remind_on") WHERE "check_ins"."remind_on" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "plans_current_key" ON "plans" USING btree ("assessment_id") WHERE "plans"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "plans_assessment_idx" ON "plans" USING btree ("assessment_id","made_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "plans_held_idx" ON "plans" USING btree ("assessment_id") WHERE "plans"."hold_reason" is not null and "plans"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "step_events_plan_idx" ON "step_events" USING btree ("plan_id","id");--> statement-breakpoint
CREATE INDEX "practice_rounds_user_idx" ON "practice_rounds" USING btree ("user_id","started_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "second_opinion_cases_person_idx" ON "second_opinion_cases" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "second_opinions_started_idx" ON "second_opinions" USING btree ("started_by","started_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "second_opinions_asked_idx" ON "second_opinions" USING btree ("asked_user","started_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "referral_lines_author_ref_idx" ON "referral_lines" USING btree ("author_id") WHERE "referral_lines"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "referral_lines_at_idx" ON "referral_lines" USING btree ("referral_id","at");--> statement-breakpoint
CREATE INDEX "referral_lines_unread_idx" ON "referral_lines" USING btree ("referral_id") WHERE "referral_lines"."from_clinician" and "referral_lines"."read_at" is null;--> statement-breakpoint
CREATE INDEX "referrals_clinician_ref_idx" ON "referrals" USING btree ("clinician_id") WHERE "referrals"."clinician_id" is not null;--> statement-breakpoint
CREATE INDEX "referrals_by_ref_idx" ON "referrals" USING btree ("by_id") WHERE "referrals"."by_id" is not null;--> statement-breakpoint
CREATE INDEX "referrals_person_at_idx" ON "referrals" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "referrals_clinician_idx" ON "referrals" USING btree ("clinician_id","at") WHERE "referrals"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "reported_discomfort_assessment_idx" ON "reported_discomfort" USING btree ("assessment_id","at");--> statement-breakpoint
CREATE INDEX "reported_signs_person_idx" ON "reported_signs" USING btree ("person_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "reported_signs_standing_key" ON "reported_signs" USING btree ("person_id","sign") WHERE "reported_signs"."taken_back_at" is null;--> statement-breakpoint
CREATE INDEX "sign_lifts_person_idx" ON "sign_lifts" USING btree ("person_id","at");--> statement-breakpoint
CREATE INDEX "roster_import_people_person_idx" ON "roster_import_people" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "roster_imports_user_ref_idx" ON "roster_imports" USING btree ("user_id") WHERE "roster_imports"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "roster_imports_day_idx" ON "roster_imports" USING btree ("on_day","at");--> statement-breakpoint
CREATE INDEX "round_people_state_idx" ON "round_people" USING btree ("round_id","state");--> statement-breakpoint
CREATE INDEX "round_people_person_idx" ON "round_people" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "round_people_assessment_idx" ON "round_people" USING btree ("assessment_id");--> statement-breakpoint
CREATE INDEX "round_people_remind_idx" ON "round_people" USING btree ("remind_on") WHERE "round_people"."remind_on" is not null;--> statement-breakpoint
CREATE INDEX "rounds_created_idx" ON "rounds" USING btree ("created_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "shared_session_entries_user_ref_idx" ON "shared_session_entries" USING btree ("user_id") WHERE "shared_session_entries"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "shared_session_members_user_ref_idx" ON "shared_session_members" USING btree ("user_id") WHERE "shared_session_members"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "shared_session_visits_user_ref_idx" ON "shared_session_visits" USING btree ("user_id") WHERE "shared_session_visits"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "shared_session_visits_shared_session_idx" ON "shared_session_visits" USING btree ("shared_session_id");--> statement-breakpoint
CREATE INDEX "shared_session_visits_since_idx" ON "shared_session_visits" USING btree ("since");--> statement-breakpoint
CREATE INDEX "shared_sessions_assessment_ref_idx" ON "shared_sessions" USING btree ("assessment_id") WHERE "shared_sessions"."assessment_id" is not null;--> statement-breakpoint
CREATE INDEX "shared_sessions_pointed_by_ref_idx" ON "shared_sessions" USING btree ("pointed_by") WHERE "shared_sessions"."pointed_by" is not null;--> statement-breakpoint
CREATE INDEX "shared_sessions_person_plan_ref_idx" ON "shared_sessions" USING btree ("person_plan") WHERE "shared_sessions"."person_plan" is not null;--> statement-breakpoint
CREATE INDEX "shared_sessions_coordinator_plan_ref_idx" ON "shared_sessions" USING btree ("coordinator_plan") WHERE "shared_sessions"."coordinator_plan" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "shared_sessions_open_key" ON "shared_sessions" USING btree ("person_id") WHERE "shared_sessions"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "shared_sessions_person_idx" ON "shared_sessions" USING btree ("person_id","started_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "published_versions_published_by_ref_idx" ON "published_versions" USING btree ("published_by") WHERE "published_versions"."published_by" is not null;--> statement-breakpoint
CREATE INDEX "version_drafts_changed_by_ref_idx" ON "version_drafts" USING btree ("changed_by") WHERE "version_drafts"."changed_by" is not null;--> statement-breakpoint
CREATE INDEX "webhook_messages_due_idx" ON "webhook_messages" USING btree ("webhook_id","next_try_at") WHERE "webhook_messages"."next_try_at" is not null;--> statement-breakpoint
CREATE INDEX "webhook_messages_newest_idx" ON "webhook_messages" USING btree ("webhook_id","queued_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "webhook_messages_queued_idx" ON "webhook_messages" USING btree ("queued_at");
--> statement-breakpoint
-- After the tables: what their definitions can't say.

-- Counters of writes within the last minutes: nothing is lost where they are.
alter table write_limits set unlogged;
--> statement-breakpoint
-- No two observations of one person cover the same day: a closing would count both.
alter table observations
	add constraint observations_days_excl exclude using gist (person_id with =, daterange(on_day, until_day) with &&);
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
create trigger audit_checks_append_only
	before update or delete or truncate on audit_checks
	for each statement execute function refuse_change();
--> statement-breakpoint
-- An assessment result is written once. It goes with the person, or with their answers where these are withdrawn.
create function refuse_rewriting() returns trigger language plpgsql as $$
begin
	raise exception 'assessment results are never rewritten';
end
$$;
--> statement-breakpoint
create trigger assessment_results_never_rewritten
	before update on assessment_results
	for each statement execute function refuse_rewriting();
--> statement-breakpoint
-- With the rights of who owns the tables: the application writes lines, and can't change how many it wrote.
create function count_audit_lines() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
	update audit_counts set n = n + (select count(*) from added) where kind = 'line' and shard = pg_backend_pid() % 64;
	return null;
end
$$;
--> statement-breakpoint
create function count_audit_seals() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
	update audit_counts set n = n + (select count(*) from added) where kind = 'seal';
	return null;
end
$$;
--> statement-breakpoint
create trigger audit_lines_counted after insert on audit_lines
	referencing new table as added for each statement execute function count_audit_lines();
--> statement-breakpoint
create trigger audit_seals_counted after insert on audit_seals
	referencing new table as added for each statement execute function count_audit_seals();
--> statement-breakpoint
-- Tables that have their rows from the beginning.
insert into retention (id) values (1);
--> statement-breakpoint
insert into heartbeat default values;
--> statement-breakpoint
insert into audit_counts (kind, shard)
	select 'line', shard from generate_series(0, 63) as shard union all select 'seal', 0;
