package app.frenum.core.compare;

/**
 * What difference is worth having.
 *
 * @param size positive; in the values' unit, or a fraction of the baseline's mean
 * @param ofBaseline whether it is a fraction
 */
public record Margin(double size, boolean ofBaseline) {
    /** 2 % of the baseline. */
    public static final Margin DEFAULT = new Margin(0.02, true);

    public Margin {
        if (!(size > 0)) {
            throw new IllegalArgumentException("The worthwhile margin must be above 0, not " + size);
        }
    }

    double against(double baselineMean) {
        return ofBaseline ? size * baselineMean : size;
    }
}
