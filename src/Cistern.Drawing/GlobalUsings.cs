global using System.Globalization;
global using Cistern.Core.Forecasts;
global using Cistern.Core.Readings;
global using Cistern.Core.Recipes;
global using Cistern.Core.Reckoning;
