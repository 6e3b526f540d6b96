package app.frenum.core.procedure.run;

import app.frenum.core.quantity.Figure;
import java.util.Locale;
import java.util.Optional;

/** What heat the tyres were at when a stop began; the same rubber grips otherwise. */
public enum TyreState {
    COLD,
    WARM;

    /** Tyres that stood in the shade are at the air's temperature; in the sun they gain up to half of this, K. */
    public static final double WARM_ABOVE_AIR_K = 20;

    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What a person wrote; empty where it is no word for either. */
    public static Optional<TyreState> named(String word) {
        return switch (word.strip().toLowerCase(Locale.ROOT)) {
            case "cold", "c", "cool" -> Optional.of(COLD);
            case "warm", "w", "hot", "h", "up to temperature" -> Optional.of(WARM);
            default -> Optional.empty();
        };
    }

    /**
     * As somebody said; where nobody did, warm by this much above the air.
     *
     * @param tyreC read from the tread, °C
     * @param airC °C
     */
    public static Optional<TyreState> of(Optional<TyreState> said, Figure tyreC, Figure airC) {
        if (said.isPresent() || !tyreC.isKnown() || !airC.isKnown()) {
            return said;
        }
        return Optional.of(tyreC.value() - airC.value() >= WARM_ABOVE_AIR_K ? WARM : COLD);
    }
}
