using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class SlipAnswers : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "PlannedJson",
                table: "Brews",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "SlipAnswers",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Step = table.Column<int>(type: "INTEGER", nullable: false),
                    Taken = table.Column<bool>(type: "INTEGER", nullable: false),
                    Said = table.Column<string>(type: "TEXT", nullable: false),
                    ReleaseAtS = table.Column<double>(type: "REAL", nullable: true),
                    LetDownG = table.Column<double>(type: "REAL", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    UndoneAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    By = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SlipAnswers", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SlipAnswers_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_SlipAnswers_BrewId",
                table: "SlipAnswers",
                column: "BrewId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "SlipAnswers");

            migrationBuilder.DropColumn(
                name: "PlannedJson",
                table: "Brews");
        }
    }
}
