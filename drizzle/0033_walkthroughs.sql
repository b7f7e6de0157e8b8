CREATE TABLE "walkthrough_entries" (
	"walkthrough_id" uuid NOT NULL,
	"field" text NOT NULL,
	"text" text NOT NULL,
	"unit" text NOT NULL,
	"user_id" uuid,
	"is_read_out" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "walkthrough_entries_walkthrough_id_field_pk" PRIMARY KEY("walkthrough_id","field"),
	CONSTRAINT "walkthrough_entries_unit_known" CHECK ("walkthrough_entries"."unit" in ('cm', 'in', 'mm'))
);
--> statement-breakpoint
CREATE TABLE "walkthrough_members" (
	"walkthrough_id" uuid NOT NULL,
	"user_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "walkthrough_members_walkthrough_id_user_id_pk" PRIMARY KEY("walkthrough_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "walkthrough_visits" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"walkthrough_id" uuid NOT NULL,
	"user_id" uuid,
	"since" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "walkthroughs" (
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
	CONSTRAINT "walkthroughs_code_known" CHECK ("walkthroughs"."code" ~ '^[0-9]{6}$'),
	CONSTRAINT "walkthroughs_ended_by_known" CHECK ("walkthroughs"."ended_by" in ('person', 'coordinator', 'time')),
	CONSTRAINT "walkthroughs_station_known" CHECK ("walkthroughs"."station" in ('you', 'spot', 'feet', 'back', 'hands', 'mouse', 'screen'))
);
--> statement-breakpoint
ALTER TABLE "walkthrough_entries" ADD CONSTRAINT "walkthrough_entries_walkthrough_id_walkthroughs_id_fk" FOREIGN KEY ("walkthrough_id") REFERENCES "public"."walkthroughs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthrough_entries" ADD CONSTRAINT "walkthrough_entries_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthrough_members" ADD CONSTRAINT "walkthrough_members_walkthrough_id_walkthroughs_id_fk" FOREIGN KEY ("walkthrough_id") REFERENCES "public"."walkthroughs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthrough_members" ADD CONSTRAINT "walkthrough_members_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthrough_visits" ADD CONSTRAINT "walkthrough_visits_walkthrough_id_walkthroughs_id_fk" FOREIGN KEY ("walkthrough_id") REFERENCES "public"."walkthroughs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthrough_visits" ADD CONSTRAINT "walkthrough_visits_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthroughs" ADD CONSTRAINT "walkthroughs_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthroughs" ADD CONSTRAINT "walkthroughs_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthroughs" ADD CONSTRAINT "walkthroughs_pointed_by_users_id_fk" FOREIGN KEY ("pointed_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthroughs" ADD CONSTRAINT "walkthroughs_person_plan_plans_id_fk" FOREIGN KEY ("person_plan") REFERENCES "public"."plans"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "walkthroughs" ADD CONSTRAINT "walkthroughs_coordinator_plan_plans_id_fk" FOREIGN KEY ("coordinator_plan") REFERENCES "public"."plans"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "walkthrough_visits_walkthrough_idx" ON "walkthrough_visits" USING btree ("walkthrough_id");--> statement-breakpoint
CREATE INDEX "walkthrough_visits_since_idx" ON "walkthrough_visits" USING btree ("since");--> statement-breakpoint
CREATE UNIQUE INDEX "walkthroughs_open_key" ON "walkthroughs" USING btree ("person_id") WHERE "walkthroughs"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "walkthroughs_person_idx" ON "walkthroughs" USING btree ("person_id","started_at" DESC NULLS LAST);