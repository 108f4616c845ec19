using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class ClientLists : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "client_lists",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    list_id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(200)", maxLength: 200, nullable: false),
                    kept_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    by = table.Column<string>(type: "character varying(120)", maxLength: 120, nullable: false),
                    taken_back_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true),
                    is_new = table.Column<bool>(type: "boolean", nullable: false),
                    maxes = table.Column<string>(type: "jsonb", nullable: false),
                    screens = table.Column<string>(type: "jsonb", nullable: false),
                    facts = table.Column<string>(type: "jsonb", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_client_lists", x => new { x.practice_id, x.list_id, x.client_id });
                    table.ForeignKey(
                        name: "fk_client_lists_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_client_lists_practice_id_client_id",
                table: "client_lists",
                columns: new[] { "practice_id", "client_id" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "client_lists");
        }
    }
}
