using Nerezza.Web.Accounts;
using Nerezza.Web.Mail;

namespace Nerezza.Web.Hosting;

/// <summary>What accounts need besides sign-in: mail, links, and who erases.</summary>
internal static class AccountServices
{
    public static void AddAccounts(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddHttpContextAccessor()
            .AddSingleton(MailSettings.Read(builder.Configuration))
            .AddSingleton<MailBox>()
            .AddSingleton<Outgoing>()
            .AddSingleton<SetupCode>()
            .AddSingleton<PublicAddress>()
            .AddSingleton<ResetLetters>()
            .AddSingleton<Eraser>()
            .AddSingleton(Console.Out)
            .AddScoped<AccountCommand>()
            .AddScoped<AccountBook>()
            .AddScoped<SecondFactor>();
        builder
            .Services.AddHostedService<Postman>()
            .AddHostedService(services => services.GetRequiredService<ResetLetters>())
            .AddHostedService(services => services.GetRequiredService<Eraser>());
    }
}
