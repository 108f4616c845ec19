using System.Security.Cryptography.X509Certificates;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;
using Nerezza.Data;
using Nerezza.Web.Accounts;

namespace Nerezza.Web.Hosting;

/// <summary>Sign-in by the framework's Identity: passwords, cookies, and the keys that protect them.</summary>
internal static class SignInServices
{
    /// <summary>NIST SP 800-63B asks for 8 at least; 10 where it is the only factor (assumption).</summary>
    public const int LeastPasswordLength = 10;
    private const int MostWrongCodes = 5;

    // Assumptions: how long too many wrong codes shut, and how long a link to a new password is good.
    private static readonly TimeSpan LockedFor = TimeSpan.FromMinutes(5),
        LinkGood = TimeSpan.FromHours(24);

    public static void AddSignIn(this WebApplicationBuilder builder)
    {
        builder.AddKeys();
        builder
            .Services.AddIdentityCore<IdentityUser<Guid>>(options =>
            {
                options.Password.RequiredLength = LeastPasswordLength;
                // Length protects; rules of composition only annoy (NIST SP 800-63B).
                options.Password.RequireNonAlphanumeric =
                    options.Password.RequireUppercase =
                    options.Password.RequireDigit =
                    options.Password.RequireLowercase =
                        false;
                options.User.RequireUniqueEmail = true;
                // A name is an e-mail address: its rule is enough.
                options.User.AllowedUserNameCharacters = "";
                // Of wrong codes after the right password: a stranger shuts nobody out.
                options.Lockout.MaxFailedAccessAttempts = MostWrongCodes;
                options.Lockout.DefaultLockoutTimeSpan = LockedFor;
            })
            .AddEntityFrameworkStores<NerezzaContext>()
            .AddPasswordValidator<CommonPasswords>()
            .AddDefaultTokenProviders()
            .AddSignInManager();
        builder.Services.Configure<DataProtectionTokenProviderOptions>(options => options.TokenLifespan = LinkGood);
        builder
            .Services.AddAuthentication(ScriptTokens.Either)
            .AddPolicyScheme(ScriptTokens.Either, null, options => options.ForwardDefaultSelector = ScriptTokens.Of)
            .AddScheme<AuthenticationSchemeOptions, ScriptTokens>(ScriptTokens.Token, null)
            .AddIdentityCookies(cookies =>
                cookies.ApplicationCookie!.Configure(options =>
                {
                    options.Cookie.SameSite = SameSiteMode.Strict;
                    options.Events.OnRedirectToLogin = context =>
                    {
                        context.Response.StatusCode = StatusCodes.Status401Unauthorized;
                        return Task.CompletedTask;
                    };
                    options.Events.OnRedirectToAccessDenied = context =>
                    {
                        context.Response.StatusCode = StatusCodes.Status403Forbidden;
                        return Task.CompletedTask;
                    };
                })
            );
        builder.Services.AddSingleton<IConfigureOptions<CookieAuthenticationOptions>, SignIns>().AddSingleton<SignInThrottle>();
        builder.Services.AddAuthorization();
        builder.Services.AddAntiforgery(options =>
        {
            options.HeaderName = TokenCheck.Header;
            options.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
        });
    }

    /// <summary>Keys stand in the database; where a key file is named (NEREZZA_KEYS_FILE, PKCS #12 without a password, readable by the
    /// server alone) they are encrypted with it.</summary>
    private static void AddKeys(this WebApplicationBuilder builder)
    {
        IDataProtectionBuilder keys = builder.Services.AddDataProtection().SetApplicationName("nerezza");
        // While the build only describes the API there is no database to keep keys in.
        if (System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name != "GetDocument.Insider")
            keys.PersistKeysToDbContext<NerezzaContext>();
        if (builder.Configuration["NEREZZA_KEYS_FILE"] is { Length: > 0 } file)
            keys.ProtectKeysWithCertificate(X509CertificateLoader.LoadPkcs12FromFile(file, null));
    }
}
