using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class People : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "fk_clients_coaches_coach_id",
                table: "clients");

            migrationBuilder.DropForeignKey(
                name: "fk_equipment_clients_coach_id_client_id",
                table: "equipment");

            migrationBuilder.DropForeignKey(
                name: "fk_logged_sets_clients_coach_id_client_id",
                table: "logged_sets");

            migrationBuilder.DropForeignKey(
                name: "fk_maxes_clients_coach_id_client_id",
                table: "maxes");

            migrationBuilder.DropForeignKey(
                name: "fk_memberships_coaches_coach_id",
                table: "memberships");

            migrationBuilder.DropForeignKey(
                name: "fk_own_exercises_coaches_coach_id",
                table: "own_exercises");

            migrationBuilder.DropForeignKey(
                name: "fk_past_training_clients_coach_id_client_id",
                table: "past_training");

            migrationBuilder.DropForeignKey(
                name: "fk_plans_clients_coach_id_client_id",
                table: "plans");

            migrationBuilder.DropForeignKey(
                name: "fk_readiness_clients_coach_id_client_id",
                table: "readiness");

            migrationBuilder.DropForeignKey(
                name: "fk_screens_clients_coach_id_client_id",
                table: "screens");

            migrationBuilder.RenameTable(name: "coaches", newName: "practices");
            migrationBuilder.RenameColumn(name: "coach_id", table: "practices", newName: "practice_id");
            migrationBuilder.Sql("ALTER TABLE practices RENAME CONSTRAINT pk_coaches TO pk_practices");
            migrationBuilder.AddColumn<bool>(name: "is_demo", table: "practices", type: "boolean", nullable: false, defaultValue: false);
            migrationBuilder.AddColumn<DateTimeOffset>(name: "put_aside_at", table: "practices", type: "timestamp with time zone", nullable: true);
            migrationBuilder.AddColumn<string>(
                name: "units",
                table: "practices",
                type: "character varying(2)",
                maxLength: 2,
                nullable: false,
                defaultValueSql: "'Kg'");
            // The demo of earlier versions, by the id that it has always had.
            migrationBuilder.Sql("UPDATE practices SET is_demo = true WHERE practice_id = '0190a000-0000-7000-8000-000000000001'");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "screens",
                newName: "practice_id");

            migrationBuilder.RenameIndex(
                name: "ix_screens_coach_id_client_id_date",
                table: "screens",
                newName: "ix_screens_practice_id_client_id_date");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "readiness",
                newName: "practice_id");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "plans",
                newName: "practice_id");

            migrationBuilder.RenameIndex(
                name: "ix_plans_coach_id_client_id_number",
                table: "plans",
                newName: "ix_plans_practice_id_client_id_number");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "past_training",
                newName: "practice_id");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "own_exercises",
                newName: "practice_id");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "memberships",
                newName: "practice_id");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "maxes",
                newName: "practice_id");

            migrationBuilder.RenameIndex(
                name: "ix_maxes_coach_id_client_id",
                table: "maxes",
                newName: "ix_maxes_practice_id_client_id");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "logged_sets",
                newName: "practice_id");

            migrationBuilder.RenameIndex(
                name: "ix_logged_sets_coach_id_supersedes",
                table: "logged_sets",
                newName: "ix_logged_sets_practice_id_supersedes");

            migrationBuilder.RenameIndex(
                name: "ix_logged_sets_coach_id_client_id_date",
                table: "logged_sets",
                newName: "ix_logged_sets_practice_id_client_id_date");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "equipment",
                newName: "practice_id");

            migrationBuilder.RenameColumn(
                name: "coach_id",
                table: "clients",
                newName: "practice_id");

            migrationBuilder.AddColumn<string>(
                name: "device",
                table: "signed_in",
                type: "character varying(80)",
                maxLength: 80,
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<Guid>(
                name: "id",
                table: "signed_in",
                type: "uuid",
                nullable: false,
                defaultValueSql: "gen_random_uuid()");

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "used_at",
                table: "signed_in",
                type: "timestamp with time zone",
                nullable: false,
                defaultValueSql: "now()");

            migrationBuilder.AddColumn<Guid>(
                name: "client_id",
                table: "memberships",
                type: "uuid",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "name",
                table: "memberships",
                type: "character varying(120)",
                maxLength: 120,
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "role",
                table: "memberships",
                type: "character varying(10)",
                maxLength: 10,
                nullable: false,
                defaultValue: "Owner");


            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "since",
                table: "memberships",
                type: "timestamp with time zone",
                nullable: false,
                defaultValueSql: "now()");

            // Until now whoever was in a practice had made it; from here on nothing has a role by default.
            migrationBuilder.Sql(
                "UPDATE memberships SET name = coalesce(left(email, 120), '') FROM \"AspNetUsers\" WHERE \"AspNetUsers\".id = user_id;"
                + "ALTER TABLE memberships ALTER COLUMN role DROP DEFAULT, ALTER COLUMN name DROP DEFAULT, ALTER COLUMN since DROP DEFAULT;"
                + "ALTER TABLE signed_in ALTER COLUMN id DROP DEFAULT, ALTER COLUMN used_at DROP DEFAULT, ALTER COLUMN device DROP DEFAULT");

            migrationBuilder.AddColumn<Guid>(
                name: "room_id",
                table: "equipment",
                type: "uuid",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "erase_at",
                table: "clients",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "home_coach",
                table: "clients",
                type: "uuid",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "notes",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    text = table.Column<string>(type: "character varying(2000)", maxLength: 2000, nullable: false),
                    read_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_notes", x => new { x.practice_id, x.id });
                    table.ForeignKey(
                        name: "fk_notes_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "shares",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    user_id = table.Column<Guid>(type: "uuid", nullable: false),
                    access = table.Column<string>(type: "character varying(10)", maxLength: 10, nullable: false),
                    until = table.Column<DateOnly>(type: "date", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_shares", x => new { x.practice_id, x.client_id, x.user_id });
                    table.ForeignKey(
                        name: "fk_shares_asp_net_users_user_id",
                        column: x => x.user_id,
                        principalTable: "AspNetUsers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_shares_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "changes",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    user_id = table.Column<Guid>(type: "uuid", nullable: true),
                    by = table.Column<string>(type: "character varying(120)", maxLength: 120, nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: true),
                    kind = table.Column<string>(type: "character varying(20)", maxLength: 20, nullable: false),
                    what = table.Column<string>(type: "character varying(200)", maxLength: 200, nullable: false),
                    before = table.Column<string>(type: "jsonb", nullable: true),
                    after = table.Column<string>(type: "jsonb", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_changes", x => new { x.practice_id, x.id });
                    table.ForeignKey(
                        name: "fk_changes_practices_practice_id",
                        column: x => x.practice_id,
                        principalTable: "practices",
                        principalColumn: "practice_id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "invitations",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    token_hash = table.Column<string>(type: "character varying(64)", maxLength: 64, nullable: false),
                    role = table.Column<string>(type: "character varying(10)", maxLength: 10, nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: true),
                    name = table.Column<string>(type: "character varying(120)", maxLength: 120, nullable: false),
                    made_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    expires_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    used_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true),
                    revoked_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_invitations", x => new { x.practice_id, x.id });
                    table.ForeignKey(
                        name: "fk_invitations_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" });
                    table.ForeignKey(
                        name: "fk_invitations_practices_practice_id",
                        column: x => x.practice_id,
                        principalTable: "practices",
                        principalColumn: "practice_id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "rooms",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(120)", maxLength: 120, nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false),
                    xmin = table.Column<uint>(type: "xid", rowVersion: true, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_rooms", x => new { x.practice_id, x.id });
                    table.ForeignKey(
                        name: "fk_rooms_practices_practice_id",
                        column: x => x.practice_id,
                        principalTable: "practices",
                        principalColumn: "practice_id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_memberships_practice_id_client_id",
                table: "memberships",
                columns: new[] { "practice_id", "client_id" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_equipment_practice_id_room_id",
                table: "equipment",
                columns: new[] { "practice_id", "room_id" });

            migrationBuilder.CreateIndex(
                name: "ix_clients_home_coach",
                table: "clients",
                column: "home_coach");

            migrationBuilder.CreateIndex(
                name: "ix_clients_practice_id_home_coach",
                table: "clients",
                columns: new[] { "practice_id", "home_coach" });

            migrationBuilder.CreateIndex(
                name: "ix_changes_practice_id_client_id_id",
                table: "changes",
                columns: new[] { "practice_id", "client_id", "id" });

            migrationBuilder.CreateIndex(
                name: "ix_invitations_practice_id_client_id",
                table: "invitations",
                columns: new[] { "practice_id", "client_id" });

            migrationBuilder.CreateIndex(
                name: "ix_invitations_token_hash",
                table: "invitations",
                column: "token_hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_notes_practice_id_client_id_at",
                table: "notes",
                columns: new[] { "practice_id", "client_id", "at" });

            migrationBuilder.CreateIndex(
                name: "ix_rooms_practice_id_name",
                table: "rooms",
                columns: new[] { "practice_id", "name" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_shares_practice_id_user_id",
                table: "shares",
                columns: new[] { "practice_id", "user_id" });

            migrationBuilder.CreateIndex(
                name: "ix_shares_user_id",
                table: "shares",
                column: "user_id");

            migrationBuilder.AddForeignKey(
                name: "fk_clients_asp_net_users_home_coach",
                table: "clients",
                column: "home_coach",
                principalTable: "AspNetUsers",
                principalColumn: "id",
                onDelete: ReferentialAction.SetNull);

            migrationBuilder.AddForeignKey(
                name: "fk_clients_practices_practice_id",
                table: "clients",
                column: "practice_id",
                principalTable: "practices",
                principalColumn: "practice_id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_equipment_clients_practice_id_client_id",
                table: "equipment",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_equipment_rooms_practice_id_room_id",
                table: "equipment",
                columns: new[] { "practice_id", "room_id" },
                principalTable: "rooms",
                principalColumns: new[] { "practice_id", "id" });

            migrationBuilder.AddForeignKey(
                name: "fk_logged_sets_clients_practice_id_client_id",
                table: "logged_sets",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_maxes_clients_practice_id_client_id",
                table: "maxes",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_memberships_clients_practice_id_client_id",
                table: "memberships",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" });

            migrationBuilder.AddForeignKey(
                name: "fk_memberships_practices_practice_id",
                table: "memberships",
                column: "practice_id",
                principalTable: "practices",
                principalColumn: "practice_id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_own_exercises_practices_practice_id",
                table: "own_exercises",
                column: "practice_id",
                principalTable: "practices",
                principalColumn: "practice_id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_past_training_clients_practice_id_client_id",
                table: "past_training",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_plans_clients_practice_id_client_id",
                table: "plans",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_readiness_clients_practice_id_client_id",
                table: "readiness",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_screens_clients_practice_id_client_id",
                table: "screens",
                columns: new[] { "practice_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "practice_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.Sql(
                """
                -- Erases the clients whose day of grace is over, with their way in, and an account that then leads nowhere. What is kept is that
                -- it was done. It runs as the tables' owner: the application may delete no fact itself.
                CREATE FUNCTION erase_due() RETURNS integer LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
                DECLARE
                  due record;
                  erased integer := 0;
                  lifters uuid[];
                BEGIN
                  FOR due IN SELECT practice_id, id FROM clients WHERE erase_at <= now() FOR UPDATE LOOP
                    SELECT array_agg(user_id) INTO lifters FROM memberships WHERE practice_id = due.practice_id AND client_id = due.id;
                    DELETE FROM memberships WHERE practice_id = due.practice_id AND client_id = due.id;
                    DELETE FROM invitations WHERE practice_id = due.practice_id AND client_id = due.id;
                    DELETE FROM changes WHERE practice_id = due.practice_id AND client_id = due.id;
                    DELETE FROM clients WHERE practice_id = due.practice_id AND id = due.id;
                    DELETE FROM "AspNetUsers" u WHERE u.id = ANY (lifters) AND NOT EXISTS (SELECT FROM memberships m WHERE m.user_id = u.id);
                    INSERT INTO changes (practice_id, id, at, by, kind, what)
                      VALUES (due.practice_id, gen_random_uuid(), now(), 'Nerezza', 'Erasure', 'a client');
                    erased := erased + 1;
                  END LOOP;
                  RETURN erased;
                END $$;
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("DROP FUNCTION erase_due()");
            migrationBuilder.DropForeignKey(
                name: "fk_clients_asp_net_users_home_coach",
                table: "clients");

            migrationBuilder.DropForeignKey(
                name: "fk_clients_practices_practice_id",
                table: "clients");

            migrationBuilder.DropForeignKey(
                name: "fk_equipment_clients_practice_id_client_id",
                table: "equipment");

            migrationBuilder.DropForeignKey(
                name: "fk_equipment_rooms_practice_id_room_id",
                table: "equipment");

            migrationBuilder.DropForeignKey(
                name: "fk_logged_sets_clients_practice_id_client_id",
                table: "logged_sets");

            migrationBuilder.DropForeignKey(
                name: "fk_maxes_clients_practice_id_client_id",
                table: "maxes");

            migrationBuilder.DropForeignKey(
                name: "fk_memberships_clients_practice_id_client_id",
                table: "memberships");

            migrationBuilder.DropForeignKey(
                name: "fk_memberships_practices_practice_id",
                table: "memberships");

            migrationBuilder.DropForeignKey(
                name: "fk_own_exercises_practices_practice_id",
                table: "own_exercises");

            migrationBuilder.DropForeignKey(
                name: "fk_past_training_clients_practice_id_client_id",
                table: "past_training");

            migrationBuilder.DropForeignKey(
                name: "fk_plans_clients_practice_id_client_id",
                table: "plans");

            migrationBuilder.DropForeignKey(
                name: "fk_readiness_clients_practice_id_client_id",
                table: "readiness");

            migrationBuilder.DropForeignKey(
                name: "fk_screens_clients_practice_id_client_id",
                table: "screens");

            migrationBuilder.DropTable(
                name: "changes");

            migrationBuilder.DropTable(
                name: "invitations");

            migrationBuilder.DropTable(
                name: "notes");

            migrationBuilder.DropTable(
                name: "rooms");

            migrationBuilder.DropTable(
                name: "shares");

            migrationBuilder.DropColumn(name: "is_demo", table: "practices");
            migrationBuilder.DropColumn(name: "put_aside_at", table: "practices");
            migrationBuilder.DropColumn(name: "units", table: "practices");
            migrationBuilder.RenameColumn(name: "practice_id", table: "practices", newName: "coach_id");
            migrationBuilder.Sql("ALTER TABLE practices RENAME CONSTRAINT pk_practices TO pk_coaches");
            migrationBuilder.RenameTable(name: "practices", newName: "coaches");

            migrationBuilder.DropIndex(
                name: "ix_memberships_practice_id_client_id",
                table: "memberships");

            migrationBuilder.DropIndex(
                name: "ix_equipment_practice_id_room_id",
                table: "equipment");

            migrationBuilder.DropIndex(
                name: "ix_clients_home_coach",
                table: "clients");

            migrationBuilder.DropIndex(
                name: "ix_clients_practice_id_home_coach",
                table: "clients");

            migrationBuilder.DropColumn(
                name: "device",
                table: "signed_in");

            migrationBuilder.DropColumn(
                name: "id",
                table: "signed_in");

            migrationBuilder.DropColumn(
                name: "used_at",
                table: "signed_in");

            migrationBuilder.DropColumn(
                name: "client_id",
                table: "memberships");

            migrationBuilder.DropColumn(
                name: "name",
                table: "memberships");

            migrationBuilder.DropColumn(
                name: "role",
                table: "memberships");

            migrationBuilder.DropColumn(
                name: "since",
                table: "memberships");

            migrationBuilder.DropColumn(
                name: "room_id",
                table: "equipment");

            migrationBuilder.DropColumn(
                name: "erase_at",
                table: "clients");

            migrationBuilder.DropColumn(
                name: "home_coach",
                table: "clients");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "screens",
                newName: "coach_id");

            migrationBuilder.RenameIndex(
                name: "ix_screens_practice_id_client_id_date",
                table: "screens",
                newName: "ix_screens_coach_id_client_id_date");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "readiness",
                newName: "coach_id");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "plans",
                newName: "coach_id");

            migrationBuilder.RenameIndex(
                name: "ix_plans_practice_id_client_id_number",
                table: "plans",
                newName: "ix_plans_coach_id_client_id_number");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "past_training",
                newName: "coach_id");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "own_exercises",
                newName: "coach_id");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "memberships",
                newName: "coach_id");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "maxes",
                newName: "coach_id");

            migrationBuilder.RenameIndex(
                name: "ix_maxes_practice_id_client_id",
                table: "maxes",
                newName: "ix_maxes_coach_id_client_id");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "logged_sets",
                newName: "coach_id");

            migrationBuilder.RenameIndex(
                name: "ix_logged_sets_practice_id_supersedes",
                table: "logged_sets",
                newName: "ix_logged_sets_coach_id_supersedes");

            migrationBuilder.RenameIndex(
                name: "ix_logged_sets_practice_id_client_id_date",
                table: "logged_sets",
                newName: "ix_logged_sets_coach_id_client_id_date");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "equipment",
                newName: "coach_id");

            migrationBuilder.RenameColumn(
                name: "practice_id",
                table: "clients",
                newName: "coach_id");

            migrationBuilder.AddForeignKey(
                name: "fk_clients_coaches_coach_id",
                table: "clients",
                column: "coach_id",
                principalTable: "coaches",
                principalColumn: "coach_id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_equipment_clients_coach_id_client_id",
                table: "equipment",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_logged_sets_clients_coach_id_client_id",
                table: "logged_sets",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_maxes_clients_coach_id_client_id",
                table: "maxes",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_memberships_coaches_coach_id",
                table: "memberships",
                column: "coach_id",
                principalTable: "coaches",
                principalColumn: "coach_id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_own_exercises_coaches_coach_id",
                table: "own_exercises",
                column: "coach_id",
                principalTable: "coaches",
                principalColumn: "coach_id",
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_past_training_clients_coach_id_client_id",
                table: "past_training",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_plans_clients_coach_id_client_id",
                table: "plans",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_readiness_clients_coach_id_client_id",
                table: "readiness",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);

            migrationBuilder.AddForeignKey(
                name: "fk_screens_clients_coach_id_client_id",
                table: "screens",
                columns: new[] { "coach_id", "client_id" },
                principalTable: "clients",
                principalColumns: new[] { "coach_id", "id" },
                onDelete: ReferentialAction.Cascade);
        }
    }
}
