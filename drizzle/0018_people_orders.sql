CREATE INDEX "cases_newest_answer_idx" ON "cases" USING btree (coalesce("answered_at", '-infinity'::timestamptz),"person_id");--> statement-breakpoint
CREATE INDEX "cases_oldest_answer_idx" ON "cases" USING btree (coalesce("answered_at", 'infinity'::timestamptz),"person_id");--> statement-breakpoint
CREATE INDEX "cases_most_off_idx" ON "cases" USING btree (coalesce("checks_off", -1),"person_id");--> statement-breakpoint
CREATE INDEX "cases_least_off_idx" ON "cases" USING btree (coalesce("checks_off", 2147483647),"person_id");--> statement-breakpoint
CREATE INDEX "cases_next_follow_up_idx" ON "cases" USING btree (coalesce("follow_up_on", 'infinity'::date),"person_id");--> statement-breakpoint
CREATE INDEX "cases_last_follow_up_idx" ON "cases" USING btree (coalesce("follow_up_on", '-infinity'::date),"person_id");