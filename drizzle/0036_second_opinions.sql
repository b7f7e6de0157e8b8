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
ALTER TABLE "second_opinion_cases" ADD CONSTRAINT "second_opinion_cases_opinion_id_second_opinions_id_fk" FOREIGN KEY ("opinion_id") REFERENCES "public"."second_opinions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinion_cases" ADD CONSTRAINT "second_opinion_cases_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinions" ADD CONSTRAINT "second_opinions_started_by_users_id_fk" FOREIGN KEY ("started_by") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "second_opinions" ADD CONSTRAINT "second_opinions_asked_user_users_id_fk" FOREIGN KEY ("asked_user") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "second_opinion_cases_person_idx" ON "second_opinion_cases" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "second_opinions_started_idx" ON "second_opinions" USING btree ("started_by","started_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "second_opinions_asked_idx" ON "second_opinions" USING btree ("asked_user","started_at" DESC NULLS LAST);