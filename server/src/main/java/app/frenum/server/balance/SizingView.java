package app.frenum.server.balance;

import app.frenum.core.garage.Sizing;

/** The vehicle as it is, and with the changes. */
record SizingView(Sizing now, Sizing then) {}
