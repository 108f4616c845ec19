using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class SetKinds : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AlterColumn<int>(
                name: "reps",
                table: "logged_sets",
                type: "integer",
                nullable: true,
                oldClrType: typeof(int),
                oldType: "integer");

            migrationBuilder.AlterColumn<decimal>(
                name: "load_kg",
                table: "logged_sets",
                type: "numeric(7,3)",
                precision: 7,
                scale: 3,
                nullable: true,
                oldClrType: typeof(decimal),
                oldType: "numeric(7,3)",
                oldPrecision: 7,
                oldScale: 3);

            // What has no load was kept as 0 kg until now.
            migrationBuilder.Sql("UPDATE logged_sets SET load_kg = NULL WHERE load_kg = 0;");

            migrationBuilder.AddColumn<string>(
                name: "band",
                table: "logged_sets",
                type: "character varying(60)",
                maxLength: 60,
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "clean_reps",
                table: "logged_sets",
                type: "integer",
                nullable: true);

            migrationBuilder.AddColumn<decimal>(
                name: "height_cm",
                table: "logged_sets",
                type: "numeric(6,2)",
                precision: 6,
                scale: 2,
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "implements",
                table: "logged_sets",
                type: "jsonb",
                nullable: true);

            migrationBuilder.AddColumn<decimal>(
                name: "metres",
                table: "logged_sets",
                type: "numeric(8,2)",
                precision: 8,
                scale: 2,
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "pain_at",
                table: "logged_sets",
                type: "character varying(20)",
                maxLength: 20,
                nullable: true);

            migrationBuilder.AddColumn<decimal>(
                name: "rir_said",
                table: "logged_sets",
                type: "numeric(4,2)",
                precision: 4,
                scale: 2,
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "said_at_rep",
                table: "logged_sets",
                type: "integer",
                nullable: true);

            migrationBuilder.AddColumn<decimal>(
                name: "seconds",
                table: "logged_sets",
                type: "numeric(8,2)",
                precision: 8,
                scale: 2,
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "word",
                table: "logged_sets",
                type: "character varying(10)",
                maxLength: 10,
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "band",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "clean_reps",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "height_cm",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "implements",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "metres",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "pain_at",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "rir_said",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "said_at_rep",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "seconds",
                table: "logged_sets");

            migrationBuilder.DropColumn(
                name: "word",
                table: "logged_sets");

            migrationBuilder.Sql("UPDATE logged_sets SET load_kg = coalesce(load_kg, 0), reps = coalesce(reps, 0);");

            migrationBuilder.AlterColumn<int>(
                name: "reps",
                table: "logged_sets",
                type: "integer",
                nullable: false,
                defaultValue: 0,
                oldClrType: typeof(int),
                oldType: "integer",
                oldNullable: true);

            migrationBuilder.AlterColumn<decimal>(
                name: "load_kg",
                table: "logged_sets",
                type: "numeric(7,3)",
                precision: 7,
                scale: 3,
                nullable: false,
                defaultValue: 0m,
                oldClrType: typeof(decimal),
                oldType: "numeric(7,3)",
                oldPrecision: 7,
                oldScale: 3,
                oldNullable: true);
        }
    }
}
