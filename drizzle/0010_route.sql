ALTER TABLE "assessments" ADD COLUMN "route" text DEFAULT 'short' NOT NULL;--> statement-breakpoint
ALTER TABLE "rounds" ADD COLUMN "route" text DEFAULT 'short' NOT NULL;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_route_check" CHECK ("assessments"."route" in ('short', 'complete'));--> statement-breakpoint
ALTER TABLE "rounds" ADD CONSTRAINT "rounds_route_check" CHECK ("rounds"."route" in ('short', 'complete'));