/**
 * Whether brakes lost their bite in a series of stops: how much, from which temperature on, and why. Start at
 * {@link app.frenum.core.fade.FadeStudy}. Formulas: docs/handbook.md, "Fade".
 */
package app.frenum.core.fade;
