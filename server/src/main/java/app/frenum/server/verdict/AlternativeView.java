package app.frenum.server.verdict;

import app.frenum.core.compare.Verdict;
import app.frenum.core.finding.Finding;

/** Another way to look at the same stops, in words, and the verdict it gives. */
record AlternativeView(Finding way, Verdict verdict, boolean same) {}
