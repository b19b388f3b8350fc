CREATE TABLE "open_works" (
	"try_id" text NOT NULL,
	"person_id" text NOT NULL,
	"since" timestamp with time zone DEFAULT now() NOT NULL,
	"heard_at" timestamp with time zone DEFAULT now() NOT NULL,
	"may_mark" boolean NOT NULL,
	CONSTRAINT "open_works_try_id_person_id_pk" PRIMARY KEY("try_id","person_id")
);
--> statement-breakpoint
ALTER TABLE "open_works" ADD CONSTRAINT "open_works_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "open_works" ADD CONSTRAINT "open_works_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;