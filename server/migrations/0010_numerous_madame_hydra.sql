CREATE TABLE "filed_tables" (
	"try_id" text PRIMARY KEY NOT NULL,
	"content" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "hand_pairs" text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "file_name" text;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "read_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "filed_tables" ADD CONSTRAINT "filed_tables_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
UPDATE "tries" SET "read_at" = "given_back_at" WHERE "state" = 'given-back';