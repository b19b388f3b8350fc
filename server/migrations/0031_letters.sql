CREATE TABLE "letters" (
	"id" text PRIMARY KEY NOT NULL,
	"person_id" text NOT NULL,
	"day" text NOT NULL,
	"subject" text NOT NULL,
	"text" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"sent_at" timestamp with time zone,
	"tried" integer DEFAULT 0 NOT NULL,
	"fault" text
);
--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "is_first_password" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "wants_letters" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "letters_day" ON "letters" USING btree ("person_id","day");--> statement-breakpoint
CREATE INDEX "letters_sent" ON "letters" USING btree ("sent_at");