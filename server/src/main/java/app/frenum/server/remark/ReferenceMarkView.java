package app.frenum.server.remark;

import app.frenum.core.compare.ReferenceMark;
import app.frenum.core.finding.Finding;
import java.util.UUID;

/**
 * A reference mark beside stops from one speed.
 *
 * @param metres where it stands on their lane, by the square law, m
 * @param told the same in words
 */
record ReferenceMarkView(UUID id, ReferenceMark mark, double metres, Finding told) {}
