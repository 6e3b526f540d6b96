package app.frenum.core.stop;

import static app.frenum.core.quantity.Unit.G;

import app.frenum.core.quantity.Figure;

/** What a stopping distance would have been at the nominal speed or on the level. */
public final class Corrections {
    private Corrections() {}

    /**
     * The square law {@code s · (v_nom / v0)²}, as published for road tests. It over-corrects the part of the
     * distance that grows with the first power of speed (lost time) by less than 0.3 % inside the tolerance.
     *
     * @param s distance, m
     * @param v0 entry speed, m/s
     * @param nominal nominal speed, m/s
     */
    public static double toNominalSpeed(double s, double v0, double nominal) {
        return s * (nominal / v0) * (nominal / v0);
    }

    /** Whether the square law may be used at all: |v0 − nominal| at most {@code tolerance} of nominal. */
    public static boolean isEntrySpeedIn(double v0, double nominal, double tolerance) {
        return Math.abs(v0 - nominal) <= tolerance * nominal;
    }

    /** Deceleration on the level: {@code a − g·i}, grade i = rise/run, positive uphill in driving direction. */
    public static double toLevelDeceleration(double a, double grade) {
        return a - G * grade;
    }

    /** Distance on the level, {@code v0² / (2·(v0²/(2s) − g·i))}; not computable where the grade alone would stop the car. */
    public static Figure toLevel(double s, double v0, double grade) {
        double level = toLevelDeceleration(v0 * v0 / (2 * s), grade);
        return level > 0
                ? Figure.of(v0 * v0 / (2 * level))
                : Figure.unknown("the grade alone would have slowed the vehicle this much");
    }

    /** Level distance of two runs both ways on one lane, whose decelerations are averaged: {@code 2·s1·s2/(s1 + s2)}. */
    public static double bothWays(double s1, double s2) {
        return 2 * s1 * s2 / (s1 + s2);
    }

    /** The grade that two runs both ways show: {@code (a_up − a_down)/(2g)}. */
    public static double gradeFrom(double aUp, double aDown) {
        return (aUp - aDown) / (2 * G);
    }
}
