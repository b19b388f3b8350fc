ALTER TABLE "books" ADD COLUMN "state_revision" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
UPDATE "books" SET "state_revision" = "revision";
