using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class Readings : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Seen",
                table: "Weighings",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "Seen",
                table: "Observations",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "Seen",
                table: "Entries",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "BenchJson",
                table: "Brews",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "ReadingToken",
                table: "Brews",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Rehearsal",
                table: "Brews",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<int>(
                name: "Speed",
                table: "Brews",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<bool>(
                name: "StartsItself",
                table: "Brews",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateTable(
                name: "Readings",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    Of = table.Column<string>(type: "TEXT", nullable: false),
                    Packed = table.Column<byte[]>(type: "BLOB", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Readings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Readings_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Readings_BrewId",
                table: "Readings",
                column: "BrewId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Readings");

            migrationBuilder.DropColumn(
                name: "Seen",
                table: "Weighings");

            migrationBuilder.DropColumn(
                name: "Seen",
                table: "Observations");

            migrationBuilder.DropColumn(
                name: "Seen",
                table: "Entries");

            migrationBuilder.DropColumn(
                name: "BenchJson",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "ReadingToken",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "Rehearsal",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "Speed",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "StartsItself",
                table: "Brews");
        }
    }
}
