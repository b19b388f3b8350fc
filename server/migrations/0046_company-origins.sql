ALTER TABLE "companies" ADD COLUMN "origin_id" text;--> statement-breakpoint
ALTER TABLE "companies" ADD COLUMN "origin_revision" integer;