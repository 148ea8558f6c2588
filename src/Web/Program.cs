using ZephyrReach.Web.Archives;
using ZephyrReach.Web.Backups;
using ZephyrReach.Web.Bench;
using ZephyrReach.Web.Card;
using ZephyrReach.Web.CutLists;
using ZephyrReach.Web.Cutting;
using ZephyrReach.Web.Documents;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Example;
using ZephyrReach.Web.Faults;
using ZephyrReach.Web.Find;
using ZephyrReach.Web.Fit;
using ZephyrReach.Web.Guides;
using ZephyrReach.Web.Health;
using ZephyrReach.Web.Histories;
using ZephyrReach.Web.Hosting;
using ZephyrReach.Web.Keeps;
using ZephyrReach.Web.Lines;
using ZephyrReach.Web.Photographs;
using ZephyrReach.Web.Practice;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Projects;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Swatches;
using ZephyrReach.Web.Techniques;
using ZephyrReach.Web.Workings;
using ZephyrReach.Web.Workrooms;

try
{
    var settings = Settings.Read(args);
    var builder = WebApplication.CreateSlimBuilder(args);
    Services.Add(builder, settings);
    var app = builder.Build();

    app.UseQuietRefusals();
    app.UseExceptionHandler();
    app.UseStatusCodePages();
    app.UseSafeHeaders();
    app.UseNoStrangers(settings);
    app.UseHead();
    app.UseBudget();
    app.UseBodyLimit();
    app.UseNoNul();
    app.UseFiles();
    app.UseRouting();
    app.UsePage();
    app.MapHealth();
    app.MapDocument();
    app.MapReckoning();
    app.MapTechniques();
    app.MapWords();
    app.MapLengths();
    app.MapWorkroom();
    app.MapExample();
    app.MapBench();
    app.MapProjects();
    app.MapTotals();
    app.MapWorkings();
    app.MapSwatches();
    app.MapSwatchBook();
    app.MapSwatchFiles();
    app.MapSimulated();
    app.MapPhotographs();
    app.MapWorkingReckoning();
    app.MapGuides();
    app.MapLines();
    app.MapCutLists();
    app.MapCutting();
    app.MapProjectCutting();
    app.MapPractice();
    app.MapFaults();
    app.MapMeasuring();
    app.MapKeeps();
    app.MapHistory();
    app.MapFind();
    app.MapDrawer();
    app.MapDrawerQuestions();
    app.MapDrawerFiles();
    app.MapFit();
    app.MapCards();
    app.MapArchives();
    app.MapBackups();

    await Preparation.PrepareAsync(app.Services, settings, CancellationToken.None);
    try
    {
        await app.StartAsync();
    }
    catch (IOException taken)
    {
        throw new StartException(
            3,
            $"Port {settings.Port} on 127.0.0.1 cannot be used: {taken.Message} Choose another with PORT."
        );
    }
    Console.WriteLine($"http://127.0.0.1:{settings.Port}");
    await app.WaitForShutdownAsync();
    return 0;
}
catch (StartException cannot)
{
    await Console.Error.WriteLineAsync(cannot.Message);
    return cannot.ExitCode;
}
