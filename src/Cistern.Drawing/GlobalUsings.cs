global using System.Globalization;
