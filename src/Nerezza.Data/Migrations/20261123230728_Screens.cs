using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class Screens : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "decisions",
                table: "plans",
                type: "jsonb",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.CreateTable(
                name: "screens",
                columns: table => new
                {
                    coach_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    date = table.Column<DateOnly>(type: "date", nullable: false),
                    screen = table.Column<string>(type: "jsonb", nullable: false),
                    faults = table.Column<string>(type: "jsonb", nullable: false),
                    xmin = table.Column<uint>(type: "xid", rowVersion: true, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_screens", x => new { x.coach_id, x.id });
                    table.ForeignKey(
                        name: "fk_screens_clients_coach_id_client_id",
                        columns: x => new { x.coach_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "coach_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_screens_coach_id_client_id_date",
                table: "screens",
                columns: new[] { "coach_id", "client_id", "date" },
                unique: true);

            // Screens that stood with their client get rows of their own, under the day of this change.
            migrationBuilder.Sql("""
                INSERT INTO screens (coach_id, id, client_id, date, screen, faults)
                SELECT coach_id, gen_random_uuid(), id, CURRENT_DATE,
                       CASE WHEN jsonb_typeof(observed -> 'screen') = 'object' THEN observed -> 'screen' ELSE '{}' END,
                       CASE WHEN jsonb_typeof(observed -> 'faults') = 'array' THEN observed -> 'faults' ELSE '[]' END
                FROM clients
                WHERE jsonb_typeof(observed -> 'screen') = 'object' OR jsonb_typeof(observed -> 'faults') = 'array';
                UPDATE clients SET observed = observed - 'screen' - 'faults';
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("""
                UPDATE clients SET observed = observed || jsonb_build_object('screen', newest.screen, 'faults', newest.faults)
                FROM (SELECT DISTINCT ON (coach_id, client_id) * FROM screens ORDER BY coach_id, client_id, date DESC) newest
                WHERE newest.coach_id = clients.coach_id AND newest.client_id = clients.id;
                """);

            migrationBuilder.DropTable(
                name: "screens");

            migrationBuilder.DropColumn(
                name: "decisions",
                table: "plans");
        }
    }
}
