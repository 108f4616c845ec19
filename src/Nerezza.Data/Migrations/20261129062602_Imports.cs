using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class Imports : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<Guid>(
                name: "import_id",
                table: "logged_sets",
                type: "uuid",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "exercise_names",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(200)", maxLength: 200, nullable: false),
                    exercise = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_exercise_names", x => new { x.practice_id, x.name });
                    table.ForeignKey(
                        name: "fk_exercise_names_practices_practice_id",
                        column: x => x.practice_id,
                        principalTable: "practices",
                        principalColumn: "practice_id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "imports",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(200)", maxLength: 200, nullable: false),
                    sets = table.Column<int>(type: "integer", nullable: false),
                    first_day = table.Column<DateOnly>(type: "date", nullable: false),
                    last_day = table.Column<DateOnly>(type: "date", nullable: false),
                    kept_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    by = table.Column<string>(type: "character varying(120)", maxLength: 120, nullable: false),
                    taken_back_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_imports", x => new { x.practice_id, x.id });
                    table.ForeignKey(
                        name: "fk_imports_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_logged_sets_practice_id_import_id",
                table: "logged_sets",
                columns: new[] { "practice_id", "import_id" },
                filter: "import_id IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "ix_imports_practice_id_client_id_kept_at",
                table: "imports",
                columns: new[] { "practice_id", "client_id", "kept_at" });

            // The server's role deletes no fact. The sets of a file go as one, with what corrected them, and a correction of that.
            migrationBuilder.Sql(
                """
                CREATE FUNCTION take_back_import(of_practice uuid, of_client uuid, of_import uuid) RETURNS integer
                LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
                DECLARE
                  gone integer;
                BEGIN
                  WITH RECURSIVE these AS (
                    SELECT id FROM logged_sets WHERE practice_id = of_practice AND client_id = of_client AND import_id = of_import
                    UNION
                    SELECT later.id FROM logged_sets later JOIN these ON later.supersedes = these.id WHERE later.practice_id = of_practice
                  )
                  DELETE FROM logged_sets WHERE practice_id = of_practice AND id IN (SELECT id FROM these);
                  GET DIAGNOSTICS gone = ROW_COUNT;
                  RETURN gone;
                END $$;

                CREATE TRIGGER boards_new AFTER INSERT ON imports REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_parts('0');
                CREATE TRIGGER boards_changed AFTER UPDATE ON imports REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_parts('0');
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("DROP FUNCTION take_back_import(uuid, uuid, uuid)");
            migrationBuilder.DropTable(
                name: "exercise_names");

            migrationBuilder.DropTable(
                name: "imports");

            migrationBuilder.DropIndex(
                name: "ix_logged_sets_practice_id_import_id",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "import_id",
                table: "logged_sets");
        }
    }
}
