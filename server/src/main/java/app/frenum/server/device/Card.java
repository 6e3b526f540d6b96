package app.frenum.server.device;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Frenum to device: what the run asks for now, for whatever shows it to the driver. Sent on every change.
 *
 * @param stage of the run, as in the API
 * @param instruction in at most seven words
 * @param attempt rises with every stop that was driven
 * @param fromMps speed asked for; null where nothing is driven
 * @param toMps speed at which the brake is let go; 0 to stop
 * @param holdMps2 deceleration to hold; null for as hard as the tyres allow, or where nothing is driven
 * @param rollM distance to roll from the rest before to the braking, m; null where none is asked for
 * @param system which part of the brakes works, as in the API; null where nothing is driven
 * @param load of the vehicle, as in the API; null where nothing is driven
 * @param adjusterTurns of the bias adjuster, from full front; null to leave it as it stands
 * @param grip of the surface that the phase is driven on; null for the lane's own
 * @param configuration its place in the plan, 0 the baseline
 * @param configurationName as people call it
 * @param switches as they must stand, by name
 * @param figures of the vehicle and of the parts fitted, by name and in inside units, as far as they are known
 * @param clockS the run's clock, seconds since 1970
 * @param rate how much faster it runs than the wall's: 1, but for a rehearsal
 */
public record Card(
        String stage,
        String instruction,
        int attempt,
        @Nullable Double fromMps,
        @Nullable Double toMps,
        @Nullable Double holdMps2,
        @Nullable Double rollM,
        @Nullable String system,
        @Nullable String load,
        @Nullable Double adjusterTurns,
        @Nullable Double grip,
        int configuration,
        String configurationName,
        Map<String, Boolean> switches,
        Map<String, Double> figures,
        double clockS,
        double rate)
        implements Frame {}
