-- Search by any part of a name; the extension comes with PostgreSQL and is trusted.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
--> statement-breakpoint
CREATE TABLE "account_links" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"expires_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "cases" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"level_rank" smallint DEFAULT 5 NOT NULL,
	"reasons" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"open_since" timestamp with time zone,
	"act_by" date,
	"open_w" integer DEFAULT 0 NOT NULL,
	"follow_up_on" date,
	"marks" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"worsts" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"sent_at" timestamp with time zone,
	"started_at" timestamp with time zone,
	"answered_at" timestamp with time zone,
	"link_ends_at" timestamp with time zone,
	"revoked_at" timestamp with time zone,
	"checks_off" integer,
	"checks_unsure" integer,
	"referred_to" uuid,
	"settled_at" timestamp with time zone,
	"settled_reason" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "messages" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"author_id" uuid,
	"from_person" integer NOT NULL,
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
	"text" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "referrals" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"clinician_id" uuid,
	"question" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"by_id" uuid,
	"ended_at" timestamp with time zone,
	"outcome" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE "saved_filters" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"user_id" uuid NOT NULL,
	"name" text NOT NULL,
	"query" text NOT NULL
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
CREATE TABLE "round_people" (
	"round_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"state" text DEFAULT 'waiting' NOT NULL,
	"assessment_id" uuid,
	"reminders" smallint DEFAULT 0 NOT NULL,
	"remind_on" date,
	"to_call" smallint DEFAULT 0 NOT NULL,
	CONSTRAINT "round_people_round_id_person_id_pk" PRIMARY KEY("round_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "rounds" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"state" text DEFAULT 'draft' NOT NULL,
	"filter" jsonb NOT NULL,
	"way" text NOT NULL,
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
	"counts" jsonb
);
--> statement-breakpoint
ALTER TABLE "letters" ALTER COLUMN "person_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "device" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "closed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "calendar_hash" text;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "state" text DEFAULT 'asked' NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "reason" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "changed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD COLUMN "outcome" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD COLUMN "after" uuid;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "country" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "time_zone" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "language" text DEFAULT 'en' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "left_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "bounced_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "round_id" uuid;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "state" text DEFAULT 'waiting' NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "tries" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "next_try_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "delivered_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "fault" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "account_links" ADD CONSTRAINT "account_links_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_referred_to_users_id_fk" FOREIGN KEY ("referred_to") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_clinician_id_users_id_fk" FOREIGN KEY ("clinician_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_by_id_users_id_fk" FOREIGN KEY ("by_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "mailbox" ADD CONSTRAINT "mailbox_letter_id_letters_id_fk" FOREIGN KEY ("letter_id") REFERENCES "public"."letters"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "round_people" ADD CONSTRAINT "round_people_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_links_user_idx" ON "account_links" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "cases_open_idx" ON "cases" USING btree ("level_rank","act_by","open_w" DESC NULLS LAST,"person_id") WHERE "cases"."open_since" is not null;--> statement-breakpoint
CREATE INDEX "cases_follow_up_idx" ON "cases" USING btree ("follow_up_on","person_id") WHERE "cases"."follow_up_on" is not null;--> statement-breakpoint
CREATE INDEX "cases_referred_idx" ON "cases" USING btree ("referred_to") WHERE "cases"."referred_to" is not null;--> statement-breakpoint
CREATE INDEX "cases_level_idx" ON "cases" USING btree ("level_rank","person_id");--> statement-breakpoint
CREATE INDEX "cases_waiting_idx" ON "cases" USING btree ("sent_at") WHERE "cases"."sent_at" is not null and "cases"."answered_at" is null and "cases"."revoked_at" is null;--> statement-breakpoint
CREATE INDEX "messages_person_at_idx" ON "messages" USING btree ("person_id","at");--> statement-breakpoint
CREATE INDEX "messages_open_idx" ON "messages" USING btree ("person_id") WHERE "messages"."from_person" = 1 and "messages"."answered_at" is null;--> statement-breakpoint
CREATE INDEX "notes_person_at_idx" ON "notes" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "referrals_person_at_idx" ON "referrals" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "saved_filters_key" ON "saved_filters" USING btree ("user_id","name");--> statement-breakpoint
CREATE INDEX "round_people_state_idx" ON "round_people" USING btree ("round_id","state");--> statement-breakpoint
CREATE INDEX "round_people_person_idx" ON "round_people" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "round_people_assessment_idx" ON "round_people" USING btree ("assessment_id");--> statement-breakpoint
CREATE INDEX "round_people_remind_idx" ON "round_people" USING btree ("remind_on") WHERE "round_people"."remind_on" is not null;--> statement-breakpoint
CREATE INDEX "rounds_created_idx" ON "rounds" USING btree ("created_at" DESC NULLS LAST);--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "users_calendar_key" ON "users" USING btree ("calendar_hash");--> statement-breakpoint
CREATE INDEX "follow_ups_person_idx" ON "follow_ups" USING btree ("person_id","due" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "people_left_idx" ON "people" USING btree (lower("name"),"id") WHERE "people"."left_at" is not null;--> statement-breakpoint
CREATE INDEX "people_bounced_idx" ON "people" USING btree (lower("name"),"id") WHERE "people"."bounced_at" is not null;--> statement-breakpoint
CREATE INDEX "people_country_idx" ON "people" USING btree ("country","id");--> statement-breakpoint
CREATE INDEX "people_team_idx" ON "people" USING btree ("team",lower("name"),"id");--> statement-breakpoint
CREATE INDEX "people_search_idx" ON "people" USING gin (("name" || ' ' || "team" || ' ' || "email") gin_trgm_ops);--> statement-breakpoint
CREATE INDEX "people_name_start_idx" ON "people" USING btree (lower("name") text_pattern_ops);--> statement-breakpoint
CREATE INDEX "letters_waiting_idx" ON "letters" USING btree ("next_try_at") WHERE "letters"."state" = 'waiting';
--> statement-breakpoint
ALTER TABLE "letters" ALTER COLUMN "next_try_at" DROP DEFAULT;
--> statement-breakpoint
-- What was written so far was shown by the stand-in at once.
UPDATE "letters" SET "state" = 'delivered', "delivered_at" = "written_at";
--> statement-breakpoint
INSERT INTO "cases" ("person_id", "level_rank", "reasons", "open_since", "open_w", "follow_up_on", "sent_at", "started_at", "answered_at", "link_ends_at", "revoked_at", "checks_off", "checks_unsure")
SELECT p."id", coalesce(n."level_rank", 5), coalesce(n."reasons", '[]'::jsonb),
	CASE WHEN n."level_rank" IS NOT NULL AND n."seen_at" IS NULL THEN coalesce(n."answered_at", n."signs_at") END,
	coalesce(n."cost_planned", 0), f."due", n."sent_at", coalesce(n."saved_at", n."consented_at"), n."answered_at", n."expires_at", n."revoked_at", n."checks_off", n."checks_unsure"
FROM "people" p
LEFT JOIN LATERAL (SELECT * FROM "assessments" a WHERE a."person_id" = p."id" AND a."spot_of" IS NULL ORDER BY a."sent_at" DESC LIMIT 1) n ON true
LEFT JOIN "follow_ups" f ON f."person_id" = p."id" AND f."done_at" IS NULL;
