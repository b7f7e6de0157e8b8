CREATE TABLE "sessions" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL
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
	CONSTRAINT "users_role_check" CHECK ("users"."role" in ('coordinator', 'clinician', 'reader'))
);
--> statement-breakpoint
CREATE TABLE "assessments" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"way" text NOT NULL,
	"sent_at" timestamp with time zone NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"revoked_at" timestamp with time zone,
	"consented_at" timestamp with time zone,
	"answers" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"answers_revision" integer DEFAULT 0 NOT NULL,
	"saved_at" timestamp with time zone,
	"answered_at" timestamp with time zone,
	"corner" jsonb,
	"checks_off" integer,
	"checks_unsure" integer,
	"cost_now" integer,
	"cost_planned" integer,
	"seen_at" timestamp with time zone,
	CONSTRAINT "assessments_way_check" CHECK ("assessments"."way" in ('upright', 'open', 'forearms-down', 'active')),
	CONSTRAINT "assessments_answered_check" CHECK (("assessments"."answered_at" is null) = ("assessments"."corner" is null))
);
--> statement-breakpoint
CREATE TABLE "re_measurements" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"lengths" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "step_ticks" (
	"assessment_id" uuid NOT NULL,
	"place" text NOT NULL,
	"done" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "step_ticks_assessment_id_place_pk" PRIMARY KEY("assessment_id","place"),
	CONSTRAINT "step_ticks_place_check" CHECK ("step_ticks"."place" in ('surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen'))
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
CREATE TABLE "follow_ups" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"due" date NOT NULL,
	"reason" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"done_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "people" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"team" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "letters" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"to_name" text NOT NULL,
	"to_email" text NOT NULL,
	"subject" text NOT NULL,
	"body" text NOT NULL,
	"link_path" text NOT NULL,
	"written_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "re_measurements" ADD CONSTRAINT "re_measurements_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "step_ticks" ADD CONSTRAINT "step_ticks_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sessions_user_idx" ON "sessions" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sessions_expires_idx" ON "sessions" USING btree ("expires_at");--> statement-breakpoint
CREATE INDEX "sign_in_failures_key_at_idx" ON "sign_in_failures" USING btree ("key","at");--> statement-breakpoint
CREATE INDEX "sign_in_failures_at_idx" ON "sign_in_failures" USING btree ("at");--> statement-breakpoint
CREATE UNIQUE INDEX "users_email_key" ON "users" USING btree (lower("email"));--> statement-breakpoint
CREATE UNIQUE INDEX "assessments_token_key" ON "assessments" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "assessments_person_sent_idx" ON "assessments" USING btree ("person_id","sent_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "assessments_unseen_idx" ON "assessments" USING btree ("answered_at") WHERE "assessments"."answered_at" is not null and "assessments"."seen_at" is null;--> statement-breakpoint
CREATE INDEX "re_measurements_assessment_at_idx" ON "re_measurements" USING btree ("assessment_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_person_at_idx" ON "audit_lines" USING btree ("person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE UNIQUE INDEX "follow_ups_open_key" ON "follow_ups" USING btree ("person_id") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE INDEX "follow_ups_due_idx" ON "follow_ups" USING btree ("due") WHERE "follow_ups"."done_at" is null;--> statement-breakpoint
CREATE UNIQUE INDEX "people_email_key" ON "people" USING btree (lower("email"));--> statement-breakpoint
CREATE INDEX "people_name_id_idx" ON "people" USING btree (lower("name"),"id");--> statement-breakpoint
CREATE INDEX "letters_written_idx" ON "letters" USING btree ("written_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "letters_person_idx" ON "letters" USING btree ("person_id");