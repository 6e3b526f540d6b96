/**
 * How the brake force is shared between the axles, and which axle locks first. Shares are front shares, 0 to 1; the
 * share of line pressure and the share of brake force are different things and keep different names. Start at
 * {@link app.frenum.core.balance.AxleLoads}.
 */
package app.frenum.core.balance;
