/**
 * What Frenum has to say, as data: a code with typed parameters. No number is formatted here; whoever shows a finding words it
 * in the reader's units. Start at {@link app.frenum.core.finding.Finding}.
 */
package app.frenum.core.finding;
