using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.WhichWay;

/// <summary>Which way of making the fullness suits an edge: the ways side by side, the best for the purpose first.</summary>
/// <remarks>
/// Cloth is what each technique itself would cut at its usual settings; for those that cannot be pulled to fit, so much
/// that it is enough nine times in ten on no swatch at all. Minutes are a workshop rule: see <see cref="Pace"/>.
/// </remarks>
internal static class WhichWayQuestion
{
    private const double Assurance = 0.9;

    private static readonly ChoiceField PurposeField = new(
        "purpose",
        "It",
        "What matters most.",
        [.. Purpose.All.Select(p => p.Choice)],
        "must-fit",
        false
    );

    public static ChoicesField Has { get; } =
        new(
            "has",
            "In your supplies",
            "What is owned of what the ways need; leave it out when it is not known.",
            [
                new("gathering-foot", "a gathering foot", "It gathers as it sews."),
                new("overlock", "an overlocker with differential feed", "It gathers and neatens."),
                new("ruffler", "a ruffler", "It folds."),
                new("elastic", "elastic thread", "It draws up and stretches."),
            ]
        );

    public static Form Form { get; } =
        new(
            "which-way",
            "Which way suits this edge",
            [
                StripFields.FinishedEdge,
                StripFields.Fullness,
                PurposeField,
                Has,
                FabricFields.LayerWeight,
                .. StripReading.Fields,
            ],
            WhichWayAnswer.Told,
            new RawAsk(
                new Dictionary<string, RawValue>
                {
                    ["finishedEdge"] = RawValue.Of("2.6 m"),
                    ["fullness"] = RawValue.Of(2.2),
                    ["purpose"] = RawValue.Of("long-run"),
                    ["clothWeight"] = RawValue.Of(140),
                    ["has"] = RawValue.Of([RawValue.Of("gathering-foot"), RawValue.Of("overlock")]),
                }
            ),
            Work
        );

    private static WhichWayAnswer? Work(AskReader reader)
    {
        var edge = reader.Length(StripFields.FinishedEdge);
        var fullness = reader.Number(StripFields.Fullness);
        var purpose = Purpose.All[Math.Max(0, reader.Choice(PurposeField))];
        var weight = reader.OptionalNumber(FabricFields.LayerWeight) ?? FabricFields.UsualWeight;
        var has = reader.Has(Has) ? reader.Choices(Has) : null;
        var piece = StripReading.Read(reader, edge, Length.FromMillimetres(4), 1);
        if (piece is null || reader.Errors.Count > 0)
        {
            return null;
        }
        List<Way?> ways =
        [
            .. RowScheme.All.Select(scheme => Pulled(reader, piece, fullness, scheme)),
            ByMachine(reader, piece, fullness, weight, PullUpFamily.GatheringFoot),
            ByMachine(reader, piece, fullness, weight, PullUpFamily.Overlock),
            Folded(reader, piece, fullness),
            purpose.Stretch > 0 ? Shirred(piece, fullness, weight) : null,
        ];
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var known = ways.OfType<Way>()
            .Select(w => w with { Has = w.NeedsKey == "" ? null : has?.Contains(w.NeedsKey) })
            .ToList();
        var (least, quickest) = (known.Min(w => w.Cloth), known.Min(w => w.Minutes));
        return new WhichWayAnswer(
            [
                .. known
                    .Select(w => Judged(w, purpose, least, quickest))
                    .OrderByDescending(w => w.Score),
            ],
            fullness
        )
        {
            Findings = [],
        };
    }

