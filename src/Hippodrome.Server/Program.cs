using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Aims;
using Hippodrome.Server.Assessments;
using Hippodrome.Server.Blocks;
using Hippodrome.Server.Care;
using Hippodrome.Server.Conditioning;
using Hippodrome.Server.DressageTests;
using Hippodrome.Server.Exercises;
using Hippodrome.Server.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Jobs;
using Hippodrome.Server.People;
using Hippodrome.Server.Rides;
using Hippodrome.Server.Sessions;
using Hippodrome.Server.Setups;
using Hippodrome.Server.Today;
using Hippodrome.Server.Weather;
using Hippodrome.Server.Yards;
using Hippodrome.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.DataProtection.KeyManagement;
using Microsoft.AspNetCore.Server.Kestrel.Core;
using Microsoft.Extensions.Options;
using Serilog;

CultureInfo.DefaultThreadCurrentCulture = CultureInfo.GetCultureInfo("en-GB");
CultureInfo.CurrentCulture = CultureInfo.DefaultThreadCurrentCulture;

var configuration = new ConfigurationBuilder().AddEnvironmentVariables().AddCommandLine(args).Build();
var settings = Settings.Read(configuration);
var builder = WebApplication.CreateBuilder(
    new WebApplicationOptions { Args = args, WebRootPath = Directory.Exists(settings.Ui) ? settings.Ui : null }
);

// Paths and addresses of requests are left out of the log: they could name a person or a horse.
builder.Services.AddSerilog(log =>
    log.MinimumLevel.Warning()
        .MinimumLevel.Override("Hippodrome", Serilog.Events.LogEventLevel.Information)
        // Cookie keys lie in the database as they are; who reads the database can read the yard anyway.
        .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", Serilog.Events.LogEventLevel.Error)
        .WriteTo.Console(formatProvider: CultureInfo.InvariantCulture)
);

builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxRequestBodySize = Bodies.Largest;
    kestrel.Limits.MinRequestBodyDataRate = new MinDataRate(Bodies.SlowestBytesPerSecond, Bodies.Grace);
    kestrel.Limits.MinResponseDataRate = new MinDataRate(Bodies.SlowestBytesPerSecond, Bodies.Grace);
});

builder.Services.AddSingleton(services =>
{
    var named = services.GetRequiredService<IConfiguration>()["HIPPODROME_DATABASE"];
    return new Database(
        string.IsNullOrEmpty(named) ? throw new InvalidOperationException("HIPPODROME_DATABASE names no database.") : named
    );
});

// Read once more from the host's own configuration, which tests add to.
builder.Services.AddSingleton(services => Settings.Read(services.GetRequiredService<IConfiguration>()));
builder.Services.AddSingleton<KnownDevice>();
builder.Services.AddSingleton<Passwords>();
builder.Services.AddCrowdLimits();
builder.Services.AddVisits();
builder.Services.AddJobs();
builder.Services.AddSingleton(settings.Today is { } day ? new FixedDay(day) : TimeProvider.System);
builder.Services.ConfigureHttpJsonOptions(json => Json.Apply(json.SerializerOptions));
builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
builder.Services.AddProblemDetails();
builder.Services.AddApiDocument();
builder.Services.AddCompression();
builder.Services.AddOutputCache();

builder.Services.AddDataProtection().SetApplicationName("hippodrome");
if (!OpenApiDocument.IsBeingWritten)
{
    builder.Services.AddSingleton<IConfigureOptions<KeyManagementOptions>>(services => new ConfigureOptions<KeyManagementOptions>(keys =>
        keys.XmlRepository = new CookieKeys(services.GetRequiredService<Database>())
    ));
}

builder.Services.AddAntiforgery(antiforgery =>
{
    antiforgery.HeaderName = "X-Hippodrome-Token";
    antiforgery.Cookie.Name = "hippodrome-token";
    antiforgery.Cookie.SameSite = SameSiteMode.Strict;
    antiforgery.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
});
builder
    .Services.AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme)
    .AddCookie(cookie =>
    {
        cookie.Cookie.Name = "hippodrome";
        cookie.Cookie.SameSite = SameSiteMode.Strict;
        cookie.Cookie.HttpOnly = true;
        cookie.ExpireTimeSpan = TimeSpan.FromDays(30);
        // The browser reads the expiry by its own clock, so a fixed day must not set it.
        cookie.TimeProvider = TimeProvider.System;
    });

var app = builder.Build();
if (!OpenApiDocument.IsBeingWritten)
{
    try
    {
        if (
            !await Start.PrepareAsync(
                app.Services.GetRequiredService<Database>(),
                app.Services.GetRequiredService<Passwords>(),
                settings,
                app.Services.GetRequiredService<TimeProvider>()
            )
        )
        {
            return 1;
        }
    }
    catch (ArgumentException e)
    {
        await Console.Error.WriteLineAsync($"hippodrome: HIPPODROME_DATABASE cannot be used: {e.Message}");
        return 1;
    }

    app.Lifetime.ApplicationStarted.Register(() => Start.Announce(app.Urls, settings.Demo));
}

if (app.Services.GetRequiredService<Settings>().Proxies is { Length: > 0 } proxies)
{
    app.UseForwardedHeaders(Proxies.Read(proxies));
}

app.UseExceptionHandler(
    new ExceptionHandlerOptions
    {
        ExceptionHandler = Problems.AnswerAsync,
        SuppressDiagnosticsCallback = thrown => Problems.IsExpected(thrown.Exception),
    }
);
app.UseStatusCodePages();
app.UseSecurityHeaders(Page.Headers);
app.UseFiles();
app.UseRouting();
app.UseCompression();
app.UseOutputCache();
app.UseAuthentication();
app.UseRateLimiter();
app.Use(
    async (context, next) =>
    {
        if (
            context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
            || context.Request.Path.StartsWithSegments("/calendar", StringComparison.Ordinal)
        )
        {
            context.Response.OnStarting(() =>
            {
                context.Response.Headers.CacheControl = "no-store";
                return Task.CompletedTask;
            });
        }

        var changes = !HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method);
        if (
            changes
            && context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
            && !await context.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(context)
        )
        {
            await Problems
                .Problem(
                    StatusCodes.Status400BadRequest,
                    "This page has grown old.",
                    "Load it again; what you typed can be sent once more.",
                    ("stale", true)
                )
                .ExecuteAsync(context);
            return;
        }

        await next(context);
    }
);
app.UseWholeBodies();
app.UseOlderTaps();
app.UseVisits();

var api = app.MapGroup("/api").CommitsVisits().DescribesAnswers();
api.MapSignIn();
api.MapPeople();
api.MapToday();
api.MapHorses();
api.MapRestrictions();
api.MapSides();
api.MapAdjustability();
api.MapApproach();
api.MapTack();
api.MapTimeline();
api.MapCare();
api.MapCondition();
api.MapWeather();
api.MapAssessments();
api.MapAims();
api.MapDressageTests();
api.MapLibrary();
api.MapOwnLibrary();
api.MapSetUps();
api.MapSessions();
api.MapRides();
api.MapRail();
api.MapLoad();
api.MapBlocks();
api.MapRoster();
api.MapWeek();
api.MapJobs();
api.MapCalendars();
api.MapTables();
app.MapHealth();
app.MapCalendarAddress();

// A second of work each time it is made, and anyone may ask: it is made once.
app.MapOpenApi().ExcludeFromDescription().CacheOutput(cached => cached.Expire(TimeSpan.FromDays(1)));
app.MapPage();

await app.RunAsync();
return 0;

/// <summary>Named so that tests can start it.</summary>
public partial class Program;
