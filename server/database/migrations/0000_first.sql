CREATE TABLE "classes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"age_band" text NOT NULL,
	"vocabulary" text NOT NULL,
	"allergies" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "entries" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	"level_id" text,
	"try_number" integer NOT NULL,
	"moment" text NOT NULL,
	"fields" jsonb NOT NULL,
	"note" text NOT NULL,
	"read_with" jsonb,
	"status" text NOT NULL,
	"reason" text NOT NULL,
	"source" text NOT NULL,
	"taken_at" timestamp with time zone NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL,
	"supersedes" uuid
);
--> statement-breakpoint
CREATE TABLE "events" (
	"lesson_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"event" jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "events_lesson_id_seq_pk" PRIMARY KEY("lesson_id","seq")
);
--> statement-breakpoint
CREATE TABLE "groups" (
	"id" uuid PRIMARY KEY NOT NULL,
	"class_id" uuid NOT NULL,
	"name" text NOT NULL,
	"emblem" text NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "instruments" (
	"id" text PRIMARY KEY NOT NULL,
	"definition" jsonb NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "investigations" (
	"id" uuid PRIMARY KEY NOT NULL,
	"starter_id" text,
	"plan" jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "kit_counts" (
	"lesson_id" uuid NOT NULL,
	"material_id" text NOT NULL,
	"counted" jsonb NOT NULL,
	"groups" integer NOT NULL,
	"taken" jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "kit_counts_lesson_id_material_id_pk" PRIMARY KEY("lesson_id","material_id")
);
--> statement-breakpoint
CREATE TABLE "lessons" (
	"id" uuid PRIMARY KEY NOT NULL,
	"investigation_id" uuid NOT NULL,
	"class_id" uuid NOT NULL,
	"date" date NOT NULL,
	"stage" text NOT NULL,
	"part_of" uuid,
	"group_ids" jsonb,
	"stimulus" jsonb DEFAULT '{"text":"","picture":null}'::jsonb NOT NULL,
	"plan" jsonb NOT NULL,
	"plan_version" integer DEFAULT 0 NOT NULL,
	"conclusion" jsonb NOT NULL,
	"conclusion_version" integer DEFAULT 0 NOT NULL,
	"saves" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"clock" jsonb,
	"clock_version" integer DEFAULT 0 NOT NULL,
	"absent" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"finished_at" timestamp with time zone,
	"seq" integer DEFAULT 0 NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "notes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"text" text NOT NULL,
	"sort" text,
	"settled" boolean NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone
);
--> statement-breakpoint
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
CREATE TABLE "packing_ticks" (
	"lesson_id" uuid NOT NULL,
	"material_id" text NOT NULL,
	"place" text NOT NULL,
	"amount" double precision NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "packing_ticks_lesson_id_material_id_place_pk" PRIMARY KEY("lesson_id","material_id","place")
);
--> statement-breakpoint
CREATE TABLE "pictures" (
	"id" uuid PRIMARY KEY NOT NULL,
	"type" text NOT NULL,
	"bytes" "bytea",
	"hash" text,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "predictions" (
	"lesson_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	"seat" integer DEFAULT 0 NOT NULL,
	"answer" jsonb NOT NULL,
	"because" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"late" boolean NOT NULL,
	"step" text DEFAULT 'before' NOT NULL,
	"known" integer DEFAULT 0 NOT NULL,
	CONSTRAINT "predictions_lesson_id_group_id_seat_step_pk" PRIMARY KEY("lesson_id","group_id","seat","step")
);
--> statement-breakpoint
CREATE TABLE "pupils" (
	"id" uuid PRIMARY KEY NOT NULL,
	"class_id" uuid NOT NULL,
	"group_id" uuid,
	"name" text NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "role_turns" (
	"lesson_id" uuid NOT NULL,
	"member" text NOT NULL,
	"role" text NOT NULL,
	"turns" integer NOT NULL,
	CONSTRAINT "role_turns_lesson_id_member_role_pk" PRIMARY KEY("lesson_id","member","role")
);
--> statement-breakpoint
CREATE TABLE "safety_confirmations" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"initials" text NOT NULL,
	"basis" jsonb,
	"before_rule" boolean DEFAULT false NOT NULL,
	"stands" boolean DEFAULT true NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "school" (
	"id" integer PRIMARY KEY NOT NULL,
	"ways" jsonb NOT NULL,
	"calendar" jsonb,
	"offers" jsonb DEFAULT '[]'::jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "supplies" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"unit" text NOT NULL,
	"amount" double precision NOT NULL,
	"place" text NOT NULL,
	"pack_size" double precision,
	"price" double precision,
	"instead" jsonb NOT NULL,
	"care" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "groups" ADD CONSTRAINT "groups_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "kit_counts" ADD CONSTRAINT "kit_counts_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_investigation_id_investigations_id_fk" FOREIGN KEY ("investigation_id") REFERENCES "public"."investigations"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_part_of_fk" FOREIGN KEY ("part_of") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_picture_pictures_id_fk" FOREIGN KEY ("picture") REFERENCES "public"."pictures"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "packing_ticks" ADD CONSTRAINT "packing_ticks_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "predictions" ADD CONSTRAINT "predictions_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "predictions" ADD CONSTRAINT "predictions_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pupils" ADD CONSTRAINT "pupils_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pupils" ADD CONSTRAINT "pupils_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "role_turns" ADD CONSTRAINT "role_turns_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "safety_confirmations" ADD CONSTRAINT "safety_confirmations_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "entries_lesson" ON "entries" USING btree ("lesson_id");--> statement-breakpoint
CREATE INDEX "entries_supersedes" ON "entries" USING btree ("supersedes");--> statement-breakpoint
CREATE INDEX "groups_class" ON "groups" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "lessons_date" ON "lessons" USING btree ("date");--> statement-breakpoint
CREATE INDEX "lessons_part_of" ON "lessons" USING btree ("part_of");--> statement-breakpoint
CREATE INDEX "notes_lesson" ON "notes" USING btree ("lesson_id");--> statement-breakpoint
CREATE INDEX "observations_lesson" ON "observations" USING btree ("lesson_id");--> statement-breakpoint
CREATE INDEX "observations_picture" ON "observations" USING btree ("picture");--> statement-breakpoint
CREATE INDEX "pupils_class" ON "pupils" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "safety_lesson" ON "safety_confirmations" USING btree ("lesson_id");