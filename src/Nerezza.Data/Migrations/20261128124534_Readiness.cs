using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class Readiness : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "readiness",
                columns: table => new
                {
                    coach_id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    date = table.Column<DateOnly>(type: "date", nullable: false),
                    answers = table.Column<string>(type: "jsonb", nullable: false),
                    taken = table.Column<bool>(type: "boolean", nullable: false),
                    noted_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_readiness", x => new { x.coach_id, x.client_id, x.date });
                    table.ForeignKey(
                        name: "fk_readiness_clients_coach_id_client_id",
                        columns: x => new { x.coach_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "coach_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "readiness");
        }
    }
}
