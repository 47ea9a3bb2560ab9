CREATE TABLE "observations" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"group_id" uuid,
	"kind" text NOT NULL,
	"text" text NOT NULL,
	"picture" uuid,
	"picture_deleted" boolean DEFAULT false NOT NULL,
	"about" jsonb,
	"source" text NOT NULL,
	"seen_at" timestamp with time zone NOT NULL,
	"on_board" boolean DEFAULT false NOT NULL,
	"removed" boolean DEFAULT false NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_picture_pictures_id_fk" FOREIGN KEY ("picture") REFERENCES "public"."pictures"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "observations_lesson" ON "observations" USING btree ("lesson_id");--> statement-breakpoint
CREATE INDEX "observations_picture" ON "observations" USING btree ("picture");