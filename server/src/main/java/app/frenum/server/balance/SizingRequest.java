package app.frenum.server.balance;

import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.quantity.Quantity;
import java.util.Map;

/**
 * What a layout is to be tried with.
 *
 * @param slowing the deceleration that is wanted
 * @param changes figures that the second layout has instead of the vehicle's own
 */
record SizingRequest(VehicleSpec.Load load, Quantity slowing, Map<VehicleField, Quantity> changes) {}