    private static Way? Pulled(AskReader reader, StripAsk piece, double fullness, RowScheme scheme)
    {
        var strips = StripReckon.Straight(
            piece with
            {
                Fullness = fullness,
                Rows = scheme,
            },
            reader
        );
        if (strips is null)
        {
            return null;
        }
        var rows = scheme.Gaps.Count;
        return new Way(
            "pulled-gathers",
            scheme.Choice.Name,
            $"pulled threads: {scheme.Choice.Label}",
            strips.ClothToBuy,
            Pace.Sewn(strips.SewnFlat * rows, piece.StitchLength)
                + Pace.Spread(piece.FinishedEdge)
                + Pace.Seam(piece.FinishedEdge)
                + Pace.TakenOut(strips.SewnFlat * scheme.RowsRemoved),
            rows >= 3 ? 2.5
                : rows == 2 ? 2
                : 1.5,
            rows >= 3 ? "most even of the hand-pulled methods" : "as even as you spread it",
            true,
            "",
            "",
            null,
            true,
            "any fullness possible"
        );
    }

    /// <summary>Set to the stitch that likely gives the fullness, in as many passes as it takes.</summary>
    private static Way? ByMachine(
        AskReader reader,
        StripAsk piece,
        double fullness,
        double weight,
        PullUpFamily family
    )
    {
        var model = PullUpModel.From(family, []);
        var overlock = family == PullUpFamily.Overlock;
        var set = new PullUpSettings(
            Length.FromMillimetres(4),
            1,
            1,
            overlock ? 2 : 1,
            ClothWeight.FromGramsPerSquareMetre(weight)
        );
        var reach = new StitchReach(Length.FromMillimetres(1), Length.FromMillimetres(5));
        var setting = TargetSetting.For(model, family, set, fullness, reach);
        // An overlocker's second pass would cut into its first.
        if (!setting.Reaches && setting.Fullness < fullness && !overlock)
        {
            setting = TargetSetting.For(model, family, set with { Passes = 2 }, fullness, reach);
        }
        var passes = setting.Settings.Passes;
        var likely = model.Predict(setting.Settings) with
        {
            Most = piece.PacksAt(setting.Settings.StitchLength),
        };
        var cut = piece.FinishedEdge * likely.At(Assurance);
        var strips = StripReckon.Straight(
            piece with
            {
                Fullness =
                    (cut + MachineGathers.Fields.TrimAllowance.Start!.Value) / piece.FinishedEdge,
            },
            reader
        );
        if (strips is null)
        {
            return null;
        }
        var mm = DecimalText.Write(setting.Settings.StitchLength.Millimetres, 1);
        return new Way(
            overlock ? "overlock-gathers" : "gathering-foot",
            "",
            overlock ? "the overlocker’s differential feed" : "a gathering foot",
            strips.ClothToBuy,
            Pace.Sewn(strips.SewnFlat * passes, setting.Settings.StitchLength)
                + Pace.Swatches
                // The overlocker joins the flat layer, trims and neatens in the same pass.
                + (overlock ? 0 : Pace.Seam(piece.FinishedEdge)),
            2.5,
            "even, if you don’t pull the fabric",
            false,
            overlock ? "an overlocker with differential feed" : "a gathering foot",
            overlock ? "overlock" : "gathering-foot",
            null,
            setting.Reaches && weight <= MachineGathers.Fields.Heavy,
            weight > MachineGathers.Fields.Heavy ? "fabric as thick as this hardly gathers this way"
                : setting.Reaches
                    ? $"likely at stitch {mm} mm{(passes > 1 ? ", two passes" : "")}; a swatch says for sure"
                : $"comes to about {DecimalText.Write(setting.Fullness)} at the {(setting.Fullness < fullness ? "most" : "least")}"
        )
        {
            StitchLength = setting.Settings.StitchLength,
            Passes = (int)passes,
            TensionSteps = setting.Settings.TensionSteps,
        };
    }

