ALTER TABLE "plans" DROP CONSTRAINT "plans_chosen_check";--> statement-breakpoint
DROP INDEX "cases_follow_up_idx";--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "unclosable" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
CREATE INDEX "follow_ups_look_idx" ON "follow_ups" USING btree ("due","person_id") WHERE "follow_ups"."done_at" is null and "follow_ups"."kind" = 'look';--> statement-breakpoint
CREATE INDEX "cases_follow_up_idx" ON "cases" USING btree ("follow_up_on","person_id") WHERE "cases"."follow_up_on" is not null and "cases"."open_since" is null;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_chosen_check" CHECK ("plans"."chosen" between 0 and 9);