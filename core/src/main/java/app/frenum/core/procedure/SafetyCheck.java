package app.frenum.core.procedure;

/** What is seen to before the first run of a day, each by somebody who looked. */
public enum SafetyCheck {
    COURSE_CLOSED("The course is closed to everybody else, its gates are manned, and somebody controls it"),
    RUN_OFF_CLEAR("The lane and all of its run-off were walked: dry where it should be, nothing to hit"),
    HELMETS("Helmets and belts on, nothing loose in the vehicle"),
    EXTINGUISHER("An extinguisher stands at the brake point, in date, and somebody can use it"),
    FIRST_AID("First aid is there, with a telephone that has a signal and the address of the site"),
    RADIOS("Every radio was tried from both ends of the lane"),
    ABORT_WORDS("Everybody said the words that end a run, and knows that anyone may say them"),
    HOT_PARTS("Everybody was told: discs, calipers and wheels burn for half an hour; never hold the brake on to cool"),
    CRACKED_DISCS("Discs were looked at on both faces: a crack at an edge, or one that grew, ends the day"),
    VEHICLE("Pedal firm and high, wheels tight, no leak, fluid between its marks");

    private final String label;

    SafetyCheck(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
