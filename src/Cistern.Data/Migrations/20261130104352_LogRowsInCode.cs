using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class LogRowsInCode : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            foreach (var (name, _) in LogTriggers.All)
            {
                migrationBuilder.Sql($"DROP TRIGGER {name}");
            }
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var (_, sql) in LogTriggers.All)
            {
                migrationBuilder.Sql(sql);
            }
        }
    }
}
