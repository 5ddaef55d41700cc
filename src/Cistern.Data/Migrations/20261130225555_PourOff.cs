using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class PourOff : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "PourOffAtS",
                table: "SlipAnswers",
                type: "REAL",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "PourOffAtS",
                table: "SlipAnswers");
        }
    }
}
