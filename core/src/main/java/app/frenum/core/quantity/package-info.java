/**
 * Units at the edge, SI inside, and figures that know when they cannot be computed. Start at {@link app.frenum.core.quantity.Unit}.
 */
package app.frenum.core.quantity;
