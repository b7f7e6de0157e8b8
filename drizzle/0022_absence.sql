ALTER TABLE "users" ADD COLUMN "away_from" date;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "away_until" date;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "stand_in_id" uuid;--> statement-breakpoint
ALTER TABLE "users" ADD CONSTRAINT "users_stand_in_id_users_id_fk" FOREIGN KEY ("stand_in_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "users_stand_in_idx" ON "users" USING btree ("stand_in_id") WHERE "users"."stand_in_id" is not null;--> statement-breakpoint
ALTER TABLE "users" ADD CONSTRAINT "users_away_check" CHECK (("users"."away_from" is null) = ("users"."away_until" is null) and coalesce("users"."away_from" <= "users"."away_until", true));