/**
 * Stops: kept and struck out ({@link app.frenum.server.analysis.StopService}), their edges moved by hand, and read the one way
 * for every page ({@link app.frenum.server.analysis.StopReader}).
 */
package app.frenum.server.analysis;
