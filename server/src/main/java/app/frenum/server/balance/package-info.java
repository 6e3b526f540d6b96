/** How the brake force is shared: line pressures beside the ideal, the adjuster, the rollers, other layouts. Start at {@link app.frenum.server.balance.BalanceService}. */
package app.frenum.server.balance;
