package app.frenum.server.device;

/**
 * A device that was added, with its code, which is shown this once.
 *
 * @param code what the device says in its hello
 */
record Paired(DeviceView device, String code) {}
