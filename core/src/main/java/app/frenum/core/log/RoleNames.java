package app.frenum.core.log;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Recognises a channel's role by the words in its name, as loggers and people spell them. */
public final class RoleNames {
    private static final Map<String, String> SPELLINGS = Map.ofEntries(
            Map.entry("velocity", "speed"),
            Map.entry("spd", "speed"),
            Map.entry("decel", "deceleration"),
            Map.entry("accel", "acceleration"),
            Map.entry("acc", "acceleration"),
            Map.entry("press", "pressure"),
            Map.entry("prs", "pressure"),
            Map.entry("temp", "temperature"),
            Map.entry("tmp", "temperature"),
            Map.entry("disk", "disc"),
            Map.entry("rotor", "disc"),
            Map.entry("brk", "brake"),
            Map.entry("whl", "wheel"),
            Map.entry("frt", "front"),
            Map.entry("rr", "rear right"),
            Map.entry("rl", "rear left"),
            Map.entry("fr", "front right"),
            Map.entry("fl", "front left"),
            Map.entry("lf", "front left"),
            Map.entry("rf", "front right"),
            Map.entry("lr", "rear left"),
            Map.entry("wheelspeed", "wheel speed"),
            Map.entry("brakeswitch", "brake switch"),
            Map.entry("brakelight", "brake light"),
            Map.entry("long", "longitudinal"),
            Map.entry("lat", "latitude"),
            Map.entry("lon", "longitude"),
            Map.entry("lng", "longitude"),
            Map.entry("alt", "altitude"),
            Map.entry("elevation", "altitude"),
            Map.entry("position", "travel"),
            Map.entry("stroke", "travel"),
            Map.entry("effort", "force"));
    private static final Set<String> OTHER_SPEEDS = Set.of("engine", "wind", "air", "fan", "shaft", "motor", "yaw");

    private RoleNames() {}

    /** The role that the name speaks of, or {@link Role#EXTRA}. */
    public static Role recognise(String name) {
        Set<String> words = words(name);
        if (words.contains("speed")) {
            return speed(words);
        }
        if (words.contains("temperature") && (words.contains("disc") || words.contains("brake"))) {
            return corner(words).map(Role::discTemperature).orElse(Role.EXTRA);
        }
        if (words.contains("pressure")) {
            return pressure(words);
        }
        return motion(words).or(() -> pedal(words)).or(() -> place(words)).orElse(Role.EXTRA);
    }

    private static Set<String> words(String name) {
        Set<String> words = new HashSet<>();
        for (String word : HeaderWords.of(name)) {
            words.addAll(Arrays.asList(SPELLINGS.getOrDefault(word, word).split(" ")));
        }
        return words;
    }

    private static Role speed(Set<String> words) {
        if (words.contains("wheel")) {
            return corner(words).map(Role::wheelSpeed).orElse(Role.EXTRA);
        }
        return words.stream().anyMatch(OTHER_SPEEDS::contains) ? Role.EXTRA : Role.SPEED;
    }

    private static Role pressure(Set<String> words) {
        if (words.contains("tyre") || words.contains("tire") || words.contains("oil") || words.contains("air")) {
            return Role.EXTRA;
        }
        if (words.contains("rear")) {
            return Role.PRESSURE_REAR;
        }
        boolean line =
                words.contains("front") || words.contains("brake") || words.contains("line") || words.size() == 1;
        return line ? Role.PRESSURE_FRONT : Role.EXTRA;
    }

    private static Optional<Role> motion(Set<String> words) {
        if (words.contains("lateral") || words.contains("vertical")) {
            return Optional.empty();
        }
        if (words.contains("deceleration")) {
            return Optional.of(Role.DECELERATION);
        }
        boolean along = words.contains("longitudinal") || words.contains("x");
        return words.contains("acceleration") && along || words.contains("longitudinal") && words.contains("g")
                ? Optional.of(Role.ACCELERATION)
                : Optional.empty();
    }

    private static Optional<Role> pedal(Set<String> words) {
        if (words.contains("abs")) {
            return Optional.of(Role.ABS_ACTIVE);
        }
        boolean brake = words.contains("brake") || words.contains("pedal");
        if (brake && (words.contains("switch") || words.contains("light") || words.contains("on"))) {
            return Optional.of(Role.BRAKE_SWITCH);
        }
        if (brake && words.contains("travel")) {
            return Optional.of(Role.PEDAL_TRAVEL);
        }
        return brake && words.contains("force") ? Optional.of(Role.PEDAL_FORCE) : Optional.empty();
    }

    private static Optional<Role> place(Set<String> words) {
        if (words.contains("latitude")) {
            return Optional.of(Role.LATITUDE);
        }
        if (words.contains("longitude")) {
            return Optional.of(Role.LONGITUDE);
        }
        return words.contains("altitude") ? Optional.of(Role.ALTITUDE) : Optional.empty();
    }

    private static Optional<WheelPosition> corner(Set<String> words) {
        return Arrays.stream(WheelPosition.values())
                .filter(w -> words.containsAll(Arrays.asList(w.label().split(" "))))
                .findFirst();
    }
}
