/**
 * Vehicles and their brake configurations. Start at {@link app.frenum.server.garage.GarageService}.
 */
package app.frenum.server.garage;