    private static Way? Folded(AskReader reader, StripAsk piece, double fullness)
    {
        var (every, stitch) = (6, Length.FromMillimetres(2.5));
        var depth = (fullness - 1) * every * stitch / 2;
        var most = TuckedRuffle.Fields.MaxTuckDepth.Start!.Value;
        var trim = TuckedRuffle.Fields.TrimAllowance.Start!.Value;
        var strips = StripReckon.Straight(
            piece with
            {
                Fullness = fullness + trim / piece.FinishedEdge,
            },
            reader
        );
        if (strips is null)
        {
            return null;
        }
        // At every stitch the fold of the same fullness is a sixth as deep, and hardly shows.
        var reaches = depth <= most;
        return new Way(
            "tucked-ruffle",
            "",
            "a ruffler",
            strips.ClothToBuy,
            Pace.Folded(piece.FinishedEdge, stitch)
                + Pace.Swatches / 2
                + Pace.Seam(piece.FinishedEdge),
            3,
            "quite even, in small folds",
            false,
            "a ruffler",
            "ruffler",
            null,
            reaches,
            reaches
                ? $"folds of {reader.Ruler.Fine(depth)}, one every {every} stitches"
                : $"would need folds of {reader.Ruler.Fine(depth)}, one every {every} stitches"
        );
    }

    private static Way Shirred(StripAsk piece, double fullness, double weight)
    {
        var model = PullUpModel.From(PullUpFamily.Elastic, []);
        var likely = model.Predict(
            new PullUpSettings(
                Length.FromMillimetres(4),
                0,
                1,
                1,
                ClothWeight.FromGramsPerSquareMetre(weight),
                true,
                Length.FromMillimetres(0.6)
            )
        );
        var rows = Math.Max(1, Rounding.CountDown(piece.FinishedDepth.Millimetres / 8));
        var flat = piece.FinishedEdge * fullness;
        return new Way(
            "shirring",
            "",
            "rows of elastic",
            piece.FinishedDepth + 2 * piece.SeamAllowance,
            Pace.Sewn(flat * rows, Length.FromMillimetres(4)) + Pace.Swatches,
            2,
            "even, if you stretch every row equally",
            false,
            "elastic thread",
            "elastic",
            null,
            fullness <= likely.High,
            $"{DecimalText.Write(likely.Low)} to {DecimalText.Write(likely.High)} is likely"
        );
    }

    private static Way Judged(Way way, Purpose purpose, Length leastCloth, double quickest)
    {
        var quick = quickest / way.Minutes;
        var folds = way.Technique == "tucked-ruffle" ? 1.0 : 0;
        var stretch = way.Technique == "shirring" ? 1.0 : 0;
        var score =
            purpose.Fits * (way.Adjustable ? 1 : 0)
            + purpose.Quick * quick
            + purpose.Even * way.Evenness / 3
            + (purpose.Folds > 0 ? purpose.Folds : -1) * folds
            + purpose.Stretch * stretch
            + 0.5 * (leastCloth / way.Cloth)
            - (way.Reaches ? 0 : 2)
            - (way.Has == false ? 4 : 0);
        List<string> reasons = [];
        if (way.Has == false)
        {
            reasons.Add($"there is no {Bare(way.Needs)} in your supplies");
        }
        if (!way.Reaches)
        {
            reasons.Add(way.ReachSays);
        }
        if (purpose.Stretch * stretch > 0)
        {
            reasons.Add("it is the only one that stretches");
        }
        if (folds > 0)
        {
            reasons.Add(
                purpose.Folds > 0
                    ? "it makes the small folds that are wanted"
                    : "it makes small folds, not soft gathers"
            );
        }
        if (way.Adjustable && purpose.Fits >= 1)
        {
            reasons.Add("it can be pulled to fit to the last millimetre");
        }
        else if (!way.Adjustable && purpose.Fits >= 3)
        {
            reasons.Add("it cannot be pulled to fit afterwards");
        }
        if (purpose.Quick >= 1)
        {
            reasons.Add(
                quick > 0.95 ? "it is the quickest"
                : quick > 0.6 ? "it is quick"
                : "it takes time"
            );
        }
        if (reasons.Count == 0)
        {
            reasons.Add($"it is {way.EvennessSays}");
        }
        var why = string.Join(", and ", reasons.Take(3));
        return way with { Score = score, Why = $"{Sentence.Begin(why)}." };
    }

    private static string Bare(string needs) =>
        needs.StartsWith("an ", StringComparison.Ordinal) ? needs[3..]
        : needs.StartsWith("a ", StringComparison.Ordinal) ? needs[2..]
        : needs;
}
