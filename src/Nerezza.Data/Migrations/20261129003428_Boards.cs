using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class Boards : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "boards",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    asked = table.Column<long>(type: "bigint", nullable: false),
                    due = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true),
                    wanted = table.Column<DateOnly>(type: "date", nullable: true),
                    day = table.Column<DateOnly>(type: "date", nullable: true),
                    engine = table.Column<string>(type: "character varying(20)", maxLength: 20, nullable: true),
                    document = table.Column<string>(type: "jsonb", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_boards", x => new { x.practice_id, x.client_id });
                    table.ForeignKey(
                        name: "fk_boards_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_boards_due",
                table: "boards",
                column: "due",
                filter: "due IS NOT NULL");

            // Whoever changes something of a client marks the board behind in the same transaction, whatever the way: no code that saves
            // can forget it. Facts of the floor come one a minute; what follows from them waits for as long.
            migrationBuilder.Sql(
                """
                CREATE FUNCTION boards_of_parts() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN
                  INSERT INTO boards (practice_id, client_id, asked, due)
                    SELECT DISTINCT practice_id, client_id, 1, now() + TG_ARGV[0]::interval FROM changed ORDER BY 1, 2
                    ON CONFLICT (practice_id, client_id) DO UPDATE
                      SET asked = boards.asked + 1, due = LEAST(boards.due, EXCLUDED.due);
                  RETURN NULL;
                END $$;
                CREATE FUNCTION boards_of_clients() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN
                  INSERT INTO boards (practice_id, client_id, asked, due)
                    SELECT practice_id, id, 1, now() FROM changed ORDER BY 1, 2
                    ON CONFLICT (practice_id, client_id) DO UPDATE SET asked = boards.asked + 1, due = LEAST(boards.due, now());
                  RETURN NULL;
                END $$;
                CREATE FUNCTION boards_of_what_went() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN
                  UPDATE boards SET asked = boards.asked + 1, due = LEAST(boards.due, now())
                    FROM (SELECT DISTINCT practice_id, client_id FROM changed) AS gone
                    WHERE boards.practice_id = gone.practice_id AND boards.client_id = gone.client_id;
                  RETURN NULL;
                END $$;
                CREATE FUNCTION boards_of_practices() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN
                  UPDATE boards SET asked = asked + 1, due = LEAST(due, now()) WHERE practice_id IN (SELECT practice_id FROM changed);
                  RETURN NULL;
                END $$;

                CREATE TRIGGER boards_new AFTER INSERT ON clients REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_clients();
                CREATE TRIGGER boards_changed AFTER UPDATE ON clients REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_clients();
                CREATE TRIGGER boards_changed AFTER UPDATE ON rooms REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_practices();
                CREATE TRIGGER boards_gone AFTER DELETE ON rooms REFERENCING OLD TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_practices();
                CREATE TRIGGER boards_changed AFTER UPDATE ON own_exercises REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_practices();
                CREATE TRIGGER boards_new AFTER INSERT ON logged_sets REFERENCING NEW TABLE AS changed
                  FOR EACH STATEMENT EXECUTE FUNCTION boards_of_parts('60 seconds');
                """);
            foreach (string table in new[] { "equipment", "maxes", "screens", "plans", "answers", "notes" })
                migrationBuilder.Sql(
                    $"""
                    CREATE TRIGGER boards_new AFTER INSERT ON {table} REFERENCING NEW TABLE AS changed
                      FOR EACH STATEMENT EXECUTE FUNCTION boards_of_parts('0');
                    CREATE TRIGGER boards_changed AFTER UPDATE ON {table} REFERENCING NEW TABLE AS changed
                      FOR EACH STATEMENT EXECUTE FUNCTION boards_of_parts('0');
                    CREATE TRIGGER boards_gone AFTER DELETE ON {table} REFERENCING OLD TABLE AS changed
                      FOR EACH STATEMENT EXECUTE FUNCTION boards_of_what_went();
                    """);
            // Clients of earlier versions.
            migrationBuilder.Sql("INSERT INTO boards (practice_id, client_id, asked, due) SELECT practice_id, id, 1, now() FROM clients");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql(
                "DROP FUNCTION boards_of_parts() CASCADE; DROP FUNCTION boards_of_clients() CASCADE; "
                + "DROP FUNCTION boards_of_what_went() CASCADE; DROP FUNCTION boards_of_practices() CASCADE");
            migrationBuilder.DropTable(
                name: "boards");
        }
    }
}
