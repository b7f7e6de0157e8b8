ALTER TABLE "retention" ADD COLUMN "looked_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "retention" ADD COLUMN "steady_since" timestamp with time zone;