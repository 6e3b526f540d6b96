package app.frenum.formats.words;

import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Phases and gates in plain words, with figures as they were typed. */
public final class PhaseWords {
    private PhaseWords() {}

    /** What a phase asks for, in a line. */
    public static String of(Phase p, int repeats) {
        return switch (p.kind()) {
            case INSPECTION, OBSERVATION -> "looked at and written down";
            case TREATMENT -> "put on a cold disc, once";
            case COOL_DOWN -> "rolling at %s, no brake".formatted(typed(p.from()));
            default -> braking(p, repeats);
        };
    }

    private static String braking(Phase p, int repeats) {
        List<String> parts = new ArrayList<>();
        String hard = p.target().map(t -> " at " + typed(t)).orElse(", as hard as the tyres allow");
        parts.add("%d from %s to %s%s".formatted(repeats, typed(p.from()), typed(p.to()), hard));
        parts.add(p.gear() == Phase.Gear.NEUTRAL ? "neutral" : "in gear");
        parts.add(p.load().name().toLowerCase(Locale.ROOT));
        if (p.system() != BrakeSystem.WHOLE) {
            parts.add(p.system().label());
        }
        p.grip().ifPresent(g -> parts.add("on a surface of grip " + typed(g)));
        p.adjuster().ifPresent(t -> parts.add("adjuster at " + typed(t) + " turns from full front"));
        if (p.provesBack()) {
            parts.add("to prove it back at its baseline");
        }
        return String.join(", ", parts);
    }

    /** What must be true before each, in a line. */
    public static String of(Gate g) {
        List<String> parts = new ArrayList<>();
        if (g.coldest().isPresent() && g.hottest().isPresent()) {
            parts.add("discs %s to %s"
                    .formatted(typed(g.coldest().get()), typed(g.hottest().get())));
        } else {
            g.coldest().ifPresent(t -> parts.add("discs at least " + typed(t)));
            g.hottest().ifPresent(t -> parts.add("discs at most " + typed(t)));
        }
        interval(g.soonest(), g.latest()).ifPresent(parts::add);
        interval(g.nearest(), g.furthest()).ifPresent(apart -> parts.add("rolled " + apart));
        return parts.isEmpty() ? "no gate" : String.join(", ", parts);
    }

    private static Optional<String> interval(Optional<Quantity> soonest, Optional<Quantity> latest) {
        if (soonest.isPresent() && latest.isPresent()) {
            return Optional.of("%s to %s apart".formatted(typed(soonest.get()), typed(latest.get())));
        }
        return soonest.map(s -> "at least %s apart".formatted(typed(s)))
                .or(() -> latest.map(l -> "within " + typed(l)));
    }

    private static String typed(Quantity q) {
        String number = Double.toString(q.entered()).replaceAll("\\.0$", "");
        return (number + " " + q.unit().symbol()).strip();
    }
}
