global using System.Globalization;
global using Cistern.Data.Brews;
global using Cistern.Data.Devices;
global using Cistern.Data.Log;
global using Cistern.Data.Plans;
global using Cistern.Data.Shelf;
global using Microsoft.EntityFrameworkCore;
