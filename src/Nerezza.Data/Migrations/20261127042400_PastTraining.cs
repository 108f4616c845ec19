using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class PastTraining : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "past_training",
                columns: table => new
                {
                    coach_id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    through = table.Column<DateOnly>(type: "date", nullable: false),
                    days = table.Column<string>(type: "jsonb", nullable: false),
                    xmin = table.Column<uint>(type: "xid", rowVersion: true, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_past_training", x => new { x.coach_id, x.client_id });
                    table.ForeignKey(
                        name: "fk_past_training_clients_coach_id_client_id",
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
                name: "past_training");
        }
    }
}
