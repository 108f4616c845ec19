using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Core.Selection;
using Nerezza.Data;
using Nerezza.Formats;
using Nerezza.Solve;
using Nerezza.Web.Demo;
using Nerezza.Web.Endpoints;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Serilog;

WebApplicationBuilder builder = WebApplication.CreateBuilder(args);
builder.Host.UseSerilog((context, log) => log.ReadFrom.Configuration(context.Configuration).WriteTo.Console(formatProvider: System.Globalization.CultureInfo.InvariantCulture));
string connection = builder.Configuration["NEREZZA_DB"] ?? "Host=127.0.0.1;Database=nerezza";

builder.Services.AddNerezzaData(connection);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddMemoryCache(cache => cache.SizeLimit = 500).AddSingleton<BasisCache>();
builder.Services.AddSingleton<IChooser>(new CpChooser()).AddSingleton<IWeekLayout>(new CpWeekLayout());
builder.Services.AddScoped<OwnCatalogue>().AddScoped(services => services.GetRequiredService<OwnCatalogue>().All);
builder.Services.AddScoped<PlanDesk>().AddScoped<BlockDesk>().AddScoped<FloorDesk>().AddScoped<EvidenceDesk>().AddScoped<LeverDesk>().AddScoped<ExerciseDesk>().AddScoped<CatalogueDesk>();
// While the build only describes the API there is no database to keep keys in.
IDataProtectionBuilder keys = builder.Services.AddDataProtection().SetApplicationName("nerezza");
if (System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name != "GetDocument.Insider") keys.PersistKeysToDbContext<NerezzaContext>();
builder.Services.AddIdentityCore<IdentityUser<Guid>>(options =>
{
    options.Password.RequiredLength = 10;
    // Length protects; rules of composition only annoy (NIST SP 800-63B).
    options.Password.RequireNonAlphanumeric = options.Password.RequireUppercase = options.Password.RequireDigit = false;
    options.User.RequireUniqueEmail = true;
}).AddEntityFrameworkStores<NerezzaContext>().AddSignInManager().AddClaimsPrincipalFactory<CoachClaims>();
builder.Services.AddAuthentication(IdentityConstants.ApplicationScheme).AddIdentityCookies(cookies => cookies.ApplicationCookie!.Configure(options =>
{
    options.Cookie.SameSite = SameSiteMode.Strict;
    options.ExpireTimeSpan = TimeSpan.FromDays(30);
    options.Events.OnRedirectToLogin = context => { context.Response.StatusCode = StatusCodes.Status401Unauthorized; return Task.CompletedTask; };
}));
builder.Services.AddAuthorization();
builder.Services.AddAntiforgery(options => options.HeaderName = TokenCheck.Header);
builder.Services.AddRateLimiter(RateLimits.Configure);
builder.Services.AddProblemDetails();
builder.Services.AddOpenApi(OpenApiDescription.Configure);
builder.Services.ConfigureHttpJsonOptions(options => Json.ConfigureAnswers(options.SerializerOptions));

WebApplication app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSecurityHeaders();
app.UseAuthentication();
app.UseRateLimiter();
app.Use(CoachClaims.OpenScope);
app.Use(OwnCatalogue.Open);
app.Use(TokenCheck.Require);
app.UseAuthorization();
app.MapHealthChecks("/health");
app.MapSession();
app.MapDay();
app.MapClients();
app.MapIntake();
app.MapClientHealth();
app.MapScreens();
app.MapFindings();
app.MapLevers();
app.MapExercises();
app.MapCatalogue();
app.MapBlocks();
app.MapFloor();
app.MapReference();
app.MapFrontEnd(builder.Configuration["NEREZZA_WEB"]);

if (args.Contains("migrate"))
{
    using IServiceScope scope = app.Services.CreateScope();
    await scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.MigrateAsync();
    if (args.Contains("demo")) await DemoData.Load(app.Services);
    return;
}
await app.RunAsync();

/// <summary>Named so that tests can start the host.</summary>
public partial class Program;
