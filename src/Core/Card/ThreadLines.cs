using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using Thread = ZephyrReach.Core.Supplies.Thread;

namespace ZephyrReach.Core.Card;

/// <summary>The lines of a card for what is threaded above and below.</summary>
internal static class ThreadLines
{
    public static CardLine Above(CardTechnique technique, CardInputs ask, Pick pick) =>
        Threads(
            "needle-thread",
            technique.NeedsOverlocker ? "Needle threads" : "Needle thread",
            technique.Above,
            ask,
            technique.ChosenBelow ? null : ask.Thread,
            pick.Needle.Is
        );

    public static CardLine Below(CardTechnique technique, CardInputs ask) =>
        technique.ElasticBelow(ask)
            ? ElasticLine(technique, ask)
            : Threads(
                technique.NeedsOverlocker ? "looper-thread" : "bobbin-thread",
                technique.NeedsOverlocker ? "Looper threads" : "Bobbin thread",
                technique.Below,
                ask,
                technique.ChosenBelow ? ask.Thread : null
            );

    private static CardLine Threads(
        string key,
        string setting,
        ThreadWanted wanted,
        CardInputs ask,
        Owned<Thread>? chosen,
        Supplies.Needle? through = null
    )
    {
        var passing = ask
            .Drawer.Threads.Where(t => through is null || Fit.Rules.Eye.Passes(t.Is, through))
            .ToList();
        var thread =
            chosen
            ?? ThreadMatch.Best(passing, wanted, ask.Cloth?.Is)
            ?? ThreadMatch.Best(ask.Drawer.Threads, wanted, ask.Cloth?.Is);
        var seen =
            thread?.Is.Colour is { } colour && ask.Cloth?.Is.Colour is { } cloth
                ? ThreadMatch.Visible(Lab.Difference(colour.ToLab(), cloth.ToLab()))
                : "";
        return thread is null
            ? new(key, setting, wanted.Says, "", wanted.Because)
            : new(key, setting, thread.Name, seen, wanted.Because);
    }

    private static CardLine ElasticLine(CardTechnique technique, CardInputs ask)
    {
        var elastic = ask.Elastic ?? ThreadMatch.Best(ask.Drawer.Elastics, ask.Cloth?.Is);
        var name = elastic?.Name ?? "elastic thread, about 0.6 mm";
        if (technique.NeedsChainLooper)
        {
            return new(
                "looper-thread",
                "Looper thread",
                name,
                "",
                "Loose through its whole path, and never pulled up."
            );
        }
        var isThick = elastic?.Is.Diameter > ThreadMatch.Thick;
        return new(
            "bobbin-thread",
            "Bobbin thread",
            name,
            isThick ? "bobbin loosened" : "",
            isThick
                ? "Thick elastic needs the bobbin's screw opened: keep a second, marked case for it. Wind it one way and stay with it."
                : "Wind it one way and stay with it: how far it draws up belongs to how it was wound."
        );
    }
}
