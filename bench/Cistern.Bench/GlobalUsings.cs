global using Cistern.Core.Advising;
global using Cistern.Core.Fitting;
global using Cistern.Core.Forecasts;
global using Cistern.Core.Planning;
global using Cistern.Core.Readings;
global using Cistern.Core.Recipes;
global using Cistern.Core.Reckoning;
global using Cistern.Core.Records;
