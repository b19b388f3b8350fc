ALTER TABLE "people" ADD COLUMN "totp_secret" text;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "totp_step" integer;