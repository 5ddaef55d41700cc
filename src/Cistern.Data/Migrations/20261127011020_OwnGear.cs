using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class OwnGear : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Estimated",
                table: "Mills",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Looks",
                table: "Mills",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "NoMill",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "NoScale",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "NoThermometer",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateIndex(
                name: "IX_LogRows_Barista_Family_OpenedAtMs",
                table: "LogRows",
                columns: new[] { "Barista", "Family", "OpenedAtMs" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_LogRows_Barista_Family_OpenedAtMs",
                table: "LogRows");

            migrationBuilder.DropColumn(
                name: "Estimated",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "Looks",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "NoMill",
                table: "Baristas");

            migrationBuilder.DropColumn(
                name: "NoScale",
                table: "Baristas");

            migrationBuilder.DropColumn(
                name: "NoThermometer",
                table: "Baristas");
        }
    }
}
