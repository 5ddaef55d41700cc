using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class TasteAndLearning : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Bed",
                table: "Tastings",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Crust",
                table: "Tastings",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "NotesFound",
                table: "Tastings",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<int>(
                name: "Sediment",
                table: "Tastings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "ChangedJson",
                table: "Sheets",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<int>(
                name: "FromBrewId",
                table: "Sheets",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "ChangedJson",
                table: "Brews",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "MillName",
                table: "Brews",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "ModelJson",
                table: "Brews",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "ParentBrewId",
                table: "Brews",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "VesselName",
                table: "Brews",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "UsesLearned",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: true);

            migrationBuilder.CreateTable(
                name: "Learned",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false),
                    ModelVersion = table.Column<string>(type: "TEXT", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    Json = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Learned", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Sips",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    TastingId = table.Column<int>(type: "INTEGER", nullable: false),
                    When = table.Column<string>(type: "TEXT", nullable: false),
                    SharpHarsh = table.Column<int>(type: "INTEGER", nullable: true),
                    ThinHeavy = table.Column<int>(type: "INTEGER", nullable: true),
                    Sweet = table.Column<int>(type: "INTEGER", nullable: true),
                    Clear = table.Column<int>(type: "INTEGER", nullable: true),
                    Finish = table.Column<int>(type: "INTEGER", nullable: true),
                    Dry = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Sips", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Sips_Tastings_TastingId",
                        column: x => x.TastingId,
                        principalTable: "Tastings",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Brews_ParentBrewId",
                table: "Brews",
                column: "ParentBrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Sips_TastingId_When",
                table: "Sips",
                columns: new[] { "TastingId", "When" },
                unique: true);

            // Brews of earlier versions named their mill only as it was told: "Ferrule, 20 clicks".
            migrationBuilder.Sql(
                """
                UPDATE Brews SET MillName = substr(GrindText, 1, instr(GrindText, ',') - 1)
                WHERE instr(GrindText, ',') > 0 AND substr(GrindText, 1, instr(GrindText, ',') - 1) IN (SELECT Name FROM Mills);
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Learned");

            migrationBuilder.DropTable(
                name: "Sips");

            migrationBuilder.DropIndex(
                name: "IX_Brews_ParentBrewId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "Bed",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "Crust",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "NotesFound",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "Sediment",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "ChangedJson",
                table: "Sheets");

            migrationBuilder.DropColumn(
                name: "FromBrewId",
                table: "Sheets");

            migrationBuilder.DropColumn(
                name: "ChangedJson",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "MillName",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "ModelJson",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "ParentBrewId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "VesselName",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "UsesLearned",
                table: "Baristas");
        }
    }
}
