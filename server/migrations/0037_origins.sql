ALTER TABLE "exercises" ADD COLUMN "origin_id" text;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "origin_revision" integer;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "origin_start" integer;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "origin_key" integer;