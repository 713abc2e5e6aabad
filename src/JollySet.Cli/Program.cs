using System.Text;
using JollySet.Cli;

Console.OutputEncoding = new UTF8Encoding(false);
return Commands.Run(args, Console.OpenStandardInput(), Console.Out, Console.Error, DateTime.Today.AddHours(18));
