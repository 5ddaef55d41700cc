using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class DoseUnitAndPin : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Dose",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Pin",
                table: "Baristas",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            // Coffee was told in the one unit of masses there was.
            migrationBuilder.Sql("UPDATE Baristas SET Dose = Mass");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Dose",
                table: "Baristas");

            migrationBuilder.DropColumn(
                name: "Pin",
                table: "Baristas");
        }
    }
}
