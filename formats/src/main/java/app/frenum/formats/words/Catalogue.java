package app.frenum.formats.words;

import app.frenum.core.balance.BalanceFinding;
import app.frenum.core.compare.AdjustedFinding;
import app.frenum.core.compare.Alternative;
import app.frenum.core.compare.AsideFinding;
import app.frenum.core.compare.CheckCode;
import app.frenum.core.compare.CheckFinding;
import app.frenum.core.compare.ConclusionFinding;
import app.frenum.core.compare.FactorFinding;
import app.frenum.core.compare.GripFinding;
import app.frenum.core.compare.HowSure;
import app.frenum.core.compare.LookFinding;
import app.frenum.core.compare.RankingFinding;
import app.frenum.core.fade.FadeAnswerFinding;
import app.frenum.core.fade.FadeFinding;
import app.frenum.core.finding.AsWritten;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.heat.BesideFinding;
import app.frenum.core.heat.FitFinding;
import app.frenum.core.heat.HeatAnswerFinding;
import app.frenum.core.heat.HeatFinding;
import app.frenum.core.log.LogFinding;
import app.frenum.core.log.SamplesFinding;
import app.frenum.core.plan.PlanFinding;
import app.frenum.core.procedure.run.RunFinding;
import app.frenum.core.procedure.run.RunRefusal;
import app.frenum.core.series.EntryDoubt;
import app.frenum.core.stop.FlagFinding;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** All that can be said. A new kind of finding is added here. */
public final class Catalogue {
    private static final List<FindingCode> CODES = Stream.<FindingCode[]>of(
                    AsWritten.values(),
                    BesideFinding.values(),
                    CheckCode.values(),
                    CheckFinding.values(),
                    ConclusionFinding.values(),
                    RankingFinding.values(),
                    FactorFinding.values(),
                    AdjustedFinding.values(),
                    AsideFinding.values(),
                    FitFinding.values(),
                    GripFinding.values(),
                    Alternative.Way.values(),
                    BalanceFinding.values(),
                    EntryDoubt.values(),
                    FadeAnswerFinding.values(),
                    FadeFinding.values(),
                    FlagFinding.values(),
                    HeatAnswerFinding.values(),
                    HeatFinding.values(),
                    HowSure.values(),
                    LogFinding.values(),
                    SamplesFinding.values(),
                    LookFinding.values(),
                    PlanFinding.values(),
                    RunFinding.values(),
                    RunRefusal.values())
            .flatMap(Stream::of)
            .toList();
    private static final Map<String, FindingCode> BY_KEY =
            CODES.stream().collect(Collectors.toMap(FindingCode::key, Function.identity()));

    private Catalogue() {}

    public static List<FindingCode> codes() {
        return CODES;
    }

    /** The code that was kept under a key, if this Frenum still has it. */
    public static Optional<FindingCode> code(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }
}
