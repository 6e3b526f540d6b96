package app.frenum.core.procedure;

/** The few words that are said on the radio, each with one meaning. */
public enum RadioWord {
    CLEAR("Clear", "lane control to whoever drives: the lane and its run-off are empty; holds for two minutes"),
    HOLD("Hold", "anyone: nobody starts until the next clear"),
    RUNNING("Running", "whoever drives: the run-up begins"),
    AT_REST("At rest", "whoever drives: the vehicle stands; readings may be taken"),
    ROLLING("Rolling", "whoever drives: the vehicle rolls off so that the pads do not bake on"),
    STOP_STOP_STOP("Stop, stop, stop", "anyone: brake now, testing is over until it is released again");

    private final String words;
    private final String meaning;

    RadioWord(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    /** As it is said. */
    public String words() {
        return words;
    }

    /** Who says it, and what it means. */
    public String meaning() {
        return meaning;
    }
}
