package app.frenum.server.form;

/** One of several things to choose, with its words. */
public record Choice(String name, String label) {}
