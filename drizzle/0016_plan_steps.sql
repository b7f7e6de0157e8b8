ALTER TABLE "observations" ADD COLUMN "plan_steps" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "published_states" ADD COLUMN "plan_steps" text[] DEFAULT '{}' NOT NULL;