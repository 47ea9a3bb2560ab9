CREATE TABLE "reviews" (
	"lesson_id" uuid NOT NULL,
	"by_group_id" uuid NOT NULL,
	"of_group_id" uuid NOT NULL,
	"convinced" text NOT NULL,
	"question" text NOT NULL,
	"answer" text DEFAULT '' NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed" boolean DEFAULT false NOT NULL,
	CONSTRAINT "reviews_lesson_id_by_group_id_of_group_id_pk" PRIMARY KEY("lesson_id","by_group_id","of_group_id")
);
--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "reviewing" jsonb;--> statement-breakpoint
ALTER TABLE "reviews" ADD CONSTRAINT "reviews_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reviews" ADD CONSTRAINT "reviews_by_group_id_groups_id_fk" FOREIGN KEY ("by_group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reviews" ADD CONSTRAINT "reviews_of_group_id_groups_id_fk" FOREIGN KEY ("of_group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;