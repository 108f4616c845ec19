using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class Edits : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "base",
                table: "plans",
                type: "character varying(10)",
                maxLength: 10,
                nullable: false,
                defaultValueSql: "'Made'");

            migrationBuilder.AddColumn<string>(
                name: "edits",
                table: "plans",
                type: "jsonb",
                nullable: false,
                defaultValueSql: "'[]'::jsonb");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "base",
                table: "plans");

            migrationBuilder.DropColumn(
                name: "edits",
                table: "plans");
        }
    }
}
