ALTER TABLE "tries" ADD COLUMN "hand_pairs" text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "file" text;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "read_at" timestamp with time zone;