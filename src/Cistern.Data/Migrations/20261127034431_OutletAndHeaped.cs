using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class OutletAndHeaped : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "OutletMm",
                table: "Vessels",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Heaped",
                table: "Spoons",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "OutletMm",
                table: "Vessels");

            migrationBuilder.DropColumn(
                name: "Heaped",
                table: "Spoons");
        }
    }
}
