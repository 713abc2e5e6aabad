// One Razor page and nothing else: what the figures of docs/performance.md are set beside.
var builder = WebApplication.CreateBuilder(args);
builder.Logging.ClearProviders();
builder.Services.AddRazorPages();
var app = builder.Build();
app.MapRazorPages();
app.Run();
