package app.frenum.core.compare;

/** What can be wrong with a comparison. The names are part of the open formats: add to them, rename none. */
public enum CheckCode {
    BASIS("Distance counted from the same point"),
    ONSET_SOURCE("Braking begins by the same signal"),
    NOMINAL_SPEED("Same nominal speed"),
    LOAD("Same load"),
    PHASE("Same phase of the procedure"),
    SURFACE("Same surface"),
    TOO_FEW("Enough stops for a verdict"),
    FEW_STOPS("Enough stops to be sure"),
    OTHER_DAY("Driven on one day"),
    START_TEMPERATURE("Brakes equally warm at the start"),
    DRIFT("Baseline came back the same"),
    AMBIENT("Air equally warm"),
    TYRE_PRESSURE("Tyre pressures alike"),
    FACTORS("One thing changed"),
    INSTRUMENTS("Measured with the same instruments"),
    STRUCK_OUT_SHARE("Few stops struck out"),
    LEARNING("No trend within a series"),
    BEDDING("New parts bedded in"),
    GRADE("Slope of the lane"),
    ENTRY_SPEED("Entry speeds alike"),
    DRIVER("Same driver"),
    OUTLIER("No stop stands apart"),
    INSTRUMENT_FLOOR("Difference larger than the instruments' error"),
    GRIP("Brakes, not tyres, set the distance"),
    ORDER("Driven in turns"),
    REFERENCE("The vehicle's speed known throughout"),
    SPEED_LATENCY("Delay of the speed known");

    private final String title;

    CheckCode(String title) {
        this.title = title;
    }

    /** What is asked, in words for people. */
    public String title() {
        return title;
    }
}
