CREATE TABLE "unjudged" (
	"person_id" uuid PRIMARY KEY NOT NULL
);
--> statement-breakpoint
DROP INDEX "cases_unjudged_idx";--> statement-breakpoint
ALTER TABLE "unjudged" ADD CONSTRAINT "unjudged_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "plans_brief_idx" ON "plans" USING btree ("id") WHERE "plans"."ended_at" is null and "plans"."advice" -> 'purchases' = 'null'::jsonb;--> statement-breakpoint
-- Everyone who was sent something by a version that kept no judgements.
insert into unjudged (person_id) select person_id from cases where judgement_id is null and sent_at is not null;
