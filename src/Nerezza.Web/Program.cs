using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.EntityFrameworkCore;
using Nerezza.Core.Selection;
using Nerezza.Data;
using Nerezza.Formats;
using Nerezza.Solve;
using Nerezza.Web.Access;
using Nerezza.Web.Accounts;
using Nerezza.Web.Demo;
using Nerezza.Web.Endpoints;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;
using Serilog;
using Serilog.Events;

if (args is ["keys-file", var file])
{
    KeysFile.Make(file);
    return;
}
WebApplicationBuilder builder = WebApplication.CreateBuilder(args);
builder.Host.UseSerilog(
    (context, services, log) =>
        log
            .MinimumLevel.Override("Nerezza", LogEventLevel.Information)
            .MinimumLevel.Override("Microsoft.Extensions.Diagnostics.HealthChecks", LogEventLevel.Fatal)
            .ReadFrom.Configuration(context.Configuration)
            .ReadFrom.Services(services)
            .WriteTo.Console(formatProvider: System.Globalization.CultureInfo.InvariantCulture),
    preserveStaticLogger: true
);

builder.AddTrustedProxies();
builder.AddSignIn();
builder.AddAccounts();
builder.Services.AddNerezzaData(builder.Configuration["NEREZZA_DB"] ?? "Host=127.0.0.1;Database=nerezza");
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddMemoryCache(cache => cache.SizeLimit = 500).AddSingleton<PreparedPlans>();
builder.Services.AddSingleton<IChooser>(new RememberedChoices(new CpChooser())).AddSingleton<IWeekLayout>(new CpWeekLayout());
builder.Services.AddScoped<OwnCatalogue>().AddScoped(services => services.GetRequiredService<OwnCatalogue>().All);
builder
    .Services.AddScoped<PlanService>()
    .AddScoped<ClientToday>()
    .AddScoped<BlockViews>()
    .AddScoped<FloorViews>()
    .AddScoped<EvidenceViews>()
    .AddScoped<LeverViews>()
    .AddScoped<ExerciseViews>()
    .AddScoped<ReviewDesk>()
    .AddScoped<ReviewViews>()
    .AddScoped<AnswerDesk>()
    .AddScoped<LogImport>()
    .AddScoped<ClientListImport>()
    .AddScoped<CalendarText>()
    .AddScoped<TemplateShelf>()
    .AddScoped<PastedWeek>()
    .AddScoped<PracticeCommand>()
    .AddScoped<BoardDesk>()
    .AddScoped<OwnExercises>();
builder.Services.AddSingleton<WarmUp>().AddHostedService(services => services.GetRequiredService<WarmUp>());
builder.Services.AddSingleton<BoardWorker>().AddHostedService(services => services.GetRequiredService<BoardWorker>());
builder.Services.AddHealthChecks().AddCheck<WarmUp>("warm-up");

// Behind TLS too: no answer holds both a secret and what a stranger typed.
builder.Services.AddResponseCompression(answers =>
{
    answers.EnableForHttps = true;
    answers.MimeTypes = [.. ResponseCompressionDefaults.MimeTypes, "application/wasm", "application/problem+json"];
});
builder.AddRateLimits();
builder.Services.AddProblemDetails().AddExceptionHandler<Unavailable>();
builder.Services.AddOpenApi(OpenApiDescription.Configure);

// What cannot be bound is answered by NamedParameters, in development too.
builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = false);
builder.Services.ConfigureHttpJsonOptions(options => Json.ConfigureAnswers(options.SerializerOptions));

WebApplication app = builder.Build();
app.UseForwardedHeaders();
app.UseSecurityHeaders();
app.UseResponseCompression();
app.UseExceptionHandler();
app.UseHsts();
app.UseStatusCodePages();
app.UseFrontEndFiles(builder.Configuration["NEREZZA_WEB"]);
app.UseDescription();
app.UseRouting();
app.UseAuthentication();
app.UseRateLimiter();
app.Use(Membership.OpenScope);

// Who is signed in is asked before the token: without a sign-in no token is right, and the page must learn the reason.
app.UseAuthorization();
app.Use(AccessGuard.Hold);
app.Use(OwnCatalogue.Open);
app.Use(TokenCheck.Require);
app.Use(PutAway.Guard);
app.MapHealth();
app.MapOpenApi(OpenApiDescription.Document);
RouteGroupBuilder api = app.MapGroup("").AddEndpointFilterFactory(NamedParameters.Filter).AddEndpointFilterFactory(DateBounds.Filter);
api.MapSession();
api.MapBegin();
api.MapAccount();
api.MapTokens();
api.MapTwoFactor();
api.MapPasswordLinks();
api.MapPractice();
api.MapRooms();
api.MapInvitations();
api.MapSharing();
api.MapChanges();
api.MapLifter();
api.MapDay();
api.MapClients();
api.MapStations();
api.MapIntake();
api.MapClientHealth();
api.MapScreens();
api.MapFindings();
api.MapLevers();
api.MapExercises();
api.MapCatalogue();
api.MapBlocks();
api.MapTemplates();
api.MapReview();
api.MapTakeOut();
api.MapCalendars();
api.MapImports();
api.MapClientLists();
api.MapFloor();
api.MapReference();
app.MapFrontEnd(builder.Configuration["NEREZZA_WEB"]);

if (args is ["account", .. var asked])
{
    using IServiceScope scope = app.Services.CreateScope();
    Environment.ExitCode = await scope.ServiceProvider.GetRequiredService<AccountCommand>().Run(asked, CancellationToken.None);
    return;
}
if (args is ["practice", .. var wanted])
{
    using IServiceScope scope = app.Services.CreateScope();
    Environment.ExitCode = await scope.ServiceProvider.GetRequiredService<PracticeCommand>().Run(wanted, CancellationToken.None);
    return;
}
if (args.Contains("migrate"))
{
    using IServiceScope scope = app.Services.CreateScope();
    await scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.MigrateAsync();
    if (args.Contains("demo"))
        await DemoData.Load(app.Services);
    return;
}
await app.RunAsync();

/// <summary>Named so that tests can start the host.</summary>
public partial class Program;
