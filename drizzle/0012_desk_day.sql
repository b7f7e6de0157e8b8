ALTER TABLE "desk_acts" DROP CONSTRAINT "desk_acts_kind_check";--> statement-breakpoint
ALTER TABLE "equipment_requests" DROP CONSTRAINT "equipment_requests_state_check";--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "supplier" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "order_number" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "cost_cents" integer;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "currency" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "owner_id" uuid;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "later_on" date;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "later_reason" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "later_for" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_owner_id_users_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "equipment_requests_board_idx" ON "equipment_requests" USING btree ("state","changed_at","asked_at","id");--> statement-breakpoint
CREATE INDEX "people_owner_idx" ON "people" USING btree ("owner_id") WHERE "people"."owner_id" is not null;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_kind_check" CHECK ("desk_acts"."kind" in ('settled', 'reopened', 'written', 'noted', 'contacted', 'sent', 'referred', 'referral-ended', 'equipment-decided', 'owned', 'put-off', 'follow-up-set', 'follow-up-done', 'left', 'returned'));--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_state_check" CHECK ("equipment_requests"."state" in ('asked', 'approved', 'ordered', 'sent', 'arrived', 'returned', 'declined'));