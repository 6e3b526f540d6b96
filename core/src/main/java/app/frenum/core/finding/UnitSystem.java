package app.frenum.core.finding;

/** In which units a reader thinks. */
public enum UnitSystem {
    METRIC,
    IMPERIAL
}
