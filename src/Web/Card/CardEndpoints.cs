using System.Text.Json;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;
using ZephyrReach.Web.Techniques;
using Cloth = ZephyrReach.Core.Supplies.Cloth;
using Thread = ZephyrReach.Core.Supplies.Thread;

namespace ZephyrReach.Web.Card;

/// <summary>What was seen on a swatch, and what was tried already.</summary>
public sealed record SeenIn(string[]? Seen, string[]? Tried);

/// <summary>The settings of every technique, on a machine of the drawer.</summary>
public static class CardEndpoints
{
    public static void MapCards(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Card");
        group
            .MapGet(
                "cards",
                (Here here) => Core.Craft.Techniques.Cards.Select(t => CardOfOut.Of(t, here.Ruler))
            )
            .WithSummary(
                "The cards that can be written: what each may be told, and what is looked for on its swatch."
            );
        group.MapPost("card/{technique}", WriteAsync).ExcludeFromDescription();
        group
            .MapPost("first-change/{technique}", FirstChange)
            .WithSummary("The one change to try next, by what was seen on a swatch.")
            .Produces<Change>()
            .ProducesValidationProblem();
    }

    private static IResult FirstChange(string technique, SeenIn swatch)
    {
        if (Core.Craft.Techniques.CardNamed(technique) is not { } known)
        {
            return Problem.NotFound("There is no such technique.");
        }
        var seen = swatch.Seen ?? [];
        var strange = seen.FirstOrDefault(s => known.Looks.All(l => l.Choice.Name != s));
        if (strange is not null)
        {
            return Problem.Field(
                "seen",
                $"“{strange}” is not looked for here; {string.Join(", ", known.Looks.Select(l => l.Choice.Name))} are."
            );
        }
        return Look.FirstChange(known.Looks, seen, swatch.Tried ?? []) is { } change
            ? Results.Ok(change)
            : Results.NoContent();
    }

    /// <summary>A card by its own name, or that of a technique, which then chooses by what it is told.</summary>
    private static async Task<IResult> WriteAsync(Here here, string technique, DrawerReader drawer)
    {
        var of = Core.Craft.Techniques.Named(technique);
        var named = Core.Craft.Techniques.CardNamed(technique);
        if (of is null && named is null)
        {
            return Problem.NotFound("There is no such technique.");
        }
        var body = await AskJson.ReadBodyAsync(here.Http.Request);
        var told = AskJson.Read(body);
        var card = of?.CardOf(told) ?? named!;
        var open = await drawer.OpenAsync(here.Seat, here.Ruler, here.Cancel);
        var (ask, errors) = Read(card, body, of?.ToldToCard(told) ?? told, open, here);
        if (ask is null)
        {
            return Problem.Fields(errors);
        }
        var written = CardWriter.Write(card, ask);
        return AnswerJson.Result(json =>
            AnswerJson.Write(json, SettingsCard.Told, written, written.Findings, here.Ruler)
        );
    }

    /// <summary>Reads what a card is asked for. Without a machine it is the drawer's first, or what the workroom knows of its own.</summary>
    private static (CardInputs? Ask, IReadOnlyList<FieldError> Errors) Read(
        CardTechnique card,
        JsonElement json,
        RawInputs told,
        OpenDrawer open,
        Here here
    )
    {
        var (machine, e1) = open.Named<Machine>(json, "machine");
        var (cloth, e2) = open.Named<Cloth>(json, "cloth");
        var (thread, e3) = open.Named<Thread>(json, "thread");
        var (elastic, e4) = open.Named<Elastic>(json, "elastic");
        var (foot, e5) = open.Named<Foot>(json, "foot");
        var (needle, e6) = open.Named<Needle>(json, "needle");
        var (stabiliser, e7) = open.Named<Stabiliser>(json, "stabiliser");
        var reader = new InputReader(told, here.Ruler);
        var wants = new Wants(reader, card);
        if (cloth is null && reader.OptionalNumber(Wants.ClothWeightField) is { } grams)
        {
            cloth = new Owned<Cloth>(
                "",
                "this fabric",
                Cloth.OfWeight(ClothWeight.FromGramsPerSquareMetre(grams))
            );
        }
        List<FieldError> errors =
        [
            .. new[] { e1, e2, e3, e4, e5, e6, e7 }.OfType<FieldError>(),
            .. reader.Errors,
        ];
        if (errors.Count > 0)
        {
            return (null, errors);
        }
        var any = new CardInputs(
            machine ?? Own(here),
            open.Contents,
            cloth,
            thread,
            elastic,
            wants,
            here.Ruler
        )
        {
            Foot = foot,
            Needle = needle,
            Stabiliser = stabiliser,
        };
        return (machine is null ? any with { Machine = Default(card, any, open) } : any, []);
    }

    /// <summary>
    /// The machine called mine if it can do it, else the first that does it best, else one that can, else the first of its kind;
    /// else what the workroom knows of its own.
    /// </summary>
    private static Owned<Machine> Default(CardTechnique card, CardInputs ask, OpenDrawer open)
    {
        ask = ask with { Foot = null, Needle = null };
        var machines = open.Of<Machine>("machine");
        return machines.MaxBy(m =>
                CardWriter.Write(card, ask with { Machine = m }) switch
                {
                    { IsPossible: false } => (0, m.Is.IsOverlocker == card.NeedsOverlocker, false),
                    var can => (1, m.Is.IsMine, can.Feet is [{ Rank: "best" }, ..]),
                }
            ) ?? ask.Machine;
    }

    private static Owned<Machine> Own(Here here) =>
        new(
            "",
            "your machine",
            Machine.Plain(here.Workroom.NormalTension, here.Workroom.LongestStitch)
        );
}
