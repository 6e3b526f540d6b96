/**
 * The command line: {@code analyse} for logs, {@code compare} for sheets and logs. Start at
 * {@link app.frenum.cli.FrenumCli}.
 */
package app.frenum.cli;
