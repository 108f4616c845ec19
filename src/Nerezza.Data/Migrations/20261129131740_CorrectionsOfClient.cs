using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class CorrectionsOfClient : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateIndex(
                name: "ix_logged_sets_practice_id_client_id_supersedes",
                table: "logged_sets",
                columns: new[] { "practice_id", "client_id", "supersedes" },
                filter: "supersedes IS NOT NULL");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "ix_logged_sets_practice_id_client_id_supersedes",
                table: "logged_sets");
        }
    }
}
