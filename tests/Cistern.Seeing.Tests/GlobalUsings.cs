global using Cistern.Core.Reckoning;
