package app.frenum.e2e.rehearsal;

import java.util.List;
import tools.jackson.databind.JsonNode;

/** The procedures that come with Frenum, as they are rehearsed. */
final class Library {
    static final List<String> NAMES = List.of(
            "Straight stops",
            "Ten-stop fade series",
            "Cold, hot, recovered",
            "Paired high-speed snubs, cycle after cycle",
            "Spike applications",
            "Front circuit off",
            "Rear circuit off",
            "Assist off",
            "Order of locking on low grip",
            "Adjuster sweep",
            "Cool-down run",
            "Air-flow look with tufts",
            "Treatments of the disc, one after another",
            "Pressing the pedal alike",
            "Diagonal off, front left",
            "Diagonal off, front right",
            "Modified vehicle, the whole of it");

    private Library() {}

    /** With few repeats, prompt presses, twenty times as fast. */
    static RehearsedDay.Wish wish(String procedure) {
        return RehearsedDay.Wish.of(procedure);
    }

    /** What the rules had driven again although the car did what was asked. */
    static List<String> refused(RehearsedDay day) {
        return day.told().values().stream()
                .filter(stop -> stop.get("judged").asString().equals("REPEAT"))
                .map(stop -> "refused: attempt %d of %s: %s"
                        .formatted(
                                stop.get("attempt").asInt(),
                                day.stepOf(stop).get("phase").get("name").asString(),
                                flags(stop)))
                .toList();
    }

    private static String flags(JsonNode stop) {
        return String.join(
                "; ",
                stop.get("flags")
                        .valueStream()
                        .map(f -> f.at("/finding/text/metric").asString())
                        .toList());
    }
}
