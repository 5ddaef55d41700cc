using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class FirstBrew : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Bags",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Origin = table.Column<string>(type: "TEXT", nullable: false),
                    Roast = table.Column<double>(type: "REAL", nullable: false),
                    RoastedOn = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    LeftG = table.Column<double>(type: "REAL", nullable: false),
                    TastesOf = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Bags", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Baristas",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Mass = table.Column<int>(type: "INTEGER", nullable: false),
                    Temperature = table.Column<int>(type: "INTEGER", nullable: false),
                    Volume = table.Column<int>(type: "INTEGER", nullable: false),
                    CupMl = table.Column<double>(type: "REAL", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Baristas", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Mills",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    SettingName = table.Column<string>(type: "TEXT", nullable: false),
                    Least = table.Column<double>(type: "REAL", nullable: false),
                    Most = table.Column<double>(type: "REAL", nullable: false),
                    Step = table.Column<double>(type: "REAL", nullable: false),
                    UmAtZero = table.Column<double>(type: "REAL", nullable: false),
                    UmPerSetting = table.Column<double>(type: "REAL", nullable: false),
                    Spread = table.Column<double>(type: "REAL", nullable: false),
                    UsualFilterSetting = table.Column<double>(type: "REAL", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Mills", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Places",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    AltitudeM = table.Column<double>(type: "REAL", nullable: false),
                    AmbientC = table.Column<double>(type: "REAL", nullable: false),
                    Water = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Places", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Vessels",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Family = table.Column<int>(type: "INTEGER", nullable: false),
                    CapacityMl = table.Column<double>(type: "REAL", nullable: false),
                    Material = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Vessels", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Brews",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    RecipeId = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    PlanJson = table.Column<string>(type: "TEXT", nullable: false),
                    ModelVersion = table.Column<string>(type: "TEXT", nullable: false),
                    ForecastJson = table.Column<string>(type: "TEXT", nullable: false),
                    TinyTide = table.Column<string>(type: "TEXT", nullable: false),
                    BaristaId = table.Column<int>(type: "INTEGER", nullable: true),
                    BagId = table.Column<int>(type: "INTEGER", nullable: true),
                    TakenG = table.Column<double>(type: "REAL", nullable: false),
                    CoffeeName = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceName = table.Column<string>(type: "TEXT", nullable: false),
                    GrindText = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<int>(type: "INTEGER", nullable: false),
                    OpenedAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    StartedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    EndedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    WhyAbandoned = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Brews", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Brews_Bags_BagId",
                        column: x => x.BagId,
                        principalTable: "Bags",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Brews_Baristas_BaristaId",
                        column: x => x.BaristaId,
                        principalTable: "Baristas",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                });

            migrationBuilder.CreateTable(
                name: "Notes",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Notes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Notes_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Presses",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    Key = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<int>(type: "INTEGER", nullable: false),
                    StepIndex = table.Column<int>(type: "INTEGER", nullable: false),
                    ElapsedS = table.Column<double>(type: "REAL", nullable: false),
                    ReceivedAtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Presses", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Presses_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Tastings",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    SharpHarsh = table.Column<int>(type: "INTEGER", nullable: true),
                    ThinHeavy = table.Column<int>(type: "INTEGER", nullable: true),
                    Score = table.Column<double>(type: "REAL", nullable: true),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Tastings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Tastings_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Weighings",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    StepIndex = table.Column<int>(type: "INTEGER", nullable: false),
                    TotalG = table.Column<double>(type: "REAL", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Weighings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Weighings_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Baristas_Name",
                table: "Baristas",
                column: "Name",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Brews_BagId",
                table: "Brews",
                column: "BagId");

            migrationBuilder.CreateIndex(
                name: "IX_Brews_BaristaId",
                table: "Brews",
                column: "BaristaId");

            migrationBuilder.CreateIndex(
                name: "IX_Brews_OpenedAtMs",
                table: "Brews",
                column: "OpenedAtMs");

            migrationBuilder.CreateIndex(
                name: "IX_Brews_RecipeId_OpenedAtMs",
                table: "Brews",
                columns: new[] { "RecipeId", "OpenedAtMs" });

            migrationBuilder.CreateIndex(
                name: "IX_Brews_State_OpenedAtMs",
                table: "Brews",
                columns: new[] { "State", "OpenedAtMs" });

            migrationBuilder.CreateIndex(
                name: "IX_Notes_BrewId",
                table: "Notes",
                column: "BrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Presses_BrewId",
                table: "Presses",
                column: "BrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Presses_Key",
                table: "Presses",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Tastings_BrewId",
                table: "Tastings",
                column: "BrewId",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Weighings_BrewId_StepIndex",
                table: "Weighings",
                columns: new[] { "BrewId", "StepIndex" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Mills");

            migrationBuilder.DropTable(
                name: "Notes");

            migrationBuilder.DropTable(
                name: "Places");

            migrationBuilder.DropTable(
                name: "Presses");

            migrationBuilder.DropTable(
                name: "Tastings");

            migrationBuilder.DropTable(
                name: "Vessels");

            migrationBuilder.DropTable(
                name: "Weighings");

            migrationBuilder.DropTable(
                name: "Brews");

            migrationBuilder.DropTable(
                name: "Bags");

            migrationBuilder.DropTable(
                name: "Baristas");
        }
    }
}
