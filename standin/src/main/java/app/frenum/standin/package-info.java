/**
 * Made-up devices in a process of their own, which speak nothing but the public device protocol
 * (docs/device-protocol.md). Start at {@link app.frenum.standin.Standin}.
 */
package app.frenum.standin;
