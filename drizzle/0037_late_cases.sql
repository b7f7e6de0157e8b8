DROP INDEX "cases_open_idx";--> statement-breakpoint
CREATE INDEX "cases_late_idx" ON "cases" USING btree ("act_by","person_id") WHERE "cases"."open_since" is not null;--> statement-breakpoint
CREATE INDEX "cases_open_idx" ON "cases" USING btree ("level","act_by","worst" DESC NULLS LAST,"person_id","referred_on") WHERE "cases"."open_since" is not null;