package app.frenum.server.exchange;

import java.util.List;

/**
 * What a bundle changed.
 *
 * @param added names of what is new here
 * @param alreadyHere names of what was here before, the same
 */
record BroughtIn(List<String> added, List<String> alreadyHere) {}
