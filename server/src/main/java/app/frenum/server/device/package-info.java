/**
 * Speaks the public device protocol (docs/device-protocol.md): pairs devices, takes their readings, and answers what was
 * read last. Start at {@link app.frenum.server.device.DeviceSocket}.
 */
package app.frenum.server.device;
